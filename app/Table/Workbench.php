<?php

namespace App\Table;

use App\Models\Card;
use App\Models\Component;
use App\Models\Kit;
use App\Models\StepMark;
use Illuminate\Support\Collection;
use KeepShare\Core\Bench\CardAtBench;
use KeepShare\Core\Bench\MakingPlan;
use KeepShare\Core\Bench\Pace;
use KeepShare\Core\Bench\School;
use KeepShare\Core\Bench\Step;
use KeepShare\Core\Bench\StepKinds;
use KeepShare\Core\Sketch\CannotResolve;

/** The cards of a kit as they are made: their steps, those that are done, and the pace. */
final readonly class Workbench
{
    /** How many of the latest marks give the pace. */
    private const LATEST = 400;

    /**
     * @param  array<int, CardAtBench>  $cards  by the id of the record
     * @param  array<int, list<Step>>  $steps  by the id of the card's record
     * @param  Collection<int, StepMark>  $marks  of these cards, the latest last
     * @param  array<string, list<int>>  $marked  how long single steps took, by kind
     */
    private function __construct(
        public TableState $state,
        public array $cards,
        public array $steps,
        public Collection $marks,
        public array $marked,
        public Pace $pace,
    ) {
    }

    public static function of(TableState $state): self
    {
        $marked = self::marked();
        $pace = Pace::learnt($marked);
        $cards = $steps = [];
        foreach ($state->cards as $card) {
            try {
                $cards[$card->id] = CardAtBench::laid($state->frontOf($card), $state->core, $state->kit->unit);
            } catch (CannotResolve) {
                // The card's page says which part does not fit. Until that is mended it cannot be made.
                continue;
            }
            $steps[$card->id] = array_map($pace->paced(...), StepKinds::stepsOf($cards[$card->id]));
        }
        $marks = StepMark::query()->whereIn('card_id', $state->cards->keys())->orderBy('done_at')->orderBy('id')->get();

        return new self($state, $cards, $steps, $marks, $marked, $pace);
    }

    /**
     * The remaining steps of one card, read without the rest of the table.
     *
     * @return array<string, Step> by name
     */
    public static function leftOfAlone(Card $card): array
    {
        $tools = array_column(array_merge([], ...$card->takings->pluck('treated')->filter()->values()->all()), 'tool');
        $ids = [...$card->takings->pluck('component_id')->all(), ...array_map(Component::idOfCore(...), array_filter($tools))];
        $core = [];
        foreach (Component::query()->whereKey($ids)->get() as $component) {
            $core[$component->coreId()] = $component->toCore();
        }
        try {
            $steps = StepKinds::stepsOf(CardAtBench::of($card->toCore(), $core, $card->kit->unit));
        } catch (CannotResolve) {
            return [];
        }
        $named = array_column(array_map(static fn (Step $step): array => [$step->name(), $step], $steps), 1, 0);

        return array_diff_key($named, StepMark::query()->where('card_id', $card->id)->pluck('id', 'step')->all());
    }

    /** @return array<string, StepMark> what is done of a card, by the name of the step */
    public function doneOf(Card $card): array
    {
        /** @var array<string, StepMark> $done */
        $done = $this->marks->where('card_id', $card->id)->keyBy('step')->all();

        return $done;
    }

    /** @return list<Step> what is still to be done to a card */
    public function leftOf(Card $card): array
    {
        $done = $this->doneOf($card);

        return array_values(array_filter(
            $this->steps[$card->id] ?? [],
            static fn (Step $step): bool => ! isset($done[$step->name()]),
        ));
    }

    /**
     * @param  list<int>  $numbers  of the cards; none for all
     * @return list<Step>
     */
    public function left(array $numbers = []): array
    {
        $cards = $this->state->cards->filter(static fn (Card $card): bool => $numbers === [] || in_array($card->number, $numbers, true));

        return array_merge([], ...array_values($cards->map($this->leftOf(...))->all()));
    }

    /** @param  list<int>  $numbers  of the cards; none for all */
    public function plan(School $school, ?int $seconds = null, array $numbers = []): MakingPlan
    {
        $left = $this->left($numbers);

        return $seconds === null ? MakingPlan::of($left, $school) : MakingPlan::within($left, $school, $seconds);
    }

    public function cardNumbered(int $number): Card
    {
        return $this->state->cards->firstWhere('number', $number) ?? abort(404);
    }

    /** The number of the card that a step belongs to. */
    public function numberOf(StepMark $mark): int
    {
        return $this->state->cards->get($mark->card_id)->number ?? 0;
    }

    /** When everything before a step is dry. Null if it may be done now. */
    public function waitsFor(Card $card, Step $step): ?StepMark
    {
        $done = $this->doneOf($card);
        $wet = null;
        foreach ($step->after as $id) {
            $mark = $done[Step::nameIn($id)] ?? null;
            $isWet = $mark !== null && $mark->dry_at->isFuture();
            $wet = $isWet && ($wet === null || $mark->dry_at->isAfter($wet->dry_at)) ? $mark : $wet;
        }

        return $wet;
    }

    /** @return array<string, list<int>> */
    private static function marked(): array
    {
        $marked = [];
        foreach (StepMark::query()->whereNotNull('seconds')->orderByDesc('id')->limit(self::LATEST)->get(['kind', 'seconds']) as $mark) {
            $marked[$mark->kind][] = (int) $mark->seconds;
        }

        return $marked;
    }
}
