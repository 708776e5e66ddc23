<?php

namespace App\Card;

use App\Drawing\CardDrawing;
use App\Drawing\KeyLabels;
use App\Drawing\Labels;
use App\Drawing\Mark;
use App\Drawing\SideLabels;
use App\Drawing\Svg;
use App\Models\Card;
use App\Table\TableState;
use KeepShare\Core\Card\Layer;
use KeepShare\Core\Card\Part\GroupPart;
use KeepShare\Core\Measure\Rect;
use KeepShare\Core\Measure\Unit;

/** The front of a card with its real papers in its real size, and the measure of every part. */
final readonly class CardFace
{
    /** How far inside the edge of a part its label points, in millimetres. */
    private const INSET = 0.6;

    /** Where along an edge a visible point is looked for. */
    private const ALONG = [0.5, 0.2, 0.8, 0.04, 0.96];

    /** @param  list<array{text: string, x: float, y: float}>  $said  what is written of its parts */
    private function __construct(private float $width, private float $height, private string $drawn, private array $said)
    {
    }

    public static function of(Card $card, TableState $state): self
    {
        $core = ($state->cards->get($card->id) ?? $card)->toCore();
        $drawing = CardDrawing::of($core, $state->core, $state->kit->unit);
        [$width, $height] = [Mark::mm($drawing->size->width->units), Mark::mm($drawing->size->height->units)];
        $inside = implode("\n", [
            sprintf('<rect width="%.3F" height="%.3F" fill="%s"/>', $width, $height, $drawing->base),
            Svg::of($drawing->marks, $state->core),
            Svg::path(sprintf('M0 0H%.3FV%.3FH0Z', $width, $height), ['fill' => Mark::NONE, 'stroke' => '#1d2b33', 'stroke-width' => 0.2]),
        ]);

        return new self($width, $height, $inside, self::labels($drawing->layers, $state->kit->unit));
    }

    /** @return array{float, float} width and height of the front, in millimetres */
    public function bare(): array
    {
        return [$this->width, $this->height];
    }

    /** With labels beside it. */
    public function labelled(): Labels
    {
        return SideLabels::beside($this->said, $this->width, $this->height);
    }

    /** With letters on it. */
    public function keyed(): Labels
    {
        return KeyLabels::on($this->said, [], $this->width, $this->height);
    }

    public function svg(Labels $labels): string
    {
        return Svg::document($labels->width(), $labels->height(), "$this->drawn\n{$labels->svg()}");
    }

    /**
     * @param  list<Layer>  $layers  from the bottom up
     * @return list<array{text: string, x: float, y: float}> of the parts that are cut or stuck on by themselves
     */
    private static function labels(array $layers, Unit $unit): array
    {
        $labels = [];
        $said = [];
        foreach ($layers as $n => $layer) {
            // For a group one label is enough.
            if (isset($said[$layer->part])) {
                continue;
            }
            $said[$layer->part] = true;
            $above = array_map(static fn (Layer $one): Rect => $one->rect, array_slice($layers, $n + 1));
            [$x, $y] = self::seen($layer->rect, $above, count($labels));
            $measures = $layer->part === GroupPart::ID ? '' : " {$layer->rect->size->format($unit)}";
            $labels[] = ['text' => $layer->name.$measures, 'x' => $x, 'y' => $y];
        }

        return $labels;
    }

    /**
     * A visible point of a part, looked for along its edges, the right one first.
     *
     * @param  list<Rect>  $above
     * @param  int  $nth  of the labels: those that follow each other point to other heights
     * @return array{float, float}
     */
    private static function seen(Rect $rect, array $above, int $nth): array
    {
        [$x, $y] = [Mark::mm($rect->x->units), Mark::mm($rect->y->units)];
        [$w, $h] = [Mark::mm($rect->size->width->units), Mark::mm($rect->size->height->units)];
        $first = self::ALONG[$nth % count(self::ALONG)];
        foreach ([$first, ...self::ALONG] as $along) {
            $points = [
                [$x + $w - self::INSET, $y + $h * $along],
                [$x + $w * $along, $y + self::INSET],
                [$x + $w * $along, $y + $h - self::INSET],
                [$x + self::INSET, $y + $h * $along],
            ];
            foreach ($points as [$px, $py]) {
                if (! self::isCovered($px, $py, $above)) {
                    return [$px, $py];
                }
            }
        }

        return [$x + $w / 2, $y + $h / 2];
    }

    /** @param  list<Rect>  $above */
    private static function isCovered(float $x, float $y, array $above): bool
    {
        foreach ($above as $rect) {
            $isIn = Mark::mm($rect->x->units) <= $x && $x <= Mark::mm($rect->right()->units)
                && Mark::mm($rect->y->units) <= $y && $y <= Mark::mm($rect->bottom()->units);
            if ($isIn) {
                return true;
            }
        }

        return false;
    }
}
