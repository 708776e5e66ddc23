<?php

declare(strict_types=1);

namespace KeepShare\Core\Check;

use KeepShare\Core\Card\CardGroup;

/** A piece that the arrangement needs is lost, spoiled or removed, and the others have moved together. */
final class GroupClosedUp implements Check
{
    /** How many replacements are offered. */
    private const OFFERED = 2;

    public function key(): string
    {
        return 'group-closed-up';
    }

    public function look(CardInHand $card): array
    {
        $findings = [];
        foreach ($card->front->group?->gone() ?? [] as $part) {
            $name = $card->card->partName($part);
            $findings[] = Finding::of(
                $this->key(),
                "The $name is gone: the other pieces move together.",
                'Put another there, or choose an arrangement without it.',
                ...$this->others($card, $part),
            );
        }

        return $findings;
    }

    /** @return list<Repair> what else could stand there and is on no other card */
    private function others(CardInHand $card, string $part): array
    {
        $repairs = [];
        foreach (CardGroup::admitted($part, $card->components) as $component) {
            $taken = 0;
            foreach ([$card->card, ...$card->others] as $one) {
                foreach ($one->takings as $taking) {
                    $taken += $taking->component === $component->id ? $taking->quantity : 0;
                }
            }
            if ($taken < $component->count && count($repairs) < self::OFFERED) {
                $repairs[] = Repair::fill("Take $component->name", $part, $component->id, 0);
            }
        }

        return $repairs;
    }
}
