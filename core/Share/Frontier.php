<?php

declare(strict_types=1);

namespace KeepShare\Core\Share;

use Closure;
use KeepShare\Core\Table\Preferences;
use KeepShare\Core\Table\Table;

/**
 * Many cards or varied cards: how many there are with a picture on each, with all different, with three alike, and in
 * all. These are numbers that were found. More may be possible.
 *
 * @phpstan-type Choice array{alike: int|null, pictures: bool, cards: int}
 */
final readonly class Frontier
{
    /** @var list<array{int|null, bool}> how many may be alike, and whether each has a picture */
    private const WISHES = [[null, true], [1, false], [3, false], [null, false]];

    /**
     * @param  (Closure(int): bool)|null  $goOn  told how many cards were found; false stops with what there is
     * @return list<Choice> the fewest cards first
     */
    public static function of(Table $table, ?Closure $goOn = null): array
    {
        $choices = [];
        foreach (self::WISHES as [$alike, $pictures]) {
            $wishes = $table->wishes->forCards(Preferences::MOST_CARDS)->alike($alike)->withPictures($pictures);
            $cards = count(Stretch::most($table->asking($wishes), $goOn === null ? null : static fn (int $made): bool => $goOn($made)));
            $choices[] = ['alike' => $alike, 'pictures' => $pictures, 'cards' => $cards];
            if ($goOn !== null && ! $goOn($cards)) {
                break;
            }
        }
        usort($choices, static fn (array $a, array $b): int => $a['cards'] <=> $b['cards']);

        return $choices;
    }
}
