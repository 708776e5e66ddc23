<?php

declare(strict_types=1);

namespace KeepShare\Core\Check;

use KeepShare\Core\Measure\Length;
use KeepShare\Core\Sketch\Laid;
use KeepShare\Core\Sketch\RelationKind;

/** Reveals that differ by very little look like a mistake. Those that differ by much look intended. */
final class RevealsUnequal implements Check
{
    /** Reveals up to 1/8 in apart, none wider than 1/2 in. */
    private const HAIR = 25_400;

    private const NARROW = 101_600;

    public function key(): string
    {
        return 'reveals-unequal';
    }

    public function look(CardInHand $card): array
    {
        $findings = [];
        foreach ($card->layout->parts as $laid) {
            $reveals = $card->layout->reveals($laid);
            if (
                in_array($laid->part->relation->kind, [RelationKind::Panel, RelationKind::Circle], true)
                && (self::slips($reveals['left'], $reveals['right'])
                    || self::slips($reveals['top'], $reveals['bottom']))
            ) {
                $findings[] = Finding::of(
                    $this->key(),
                    "The {$laid->part->name} sits a hair off the middle: its reveals are not the same.",
                    'Set it in the middle.',
                    ...self::centred($laid),
                );
            }
        }

        return $findings;
    }

    private static function slips(Length $one, Length $other): bool
    {
        $apart = abs($one->units - $other->units);

        return $apart > 0 && $apart <= self::HAIR && max($one->units, $other->units) <= self::NARROW;
    }

    /** @return list<Repair> */
    private static function centred(Laid $laid): array
    {
        $offsets = array_filter(
            ['across', 'down'],
            static fn (string $measure): bool => isset($laid->part->relation->measures[$measure])
                && $laid->part->relation->measures[$measure]->write() !== '0 in',
        );
        $isMiddle = ($laid->part->relation->options['anchor'] ?? '') === 'middle';

        return $isMiddle && count($offsets) === 1
            ? [Repair::measure('Set it in the middle', $laid->part->id, array_values($offsets)[0], '0')]
            : [];
    }
}
