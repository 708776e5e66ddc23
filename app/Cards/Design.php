<?php

namespace App\Cards;

use App\Acts\CannotAct;
use App\Cutting\CutPlans;
use App\Cutting\IsCut;
use App\Journal\Journal;
use App\Models\Card;
use App\Models\CardRecord;
use App\Models\Component;
use App\Models\Taking;
use App\Table\TableState;
use App\Wording\Wording;
use KeepShare\Core\Bench\Treat\Treatment;
use KeepShare\Core\Card\Card as CoreCard;
use KeepShare\Core\Card\Part\Accessories;
use KeepShare\Core\Card\Part\DiePart;
use KeepShare\Core\Card\Part\FocalPart;
use KeepShare\Core\Card\Part\LabelPart;
use KeepShare\Core\Card\Part\WordsPart;
use KeepShare\Core\Card\Taking as CoreTaking;
use KeepShare\Core\Card\Treated;
use KeepShare\Core\Design\Picture;
use KeepShare\Core\Design\Refit;
use KeepShare\Core\Fold\FoldKind;
use KeepShare\Core\Kit\Component as CoreComponent;
use KeepShare\Core\Kit\KitDesign;
use KeepShare\Core\Kit\KitDesigns;
use KeepShare\Core\Kit\SheetGood;
use KeepShare\Core\Kit\Stamp;
use KeepShare\Core\Measure\Length;
use KeepShare\Core\Measure\Size;
use KeepShare\Core\Refusal;
use KeepShare\Core\Sketch\Dim;
use KeepShare\Core\Sketch\Part;
use KeepShare\Core\Sketch\Sketch;

