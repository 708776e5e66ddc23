<?php

namespace App\Make;

use App\Models\Card;
use App\Models\Kit;
use App\Models\StepMark;
use App\Table\TableState;
use App\Table\Workbench;
use App\View\FrontView;
use App\View\GoodView;
use App\View\Page;
use App\Wording\Minutes;
use KeepShare\Core\Bench\Halt;
use KeepShare\Core\Bench\MakingPlan;
use KeepShare\Core\Bench\School;
use KeepShare\Core\Bench\Step;
use KeepShare\Core\Bench\StepKinds;

/**
 * The making in runs: what each school costs, the runs in order, what is drying, and how far each card is.
 *
 * @phpstan-import-type Front from FrontView
 * @phpstan-import-type Goods from GoodView
 *
 * @phpstan-type MakingRun array{label: string, tool: string, steps: int, cards: list<int>, time: string}
 * @phpstan-type DryingStep array{card: int, says: string, until: string, seconds: int}
 * @phpstan-type MakingCard array{
 *     id: int,
 *     front: Front,
 *     done: int,
 *     all: int,
 *     isMade: bool,
 *     isCut: bool,
 *     extra: int, // steps that were done and that it no longer needs
 * }
 * @phpstan-type SchoolCost array{school: string, says: string, setUps: int, time: string, spent: string, least: string, isChosen: bool}
 * @phpstan-type MakingHalt array{how: string, says: string, complete: list<int>, left: list<string>}
 */
