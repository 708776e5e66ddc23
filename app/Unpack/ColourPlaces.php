<?php

namespace App\Unpack;

use App\Models\Component;
use Illuminate\Support\Arr;

/**
 * The colours of a line, and where its record stores each: of every face the background and the print, of a picture its
 * first two, of anything else its one colour.
 *
 * @phpstan-type ColourPlace array{
 *     at: string, // "faces.0.colours.1"
 *     says: string, // "front, its print"
 *     hex: string,
 * }
 */
final class ColourPlaces
{
    private const KINDS = [
        'colour' => 'its colour',
        'faces.0.colours.0' => 'the front',
        'faces.0.colours.1' => 'the print on the front',
        'faces.1.colours.0' => 'the back',
        'faces.1.colours.1' => 'the print on the back',
        'colours.0' => 'its first colour',
        'colours.1' => 'its second colour',
    ];

    /** @return list<ColourPlace> */
    public static function of(Component $line): array
    {
        $places = [];
        foreach (self::KINDS as $at => $says) {
            $hex = Arr::get($line->details, $at);
            if (is_string($hex)) {
                $places[] = ['at' => $at, 'says' => $says, 'hex' => $hex];
            }
        }

        return $places;
    }

    /**
     * @return array<string, mixed>|null the details with that colour; null where the line has none there
     */
    public static function with(Component $line, string $at, string $hex): ?array
    {
        $details = $line->details;
        if (! isset(self::KINDS[$at]) || ! is_string(Arr::get($details, $at))) {
            return null;
        }
        // A cardstock of one colour is the same on both sides.
        if ($at === 'colour' && ($details['back'] ?? null) === $details['colour']) {
            $details['back'] = $hex;
        }
        Arr::set($details, $at, $hex);

        return $details;
    }
}
