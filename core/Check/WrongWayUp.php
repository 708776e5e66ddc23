<?php

declare(strict_types=1);

namespace KeepShare\Core\Check;

use KeepShare\Core\Kit\Face;
use KeepShare\Core\Kit\SheetGood;

/** Letters and houses must stand up. */
final class WrongWayUp implements Check
{
    public function key(): string
    {
        return 'wrong-way-up';
    }

    public function look(CardInHand $card): array
    {
        $findings = [];
        foreach ($card->layout->parts as $laid) {
            $taking = $card->card->taking($laid->part->id);
            $good = $card->taken($laid->part->id)?->good;
            if ($taking === null || ! $good instanceof SheetGood || ($good->faces()[$taking->face] ?? null)?->directional !== true) {
                continue;
            }
            $face = $good->faces()[$taking->face];
            $why = match (true) {
                $laid->part->form->kind->isAslant() => 'lies at an angle, where its print leans over',
                $taking->mayTurn && ! $laid->part->role->mayTurn() => 'may be cut lying, though its print is directional',
                default => null,
            };
            if ($why !== null) {
                $findings[] = Finding::of(
                    $this->key(),
                    "{$face->name} on the {$laid->part->name} $why.",
                    'Use a print that is not directional, or turn the paper over.',
                    ...self::overturned($laid->part->id, $taking->component, $good->faces()),
                );
            }
        }

        return $findings;
    }

    /**
     * @param  array<int, Face>  $faces
     * @return list<Repair>
     */
    private static function overturned(string $part, string $component, array $faces): array
    {
        $repairs = [];
        foreach ($faces as $index => $face) {
            if (! $face->directional) {
                $repairs[] = Repair::fill("Turn it over to $face->name", $part, $component, $index);
            }
        }

        return $repairs;
    }
}
