<?php

declare(strict_types=1);

namespace KeepShare\Core\Pair;

use KeepShare\Core\Colour\Colour;
use KeepShare\Core\Kit\Face;
use KeepShare\Core\Kit\Surface;

/** Which faces match. */
final class Pairing
{
    /**
     * Every other component, with its face that matches the chosen one better, the best first.
     *
     * @param  list<Surface>  $others
     * @return list<Partner>
     */
    public static function partners(Surface $chosen, array $others): array
    {
        $best = [];
        foreach ($others as $other) {
            if ($other->component === $chosen->component) {
                continue;
            }
            $partner = Partner::of($other, Fit::between($chosen->face, $other->face));
            $known = $best[$other->component] ?? null;
            if ($known === null || $partner->fit->figure > $known->fit->figure) {
                $best[$other->component] = $partner;
            }
        }
        $partners = array_values($best);
        usort(
            $partners,
            static fn (Partner $a, Partner $b): int => [$b->fit->figure, $a->surface->key] <=> [
                $a->fit->figure,
                $b->surface->key,
            ],
        );

        return $partners;
    }

    /**
     * The cardstock for a mat between a focal point and a paper: it must differ from both, and match the paper's
     * colours.
     *
     * @param  list<Surface>  $cardstocks
     * @param  Colour|null  $picture  the main colour of the picture, where one is in mind
     */
    public static function mat(Face $paper, array $cardstocks, ?Colour $picture = null): ?Surface
    {
        $best = null;
        $most = PHP_INT_MIN;
        foreach ($cardstocks as $cardstock) {
            $ground = $cardstock->face->ground();
            $worth = Fit::figure($paper, $cardstock->face)
                + min(30, (int) $ground->differenceFrom($paper->ground()))
                + ($picture === null ? 0 : min(30, (int) $ground->differenceFrom($picture)));
            if ($worth > $most) {
                [$best, $most] = [$cardstock, $worth];
            }
        }

        return $best;
    }
}
