<?php

namespace App\Actions;

use App\Jobs\Queue;
use App\Jobs\RunTask;
use App\Jobs\Task;
use App\Jobs\Worker;
use App\Journal\Journal;
use App\Journal\StaleTable;
use App\Models\Card;
use App\Models\CardRecord;
use App\Models\Kit;
use App\Models\KitWishes;
use App\Models\Solution;
use App\Models\SolutionKind;
use App\Models\Solve;
use App\Models\SolveState;
use App\Table\TableState;
use App\Wording\Wording;
use Closure;
use Illuminate\Support\Facades\DB;
use KeepShare\Core\Card\Card as CoreCard;
use KeepShare\Core\Check\SpreadGaps;
use KeepShare\Core\Compose\Composer;
use KeepShare\Core\Design\Insides;
use KeepShare\Core\Design\Refit;
use KeepShare\Core\Outlook\Outlook;
use KeepShare\Core\Outlook\Relief;
use KeepShare\Core\Share\ForAMan;
use KeepShare\Core\Share\Settle;
use KeepShare\Core\Share\Stretch;
use KeepShare\Core\Table\Bound;
use KeepShare\Core\Table\CannotShare;
use KeepShare\Core\Table\PinIsGone;
use KeepShare\Core\Table\Table;
use KeepShare\Core\Table\Wishes;
use KeepShare\Core\Table\WordsAgain;

/**
 * Shares a kit out over cards, in the background. The first share-out is laid on the table at once; a later one is
 * proposed beside the one that is there, and replaces it when it is accepted.
 */
