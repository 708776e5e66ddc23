<?php

declare(strict_types=1);

namespace KeepShare\Core\Check;

use KeepShare\Core\Sketch\Role;

/**
 * What was changed so that more cards come out of the paper, and can be put back. Nothing is changed without saying so.
 */
final class OtherThanDrawn implements Check
{
    public function key(): string
    {
        return 'other-than-drawn';
    }

    public function look(CardInHand $card): array
    {
        $drawn = $card->card->sketch->isAsDrawn() ? null : $card->card->inManner($card->card->sketch->asDrawn(), $card->unit);
        $layout = $drawn?->layout($card->unit);
        $other = [];
        foreach ($card->layout->parts as $laid) {
            $cut = $layout?->part($laid->part->id)->cut ?? $laid->cut;
            $isPaper = $card->taken($laid->part->id)?->kind()->isPrintedPaper() ?? false;
            if ($laid->part->role === Role::Plain && ! $isPaper) {
                $other[] = "the {$laid->part->name} is of plain cardstock, where a calm paper is drawn";
            }
            if (! $cut->equals($laid->cut)) {
                $other[] = "the {$laid->part->name} is {$laid->cut->label($card->unit)}, drawn {$cut->label($card->unit)}";
            }
        }

        return $other === [] ? [] : [
            Finding::hint(
                $this->key(),
                'Stretched, so that more cards come out of the paper: '.implode('; ', $other).'.',
                'Where there is paper for it, it can be made as drawn.',
                Repair::sketch('Make it as drawn', $card->card->sketch->key),
            ),
        ];
    }
}
