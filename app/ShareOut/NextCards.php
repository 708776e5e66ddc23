<?php

namespace App\ShareOut;

use App\Cards\PlaceCards;
use App\Jobs\Task;
use App\Journal\Journal;
use App\Journal\StaleTable;
use App\Models\Kit;
use App\Models\KitWishes;
use App\Table\Search;
use App\Table\TableState;
use Closure;
use KeepShare\Core\Card\Card;
use KeepShare\Core\Compose\Composer;
use KeepShare\Core\Outlook\Option;
use KeepShare\Core\Share\Sharer;
use KeepShare\Core\Table\Preferences;

/** Card by card: the best next cards for the present table, each with how many cards stay possible after it. */
final readonly class NextCards implements Task
{
    private const OFFERED = 5;

    public function __construct(private Journal $journal, private PlaceCards $cards)
    {
    }

    /** @return list<Option>|null null until they are found */
    public function found(Kit $kit): ?array
    {
        $found = self::search($kit)->found();

        return is_array($found) ? array_values(array_filter($found, static fn (mixed $one): bool => $one instanceof Option)) : null;
    }

    public function look(Kit $kit): void
    {
        self::search($kit)->ask(self::class);
    }

    public static function search(Kit $kit): Search
    {
        return Search::for('next', $kit);
    }

    public function run(int $on): void
    {
        $kit = Kit::query()->findOrFail($on);
        self::search($kit)->run(static fn (Closure $goOn): array => self::find($kit, $goOn));
    }

    /** The page asks again. */
    public function brokeOff(int $on): void
    {
    }

    /**
     * @param  Closure(int): bool  $goOn
     * @return list<Option>
     */
    private static function find(Kit $kit, Closure $goOn): array
    {
        $wishes = KitWishes::of($kit, Preferences::MOST_CARDS, $kit->uses_stash, KitWishes::words($kit))->inSetsOf(1);
        $table = TableState::of($kit)->table($wishes);
        $found = [];
        $sharer = Sharer::on($table);
        // What is asked for comes first. Each of the others uses a sketch of its own.
        $asked = $sharer->asked();
        $cards = [
            ...array_filter([$asked]),
            ...array_filter(
                $sharer->options(self::OFFERED, 1),
                static fn (Card $card): bool => $card->sketch->key !== $asked?->sketch->key,
            ),
        ];
        foreach (array_slice($cards, 0, self::OFFERED) as $card) {
            if (! $goOn(count($found))) {
                break;
            }
            $arranged = Composer::on($table, [$card])[0] ?? $card;
            $found[] = Option::of($arranged, count(Sharer::most($table->after($card))));
        }
        usort($found, static fn (Option $a, Option $b): int => $b->leaves <=> $a->leaves);

        return $found;
    }

    /** @throws StaleTable when the kit has changed since they were found */
    public function take(Kit $kit, int $nth, ?int $revision): int
    {
        $card = ($this->found($kit)[$nth] ?? throw StaleTable::since($kit))->card;
        $this->journal->act($kit, "Add card $card->number", $revision, fn () => $this->cards->place($kit, [$card], false));

        return $card->number;
    }
}
