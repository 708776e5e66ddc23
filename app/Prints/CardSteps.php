<?php

namespace App\Prints;

use App\Drawing\CardDrawing;
use App\Drawing\Mark;
use App\Drawing\Raster;
use App\Drawing\Svg;
use App\Models\Card;
use App\Table\TableState;
use App\Table\Workbench;
use App\Wording\Minutes;
use KeepShare\Core\Bench\CardAtBench;
use KeepShare\Core\Bench\Step;
use KeepShare\Core\Measure\Rect;

/** The making of one card with a drawing a step: a sheet to hand out in a class. */
final class CardSteps implements CardExport
{
    /** How wide a drawing is printed, in millimetres. */
    private const WIDE = 26;

    public function path(): string
    {
        return 'steps.pdf';
    }

    public function label(): string
    {
        return 'Print its steps (PDF)';
    }

    public function media(): Media
    {
        return Media::Pdf;
    }

    public function offeredAt(): OfferedAt
    {
        return OfferedAt::Card;
    }

    public function fileName(Card $card): string
    {
        return "card-$card->number-steps.pdf";
    }

    public function write(Card $card): string
    {
        $state = TableState::of($card->kit);
        $bench = Workbench::of($state);
        $steps = $bench->steps[$card->id] ?? [];
        $atBench = $bench->cards[$card->id] ?? null;
        $html = view('card-steps', [
            'kit' => $state->kit,
            'card' => $card,
            'steps' => $steps,
            'pictures' => array_map(static fn (Step $step): ?string => self::picture($step, $atBench), $steps),
            'wide' => self::WIDE,
            'time' => Minutes::of(array_sum(array_column($steps, 'seconds'))),
            'cautions' => array_values(array_unique(array_merge([], ...array_column($steps, 'cautions')))),
        ])->render();

        return (string) Pdf::render($html, $state->kit->unit)->output();
    }

    /** The front with the part in hand picked out; null where nothing of it is seen. */
    private static function picture(Step $step, ?CardAtBench $card): ?string
    {
        $rect = $card?->placeOf($step->pieces[0]);
        if ($card === null || $rect === null) {
            return null;
        }
        $drawing = CardDrawing::of($card->card, $card->components, $card->unit);
        [$width, $height] = [Mark::mm($drawing->size->width->units), Mark::mm($drawing->size->height->units)];
        $whole = sprintf('M0 0H%.3FV%.3FH0Z', $width, $height);
        $inside = implode("\n", [
            sprintf('<rect width="%.3F" height="%.3F" fill="%s"/>', $width, $height, $drawing->base),
            Svg::of($drawing->marks, $card->components),
            Svg::path($whole.self::hole($rect), ['fill' => '#ffffff', 'fill-rule' => 'evenodd', 'fill-opacity' => 0.7]),
            Svg::path($whole, ['fill' => Mark::NONE, 'stroke' => '#1d2b33', 'stroke-width' => 0.3]),
            Svg::path(self::hole($rect), ['fill' => Mark::NONE, 'stroke' => '#0b5a6b', 'stroke-width' => 1]),
        ]);

        return Raster::of(Svg::document($width, $height, $inside));
    }

    private static function hole(Rect $rect): string
    {
        [$x, $y] = [Mark::mm($rect->x->units), Mark::mm($rect->y->units)];
        [$w, $h] = [Mark::mm($rect->size->width->units), Mark::mm($rect->size->height->units)];

        return sprintf('M%.3F %.3Fv%.3Fh%.3Fv-%.3FZ', $x, $y, $h, $w, $h);
    }
}
