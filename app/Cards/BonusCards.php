<?php

namespace App\Cards;

use App\Jobs\Task;
use App\Journal\Journal;
use App\Journal\StaleTable;
use App\Models\Kit;
use App\Models\KitWishes;
use App\Table\Search;
use App\Table\TableState;
use Closure;
use KeepShare\Core\Card\Card;
use KeepShare\Core\Outlook\ShareOut;
use KeepShare\Core\Table\Preferences;

/**
 * The cards that are still possible from what is left. They are searched for in the background, and remembered until
 * the kit or the stash changes.
 */
final readonly class BonusCards implements Task
{
    /** More would fill the page. The maker adds them one at a time. */
    private const MOST = 12;

    public function __construct(private Journal $journal, private PlaceCards $cards)
    {
    }

    public function found(Kit $kit): ?ShareOut
    {
        $found = self::search($kit)->found();

        return $found instanceof ShareOut ? $found : null;
    }

    /** Starts a search, unless one is done or under way. */
    public function look(Kit $kit): void
    {
        self::search($kit)->ask(self::class);
    }

    public static function search(Kit $kit): Search
    {
        return Search::for('bonus', $kit);
    }

    public function run(int $on): void
    {
        $kit = Kit::query()->findOrFail($on);
        self::search($kit)->run(
            static fn (Closure $goOn): ShareOut => ShareOut::ofSparesToo(TableState::of($kit)->table(self::wishes($kit)), $goOn),
        );
    }

    /** The page asks again. */
    public function brokeOff(int $on): void
    {
    }

    public static function wishes(Kit $kit): Preferences
    {
        return KitWishes::beyond($kit, self::MOST);
    }

    /**
     * Adds some of the found cards to the share-out.
     *
     * @param  list<int>  $numbers
     *
     * @throws StaleTable when the kit has changed since they were found
     */
    public function add(Kit $kit, array $numbers, ?int $revision): void
    {
        $cards = array_values(array_filter(
            $this->found($kit)->cards ?? [],
            static fn (Card $card): bool => in_array($card->number, $numbers, true),
        ));
        if (count($cards) !== count($numbers)) {
            throw StaleTable::since($kit);
        }
        $this->journal->act(
            $kit,
            count($numbers) === 1 ? "Add bonus card $numbers[0]" : 'Add bonus cards '.implode(', ', $numbers),
            $revision,
            fn () => $this->cards->place($kit, $cards, true),
        );
    }
}