final readonly class ShareOutKit implements Task
{
    private const STOPPED = 'The share-out was stopped before it found a card. Nothing was changed.';

    public function __construct(private Journal $journal, private PlaceCards $cards)
    {
    }

    /**
     * @param  bool  $isAnew  also the cards that lack nothing
     * @param  int|null  $alike  no more cards on one sketch
     * @param  bool  $pictures  every card has one
     *
     * @throws \KeepShare\Core\Refusal when the wishes contradict each other
     */
    public function request(
        Kit $kit,
        int $cards,
        bool $stash,
        WordsAgain $words,
        bool $isAnew,
        ?int $alike = null,
        bool $pictures = false,
    ): Solve {
        $this->check(TableState::of($kit), KitWishes::of($kit, $cards, $stash, $words)->alike($alike)->withPictures($pictures));
        $solve = Solve::query()->create([
            'kit_id' => $kit->id,
            'cards' => $cards,
            'uses_stash' => $stash,
            'words' => $words,
            'is_anew' => $isAnew,
            'alike' => $alike,
            'has_pictures' => $pictures,
            'revision' => $kit->revision,
            'state' => SolveState::Waiting,
        ]);
        RunTask::later(self::class, $solve->id, Queue::ShareOuts);

        return $solve;
    }

    /** @throws PinIsGone when what is pinned is gone; CannotShare when there is nothing to make a first card of */
    private function check(TableState $state, Wishes $wishes): void
    {
        foreach ($state->shorts() as $component => $takings) {
            foreach ($takings as $taking) {
                if ($taking->is_pinned || $state->cards->get($taking->card_id)?->is_pinned === true) {
                    throw PinIsGone::from($taking->card->number, $taking->partName(), $state->nameOf($component));
                }
            }
        }
        $bound = $state->cards->isEmpty() ? Bound::on($state->table($wishes)->everythingApart()) : null;
        if ($bound?->cards === 0) {
            throw CannotShare::nothing($bound->need, Bound::on($state->table($wishes->withStash()))->cards);
        }
    }

    /**
     * Stops the share-out under way; the cards found so far are kept. One that nobody is at any more, or has not begun,
     * is over at once.
     */
    public function stop(Kit $kit): void
    {
        $under = array_filter(SolveState::cases(), static fn (SolveState $state): bool => $state->isUnderWay());
        foreach (Solve::query()->where('kit_id', $kit->id)->whereIn('state', $under)->get() as $solve) {
            $isAtWork = $solve->worker !== null && ! $solve->isLeftBehind();
            $isAtWork
                ? $this->move($solve, SolveState::Stopping, null)
                : $this->move($solve, SolveState::Failed, self::STOPPED);
        }
    }

    public function run(int $on): void
    {
        $solve = Solve::query()->with('kit')->findOrFail($on);
        // One that was stopped while it waited is not begun.
        $isTaken = Solve::query()
            ->whereKey($on)
            ->where('state', SolveState::Waiting)
            ->update(['state' => SolveState::Running, 'worker' => Worker::me()]);
        if ($isTaken === 0) {
            return;
        }
        $state = TableState::of($solve->kit);
        $stays = self::staying($state, $solve);
        [$cards, $after, $bound] = $this->find($state, $stays, $solve);
        $made = count($stays) + count($cards);
        $shortfall = self::shortfall($solve, $made, $after, $bound);
        try {
            DB::transaction(function () use ($solve, $state, $cards, $stays, $made, $shortfall): void {
                $this->layOrPropose($solve, $state, $cards, $stays);
                $this->move($solve, SolveState::Done, $shortfall, $made);
            });
        } catch (StaleTable $stale) {
            $this->move($solve, SolveState::Failed, $stale->getMessage());
        }
    }

    public function brokeOff(int $on): void
    {
        $solve = Solve::query()->find($on);
        if ($solve !== null) {
            $this->move($solve, SolveState::Failed, 'The share-out broke off. Nothing was changed; try again.');
        }
    }

    /** What is over stays as it ended. */
    private function move(Solve $solve, SolveState $state, ?string $message, ?int $done = null): void
    {
        $under = array_filter(SolveState::cases(), static fn (SolveState $one): bool => $one->isUnderWay());
        Solve::query()->whereKey($solve->id)->whereIn('state', $under)->update([
            'state' => $state,
            'message' => $message,
            ...($done === null ? [] : ['done' => $done]),
        ]);
    }

    /**
     * @param  list<CoreCard>  $cards
     * @param  list<int>  $stays
     *
     * @throws StaleTable when the table has changed meanwhile
     */
    private function layOrPropose(Solve $solve, TableState $state, array $cards, array $stays): void
    {
        $records = self::records($solve->kit, $cards, self::forMen($state, $cards, $stays));
        if ($state->cards->isEmpty()) {
            $this->lay($solve, $records);
        } else {
            $this->propose($solve, $records, $stays);
        }
    }

    /**
     * Puts what was proposed in the place of the cards it does not keep.
     *
     * @throws StaleTable when the table has changed since it was found
     */
    public function accept(Kit $kit, Solution $proposal, int $revision): void
    {
        if ($proposal->revision !== $kit->revision) {
            throw StaleTable::since($kit);
        }
        $solve = Solve::query()->where('kit_id', $kit->id)->with('kit')->latest('id')->first();
        DB::transaction(function () use ($kit, $proposal, $revision, $solve): void {
            $this->replace($kit, $proposal, 'Share out again', $revision, $solve);
            $proposal->delete();
        });
    }

    /** Puts a kept share-out in the place of the present one; cards that are begun stay as they are. */
    public function takeUp(Kit $kit, Solution $kept, int $revision): void
    {
        $this->replace($kit, $kept, "Take up the share-out \"$kept->name\"", $revision);
    }

    /** @param  Solve|null  $solve  what it was found for, where that is to stay with the kit */
    private function replace(Kit $kit, Solution $solution, string $name, int $revision, ?Solve $solve = null): void
    {
        $this->journal->act($kit, $name, $revision, function () use ($kit, $solution, $solve): void {
            if ($solve !== null) {
                self::remember($solve);
            }
            $this->cards->clear($kit, $solution->stays);
            $there = $kit->cards()->pluck('number')->all();
            $cards = array_values(
                array_filter(
                    $solution->cards,
                    static fn (array $card): bool => ! in_array($card['number'], $there, true),
                ),
            );
            $solution->kind === SolutionKind::Kept
                ? $this->cards->putBack($kit, $cards)
                : $this->cards->put($kit, $cards);
        });
    }

    /**
     * @param  list<int>  $stays
     * @return array{list<CoreCard>, Table|null, Bound|null} the table with them where fewer were found, and how many more
     *                                                       there could be at most
     */
    private function find(TableState $state, array $stays, Solve $solve): array
    {
        $wanted = $solve->cards - count($stays);
        if ($wanted < 1) {
            return [[], null, null];
        }
        $wishes = $solve->wishes($solve->cards);
        $table = $state->tableWith($stays, $wishes);
        $pinned = array_slice(self::pinned($state, $stays, $table), 0, $wanted);
        $goOn = self::progress($solve, count($stays) + count($pinned));
        $room = $wanted - count($pinned);
        $table = $table->after(...$pinned)->asking($wishes->asFarAs(max(1, $room)));
        $found = $room < 1 ? [] : Stretch::most($table, $goOn);
        $table = $table->apartFor(...$found);
        $settled = $room < 1
                ? []
                : Settle::down(
                    $table,
                    $found,
                    config()->integer('share-out.steps'),
                    static fn (int $step): bool => $goOn(count($found)),
                );
        $composed = Composer::on($table, $settled);
        $cards = $wishes->insides ? Insides::lined($table, $composed) : $composed;
        $after = $table->after(...$cards);

        return [[...$pinned, ...$cards], count($cards) < $room ? $after : null, Bound::on($after->everythingApart())];
    }

    /**
     * Cards of which some parts are pinned, with the rest of their papers chosen anew.
     *
     * @param  list<int>  $stays
     * @return list<CoreCard>
     */
    private static function pinned(TableState $state, array $stays, Table $table): array
    {
        $cards = [];
        foreach ($state->cards->except($stays) as $card) {
            $parts = $card->pinnedParts();
            if ($parts === []) {
                continue;
            }
            $core = $card->toCore();
            $bare = $core->fitted(
                array_values(
                    array_filter(
                        $core->takings,
                        static fn ($taking): bool => $taking->size === null || in_array($taking->part, $parts, true),
                    ),
                ),
            );
            $cards[] = $new = Refit::on($table)->card($bare, []);
            $table = $table->after($new);
        }

        return $cards;
    }

    /**
     * What no share-out takes apart: cards that are begun or pinned, and unless all is made anew those that lack nothing,
     * as far as so many are asked for.
     *
     * @return list<int>
     */
    private static function staying(TableState $state, Solve $solve): array
    {
        $short = collect($state->shorts())->flatten()->pluck('id', 'card_id');
        $fixed = $state->cards->whereIn('id', $state->fixed());
        $whole = $solve->is_anew ? $fixed : $state->cards->filter(static fn (Card $card): bool => $fixed->has($card->id)
            || (! $short->has($card->id) && $state->frontOf($card)->lacks === []));
        $room = max(0, $solve->cards - $fixed->count());

        return [...$fixed->keys()->all(), ...$whole->diffKeys($fixed)->take($room)->keys()->all()];
    }

    /** @return Closure(int): bool */
    private static function progress(Solve $solve, int $there): Closure
    {
        return static function (int $done) use ($solve, $there): bool {
            Solve::query()->whereKey($solve->id)->update(['done' => $there + $done]);

            return Solve::query()->whereKey($solve->id)->value('state') !== SolveState::Stopping;
        };
    }

    /**
     * The cards that would do for a man, as many as were asked for and do not lie there already.
     *
     * @param  list<CoreCard>  $cards
     * @param  list<int>  $stays
     * @return list<int> their numbers
     */
    private static function forMen(TableState $state, array $cards, array $stays): array
    {
        $there = $state->cards->whereIn('id', $stays)->where('is_for_a_man', true)->count();

        $wanted = max(0, ($state->kit->wanted[SpreadGaps::MAN] ?? 0) - $there);

        return ForAMan::among($cards, $state->tableWith([])->apartFor(...$cards), $wanted);
    }

    /** The stash and the same words twice: what cards are added with later, and the ticks on the page. */
    private static function remember(Solve $solve): void
    {
        $solve->kit->update([
            'uses_stash' => $solve->uses_stash,
            'wishes' => [...$solve->kit->wishes, 'words' => $solve->words->value],
        ]);
    }

    /** @param  list<array<string, mixed>>  $records */
    private function lay(Solve $solve, array $records): void
    {
        $this->journal->act(
            $solve->kit,
            'Share out '.Wording::plural(count($records), 'card'),
            $solve->revision,
            function () use ($solve, $records): void {
                self::remember($solve);
                $this->cards->put($solve->kit, $records);
            },
        );
    }

    /**
     * @param  list<array<string, mixed>>  $records
     * @param  list<int>  $stays
     */
    private function propose(Solve $solve, array $records, array $stays): void
    {
        $kit = $solve->kit->refresh();
        if ($kit->revision !== $solve->revision) {
            throw StaleTable::since($kit);
        }
        Solution::query()->where('kit_id', $kit->id)->where('kind', SolutionKind::Proposed)->delete();
        Solution::query()->create([
            'kit_id' => $kit->id,
            'kind' => SolutionKind::Proposed,
            'name' => '',
            'cards' => $records,
            'stays' => $stays,
            'revision' => $kit->revision,
        ]);
    }

    /**
     * What was said or pinned of a card stays with its number.
     *
     * @param  list<CoreCard>  $cards
     * @param  list<int>  $forMen  numbers of cards
     * @return list<array<string, mixed>>
     */
    private static function records(Kit $kit, array $cards, array $forMen): array
    {
        $now = $kit->cards()->with('takings')->get()->keyBy('number');

        return array_map(static function (CoreCard $card) use ($now, $forMen): array {
            $record = [...CardRecord::write($card), 'is_for_a_man' => in_array($card->number, $forMen, true)];
            $pinned = $now->get($card->number)?->pinnedParts() ?? [];
            $takings = is_array($record['takings']) ? $record['takings'] : [];

            return $pinned === []
                ? $record
                : [
                    ...$record,
                    'takings' => array_map(
                        static fn (array $taking): array => [
                            ...$taking,
                            'is_pinned' => in_array($taking['part'], $pinned, true),
                        ],
                        $takings,
                    ),
                ];
        }, $cards);
    }

    private static function shortfall(Solve $solve, int $made, ?Table $after, ?Bound $bound): ?string
    {
        if ($after === null || $bound === null || $made >= $solve->cards) {
            return null;
        }
        $stop = Outlook::beyond($after);
        if ($stop === null) {
            return "$made of the $solve->cards cards asked for.";
        }
        $free = array_map(static fn (Relief $one): string => $one->says(), Relief::on($after));
        $additions = array_map(static fn ($addition): string => $addition->says(), $stop->additions);

        return sprintf(
            '%s %s%s Another needs %s. %s%s',
            $solve->cards === Wishes::MOST_CARDS
                ? "$made cards, as many as were found."
                : "$made of the $solve->cards cards asked for.",
            $bound->says(),
            $free === [] ? '' : ' What costs nothing: '.implode('; ', $free).'.',
            $stop->wants(),
            $stop->outlook(),
            $additions === [] ? '' : ' To add for '.implode('; for ', $additions).'.',
        );
    }
}
