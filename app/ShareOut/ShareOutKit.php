<?php

namespace App\ShareOut;

use App\Cards\PlaceCards;
use App\Jobs\Queue;
use App\Jobs\RunTask;
use App\Jobs\Task;
use App\Jobs\Worker;
use App\Journal\Journal;
use App\Journal\StaleTable;
use App\Models\Card;
use App\Models\CardRecord;
use App\Models\Kit;
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
use KeepShare\Core\Outlook\FullShareOut;
use KeepShare\Core\Outlook\PinnedCard;
use KeepShare\Core\Share\ForAMan;
use KeepShare\Core\Sketch\Least;
use KeepShare\Core\Table\Bound;
use KeepShare\Core\Table\CannotShare;
use KeepShare\Core\Table\PinIsGone;
use KeepShare\Core\Table\Preferences;
use KeepShare\Core\Table\Table;
use KeepShare\Core\Table\WordsAgain;

/**
 * Shares a kit out over cards, in the background. The first share-out is put on the table at once. A later one is
 * proposed beside the present one, and replaces it when it is accepted.
 */
final readonly class ShareOutKit implements Task
{
    private const STOPPED = 'The share-out was stopped before it found a card. Nothing was changed.';

    public function __construct(private Journal $journal, private PlaceCards $cards)
    {
    }

    /**
     * @param  bool  $keeps  the cards that lack nothing stay too: further ones are made beside them
     * @param  int|null  $alike  no more cards on one sketch
     * @param  Least|null  $least  what every card must at least be; null as it is asked for with the kit
     *
     * @throws \KeepShare\Core\Refusal when the wishes contradict each other
     */
    public function request(
        Kit $kit,
        int $cards,
        bool $stash,
        WordsAgain $words,
        bool $keeps = false,
        ?int $alike = null,
        ?Least $least = null,
    ): Solve {
        $solve = new Solve([
            'kit_id' => $kit->id,
            'cards' => $cards,
            'uses_stash' => $stash,
            'words' => $words,
            'is_anew' => ! $keeps,
            'alike' => $alike,
            'least' => $least,
            'revision' => $kit->revision,
            'state' => SolveState::Waiting,
        ]);
        $this->check(TableState::of($kit), $solve->setRelation('kit', $kit)->wishes($cards));
        $solve->save();
        RunTask::later(self::class, $solve->id, Queue::ShareOuts);

        return $solve;
    }

    /** @throws PinIsGone when what is pinned is gone; CannotShare when there is nothing to make a first card of */
    private function check(TableState $state, Preferences $wishes): void
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
     * Stops the share-out under way and keeps the cards found so far. One without a worker, or not begun, ends at once.
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
        [$cards, $out] = $this->find($state, $stays, $solve);
        $made = count($stays) + count($cards);
        $message = self::message($solve, $made, $out);
        [$forMen, $missed] = self::forMen($state, $cards, $stays);
        $records = self::records($solve->kit, $cards, $forMen);
        $shortfalls = [...array_column($out->shortfalls(), 'says'), ...$missed];
        try {
            DB::transaction(function () use ($solve, $state, $records, $stays, $made, $message, $shortfalls): void {
                $state->cards->isEmpty() ? $this->lay($solve, $records) : $this->propose($solve, $records, $stays, $shortfalls);
                $this->move($solve, SolveState::Done, $message, $made, $shortfalls);
            });
        } catch (StaleTable $stale) {
            $this->move($solve, SolveState::Failed, $stale->getMessage());
        }
    }

    public function brokeOff(int $on): void
    {
        $solve = Solve::query()->find($on);
        if ($solve !== null) {
            $this->move($solve, SolveState::Failed, 'The share-out stopped unexpectedly. Nothing was changed. Try again.');
        }
    }

    /**
     * What has ended stays as it is.
     *
     * @param  list<string>  $shortfalls
     */
    private function move(Solve $solve, SolveState $state, ?string $message, ?int $done = null, array $shortfalls = []): void
    {
        $under = array_filter(SolveState::cases(), static fn (SolveState $one): bool => $one->isUnderWay());
        Solve::query()->whereKey($solve->id)->whereIn('state', $under)->update([
            'state' => $state,
            'message' => $message,
            'shortfalls' => json_encode($shortfalls, JSON_THROW_ON_ERROR),
            ...($done === null ? [] : ['done' => $done]),
        ]);
    }

    /**
     * Puts the proposal in the place of the cards that it does not keep.
     *
     * @throws StaleTable when the table has changed since it was found
     */
    public function accept(Kit $kit, Solution $proposal, int $revision): void
    {
        if ($proposal->revision !== $kit->revision) {
            throw StaleTable::since($kit);
        }
        DB::transaction(function () use ($kit, $proposal, $revision): void {
            $this->replace($kit, $proposal, 'Share out again', $revision);
            $proposal->delete();
        });
    }

    /** Puts a saved share-out in the place of the present one. Begun cards stay as they are. */
    public function takeUp(Kit $kit, Solution $kept, int $revision): void
    {
        $this->replace($kit, $kept, "Take up the share-out \"$kept->name\"", $revision);
    }

    private function replace(Kit $kit, Solution $solution, string $name, int $revision): void
    {
        $this->journal->act($kit, $name, $revision, function () use ($kit, $solution): void {
            if ($solution->asked !== null) {
                self::remember($kit, $solution->asked['stash'], $solution->asked['words']);
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
     * @return array{list<CoreCard>, FullShareOut} all new cards, and the share-out beside those of which parts are pinned
     */
    private function find(TableState $state, array $stays, Solve $solve): array
    {
        $wanted = $solve->cards - count($stays);
        $wishes = $solve->wishes($solve->cards);
        $table = $state->tableWith($stays, $wishes);
        $pinned = array_slice(self::pinned($state, $stays, $table), 0, max(0, $wanted));
        $room = max(0, $wanted - count($pinned));
        $out = FullShareOut::of(
            $table->after(...$pinned)->asking($wishes->forCards($room)),
            config()->integer('share-out.steps'),
            self::progress($solve, count($stays) + count($pinned)),
        );

        return [[...$pinned, ...$out->cards], $out];
    }

    /**
     * Cards with some pinned parts. Their other papers are chosen again.
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
            $cards[] = $new = PinnedCard::refilled($table, $card->toCore(), $parts);
            $table = $table->after($new);
        }

        return $cards;
    }

    /**
     * What no share-out takes apart: begun and pinned cards. If further cards are only added, complete cards stay too,
     * up to the number asked for.
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
     * The cards that would do for a man: as many as were asked for and are not there yet.
     *
     * @param  list<CoreCard>  $cards
     * @param  list<int>  $stays
     * @return array{list<int>, list<string>} their numbers; what is said where there are fewer
     */
    private static function forMen(TableState $state, array $cards, array $stays): array
    {
        $there = $state->cards->whereIn('id', $stays)->where('is_for_a_man', true)->count();
        $asked = $state->kit->wanted[SpreadGaps::MAN] ?? 0;
        $numbers = ForAMan::among($cards, $state->tableWith([])->apartFor(...$cards), max(0, $asked - $there));
        $have = $there + count($numbers);

        return [$numbers, $have >= $asked ? [] : [
            "Only $have of the $asked cards for a man you asked for. "
                .'The others have flowers, hearts or sprigs, or are for a wedding or a baby.',
        ]];
    }

    /**
     * Stores the stash and how often words may be used, for cards that are added later and for the ticks on the page.
     */
    private static function remember(Kit $kit, bool $stash, string $words): void
    {
        $kit->update(['uses_stash' => $stash, 'wishes' => [...$kit->wishes, 'words' => $words]]);
    }

    /** @param  list<array<string, mixed>>  $records */
    private function lay(Solve $solve, array $records): void
    {
        $this->journal->act(
            $solve->kit,
            'Share out '.Wording::plural(count($records), 'card'),
            $solve->revision,
            function () use ($solve, $records): void {
                self::remember($solve->kit, $solve->uses_stash, $solve->words->value);
                $this->cards->put($solve->kit, $records);
            },
        );
    }

    /**
     * @param  list<array<string, mixed>>  $records
     * @param  list<int>  $stays
     * @param  list<string>  $shortfalls
     */
    private function propose(Solve $solve, array $records, array $stays, array $shortfalls): void
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
            'asked' => ['stash' => $solve->uses_stash, 'words' => $solve->words->value, 'shortfalls' => $shortfalls],
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
            $old = $now->get($card->number);
            $pinned = $old?->pinnedParts() ?? [];
            $takings = is_array($record['takings']) ? $record['takings'] : [];

            return $pinned === []
                ? $record
                : [
                    ...$record,
                    'notes' => $old->notes ?? '',
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

    /** How many of the cards asked for there are, and what stops the next. */
    private static function message(Solve $solve, int $made, FullShareOut $out): ?string
    {
        if ($made >= $solve->cards) {
            return null;
        }
        $are = $solve->cards === Preferences::MOST_CARDS
            ? "$made cards, the most we found."
            : "$made of the $solve->cards cards asked for.";

        return "$are\n{$out->whyNoMore()}";
    }
}
