<?php

namespace App\Tally;

use App\Drawing\CardDrawing;
use App\Drawing\Mark;
use App\Drawing\Svg;
use App\Models\Card;
use App\Table\TableState;

/** The fronts of all cards of a kit on one sheet: four in a row, each with its number and occasion. */
final readonly class AllFaces
{
    private const COLUMNS = 4;

    /** In millimetres. */
    private const WIDE = 44;

    private const GAP = 5;

    private const CAPTION = 6;

    private function __construct(public float $width, public float $height, public string $svg)
    {
    }

    public static function of(TableState $state): self
    {
        $inside = [];
        [$x, $y, $row] = [0.0, 0.0, 0.0];
        foreach ($state->cards->values() as $n => $card) {
            if ($n > 0 && $n % self::COLUMNS === 0) {
                [$x, $y, $row] = [0.0, $y + $row + self::GAP, 0.0];
            }
            [$face, $height] = self::face($card, $state);
            $inside[] = sprintf('<g transform="translate(%.3F %.3F)">%s</g>', $x, $y, $face);
            $row = max($row, $height + self::CAPTION);
            $x += self::WIDE + self::GAP;
        }
        $width = self::COLUMNS * self::WIDE + (self::COLUMNS - 1) * self::GAP;

        return new self($width, max(1.0, $y + $row), Svg::document($width, max(1.0, $y + $row), implode("\n", $inside)));
    }

    /** @return array{string, float} the drawing, and how high it is */
    private static function face(Card $card, TableState $state): array
    {
        $drawing = CardDrawing::of($card->toCore(), $state->core, $state->kit->unit);
        [$width, $height] = [Mark::mm($drawing->size->width->units), Mark::mm($drawing->size->height->units)];
        $scale = self::WIDE / max($width, $height);
        $edge = ['fill' => Mark::NONE, 'stroke' => '#1d2b33', 'stroke-width' => 0.3];
        $caption = sprintf(
            '<text x="0" y="%.3F" font-size="3.2" font-family="%s" fill="#1d2b33">%s</text>',
            $height * $scale + 4,
            Svg::FONT,
            htmlspecialchars("$card->number  {$card->occasion->label()}", ENT_XML1),
        );
        $inside = implode("\n", [
            sprintf('<rect width="%.3F" height="%.3F" fill="%s"/>', $width, $height, $drawing->base),
            Svg::of($drawing->marks, $state->core),
            Svg::path(sprintf('M0 0H%.3FV%.3FH0Z', $width, $height), $edge),
        ]);

        return [sprintf('<g transform="scale(%.5F)">%s</g>%s', $scale, $inside, $caption), $height * $scale];
    }
}
