<?php

namespace App\Drawing;

/** The typeface of the application for prints. It ships with the application. */
final class Typeface
{
    public const NAME = 'Commissioner';

    private const FOLDER = 'node_modules/@fontsource/commissioner/files';

    /** The letters in each file: the first has further European letters, the second most names, figures and signs. */
    private const PARTS = [
        'latin-ext' => 'U+0100-02BA, U+1E00-1E9F, U+1EF2-1EFF, U+20A0-20C0',
        'latin' => 'U+0000-00FF, U+0131, U+0152-0153, U+02C6, U+02DA, U+02DC, U+2000-206F, U+20AC, U+2122, U+2191, U+2193, U+2212, U+2215',
    ];

    private const WEIGHTS = [400, 700];

    /** As a style sheet has it, with one file a weight, which a PDF holds under its name. */
    public static function css(): string
    {
        $faces = '';
        foreach (self::PARTS as $part => $has) {
            foreach (self::WEIGHTS as $weight) {
                $file = base_path(self::FOLDER."/commissioner-$part-$weight-normal.woff2");
                $from = "src: url('file://$file') format('woff2'); unicode-range: $has;";
                $faces .= sprintf("@font-face { font-family: '%s'; font-weight: %d; %s }\n", self::NAME, $weight, $from);
            }
        }

        return $faces;
    }
}
