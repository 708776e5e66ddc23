<?php

declare(strict_types=1);

namespace KeepShare\Core\Check;

use KeepShare\Core\Fold\FoldKind;

/** A shaker needs a window. Without one the acetate has no place. */
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
                'Choose a sketch with a window, or another fold.',
                Repair::sketch('Change it to "Window over a paper"', 'window-panel'),
            ),
        ];
    }
}
