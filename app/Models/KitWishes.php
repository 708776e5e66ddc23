<?php

namespace App\Models;

use KeepShare\Core\Kit\Occasions;
use KeepShare\Core\Measure\Length;
use KeepShare\Core\Refusal;
use KeepShare\Core\Sketch\Least;
use KeepShare\Core\Table\Many;
use KeepShare\Core\Table\Preferences;
use KeepShare\Core\Table\Wanted;
use KeepShare\Core\Table\WordsAgain;

/** The wishes that are stored with a kit, for the core. */
final class KitWishes
{
    /** @throws Refusal when they contradict each other */
    public static function of(Kit $kit, int $cards, bool $stash, WordsAgain $words): Preferences
    {
        $kept = $kit->wishes;

        return self::standing($kit, $cards, $stash, $words)
            ->wanting(array_intersect_key($kit->wanted, array_flip(Occasions::keys())))
            ->folding($kept['folds'] ?? [])
            ->following(($kept['follows'] ?? false) ? $kit->designs() : [])
            ->inSetsOf($kept['set'] ?? 1);
    }

    /** For cards beyond the share-out, since numbers were asked for in that alone. */
    public static function beyond(Kit $kit, int $cards): Preferences
    {
        return self::standing($kit, $cards, $kit->uses_stash, self::words($kit));
    }

    public static function words(Kit $kit): WordsAgain
    {
        return WordsAgain::tryFrom($kit->wishes['words'] ?? '') ?? WordsAgain::WhenOut;
    }

    /** What a card must at least be. */
    public static function least(Kit $kit): Least
    {
        return Least::tryFrom($kit->wishes['least'] ?? '') ?? Least::Words;
    }

    /** What always holds: the stash, what a card must be, what is used up, saved or never used, and the trimmer. */
    private static function standing(Kit $kit, int $cards, bool $stash, WordsAgain $words): Preferences
    {
        $kept = $kit->wishes;
        $uses = array_map(static fn (string $use): ?Wanted => Wanted::tryFrom($use), $kept['uses'] ?? []);

        return Preferences::cards($cards, $stash)
            ->saying($words)
            ->inEnvelopes($kept['envelopes'] ?? false)
            ->wordless($kept['wordless'] ?? false)
            ->atLeast(self::least($kit))
            ->using(array_filter($uses))
            ->stashFor($kept['stash_cards'] ?? null)
            ->savingOne($kept['saves_one'] ?? false)
            ->lined($kept['insides'] ?? false)
            ->pieces(Many::tryFrom($kept['pieces'] ?? '') ?? Many::Some)
            ->without($kept['sketches_off'] ?? [])
            ->framed($kit->frame === null ? null : Length::ofUnits($kit->frame))
            ->cutWith($kit->trimmer());
    }
}