/** Changes the design of one card: its sketch, its measures, and what fills its parts. */
final readonly class Design
{
    public function __construct(private Journal $journal, private CutPlans $plans)
    {
    }

    /** @throws Refusal|CannotAct */
    public function sketch(Card $card, Sketch $sketch, ?int $revision): void
    {
        $this->refit(
            $card,
            "Change card $card->number to $sketch->name",
            $revision,
            $sketch,
            $card->toFront(),
            self::frameOf($card),
            $card->fold,
        );
    }

    /** Turns it from upright to lying, or back. */
    public function turn(Card $card, ?int $revision): void
    {
        $this->refit(
            $card,
            "Turn card $card->number",
            $revision,
            $card->toSketch(),
            $card->toFront()->turned(),
            self::frameOf($card),
            $card->fold,
        );
    }

    /** @param  Length|null  $frame nothing for a front covered to the edge; null as the sketch has it */
    public function frame(Card $card, ?Length $frame, ?int $revision): void
    {
        $name = $frame?->isZero() === true ? "Cover card $card->number to the edge" : "Frame card $card->number";
        $this->refit($card, $name, $revision, $card->toSketch(), $card->toFront(), $frame, $card->fold);
    }

    public function fold(Card $card, FoldKind $fold, ?int $revision): void
    {
        $this->refit(
            $card,
            "Make card $card->number a {$fold->label()}",
            $revision,
            $card->toSketch(),
            $card->toFront(),
            self::frameOf($card),
            $fold,
        );
    }

    public function measure(Card $card, Part $part, string $measure, Dim $dim, ?int $revision): void
    {
        $sketch = $card->toSketch()->with($part->id, $measure, $dim);
        // The frame of a card is the reveal of what lies on its front, so changing one changes the other.
        $isFrame = $measure === 'reveal' && $part->relation->isFrame();
        $this->refit(
            $card,
            "Change the $part->name of card $card->number",
            $revision,
            $sketch,
            $card->toFront(),
            $isFrame ? null : self::frameOf($card),
            $card->fold,
        );
    }

    /**
     * Fills one part from another component. If none of it is left, that row is short.
     *
     * @param  int|null  $quantity  of what is counted; null for as many as the part had, or as it takes at a time
     *
     * @throws IsCut when the part is cut already
     */
    public function fill(Card $card, string $part, string $component, int $face, ?int $revision, ?int $quantity = null): void
    {
        $good = $card->kit->onTable()->find(Component::idOfCore($component))?->toCore() ?? abort(422);
        $this->journal->within($card->kit, "Take $good->name for card $card->number", $revision, function () use (
            $card,
            $part,
            $good,
            $face,
            $quantity,
        ): void {
            $old = $card->takings->firstWhere('part', $part);
            if ($old?->sheet_id !== null) {
                throw IsCut::part($card->partName($part));
            }
            if (! $good->good instanceof SheetGood) {
                $this->stick($card, $part, $good, $old, $quantity ?? self::usual($card, $part, $good, $old));

                return;
            }
            $size = $old?->size() ?? $card->toCore()->cutOf($part, $card->kit->unit) ?? abort(422);
            $shown = $good->good->faces()[$face] ?? abort(422);
            $role = $card->toCore()->layout($card->kit->unit)->part($part)?->part->role;
            $with = CoreTaking::piece($good->id, $part, $size, $face, $shown->mayTurnAs($role));
            $this->write($card, [$with], array_filter([$old]));
        });
    }

    /** Takes one more or one fewer of what is counted. */
    public function quantity(Card $card, Taking $taking, int $quantity, ?int $revision): void
    {
        $component = $taking->loadMissing('component')->component;
        $many = Wording::count($component->toCore(), $quantity, $card->kit->unit);
        $this->journal->within(
            $card->kit,
            "Take $many ".($component->kind->isByLength() ? 'of ' : '')."$component->name for card $card->number",
            $revision,
            static function () use ($card, $taking, $quantity): void {
                self::refuseUsed($card, $taking);
                $taking->update(['quantity' => $quantity]);
            },
        );
    }

    /**
     * Adds a treatment to a part, or removes it.
     *
     * @param  string|null  $tool  the id of a component; null where it needs none
     */
    public function treat(Card $card, Taking $taking, Treatment $treatment, bool $isOn, ?string $tool, string $option, ?int $revision): void
    {
        $part = $card->partName($taking->part);
        $others = array_values(array_filter($taking->treated ?? [], static fn (array $one): bool => $one['treatment'] !== $treatment->key));
        $treated = $isOn ? [...$others, Treated::by($treatment->key, $tool, $option)->write()] : $others;
        $this->journal->act(
            $card->kit,
            $isOn ? "The $part of card $card->number: $treatment->done" : "The $part of card $card->number: not $treatment->done",
            $revision,
            static fn () => $taking->update(['treated' => $treated === [] ? null : $treated]),
        );
    }

    /** Removes what a part has. */
    public function leaveOff(Card $card, Taking $taking, ?int $revision): void
    {
        $this->journal->within(
            $card->kit,
            "Take the {$card->partName($taking->part)} off card $card->number",
            $revision,
            function () use ($card, $taking): void {
                if ($taking->sheet_id !== null) {
                    throw IsCut::part($card->partName($taking->part));
                }
                $label = $taking->part === WordsPart::ID
                        ? $card->takings->first(
                            static fn (Taking $other): bool => $other->part === LabelPart::ID
                                && $other->sheet_id === null,
                        )
                        : null;
                $this->write($card, [], array_filter([$taking, $label]));
            },
        );
    }

    /**
     * Makes it a set with copies, each with papers and a base of its own. If there is not enough, rows are short.
     *
     * @return string what was made, and what is missing for it
     */
    public function copies(Card $card, int $copies, ?int $revision): string
    {
        $kit = $card->kit;
        $this->journal->act($kit, "Make card $card->number a set of $copies", $revision, function () use ($card, $kit, $copies): void {
            $core = $card->toCore();
            $set = $card->set ?? $card->id;
            $others = $kit->cards()->where('set', $set)->whereKeyNot($card->id)->with('takings')->orderByDesc('number')->get();
            $card->update(['set' => $copies > 1 ? $set : null]);
            foreach ($others->slice(0, max(0, $others->count() + 1 - $copies)) as $spare) {
                $this->takeApart($spare);
            }
            for ($have = min($others->count() + 1, $copies); $have < $copies; $have++) {
                // Copies the design only. Notes on the one card are not true of the other.
                $design = [...CardRecord::write($core, $card->is_bonus), 'is_for_a_man' => $card->is_for_a_man];
                $copy = CardRecord::read([...$design, 'number' => $kit->nextNumber(), 'set' => $set])->unsetRelation('takings');
                $copy->fill(['kit_id' => $kit->id])->save();
                $this->write($copy, $core->takings, []);
            }
        });
        $lacking = Shortages::said(TableState::of($kit->refresh()));

        $made = "Card $card->number is ".($copies === 1 ? 'one of its kind.' : "a set of $copies.");

        return $lacking === '' ? $made : "$made Missing now: $lacking.";
    }

    /**
     * Stores the card as a design of its kit, or removes that design.
     *
     * @throws CannotAct when the kit has not all it takes, or it is no design that can be followed
     */
    public function keepForKit(Card $card, ?int $revision): void
    {
        $kit = $card->kit;
        $core = $card->toCore();
        $others = array_values(array_filter($kit->designs(), static fn (KitDesign $design): bool => ! $core->follows($design)));
        $isKept = count($others) < count($kit->designs());
        $name = sprintf(
            '%s on %s',
            Component::query()->find($card->takings->firstWhere('part', FocalPart::ID)?->component_id)->name ?? '',
            lcfirst($core->sketch->name),
        );
        $kept = $isKept ? [] : [$core->asDesign($name) ?? throw NoDesign::card($card->number)];
        $keys = $kit
            ->components()
            ->get()
            ->mapWithKeys(static fn (Component $one): array => [$one->coreId() => $one->key])
            ->all();
        $designs = array_map(
            static fn (KitDesign $design): KitDesign => $design->renamed($keys)
                ?? throw NoDesign::card($card->number),
            [...$others, ...$kept],
        );
        $this->journal->act(
            $kit,
            $isKept
                ? "Keep card $card->number as a design no longer"
                : "Keep card $card->number as a design of the kit",
            $revision,
            static fn () => $kit->update(['designs' => KitDesigns::write($designs)]),
        );
    }

    private function refit(Card $card, string $name, ?int $revision, Sketch $sketch, Size $front, ?Length $frame, FoldKind $fold): void
    {
        $this->journal->act($card->kit, $name, $revision, function () use ($card, $sketch, $front, $frame, $fold): void {
            $old = $card->toCore();
            $wanted = CoreCard::of($card->number, $sketch, $front, $card->occasion, $old->takings, $frame, $fold, $card->set);
            $new = Refit::on(TableState::of($card->kit)->tableWithout($card))->card($wanted, $card->cutParts());
            $card->update([
                ...Card::keeps($sketch),
                'front_width' => $front->width->units,
                'front_height' => $front->height->units,
                'frame' => $frame?->units,
                'fold' => $fold,
            ]);
            $gone = $card->takings->filter(
                static fn (Taking $taking): bool => $taking->sheet_id === null
                    && $taking->toCore() != $new->taking($taking->part),
            );
            $this->write(
                $card,
                array_filter(
                    $new->takings,
                    static fn (CoreTaking $taking): bool => $taking != $old->taking($taking->part),
                ),
                $gone->all(),
            );
        });
    }

    /**
     * Replaces takings within an act.
     *
     * @param  iterable<CoreTaking>  $takings
     * @param  iterable<Taking>  $gone
     *
     * @throws IsCut where one that goes is cut, or on the card already
     */
    public function exchange(Card $card, iterable $takings, iterable $gone): void
    {
        foreach ($gone as $taking) {
            if ($taking->sheet_id !== null) {
                throw IsCut::part($card->partName($taking->part));
            }
        }
        $this->write($card, $takings, $gone);
    }

    /**
     * Replaces takings, and plans again what is cut.
     *
     * @param  iterable<CoreTaking>  $takings
     * @param  iterable<Taking>  $gone
     */
    private function write(Card $card, iterable $takings, iterable $gone): void
    {
        $touched = [];
        foreach ($gone as $taking) {
            self::refuseUsed($card, $taking);
            $touched[$taking->component_id] = $taking->component_id;
            $taking->delete();
        }
        foreach ($takings as $taking) {
            $record = Taking::query()->create(['card_id' => $card->id, ...Taking::keeps($taking)]);
            $touched[$record->component_id] = $record->component_id;
        }
        $this->plans->refresh($touched);
        $card->unsetRelation('takings');
    }

    /** As many as the part had, or for ribbon as much as the part takes. */
    private static function usual(Card $card, string $part, CoreComponent $good, ?Taking $old): int
    {
        $wasByLength = $old?->component()->first()?->kind->isByLength() === true;
        if ($good->kind()->isByLength()) {
            return $wasByLength ? $old->quantity : Accessories::find($part)?->length($card->toCore(), $card->kit->unit)->units ?? 1;
        }

        return $wasByLength ? 1 : max(1, $old->quantity ?? 1);
    }

    /** Replaces a picture, words, gems, a base or an envelope. */
    private function stick(Card $card, string $part, CoreComponent $good, ?Taking $old, int $quantity): void
    {
        $gone = array_filter([$old]);
        $new = [CoreTaking::some($good->id, $part, $good->isEndless() ? 0 : $quantity)];
        if ($part === FocalPart::ID) {
            // The die that cut the old piece is no longer needed.
            $gone = array_filter([$old, $card->takings->firstWhere('part', DiePart::ID)]);
        }
        if ($part === WordsPart::ID) {
            $label = $card->takings->firstWhere('part', LabelPart::ID);
            $gone = array_filter([$old, $label?->sheet_id === null ? $label : null]);
            $stamp = $good->good instanceof Stamp ? $good->good : null;
            $stock = $label?->toCore();
            if ($stamp !== null && $stock !== null) {
                $new[] = CoreTaking::piece($stock->component, LabelPart::ID, $stamp->label($card->kit->unit), $stock->face, true);
            }
        }
        $this->write($card, $new, $gone);
    }

    /**
     * Within an act.
     *
     * @throws IsCut when something is cut for it
     */
    public function takeApart(Card $card): void
    {
        if ($card->isBegun()) {
            throw IsCut::card($card->number);
        }
        $this->write($card, [], $card->takings);
        $card->forget();
    }

    /** @throws IsCut where it is on the card already */
    private static function refuseUsed(Card $card, Taking $taking): void
    {
        if ($taking->used_by !== null) {
            throw IsCut::used($card->partName($taking->part), $card->number);
        }
    }

    private static function frameOf(Card $card): ?Length
    {
        return $card->frame === null ? null : Length::ofUnits($card->frame);
    }
}
