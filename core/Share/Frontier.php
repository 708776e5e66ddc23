<?php

declare(strict_types=1);

namespace KeepShare\Core\Share;

use Closure;
use KeepShare\Core\Kit\KitDesign;
use KeepShare\Core\Pattern\ColumnGeneration;
use KeepShare\Core\Sketch\Least;
use KeepShare\Core\Table\Preferences;
use KeepShare\Core\Table\Table;

/**
 * Many cards or rich ones, many or varied: how many there are by what each must at least be, with all different, and with
 * three alike. Each number was found. Beside it stands what no share-out with that wish can exceed.
 *
 * @phpstan-type Choice array{least: string, alike: int|null, cards: int, most: int}
 */
final readonly class Frontier
{
    /** How many may be alike, for those who want their cards varied. */
    private const ALIKE = [1, 3];

    /**
     * @param  (Closure(int): bool)|null  $goOn  told how many cards were found; false stops with what there is
     * @return list<Choice> the fewest cards first
     */
    public static function of(Table $table, ?Closure $goOn = null): array
    {
        $choices = [];
        foreach (self::wishes($table->wishes->forCards(Preferences::MOST_CARDS)) as $wishes) {
            $asking = $table->asking($wishes);
            $cards = Stretch::number($asking, $goOn === null ? null : static fn (int $made): bool => $goOn($made));
            $choices[] = ['least' => $wishes->least->value, 'alike' => $wishes->alike, 'cards' => $cards, 'most' => self::bound($asking)];
            if ($goOn !== null && ! $goOn($cards)) {
                break;
            }
        }
        usort($choices, static fn (array $a, array $b): int => $a['cards'] <=> $b['cards']);

        return self::withoutPoorer($choices);
    }

    /** @return iterable<Preferences> the richest first */
    private static function wishes(Preferences $wishes): iterable
    {
        foreach (array_reverse(Least::cases()) as $least) {
            yield $wishes->atLeast($least)->alike(null);
        }
        foreach (self::ALIKE as $alike) {
            yield $wishes->alike($alike);
        }
    }

    /**
     * A line goes if a richer or more varied one before it has as many cards, or none are made.
     *
     * @param  list<Choice>  $choices  by the number of cards, of as many the richest first
     * @return list<Choice>
     */
    private static function withoutPoorer(array $choices): array
    {
        $kept = [];
        foreach ($choices as $choice) {
            $again = array_filter($kept, static fn (array $one): bool => $one['cards'] === $choice['cards']
                && ($one['alike'] === null) === ($choice['alike'] === null));
            $kept = $choice['cards'] === 0 || $again !== [] ? $kept : [...$kept, $choice];
        }

        return $kept;
    }

    private static function bound(Table $table): int
    {
        $wishes = $table->wishes;
        // The designs of the kit that are followed have sketches of their own.
        $followed = array_sum(array_map(static fn (KitDesign $design): int => $design->makes, $wishes->designs));
        $bySketches = $wishes->alike === null ? PHP_INT_MAX : $wishes->alike * $wishes->set * count($table->sketches) + $followed;

        return min($bySketches, Preferences::MOST_CARDS, ColumnGeneration::on($table)->bound->cards);
    }
}
