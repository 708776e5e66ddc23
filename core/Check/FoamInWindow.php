<?php

declare(strict_types=1);

namespace KeepShare\Core\Check;

use KeepShare\Core\Fold\Cutting;
use KeepShare\Core\Sketch\FormKind;

/** Foam is seen through a window when it is nearer to the opening than about 1/4 in, or 6 mm. */
final class FoamInWindow implements Check
{
    public function key(): string
    {
        return 'foam-in-window';
    }

    public function look(CardInHand $card): array
    {
        $usual = Cutting::in($card->unit);
        // A strip of foam, and as much again between it and the opening.
        $needs = $usual->tab();
        $rimOf = $usual->say($needs);
        $gap = $usual->say($usual->glue());
        $findings = [];
        foreach ($card->layout->parts as $laid) {
            $rim = $laid->part->form->kind === FormKind::Window ? $laid->part->form->lengths($laid->rect, $card->unit)['rim'] : null;
            if ($rim !== null && $laid->part->foam > 0 && $needs->isLongerThan($rim)) {
                $findings[] = Finding::of(
                    $this->key(),
                    "The rim of the {$laid->part->name} is {$rim->label($card->unit)}: the foam under it will be seen through the opening.",
                    "Make the rim at least $rimOf, so that the foam stays $gap away from the opening.",
                    Repair::measure("Make the rim $rimOf", $laid->part->id, 'rim', '1/2 in; 12 mm'),
                );
            }
        }

        return $findings;
    }
}
