<?php

namespace App\Make;

use App\Acts\OptionExpired;
use App\Cutting\CutPlans;
use App\Journal\Journal;
use App\Models\Card;
use App\Models\Component;
use App\Models\Kit;
use App\Models\LedgerEntry;
use App\Models\LedgerReason;
use App\Models\Sheet;
use App\Models\SheetState;
use App\Models\StepMark;
use App\Models\Taking;
use App\Table\TableState;
use App\Table\Workbench;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Carbon;
use KeepShare\Core\Bench\Mend;
use KeepShare\Core\Bench\Mends;
use KeepShare\Core\Bench\Step;

/** Marks steps as done, and takes them back. Counted things are used up with the step that uses them. */
final readonly class MakeCards
{
    /** More seconds than this were not spent on the step. */
    private const PAUSE = 900;

    private const HASTE = 3;

    public function __construct(private Journal $journal, private CutPlans $plans)
    {
    }

    /**
     * @param  string  $name  of the step, without the number of its card
     *
     * @throws StepOutOfOrder
     */
    public function done(Kit $kit, Card $card, string $name, ?int $revision): Step
    {
        $steps = Workbench::leftOfAlone($card->loadMissing('kit', 'takings'));
        $step = $steps[$name] ?? throw StepOutOfOrder::gone();
        foreach ($step->after as $id) {
            $before = $steps[Step::nameIn($id)] ?? null;
            if ($before !== null) {
                throw StepOutOfOrder::first($before);
            }
        }
        $act = "Done on card $card->number: ".self::short($step);
        $this->journal->act($kit, $act, $revision, function () use ($kit, $card, $step, $steps): void {
            $now = Carbon::now();
            if (StepMark::query()->where('card_id', $card->id)->where('step', $step->name())->exists()) {
                // Somebody else was quicker, between the look at the table and the lock on it.
                throw StepOutOfOrder::gone();
            }
            StepMark::query()->create([
                'card_id' => $card->id,
                'step' => $step->name(),
                'kind' => $step->kind,
                'seconds' => self::took($kit, $now),
                'done_at' => $now,
                'dry_at' => $now->copy()->addSeconds($step->wait),
            ]);
            $card->update([
                'begun_at' => $card->begun_at ?? $now,
                'made_at' => count($steps) === 1 ? $now : null,
            ]);
            $this->use($card, $step);
        });

        return $step;
    }

    /**
     * Takes back the last step that was done to a card of the kit.
     *
     * @throws StepOutOfOrder
     */
    public function back(Kit $kit, ?int $revision): Card
    {
        $mark = self::marks($kit)->latest('done_at')->latest('id')->first() ?? throw StepOutOfOrder::nothingDone();
        $card = $kit->cards()->with('takings')->findOrFail($mark->card_id);
        $this->journal->act($kit, "Take the last step of card $card->number back", $revision, function () use ($mark, $card): void {
            foreach ($card->takings->where('used_by', $mark->step) as $taking) {
                // What the step used is there again.
                $this->enter($taking->component_id, $taking->quantity);
                $taking->update(['used_by' => null]);
            }
            $mark->delete();
            $isLast = StepMark::query()->where('card_id', $card->id)->doesntExist();
            $card->update(['made_at' => null, 'begun_at' => $isLast ? null : $card->begun_at]);
        });

        return $card;
    }

    /**
     * Mends a step that went wrong: what was spoiled is removed, and the card takes what mends it. It is worked out
     * again from what is there, so a way that is gone is refused.
     *
     * @throws OptionExpired
     */
    public function mend(Kit $kit, Card $card, string $name, string $says, ?int $revision): void
    {
        $mend = array_column(self::ways($kit, $card, $name), null, 'says')[$says] ?? throw OptionExpired::since();
        $takes = $mend->takes ?? throw OptionExpired::since();
        $old = $card->takings()->where('part', $takes->part)->first();
        $this->journal->act($kit, "Card $card->number: ".lcfirst($says), $revision, function () use ($card, $takes, $old): void {
            $touched = array_filter([$old?->component_id, Component::idOfCore($takes->component)]);
            if ($old?->sheet_id !== null) {
                Sheet::query()->findOrFail($old->sheet_id)->update(['state' => SheetState::Spoiled]);
            }
            if ($old !== null && $old->width === null) {
                // What was already put on the card comes off it, and is spoiled.
                if ($old->used_by !== null) {
                    $this->enter($old->component_id, $old->quantity);
                }
                LedgerEntry::query()->create([
                    'component_id' => $old->component_id,
                    'delta' => -$old->quantity,
                    'reason' => LedgerReason::Spoiled,
                ]);
            }
            // What was done to the old piece must be done to the new one.
            $done = StepMark::query()->where('card_id', $card->id)->where('step', 'like', "%/$takes->part");
            $done->get()->each->delete();
            $of = ['card_id' => $card->id, 'part' => $takes->part];
            Taking::query()->updateOrCreate($of, [...Taking::keeps($takes), 'sheet_id' => null, 'used_by' => null]);
            $this->plans->refresh(array_combine($touched, $touched));
        });
    }

    /** @return list<Mend> what can be done where a step went wrong */
    public static function ways(Kit $kit, Card $card, string $name): array
    {
        $bench = Workbench::of(TableState::of($kit));
        foreach ($bench->leftOf($card) as $step) {
            if ($step->name() === $name) {
                return Mends::for($step, $bench->cards[$card->id], $bench->state->table());
            }
        }

        return [];
    }

    /** Drops the maker's own minutes, so that those of the craft are used again. */
    public function forgetPace(Kit $kit, ?int $revision): void
    {
        $this->journal->act($kit, 'Use the usual minutes again', $revision, static function (): void {
            StepMark::query()->whereNotNull('seconds')->get()->each->update(['seconds' => null]);
        });
    }

    /** What is counted and used with a step. */
    private function use(Card $card, Step $step): void
    {
        foreach ($card->takings as $taking) {
            $isCounted = $taking->width === null && $taking->quantity > 0;
            if ($isCounted && $taking->used_by === null && in_array($taking->part, $step->uses, true)) {
                $this->enter($taking->component_id, -$taking->quantity);
                $taking->update(['used_by' => $step->name()]);
            }
        }
    }

    private function enter(int $component, int $delta): void
    {
        LedgerEntry::query()->create(['component_id' => $component, 'delta' => $delta, 'reason' => LedgerReason::Used]);
    }

    /** Seconds since the step before it, if the maker has been working all the time. */
    private static function took(Kit $kit, Carbon $now): ?int
    {
        $last = self::marks($kit)->max('done_at');
        $seconds = is_string($last) ? (int) abs(Carbon::parse($last)->diffInSeconds($now)) : 0;

        return $seconds >= self::HASTE && $seconds <= self::PAUSE ? $seconds : null;
    }

    /** @return Builder<StepMark> */
    private static function marks(Kit $kit): Builder
    {
        return StepMark::query()->whereIn('card_id', $kit->cards()->select('id'));
    }

    private static function short(Step $step): string
    {
        return mb_strimwidth(rtrim($step->says, '.'), 0, 60, '…');
    }
}
