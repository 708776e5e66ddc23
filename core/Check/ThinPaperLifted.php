<?php

declare(strict_types=1);

namespace KeepShare\Core\Check;

use KeepShare\Core\Kit\Kind;

/** Patterned paper is thin. On foam it sags, and folded into a flap or sleeve it creases. */
final class ThinPaperLifted implements Check
{
    /** Parts of a fold that are pulled or pushed. */
    private const BORNE = ['fold-flap', 'fold-sleeve', 'fold-window-panel'];

    public function key(): string
    {
        return 'thin-paper-lifted';
    }

    public function look(CardInHand $card): array
    {
        $findings = [];
        foreach ($card->layout->parts as $laid) {
            if ($laid->part->foam > 0 && $card->taken($laid->part->id)?->kind() === Kind::Paper) {
                $findings[] = Finding::of(
                    $this->key(),
                    "The {$laid->part->name} is thin paper on foam: it sags between the squares.",
                    'Back it with cardstock of the same size.',
                );
            }
        }
        foreach (self::BORNE as $part) {
            if ($card->taken($part)?->kind() === Kind::Paper) {
                $name = str_replace('-', ' ', substr($part, 5));
                $findings[] = Finding::hint(
                    $this->key(),
                    "The $name is thin paper and will be handled.",
                    'Back it with cardstock, or take a heavier paper.',
                );
            }
        }

        return $findings;
    }
}
