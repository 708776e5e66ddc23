<?php

namespace App\ShareOut;

use App\Models\KitWishes;
use App\Table\TableState;
use App\Table\UpTo;
use App\Wording\Wording;
use KeepShare\Core\Sketch\Least;
use KeepShare\Core\Table\Areas;
use KeepShare\Core\Table\Bound;
use KeepShare\Core\Table\Preferences;
use KeepShare\Core\Table\Table;
use KeepShare\Core\Table\WordsAgain;

/**
 * How each group of wishes changes the highest possible number of cards.
 *
 * @phpstan-type Effects array{many: string, least: string, words: string, paper: string, folds: string, fronts: string, uses: string}
 */
final class WishEffects
{
    private function __construct(private readonly TableState $state, private readonly Preferences $wishes)
    {
    }

    /** @return Effects */
    public static function of(TableState $state): array
    {
        $kit = $state->kit;

        return (new self($state, KitWishes::of($kit, Preferences::MOST_CARDS, $kit->uses_stash, KitWishes::words($kit))))->all();
    }

    /** Whether more than half of all patterned paper is on cards. Then each card says how much it takes. */
    public static function isPaperScarce(TableState $state): bool
    {
        return 2 * Areas::left($state->table(), true) < Areas::left($state->tableWith([]), true);
    }

    /** @return Effects */
    private function all(): array
    {
        $wishes = $this->wishes;
        $table = $this->table($wishes);
        $now = Bound::on($table)->cards;
        $says = fn (Preferences $without): string => $this->says($now, $without);

        return [
            'many' => 'With this kit '.Bound::inWords($table).'.'.$this->withStash($now),
            'least' => $says($wishes->atLeast(Least::Words)),
            'words' => $says($wishes->saying(WordsAgain::WhenOut)->wordless(false)),
            'paper' => $says($wishes->savingOne(false)->stashFor(null)),
            'folds' => $says($wishes->folding([])),
            'fronts' => $says($wishes->inEnvelopes(false)->framed(null)),
            'uses' => $says($wishes->using([])),
        ];
    }

    /** If the stash is not used, how many cards there could be with it. */
    private function withStash(int $now): string
    {
        $isUsed = $this->state->kit->uses_stash || ! $this->state->hasStash();
        $with = $isUsed ? 0 : Bound::on($this->table($this->wishes->withStash()))->cards;

        return $with > $now ? " $with with your stash." : '';
    }

    private function says(int $now, Preferences $without): string
    {
        if ($without == $this->wishes) {
            return '';
        }
        $else = Bound::on($this->table($without))->cards;

        return $else > $now
            ? 'At most '.Wording::plural($now, 'card').' with these wishes; without them '.$else.'.'
            : 'These wishes cost no cards that are certain.';
    }

    private function table(Preferences $wishes): Table
    {
        return UpTo::table($this->state, $wishes);
    }
}
