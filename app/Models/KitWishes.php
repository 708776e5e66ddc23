<?php

namespace App\Models;

use KeepShare\Core\Kit\Occasion;
use KeepShare\Core\Refusal;
use KeepShare\Core\Table\Wanted;
use KeepShare\Core\Table\Wishes;

/** The wishes that stand with a kit, for the core. */
final class KitWishes
{
    /** @throws Refusal when they contradict each other */
    public static function of(Kit $kit, int $cards, bool $stash, bool $repeat): Wishes
    {
        $kept = $kit->wishes;

        return self::standing($kit, $cards, $stash, $repeat)
            ->wanting(array_intersect_key($kit->wanted, array_flip(array_column(Occasion::cases(), 'value'))))
            ->folding($kept['folds'] ?? [])
            ->following(($kept['follows'] ?? false) ? $kit->designs() : [])
            ->inSetsOf($kept['set'] ?? 1);
    }

    /** For cards beyond the share-out: what is asked for in numbers is for that alone. */
    public static function beyond(Kit $kit, int $cards): Wishes
    {
        return self::standing($kit, $cards, $kit->uses_stash, $kit->wishes['repeat'] ?? false);
    }

    /** What is used up, saved or never used, and how far the stash goes. */
    private static function standing(Kit $kit, int $cards, bool $stash, bool $repeat): Wishes
    {
        $kept = $kit->wishes;
        $wishes = Wishes::cards($cards, $stash, $repeat)->using(array_filter(array_map(static fn (string $use): ?Wanted => Wanted::tryFrom($use), $kept['uses'] ?? [])));
        if (isset($kept['stash_cards'])) {
            $wishes = $wishes->stashFor($kept['stash_cards']);
        }

        return ($kept['saves_one'] ?? false) ? $wishes->savingOne() : $wishes;
    }
}
