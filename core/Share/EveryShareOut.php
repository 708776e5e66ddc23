<?php

declare(strict_types=1);

namespace KeepShare\Core\Share;

use KeepShare\Core\Card\Card;
use KeepShare\Core\Card\Taking;
use KeepShare\Core\Kit\SheetGood;
use KeepShare\Core\Sketch\Role;
use KeepShare\Core\Table\Table;

/**
 * Tries every share-out of a small table, so that the best one is known.
 *
 * Cards are made in the order of their descriptions, so each set of cards is tried once. It gives up if there are too
 * many for a moment.
 */
final class EveryShareOut
{
    public const MOST_CARDS = 4;

    public const MOST_COMPONENTS = 14;

    private const MOST_LOOKED_AT = 4_000;

    /** The number of ways to make one card. They are listed before they are tried. */
    private const MOST_DESIGNS = 100_000;

    private int $looked = 0;

    /** @var list<Card>|null */
    private ?array $best = null;

    private ?Score $merit = null;

    private readonly Judge $judge;

    private function __construct(private readonly Table $table)
    {
        $this->judge = Judge::of($table);
    }

    public static function isFor(Table $table): bool
    {
        $wishes = $table->wishes;

        return $wishes->cards <= self::MOST_CARDS
            && $wishes->set === 1
            && $wishes->designs === []
            && $wishes->folds === []
            && count($table->components) <= self::MOST_COMPONENTS
            && self::designs($table) <= self::MOST_DESIGNS;
    }

    /** The number of ways to fill the parts of one card over all sketches. It stops at one more than the limit. */
    private static function designs(Table $table): int
    {
        [$papers, $stocks] = [0, 0];
        foreach ($table->components as $component) {
            $faces = $component->good instanceof SheetGood ? count($component->good->faces()) : 0;
            $component->kind()->isPrintedPaper() ? $papers += $faces : $stocks += $faces;
        }
        $designs = 0;
        foreach ($table->sketches as $sketch) {
            $own = 1;
            foreach ($sketch->parts as $part) {
                $own *= $part->role === Role::Guide ? 1 : max(1, $part->role->isPaper() ? $papers : $stocks);
                if ($designs + $own > self::MOST_DESIGNS) {
                    return self::MOST_DESIGNS + 1;
                }
            }
            $designs += $own;
        }

        return $designs;
    }

    /** @return list<Card>|null null where there are too many to look at, or not so many cards can be made */
    public static function best(Table $table): ?array
    {
        $search = new self($table);

        return $search->look([], '') ? $search->best : null;
    }

    /**
     * @param  list<Card>  $made
     * @return bool false where it is given up
     */
    private function look(array $made, string $after): bool
    {
        if (count($made) === $this->table->wishes->cards) {
            $merit = $this->judge->merit($made);
            if ($this->merit === null || $merit->compare($this->merit) > 0) {
                [$this->best, $this->merit] = [$made, $merit];
            }

            return ++$this->looked <= self::MOST_LOOKED_AT;
        }
        foreach (Sharer::on($this->table->after(...$made))->every() as $card) {
            $description = self::description($card);
            if ($description >= $after && ! $this->look([...$made, $card], $description)) {
                return false;
            }
        }

        return true;
    }

    private static function description(Card $card): string
    {
        return implode(' ', [
            $card->sketch->key,
            $card->front->width->units,
            $card->occasion->value,
            ...array_map(
                static fn (Taking $taking): string => "$taking->part:$taking->component/$taking->face",
                $card->takings,
            ),
        ]);
    }
}
