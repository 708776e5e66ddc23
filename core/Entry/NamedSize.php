<?php

declare(strict_types=1);

namespace KeepShare\Core\Entry;

use KeepShare\Core\Fold\StandardEnvelope;
use KeepShare\Core\Kit\Kind;
use KeepShare\Core\Measure\Length;
use KeepShare\Core\Measure\Size;

/**
 * Sizes that have a name. Papers have the names of ISO 216. For cards and envelopes A2 and A7 are sizes of note cards,
 * sold under these names everywhere. Some envelopes are called by what they are for.
 */
final class NamedSize
{
    private const ISO = [
        'a3' => [297, 420], 'a4' => [210, 297], 'a5' => [148, 210], 'a6' => [105, 148], 'a7' => [74, 105], 'a8' => [52, 74],
        'b5' => [176, 250], 'b6' => [125, 176], 'c5' => [162, 229], 'c6' => [114, 162], 'dl' => [110, 220],
    ];

    /** Sides in quarter inches. */
    private const NOTES = ['a2' => [17, 22], 'a7' => [20, 28], 'a1' => [14, 20], 'letter' => [34, 44], 'legal' => [34, 56]];

    /** Null if it is not the name of a size, or not of one that this kind has. */
    public static function of(string $word, Kind $kind): ?Size
    {
        $name = mb_strtolower(trim($word, '.'));
        if ($kind === Kind::Envelope) {
            return self::ofEnvelope($name);
        }
        $isCard = $kind === Kind::Base || $kind === Kind::Panel;
        $note = self::NOTES[$name] ?? null;
        $iso = self::ISO[$name] ?? null;

        return match (true) {
            $iso !== null && ($name !== 'a7' || ! $isCard) => Size::of(Length::millimetres($iso[0]), Length::millimetres($iso[1])),
            $note !== null => Size::of(self::quarters($note[0]), self::quarters($note[1])),
            default => null,
        };
    }

    /** "half letter", "half sheet", "quarter letter" */
    public static function part(string $part, string $whole): ?Size
    {
        $is = [mb_strtolower($part), mb_strtolower($whole)];

        return match (true) {
            ! in_array($is[1], ['letter', 'sheet', 'page'], true) => null,
            $is[0] === 'half' => Size::of(Length::inches(5, 1, 2), Length::inches(8, 1, 2)),
            $is[0] === 'quarter' => Size::of(Length::inches(4, 1, 4), Length::inches(5, 1, 2)),
            default => null,
        };
    }

    private static function ofEnvelope(string $name): ?Size
    {
        $envelope = match ($name) {
            'a2' => StandardEnvelope::A2,
            'a7' => StandardEnvelope::A7,
            'a6', 'c6' => StandardEnvelope::C6,
            'a5', 'c5' => StandardEnvelope::C5,
            default => null,
        };

        return $envelope?->size() ?? ($name === 'dl' ? Size::of(Length::millimetres(110), Length::millimetres(220)) : null);
    }

    private static function quarters(int $many): Length
    {
        return Length::inches(0, 1, 4)->times($many);
    }
}
