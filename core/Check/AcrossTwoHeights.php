<?php

declare(strict_types=1);

namespace KeepShare\Core\Check;

use KeepShare\Core\Card\Part\Accessories;
use KeepShare\Core\Sketch\Laid;

/** A part that is glued across two heights rocks. */
final class AcrossTwoHeights implements Check
{
    public function key(): string
    {
        return 'across-two-heights';
    }

    public function look(CardInHand $card): array
    {
        $findings = [];
        foreach ($card->layout->parts as $n => $laid) {
            if (Laid::rocks($laid->rect, array_slice($card->layout->parts, 0, $n))) {
                $findings[] = $this->finding($laid->part->name);
            }
        }
        foreach (Accessories::placed($card->layout) as $part) {
            $rect = $card->layer($part->id())?->rect;
            if ($rect !== null && Laid::rocks($rect, $card->layout->parts)) {
                $findings[] = $this->finding($part->name());
            }
        }

        return $findings;
    }

    private function finding(string $name): Finding
    {
        return Finding::of(
            $this->key(),
            "The $name lies across two heights and will rock.",
            'Put a shim under the low side: foam or layers as high as the step.',
        );
    }
}
