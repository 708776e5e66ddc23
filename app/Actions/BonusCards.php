<?php

namespace App\Actions;

use App\Jobs\FindBonusCards;
use App\Journal\Journal;
use App\Journal\StaleTable;
use App\Models\Kit;
use App\Table\TableState;
use Closure;
use Illuminate\Support\Facades\Cache;
use KeepShare\Core\Share\Card;
use KeepShare\Core\Share\ShareOut;
use KeepShare\Core\Share\Sharer;
use KeepShare\Core\Share\Wishes;

/**
 * The cards that what is kept still gives. Searched for in the background, and remembered for as long as neither the
 * kit nor the stash changes.
 */
final readonly class BonusCards
{
    /** More would fill the page, and the maker adds them one at a time. */
    private const MOST = 12;

    public function __construct(private Journal $journal, private PlaceCards $cards)
    {
    }

    public function found(Kit $kit): ?ShareOut
    {
        $found = Cache::get(self::key($kit));

        return $found instanceof ShareOut ? $found : null;
    }

    /** Starts a search unless one has been made or is under way. */
    public function look(Kit $kit): void
    {
        if ($this->found($kit) === null && Cache::add(self::key($kit).':looking', true, 120)) {
            FindBonusCards::dispatch($kit->id);
        }
    }

    /** How many cards the search under way has found. */
    public function soFar(Kit $kit): int
    {
        $done = Cache::get(self::key($kit).':done');

        return is_int($done) ? $done : 0;
    }

    public function stop(Kit $kit): void
    {
        Cache::put(self::key($kit).':stop', true, 120);
    }

    public function search(Kit $kit): void
    {
        $key = self::key($kit);
        $found = Sharer::share(TableState::of($kit)->table(), Wishes::cards(self::MOST, $kit->uses_stash), $this->progress($key));
        Cache::forever($key, $found);
        Cache::forget("$key:looking");
    }

    /**
     * Adds one of the cards found to the share-out.
     *
     * @throws StaleTable when the kit has changed since they were found
     */
    public function add(Kit $kit, int $number, ?int $revision): void
    {
        $card = array_values(array_filter($this->found($kit)->cards ?? [], static fn (Card $card): bool => $card->number === $number))[0] ?? throw StaleTable::since($kit);
        $this->journal->act($kit, "Add bonus card $number", $revision, fn () => $this->cards->place($kit, [$card], true));
    }

    /** @return Closure(int, int): bool */
    private function progress(string $key): Closure
    {
        return static function (int $done) use ($key): bool {
            Cache::put("$key:done", $done, 120);

            return Cache::get("$key:stop") !== true;
        };
    }

    private static function key(Kit $kit): string
    {
        // The time tells this kit from one that had its number in a table since swept clean.
        return sprintf('bonus:%d:%d:%d:%d', $kit->id, $kit->created_at?->getTimestamp(), $kit->revision, Kit::stash()->revision ?? 0);
    }
}
