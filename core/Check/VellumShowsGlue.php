<?php

declare(strict_types=1);

namespace KeepShare\Core\Check;

use KeepShare\Core\Kit\Cardstock;
use KeepShare\Core\Kit\Finish;
use KeepShare\Core\Sketch\Visibility;

/** Glue is seen through vellum except behind a solid part. */
final class VellumShowsGlue implements Check
{
    public function key(): string
    {
        return 'vellum-shows-glue';
    }

    public function look(CardInHand $card): array
    {
        $findings = [];
        $visibility = null;
        foreach ($card->layout->parts as $laid) {
            $good = $card->taken($laid->part->id)?->good;
            if (! $good instanceof Cardstock || $good->finish !== Finish::Vellum) {
                continue;
            }
            $visibility ??= Visibility::of($card->layout);
            if ($visibility->hiddenArea($laid->part->id) === 0) {
                $findings[] = Finding::of(
                    $this->key(),
                    "The {$laid->part->name} is vellum with nothing solid on it: the glue will show.",
                    'Lay a solid part on it and glue behind that, or hold it by a brad or under an edge.',
                );
            }
        }

        return $findings;
    }
}
