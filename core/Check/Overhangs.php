<?php

declare(strict_types=1);

namespace KeepShare\Core\Check;

use KeepShare\Core\Card\Part\Accessories;
use KeepShare\Core\Sketch\Laid;
use KeepShare\Core\Sketch\RelationKind;

/** A common mistake in a stack of layers: a piece is larger than the one under it. */
final class Overhangs implements Check
{
    public function key(): string
    {
        return 'overhangs';
    }

    public function look(CardInHand $card): array
    {
        $findings = [];
        foreach ($card->layout->parts as $laid) {
            $over = self::carrierItLeaves($card, $laid);
            if ($over !== null) {
                $findings[] = Finding::of(
                    $this->key(),
                    "The {$laid->part->name} hangs over the {$over->part->name} that carries it.",
                    'Make it smaller, or move it in.',
                );
            }
            $size = $card->card->taking($laid->part->id)?->size;
            if ($size !== null && ! $size->fitsIn($laid->cut, true)) {
                $findings[] = Finding::of(
                    $this->key(),
                    "The piece for the {$laid->part->name} is {$size->label(
                        $card->unit,
                    )}, its place {$laid->cut->label($card->unit)}.",
                    'Trim it, or use it where it fits.',
                );
            }
        }
        foreach (Accessories::placed($card->layout) as $part) {
            $rect = $card->layer($part->id())?->rect;
            if ($rect !== null && ! $rect->size->fitsIn($card->layout->front)) {
                $findings[] = Finding::of(
                    $this->key(),
                    "The {$part->name()} is larger than the front: {$rect->size->label($card->unit)}.",
                    'Trim it flush, or take a smaller one.',
                );
            }
        }

        return $findings;
    }

    /** Mats lie under what they are measured from. Seams and bands reach over it on purpose. */
    private static function carrierItLeaves(CardInHand $card, Laid $laid): ?Laid
    {
        $relation = $laid->part->relation;
        $carrier = $card->layout->part($relation->of);
        $isMeant = in_array($relation->kind, [RelationKind::Mat, RelationKind::Seam, RelationKind::Between], true);

        return $carrier !== null && ! $isMeant && ! $carrier->rect->contains($laid->rect) ? $carrier : null;
    }
}
