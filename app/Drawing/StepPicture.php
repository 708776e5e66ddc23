<?php

namespace App\Drawing;

use KeepShare\Core\Bench\CardAtBench;
use KeepShare\Core\Bench\Step;
use KeepShare\Core\Measure\Rect;

/** A step of making as a small picture. */
final class StepPicture
{
    /** How wide it is printed, in millimetres. */
    public const WIDE = 26;

    /** The front with the part of the step picked out. Null if nothing of it is seen. */
    public static function of(Step $step, ?CardAtBench $card): ?string
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

        return Svg::inline(Svg::document($width, $height, $inside, self::WIDE / $width), 'The part of this step');
    }

    private static function hole(Rect $rect): string
    {
        [$x, $y] = [Mark::mm($rect->x->units), Mark::mm($rect->y->units)];
        [$w, $h] = [Mark::mm($rect->size->width->units), Mark::mm($rect->size->height->units)];

        return sprintf('M%.3F %.3Fv%.3Fh%.3Fv-%.3FZ', $x, $y, $h, $w, $h);
    }
}
