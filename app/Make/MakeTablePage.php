<?php

namespace App\Make;

use App\Models\Kit;
use App\Models\Taking;
use App\Table\TableState;
use App\Table\Workbench;
use App\View\FrontView;
use App\View\GoodView;
use App\View\Page;
use App\Wording\Minutes;
use KeepShare\Core\Bench\CardAtBench;
use KeepShare\Core\Bench\Mends;
use KeepShare\Core\Bench\School;
use KeepShare\Core\Bench\Step;
use KeepShare\Core\Bench\StepKinds;
use KeepShare\Core\Card\CardGroup;
use KeepShare\Core\Kit\Component;

/**
 * One step, readable from a distance: what goes where, with what, and what comes next.
 *
 * @phpstan-import-type DryingStep from MakePage
 * @phpstan-import-type Extent from GoodView
 * @phpstan-import-type Front from FrontView
 * @phpstan-import-type Goods from GoodView
 *
 * @phpstan-type MiddleOnFront array{x: int, y: int, fromLeft: string, fromBelow: string}
 * @phpstan-type PlaceOnFront array{
 *     x: int,
 *     y: int,
 *     size: Extent,
 *     left: int, // how far from what carries it
 *     top: int,
 *     fromLeft: string,
 *     fromTop: string,
 *     middle: MiddleOnFront|null, // of a piece of the group: the step measures it to there
 * }
 * @phpstan-type StepInHand array{
 *     card: int,
 *     id: int, // of the card
 *     step: string,
 *     label: string,
 *     says: string,
 *     tool: string,
 *     surface: string,
 *     isSetUp: bool, // another tool than that of the step before
 *     time: string,
 *     wait: string,
 *     cautions: list<string>,
 *     front: Front,
 *     at: PlaceOnFront|null,
 *     run: string, // "step 4 of 9"
 *     wet: int, // seconds until what comes before it is dry
 *     isCut: bool,
 *     spoils: int|null, // the taking of the piece it is about, where that is cut
 * }
 * @phpstan-type StepToCome array{card: int, says: string}
 */
