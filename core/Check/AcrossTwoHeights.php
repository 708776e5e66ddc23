<?php

declare(strict_types=1);

namespace KeepShare\Core\Check;

use KeepShare\Core\Card\Part\OwnParts;
use KeepShare\Core\Measure\Rect;
use KeepShare\Core\Sketch\Laid;

/** Something glued across two heights rocks. */
final class AcrossTwoHeights implements Check
{
    /** A step of 1 mm is felt. */
    private const STEP = 8_000;

    public function key(): string
    {
        return 'across-two-heights';
    }

    public function look(CardInHand $card): array
    {
        $findings = [];
        foreach ($card->layout->parts as $n => $laid) {
            if (self::rocks($laid->rect, array_slice($card->layout->parts, 0, $n))) {
                $findings[] = $this->finding($laid->part->name);
            }
        }
        foreach (OwnParts::placed($card->layout) as $part) {
            $rect = $card->layer($part->id())?->rect;
            if ($rect !== null && self::rocks($rect, $card->layout->parts)) {
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

    /**
     * The highest part under it does not carry the whole of it, and what is beside that lies lower by a step.
     *
     * @param  list<Laid>  $under
     */
    private static function rocks(Rect $rect, array $under): bool
    {
        $under = array_filter($under, static fn (Laid $laid): bool => $laid->rect->overlaps($rect));
        $tops = array_map(static fn (Laid $laid): int => $laid->top()->units, $under);
        if ($tops === []) {
            return false;
        }
        $highest = array_filter($under, static fn (Laid $laid): bool => $laid->top()->units === max($tops));
        $lower = array_filter($tops, static fn (int $top): bool => $top < max($tops));
        $step = max($tops) - ($lower === [] ? 0 : max($lower));

        return $step >= self::STEP && array_filter($highest, static fn (Laid $laid): bool => $laid->rect->contains($rect)) === [];
    }
}
