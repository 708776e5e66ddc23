<?php

namespace App\Files;

use App\Drawing\Svg;
use App\Models\PrintPaper;

/** How a drawing comes to stand on paper: in its real size wherever the paper holds it. */
enum OnPaper
{
    /** Among the text of a page, with its labels beside it. */
    case WithLabels;

    /** Among the text, with letters on it instead of the labels. */
    case WithLetters;

    /** A page holds nothing else. */
    case OwnPage;

    /** The same, lying on its side. */
    case OwnPageTurned;

    /** The paper is too small: drawn smaller. */
    case Smaller;

    /** What most printers can print up to, from the edge of the paper, in millimetres. */
    public const MARGIN = 3.0;

    /** Room for the edge of the drawing, which is drawn on it, in millimetres. */
    public const STROKE = 0.2;

    /** Room for a line below a drawing that has a page of its own, in millimetres. */
    private const FOOT = 8.0;

    /** The margin of a page of text to the left and the right, in millimetres. */
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

    /** What is said of it below the heading. */
    public function says(): string
    {
        return match ($this) {
            self::WithLabels, self::WithLetters => 'In its real size when printed at 100 %.',
            self::OwnPage, self::OwnPageTurned => 'In its real size on the next page, when printed at 100 %.',
            self::Smaller => 'Larger than the paper, and drawn smaller; the measures are written.',
        };
    }

    /** A drawing that is printed so. */
    public function inline(string $svg, string $shows): string
    {
        return Svg::inline($this === self::OwnPageTurned ? Svg::onItsSide($svg) : $svg, $shows);
    }

    /** How wide a page of text is, in millimetres. */
    public static function width(PrintPaper $paper): float
    {
        return $paper->width() - 2 * self::SIDE;
    }

    /** Letters stand on it, and what they stand for is said elsewhere. */
    public function isKeyed(): bool
    {
        return $this === self::WithLetters || $this->isOwnPage();
    }

    public function isOwnPage(): bool
    {
        return $this === self::OwnPage || $this === self::OwnPageTurned;
    }
}