final readonly class MakeTablePage extends Page
{
    /**
     * @param  StepInHand|null  $step  null where all is done
     * @param  list<StepToCome>  $next
     * @param  list<DryingStep>  $drying
     * @param  Goods  $goods
     * @param  string|null  $last  what was done last; null where nothing can be taken back
     * @param  int|null  $only  the id of the card that alone is made
     * @param  list<string>|null  $ways  out, where the step went wrong; null where it did not
     * @param  list<int>  $chosen  numbers of the cards that are made; none for all
     */
    private function __construct(
        public ?array $step,
        public array $next,
        public array $drying,
        public array $goods,
        public int $made,
        public int $cards,
        public string $left,
        public ?string $last,
        public string $school,
        public ?int $only,
        public ?array $ways,
        public array $chosen,
    ) {
    }

    /** @param  list<int>  $numbers  of the cards that are made; none for all */
    public static function of(Kit $kit, School $school, ?int $only, array $numbers, bool $isWrong): self
    {
        $state = TableState::of($kit);
        $bench = Workbench::of($state);
        $card = $only === null ? null : $state->cards->get($only);
        $plan = $bench->plan($school, null, $numbers);
        $steps = array_map(static fn (int $n): Step => $plan->jobs->steps[$n], $plan->order->steps);
        $own = $card === null ? $steps : array_values(array_filter($steps, static fn (Step $step): bool => $step->card === $card->number));
        $now = self::now($own, $bench);
        $last = $bench->marks->last();
        $coming = array_slice(array_filter($own, static fn (Step $step): bool => $step !== $now), 0, 3);

        return new self(
            $now === null ? null : self::inHand($now, $own, $bench, $last?->step),
            array_map(static fn (Step $step): array => ['card' => $step->card, 'says' => $step->says], $coming),
            MakePage::drying($bench, $now === null ? null : self::workedOn($now, $bench)),
            GoodView::all($now === null ? [] : self::goodsOf($bench->cards[$bench->cardNumbered($now->card)->id])),
            $state->cards->whereNotNull('made_at')->count(),
            $state->cards->count(),
            Minutes::of($plan->order->seconds()),
            $last === null ? null : "card {$bench->numberOf($last)}",
            $school->value,
            $card?->id,
            $isWrong && $now !== null ? self::ways($now, $bench) : null,
            $numbers,
        );
    }

    /** The present card. Null if its step waits for drying. */
    private static function workedOn(Step $step, Workbench $bench): ?int
    {
        $card = $bench->cardNumbered($step->card);

        return $bench->waitsFor($card, $step) === null ? $card->id : null;
    }

    /**
     * The first step in turn that touches nothing wet. If everything is wet, what dries first.
     *
     * @param  list<Step>  $steps  in the order of the plan
     */
    private static function now(array $steps, Workbench $bench): ?Step
    {
        $open = array_column($steps, 'id', 'id');
        $soonest = null;
        foreach ($steps as $step) {
            if (array_intersect_key($open, array_flip($step->after)) !== []) {
                continue;
            }
            $wet = $bench->waitsFor($bench->cardNumbered($step->card), $step);
            if ($wet === null) {
                return $step;
            }
            $soonest = $soonest === null || $wet->dry_at->isBefore($soonest[0]) ? [$wet->dry_at, $step] : $soonest;
        }

        return $soonest[1] ?? null;
    }

    /**
     * @param  list<Step>  $steps
     * @param  string|null  $last  the name of the step before it
     * @return StepInHand
     */
    private static function inHand(Step $step, array $steps, Workbench $bench, ?string $last): array
    {
        $card = $bench->cardNumbered($step->card);
        $wet = $bench->waitsFor($card, $step);
        $run = array_values(array_filter($steps, static fn (Step $one): bool => $one->tool->key === $step->tool->key));
        $taking = $card->takings->firstWhere('part', $step->pieces[0]);

        return [
            'card' => $card->number,
            'id' => $card->id,
            'step' => $step->name(),
            'label' => StepKinds::of($step->kind)?->label() ?? $step->kind,
            'says' => $step->says,
            'tool' => $step->tool->name,
            'surface' => $step->tool->surface,
            'isSetUp' => self::toolOf($last, $bench) !== $step->tool->key,
            'time' => Minutes::of($step->seconds),
            'wait' => $step->wait === 0 ? '' : Minutes::of($step->wait),
            'cautions' => $step->cautions,
            'front' => FrontView::on($bench->state, $card),
            'at' => self::placed($step->pieces[0], $bench->cards[$card->id]),
            'run' => count($run) === 1 ? 'the last with this tool for now' : count($run).' with this tool to go',
            'wet' => $wet === null ? 0 : max(1, (int) ceil(now()->diffInSeconds($wet->dry_at))),
            'isCut' => $card->isCut(),
            'spoils' => $taking instanceof Taking && $taking->sheet_id !== null ? $taking->id : null,
        ];
    }

    /** @return array<string, Component> what one card is made of: all that is drawn */
    private static function goodsOf(CardAtBench $card): array
    {
        return array_intersect_key($card->components, array_flip(array_column($card->card->takings, 'component')));
    }

    /** @return list<string> */
    private static function ways(Step $step, Workbench $bench): array
    {
        $card = $bench->cards[$bench->cardNumbered($step->card)->id];

        return array_column(Mends::for($step, $card, $bench->state->table()), 'says');
    }

    private static function toolOf(?string $name, Workbench $bench): string
    {
        $mark = $bench->marks->last();
        foreach ($mark === null ? [] : $bench->steps[$mark->card_id] ?? [] as $step) {
            if ($step->name() === $name) {
                return $step->tool->key;
            }
        }

        return '';
    }

    /** @return PlaceOnFront|null where it lies, measured from what carries it */
    private static function placed(string $part, CardAtBench $card): ?array
    {
        $rect = $card->placeOf($part);
        if ($rect === null) {
            return null;
        }
        $laid = $card->layout->part($part);
        $reveals = $laid === null ? ['left' => $rect->x, 'top' => $rect->y] : $card->layout->reveals($laid);

        return [
            'x' => $rect->x->units,
            'y' => $rect->y->units,
            'size' => GoodView::size($rect->size),
            'left' => $reveals['left']->units,
            'top' => $reveals['top']->units,
            'fromLeft' => $reveals['left']->format($card->unit),
            'fromTop' => $reveals['top']->format($card->unit),
            'middle' => self::middle($part, $card),
        ];
    }

    /** @return MiddleOnFront|null measured as the step says it: from the left and the lower edge of the front */
    private static function middle(string $part, CardAtBench $card): ?array
    {
        $piece = $card->front->group?->piece($part);
        if ($piece === null) {
            return null;
        }
        [$left, $below] = CardGroup::fromEdges($piece, $card->layout->front);

        return [
            'x' => $left->units,
            'y' => $card->layout->front->height->units - $below->units,
            'fromLeft' => $left->format($card->unit),
            'fromBelow' => $below->format($card->unit),
        ];
    }
}
