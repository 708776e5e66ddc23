<?php

namespace App\Cutting;

use App\Acts\NotEnough;
use App\Acts\OptionExpired;
use App\Journal\Journal;
use App\Models\CutPlan;
use App\Models\Kit;
use App\Models\Sheet;
use App\Models\SheetState;
use App\Models\Taking;
use App\Table\TableState;
use KeepShare\Core\Cut\Leaf;
use KeepShare\Core\Cut\Node;
use KeepShare\Core\Cut\SheetPlan;
use KeepShare\Core\Cut\Split;
use KeepShare\Core\Measure\Rect;
use KeepShare\Core\Measure\Size;
use KeepShare\Core\Tray\Noun;

/**
 * Turns scraps into standard parts, and back.
 *
 * The parts are on the tray at once, and cards use them like offcuts. Their cuts are added to those to be made. If a
 * scrap is still part of a sheet, the sheet is divided round it, and what cards take of the rest stays planned.
 */
final readonly class PartScraps
{
    public function __construct(private Journal $journal, private CutPlans $plans)
    {
    }

    /**
     * @param  array<string, SheetPlan>  $plans  how each scrap is cut, by its id among what is kept; pieces are named as
     *                                           standard parts are, or by card and part
     */
    public function part(Kit $kit, string $act, array $plans, ?int $revision): void
    {
        $this->journal->act($kit, $act, $revision, function () use ($plans): void {
            foreach (self::bySheet($plans) as $id => $own) {
                $this->divide(Sheet::query()->with(['plan', 'component'])->findOrFail($id), $own);
            }
        });
    }

    /**
     * Turns a standard part back into a scrap, with all that would have been cut with it if its cuts are still to be
     * made. It is refused if cards take something that would be gone.
     */
    public function back(Kit $kit, Sheet $part, int $revision): void
    {
        $this->journal->act($kit, "Turn parts of {$part->component->name} back into a scrap", $revision, function () use ($part): void {
            $from = Sheet::query()->with('plan')->find($part->parent_id ?? 0);
            if ($from?->state !== SheetState::Parted) {
                $part->update(['part' => null]);

                return;
            }
            $this->undo($from);
            if ($this->plans->refresh([$part->component_id => $part->component_id]) !== []) {
                throw NotEnough::of($part->component->name);
            }
        });
    }

    /**
     * Cuts out the middle of a part that no one will see, and puts it on the tray.
     *
     * @return Size what it gives
     *
     * @throws OptionExpired where the part is not cut, is glued on, or has lost its middle
     */
    public function middle(Kit $kit, Taking $taking, int $revision): Size
    {
        $middle = array_values(array_filter(
            Middles::of(TableState::of($kit)),
            static fn (Middles $one): bool => $one->taking->id === $taking->id && $one->isThere(),
        ))[0] ?? throw OptionExpired::scrap();
        $piece = Sheet::query()->findOrFail($taking->sheet_id);
        $this->journal->act(
            $kit,
            "Cut the middle out of the {$taking->partName()} of card $middle->card",
            $revision,
            static fn () => $piece->giving(Rect::whole($piece->size())->centred($middle->size), ['state' => SheetState::Open]),
        );

        return $middle->size;
    }

    /** Within an act: a sheet whose parts counted as separate becomes one sheet again, with nothing planned. */
    public function undo(Sheet $sheet): void
    {
        if ($sheet->state !== SheetState::Parted) {
            return;
        }
        foreach (Sheet::query()->where('parent_id', $sheet->id)->with('plan')->get() as $part) {
            $this->undo($part);
            $part->plan?->delete();
            $part->delete();
        }
        $sheet->plan?->update(['tree' => []]);
        $sheet->update(['state' => SheetState::Open]);
    }

    /**
     * @param  array<string, SheetPlan>  $plans
     * @return array<int, array<int|string, SheetPlan>> by sheet; under '' for the sheet as it lies, else by the place in its plan
     */
    private static function bySheet(array $plans): array
    {
        $by = [];
        foreach ($plans as $id => $plan) {
            [$sheet, $place] = [...explode('-', (string) $id, 2), ''];
            $by[(int) $sheet][$place] = $plan;
        }

        return $by;
    }

    /** @param  array<int|string, SheetPlan>  $plans */
    private function divide(Sheet $sheet, array $plans): void
    {
        $whole = SheetPlan::of($sheet->toStock(), Leaf::offcut(Rect::whole($sheet->size())));
        $planned = $sheet->plan?->setRelation('sheet', $sheet)->toCore() ?? $whole;
        $offcuts = $planned->offcuts();
        foreach ($plans as $place => $plan) {
            $offcut = $offcuts[$place === '' ? 0 : $place] ?? throw OptionExpired::scrap();
            if (! $offcut->rect()->size->equals($plan->stock->size)) {
                throw OptionExpired::scrap();
            }
            $planned = $planned->cuttingLike($offcut, $plan);
        }
        if ($planned->root instanceof Leaf && $planned->root->piece !== null) {
            // It is one part as it is.
            $sheet->update(['part' => self::noun($planned->root)]);

            return;
        }
        $tree = $this->parts($sheet, $planned->root);
        $sheet->update(['state' => SheetState::Parted]);
        $sheet->plan === null
            ? CutPlan::query()->create(['sheet_id' => $sheet->id, 'tree' => $tree])
            : $sheet->plan->update(['tree' => $tree]);
    }

    /** @return array<string, mixed> the tree of a part of a sheet, each leaf of it a sheet of its own */
    private function parts(Sheet $sheet, Node $node): array
    {
        $isForCards = array_filter($node->pieces(), is_numeric(...));
        if ($node instanceof Split && count($isForCards) < count($node->pieces())) {
            return [
                ...$node->toArray(),
                'first' => $this->parts($sheet, $node->first),
                'second' => $this->parts($sheet, $node->second),
            ];
        }
        $isPart = $node instanceof Leaf && $node->piece !== null && $isForCards === [];
        $part = $sheet->giving($node->rect(), [
            'state' => SheetState::Open,
            'part' => $isPart ? self::noun($node) : null,
            // What cards take from it is still to be cut, since it is part of a begun sheet.
            'in_hand_id' => $isForCards === [] ? null : $sheet->in_hand_id ?? $sheet->id,
        ]);
        if ($isForCards !== []) {
            CutPlan::query()->create(['sheet_id' => $part->id, 'tree' => $node->toArray()]);
        }

        return ['piece' => $part->idAsPart(), 'turned' => false];
    }

    private static function noun(Leaf $leaf): string
    {
        return Noun::of((string) $leaf->piece, $leaf->rect()->size);
    }
}
