<?php

declare(strict_types=1);

namespace KeepShare\Core\Check;

use KeepShare\Core\Fold\FoldKind;

/** A shaker is looked into through a window: a sketch without one has nothing to put the acetate behind. */
final class ShakerNeedsWindow implements Check
{
    public function key(): string
    {
        return 'shaker-needs-window';
    }

    public function look(CardInHand $card): array
    {
        if ($card->card->fold !== FoldKind::Shaker || $card->card->sketch->hasWindow()) {
            return [];
        }

        return [
            Finding::of(
                $this->key(),
                "A shaker is looked into through a window, and \"{$card->card->sketch->name}\" has none.",
                'Lay it on a sketch with a window, or fold it otherwise.',
                Repair::sketch('Lay it on "Window over a paper"', 'window-panel'),
            ),
        ];
    }
}
