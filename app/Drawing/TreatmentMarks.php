<?php

namespace App\Drawing;

use KeepShare\Core\Bench\Treat\Treatments;
use KeepShare\Core\Card\Layer;
use KeepShare\Core\Card\Treated;

/**
 * How a treatment looks on the front: lines for embossing, dots for a stencil, an inked edge.
 *
 * @phpstan-import-type DrawnMark from Mark
 */
final class TreatmentMarks
{
    /** The distance of lines and dots, in millimetres. */
    private const APART = 3.0;

    private const FINE = 0.18;

    /**
     * @param  list<Treated>  $treated
     * @return list<DrawnMark>
     */
    public static function of(Layer $layer, array $treated): array
    {
        $marks = [];
        foreach ($treated as $one) {
            $d = self::path($one->treatment, ...self::box($layer));
            if ($d !== null) {
                $marks[] = Mark::line('treated', $d, Ink::DARK, $one->treatment === Treatments::EDGE ? 0.7 : self::FINE);
            }
        }

        return $marks;
    }

    private static function path(string $treatment, float $x, float $y, float $w, float $h): ?string
    {
        return match ($treatment) {
            Treatments::EMBOSS => self::rows($x, $y, $w, $h, static fn (float $at): string => sprintf('M%.2F %.2Fh%.2F', $x, $at, $w)),
            Treatments::STENCIL => self::dotted($x, $y, $w, $h, 0.5),
            Treatments::STAMP => self::dotted($x, $y, $w, $h, 0.9),
            Treatments::HEAT => self::dotted($x, $y, $w, $h, 0.25),
            Treatments::COLOUR => sprintf('M%.2F %.2Fl%3$.2F %4$.2Fm0 -%4$.2Fl-%3$.2F %4$.2F', $x, $y, $w, $h),
            Treatments::EDGE => sprintf('M%.2F %.2Fh%.2Fv%.2Fh-%.2FZ', $x + 0.4, $y + 0.4, $w - 0.8, $h - 0.8, $w - 0.8),
            Treatments::HOLE => self::ring($x + $w / 2, $y + 4, 1.5),
            Treatments::TWINE => sprintf('M%1$.2F %2$.2Fh%3$.2FM%1$.2F %4$.2Fh%3$.2F', $x, $y + $h * 0.7, $w, $y + $h * 0.7 + 1),
            Treatments::CORNERS => self::rounded($x, $y, $w, $h),
            default => null,
        };
    }

    /** @param  callable(float): string  $row */
    private static function rows(float $x, float $y, float $w, float $h, callable $row): string
    {
        $d = '';
        for ($at = $y + self::APART / 2; $at < $y + $h; $at += self::APART) {
            $d .= $row($at);
        }

        return $d;
    }

    private static function dotted(float $x, float $y, float $w, float $h, float $radius): string
    {
        return self::rows($x, $y, $w, $h, static function (float $at) use ($x, $w, $radius): string {
            $d = '';
            for ($across = $x + self::APART / 2; $across < $x + $w; $across += self::APART) {
                $d .= self::ring($across, $at, $radius);
            }

            return $d;
        });
    }

    private static function ring(float $x, float $y, float $radius): string
    {
        return sprintf('M%.2F %.2Fa%3$.2F %3$.2F 0 1 0 %4$.2F 0a%3$.2F %3$.2F 0 1 0 -%4$.2F 0z', $x - $radius, $y, $radius, 2 * $radius);
    }

    private static function rounded(float $x, float $y, float $w, float $h): string
    {
        $r = min(4.0, $w / 3, $h / 3);

        return sprintf('M%.2F %.2Fa%3$.2F %3$.2F 0 0 1 %3$.2F -%3$.2F', $x, $y + $r, $r)
            .sprintf('M%.2F %.2Fa%3$.2F %3$.2F 0 0 1 %3$.2F %3$.2F', $x + $w - $r, $y, $r)
            .sprintf('M%.2F %.2Fa%3$.2F %3$.2F 0 0 1 -%3$.2F %3$.2F', $x + $w, $y + $h - $r, $r)
            .sprintf('M%.2F %.2Fa%3$.2F %3$.2F 0 0 1 -%3$.2F -%3$.2F', $x + $r, $y + $h, $r);
    }

    /** @return array{float, float, float, float} in millimetres; of what is no rectangle its middle */
    private static function box(Layer $layer): array
    {
        $rect = $layer->rect;
        [$x, $y] = [Mark::mm($rect->x->units), Mark::mm($rect->y->units)];
        [$w, $h] = [Mark::mm($rect->size->width->units), Mark::mm($rect->size->height->units)];

        return $layer->outline->isRect ? [$x, $y, $w, $h] : [$x + $w * 0.15, $y + $h * 0.15, $w * 0.7, $h * 0.7];
    }
}
