<?php

namespace App\Files;

use App\Drawing\Svg;
use App\Models\PrintPaper;

/** How a drawing is placed on paper: in its real size if the paper is large enough. */
enum OnPaper
{
    /** In the text of a page, with its labels beside it. */
    case WithLabels;

    /** In the text, with letters on it instead of the labels. */
    case WithLetters;

    /** Alone on a page. */
    case OwnPage;

    /** The same, lying on its side. */
    case OwnPageTurned;

    /** Smaller than real, since the paper is too small. */
    case Smaller;

    /** The margin that most printers cannot print on, in millimetres. */
    public const MARGIN = 3.0;

    /** Room for the line round the drawing, in millimetres. */
    public const STROKE = 0.2;

    /** Room for a line of text below a drawing on its own page, in millimetres. */
    private const FOOT = 8.0;

    /** The left and right margin of a page of text, in millimetres. */
    private const SIDE = 12.5;

    /**
     * All measures in millimetres.
     *
     * @param  array{float, float}  $bare  width and height of what is drawn
     * @param  array{float, float}  $labelled  width and height with what is written beside it
     * @param  array{float, float}  $room  width and height there are among the text
     */
    public static function on(PrintPaper $paper, array $bare, array $labelled, array $room): self
    {
        $isHeld = static fn (array $size, float $wide, float $high): bool => $size[0] <= $wide && $size[1] <= $high;
        $edges = 2 * (self::MARGIN + self::STROKE);
        [$wide, $tall] = [$paper->width() - $edges, $paper->height() - $edges];

        return match (true) {
            $isHeld($labelled, ...$room) => self::WithLabels,
            $isHeld($bare, ...$room) => self::WithLetters,
            $isHeld($bare, $wide, $tall - self::FOOT) => self::OwnPage,
            $isHeld(array_reverse($bare), $wide, $tall - self::FOOT), $isHeld(array_reverse($bare), $wide, $tall) => self::OwnPageTurned,
            $isHeld($bare, $wide, $tall) => self::OwnPage,
            default => self::Smaller,
        };
    }

    /** The note below the heading. */
    public function says(): string
    {
        return match ($this) {
            self::WithLabels, self::WithLetters => 'In its real size when printed at 100 %.',
            self::OwnPage, self::OwnPageTurned => 'In its real size on the next page, when printed at 100 %.',
            self::Smaller => 'Larger than the paper, and drawn smaller; the measures are written.',
        };
    }

    /** A drawing that is printed in this way. */
    public function inline(string $svg, string $shows): string
    {
        return Svg::inline($this === self::OwnPageTurned ? Svg::onItsSide($svg) : $svg, $shows);
    }

    /** How wide a page of text is, in millimetres. */
    public static function width(PrintPaper $paper): float
    {
        return $paper->width() - 2 * self::SIDE;
    }

    /** Whether letters stand on it and are explained elsewhere. */
    public function isKeyed(): bool
    {
        return $this === self::WithLetters || $this->isOwnPage();
    }

    public function isOwnPage(): bool
    {
        return $this === self::OwnPage || $this === self::OwnPageTurned;
    }
}