final readonly class MakePage extends Page
{
    /**
     * @param  list<MakingRun>  $runs
     * @param  list<SchoolCost>  $schools
     * @param  list<DryingStep>  $drying
     * @param  list<MakingCard>  $cards
     * @param  Goods  $goods
     * @param  string  $minutes  as they were typed
     * @param  string  $fault  what is wrong with them
     * @param  list<MakingHalt>  $halts
     * @param  int  $marked  steps that were timed
     * @param  int  $paced  kinds of steps for which that tells the maker's own pace
     * @param  list<int>  $chosen  numbers of the cards that are planned; none for all
     */
    private function __construct(
        public int $made,
        public array $runs,
        public array $schools,
        public array $drying,
        public array $cards,
        public array $goods,
        public string $minutes,
        public string $fault,
        public array $halts,
        public int $marked,
        public int $paced,
        public array $chosen,
        public int $done,
        public int $steps,
    ) {
    }

    /** @param  list<int>  $numbers  of the cards that are planned; none for all */
    public static function of(Kit $kit, School $school, array $numbers, ?int $time, string $typed, string $fault): self
    {
        $state = TableState::of($kit);
        $bench = Workbench::of($state);
        $plans = array_combine(
            array_column(School::cases(), 'value'),
            array_map(static fn (School $one): MakingPlan => $bench->plan($one, null, $numbers), School::cases()),
        );
        /** @var list<MakingCard> $cards */
        $cards = array_values($state->cards->map(static fn (Card $card): array => self::card($card, $bench))->all());
        $plan = $time === null ? $plans[$school->value] : $bench->plan($school, 60 * $time, $numbers);

        return new self(
            $state->cards->whereNotNull('made_at')->count(),
            self::runs($plan),
            array_map(static fn (School $one): array => self::school($one, $plans[$one->value], $school), School::cases()),
            self::drying($bench),
            $cards,
            GoodView::all($state->core),
            $typed,
            $fault,
            $time === null ? [] : [
                self::halt('As far as there is time', Halt::latest($plan, 60 * $time), $plan),
                self::halt('With nothing wet or half glued', Halt::clean($plan, 60 * $time), $plan),
            ],
            array_sum(array_map(count(...), $bench->marked)),
            $bench->pace->own(),
            $numbers,
            array_sum(array_column($cards, 'done')),
            array_sum(array_column($cards, 'all')),
        );
    }

    /** @return list<MakingRun> */
    private static function runs(MakingPlan $plan): array
    {
        $runs = $plan->runs();
        $seconds = array_map(static fn (array $run): int => array_sum(array_column($run['steps'], 'seconds')), $runs);
        // They add up to the minutes of work shown above them.
        $minutes = Minutes::shares($seconds, self::spent($plan)[0]);

        return array_map(static function (array $run, int $minutes): array {
            $kinds = array_values(array_unique(array_column($run['steps'], 'kind')));
            $labels = array_map(static fn (string $kind): string => StepKinds::of($kind)?->label() ?? $kind, $kinds);
            $cards = array_values(array_unique(array_column($run['steps'], 'card')));
            sort($cards);

            return [
                'label' => implode(', ', [$labels[0], ...array_map(lcfirst(...), array_slice($labels, 1))]),
                'tool' => $run['tool']->name,
                'steps' => count($run['steps']),
                'cards' => $cards,
                'time' => $minutes === 0 ? 'under 1 min' : "$minutes min",
            ];
        }, $runs, $minutes);
    }

    /** @return array{int, int, int} whole minutes of work, of taking up tools and of waiting, which add up to those of all */
    private static function spent(MakingPlan $plan): array
    {
        [$work, $tools, $waiting] = Minutes::shares(array_values($plan->spent()), Minutes::whole($plan->order->seconds()));

        return [$work, $tools, $waiting];
    }

    /** @return SchoolCost */
    private static function school(School $school, MakingPlan $plan, School $chosen): array
    {
        return [
            'school' => $school->value,
            'says' => $school === School::Runs ? 'One tool at a time, for all cards' : 'One card after the other',
            'setUps' => $plan->order->setUps,
            'time' => Minutes::of($plan->order->seconds()),
            'spent' => sprintf('%d min of work, %d min of changing tools, %d min of waiting', ...self::spent($plan)),
            'least' => "no order has fewer than $plan->leastSetUps tool changes, or is done before ".Minutes::of($plan->leastSeconds),
            'isChosen' => $school === $chosen,
        ];
    }

    /** @return list<DryingStep> what is to be left alone, the first to be dry first */
    public static function drying(Workbench $bench, ?int $inHand = null): array
    {
        // For each card what is wet longest. The present card must not be left alone.
        $wet = $bench->marks->filter(static fn (StepMark $mark): bool => $mark->dry_at->isFuture() && $mark->card_id !== $inHand)
            ->sortBy('dry_at')
            ->keyBy('card_id');

        return array_values($wet->map(static function (StepMark $mark) use ($bench): array {
            return [
                'card' => $bench->numberOf($mark),
                'says' => StepKinds::of($mark->kind)?->label() ?? $mark->step,
                'until' => $mark->dry_at->toIso8601String(),
                'seconds' => max(0, (int) ceil(now()->diffInSeconds($mark->dry_at))),
            ];
        })->all());
    }

    /** @return MakingCard */
    private static function card(Card $card, Workbench $bench): array
    {
        $names = array_map(static fn (Step $step): string => $step->name(), $bench->steps[$card->id] ?? []);
        $done = array_keys($bench->doneOf($card));

        return [
            'id' => $card->id,
            'front' => FrontView::on($bench->state, $card),
            'done' => count(array_intersect($names, $done)),
            'all' => count($names),
            'isMade' => $card->made_at !== null,
            'isCut' => $card->isCut(),
            'extra' => count(array_diff($done, $names)),
        ];
    }

    /** @return MakingHalt */
    private static function halt(string $how, Halt $halt, MakingPlan $plan): array
    {
        $steps = array_column($plan->jobs->steps, null, 'id');
        $last = $halt->after === null ? null : $steps[$halt->after];
        $left = [];
        foreach ($halt->left as $card => $lies) {
            $left[$lies->value][] = $card;
        }

        return [
            'how' => $how,
            'says' => $last === null
                ? 'Nothing can be finished in that time.'
                : 'Stop after '.Minutes::of($halt->at).", with card $last->card: {$last->says}"
                    .($halt->dry > $halt->at ? ' All of it is dry '.Minutes::of($halt->dry).' from now.' : ''),
            'complete' => $halt->complete,
            'left' => array_map(
                static fn (array $cards, string $lies): string => "$lies: ".implode(', ', $cards),
                $left,
                array_keys($left),
            ),
        ];
    }
}
