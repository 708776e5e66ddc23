<?php

declare(strict_types=1);

namespace KeepShare\Core\Colour;

/** A word for a colour, so that a reason can be read. */
final class ColourName
{
    private const NAMES = [
        'white' => '#ffffff',
        'cream' => '#f6efdc',
        'ivory' => '#f4e9d0',
        'sand' => '#e3cfa6',
        'straw' => '#e2c067',
        'amber' => '#e09a30',
        'rope brown' => '#b98b50',
        'brown' => '#7d5531',
        'dark brown' => '#4d3423',
        'rust' => '#a8502a',
        'orange' => '#e77b2e',
        'coral' => '#e58468',
        'red' => '#c23a2c',
        'wine' => '#7c2b3b',
        'rose' => '#d98a93',
        'pink' => '#f1c3c8',
        'blush' => '#f6e1d8',
        'lilac' => '#c9b3d6',
        'violet' => '#8a5c9c',
        'periwinkle' => '#8086c6',
        'navy' => '#223650',
        'deep blue' => '#25405a',
        'blue' => '#3f74a8',
        'sea blue' => '#3f87a0',
        'sky blue' => '#a9cfe0',
        'ice blue' => '#dfeaf0',
        'teal' => '#2f7772',
        'sea green' => '#6fa796',
        'mint' => '#cfe4d9',
        'deep green' => '#2f5646',
        'green' => '#4d8a5c',
        'moss' => '#7c8f5a',
        'sage' => '#a9b99b',
        'pale green' => '#e4ecd9',
        'lime' => '#b5c64b',
        'yellow' => '#f0d24a',
        'pale grey' => '#dfe2e1',
        'grey' => '#9a9f9f',
        'slate' => '#5b6b75',
        'charcoal' => '#3a4045',
        'black' => '#141414',
        'copper' => '#b4733f',
    ];

    public static function of(Colour $colour): string
    {
        $best = ['', 1_000.0];
        foreach (self::NAMES as $name => $hex) {
            $apart = $colour->differenceFrom(Colour::fromHex($hex));
            if ($apart < $best[1]) {
                $best = [$name, $apart];
            }
        }

        return $best[0];
    }

    /** The colour that a name mentions, as in "Sea green card". Null if it mentions none. */
    public static function in(string $text): ?Colour
    {
        $best = '';
        foreach (array_keys(self::NAMES) as $name) {
            if (strlen($name) > strlen($best) && preg_match('/\b'.preg_quote($name, '/').'\b/i', $text) === 1) {
                $best = $name;
            }
        }

        return $best === '' ? null : Colour::fromHex(self::NAMES[$best]);
    }
}
