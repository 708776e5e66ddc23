<?php

namespace App\Make;

use App\Drawing\CardDrawing;
use App\Drawing\Mark;
use App\Models\Card;
use App\Table\TableState;
use App\Table\Workbench;
use App\View\GoodView;
use App\View\Page;
use App\Wording\Minutes;
use KeepShare\Core\Bench\CardAtBench;
use KeepShare\Core\Bench\Step;
use KeepShare\Core\Card\Layer;

/**
 * A card drawn apart: its layers in the order of gluing, what to get ready, what must not be glued, and its steps.
 *
 * @phpstan-import-type DrawnMark from Mark
 * @phpstan-import-type Extent from GoodView
 * @phpstan-import-type Goods from GoodView
 *
 * @phpstan-type LayerApart array{name: string, good: string, size: string, showing: string, mark: DrawnMark}
 * @phpstan-type CardStep array{step: string, says: string, tool: string, time: string, isDone: bool}
 */
final readonly class MakeCardPage extends Page
{
    /**
     * @param  Extent  $size
     * @param  string  $base  its colour
     * @param  list<LayerApart>  $layers  from the base up
     * @param  list<CardStep>  $steps
     * @param  list<string>  $ready  what is laid out before there is glue
     * @param  string  $open  what is not glued
     * @param  list<string>  $cautions
     * @param  Goods  $goods
     */
    private function __construct(
        public int $id,
        public int $number,
        public string $about,
        public array $size,
        public string $base,
        public array $layers,
        public array $steps,
        public array $ready,
        public string $open,
        public array $cautions,
        public array $goods,
    ) {
    }

    public static function of(Card $card): self
    {
        $state = TableState::of($card->kit);
        $bench = Workbench::of($state);
        $atBench = $bench->cards[$card->id] ?? abort(404);
        $done = $bench->doneOf($card);
        $steps = $bench->steps[$card->id];
        $drawing = CardDrawing::of($atBench->card, $state->core, $state->kit->unit);

        return new self(
            $card->id,
            $card->number,
            "{$card->occasion->label()}, {$atBench->card->sketch->name}",
            GoodView::size($drawing->size),
            $drawing->base,
            self::layers($atBench),
            array_map(static fn (Step $step): array => [
                'step' => $step->name(),
                'says' => $step->says,
                'tool' => $step->tool->name,
                'time' => Minutes::of($step->seconds),
                'isDone' => isset($done[$step->name()]),
            ], $steps),
            self::ready($atBench),
            $atBench->construction->open,
            array_values(array_unique(array_merge([], ...array_column($steps, 'cautions')))),
            GoodView::all($state->core),
        );
    }

    /** @return list<LayerApart> */
    private static function layers(CardAtBench $card): array
    {
        $layers = [];
        foreach ($card->front->layers as $layer) {
            $mark = CardDrawing::markOf($layer, $card->components[$layer->component ?? ''] ?? null);
            if ($mark !== null) {
                $layers[] = [
                    'name' => $layer->name,
                    'good' => $card->components[$layer->component ?? '']->name ?? 'still open',
                    'size' => $layer->rect->size->label($card->unit),
                    'showing' => self::showing($layer, $card),
                    'mark' => $mark,
                ];
            }
        }

        return $layers;
    }

    private static function showing(Layer $layer, CardAtBench $card): string
    {
        $laid = $card->layout->part($layer->part);

        return $laid === null ? $card->places($layer->rect) : $card->showing($laid);
    }

    /** @return list<string> */
    private static function ready(CardAtBench $card): array
    {
        $ready = [];
        foreach ($card->card->takings as $taking) {
            $name = $card->components[$taking->component]->name ?? '';
            $size = $taking->size === null ? '' : ", {$taking->size->label($card->unit)}";
            $ready[] = "{$card->card->partName($taking->part)}: $name$size";
        }

        return $ready;
    }
}
