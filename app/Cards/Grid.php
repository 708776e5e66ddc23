<?php

namespace App\Cards;

use App\Acts\OptionExpired;
use App\Cutting\IsCut;
use App\Journal\Journal;
use App\Models\Card;
use App\Models\CardRecord;
use App\Models\Component;
use App\Models\Kit;
use App\Models\Solution;
use App\Models\SolutionKind;
use App\Models\Taking;
use App\Table\TableState;
use App\Wording\Wording;
use KeepShare\Core\Card\Part\Accessories;
use KeepShare\Core\Card\Part\Accessory;
use KeepShare\Core\Card\Taking as CoreTaking;
use KeepShare\Core\Compose\Composer;
use KeepShare\Core\Kit\Applied;
use KeepShare\Core\Kit\Component as CoreComponent;
use KeepShare\Core\Kit\SheetGood;
use KeepShare\Core\Measure\Length;
use KeepShare\Core\Outlook\Outlook;
use KeepShare\Core\Outlook\WayOut;
use KeepShare\Core\Outlook\WaysOut;
use KeepShare\Core\Outlook\Why;
use KeepShare\Core\Share\Leaner;
use KeepShare\Core\Share\Sharer;
use KeepShare\Core\Sketch\Dim;
use KeepShare\Core\Sketch\Laid;
use KeepShare\Core\Table\Wanted;

/** What is done in the grid: to one cell, a card or a row. Rows may be short. Cut pieces stay where they are. */
final readonly class Grid
{
    public function __construct(private Journal $journal, private Design $design, private PlaceCards $cards)
    {
    }

    /** One more or one fewer of a component on a card, or for ribbon as much as its part takes. */
    public function more(Card $card, Component $component, int $by, ?int $revision): void
    {
        $taking = $this->taking($card, $component);
        $core = $component->toCore();
        // One more picture is another piece, with a place of its own.
        $isPiece = $core->good instanceof Applied && $by > 0;
        $isCounted = $taking !== null && $taking->width === null && ! $core->isEndless() && ! $isPiece;
        $step = $taking !== null && $core->kind()->isByLength() ? self::length($card, $taking->part) : 1;
        if ($taking !== null && $isCounted && ($by > 0 || $taking->quantity > $step)) {
            $this->design->quantity($card, $taking->setRelation('component', $component), $taking->quantity + $by * $step, $revision);

            return;
        }
        if ($by < 0) {
            $this->take($card, $taking ?? throw NoPlace::notOn($core->name, $card->number), $revision);

            return;
        }
        $part = $this->openPart($card, $core) ?? throw NoPlace::for($core->name, $card->number);
        $this->design->fill($card, $part, $core->id, 0, $revision);
    }

    /** How much ribbon or twine a part takes, in whole units. */
    private static function length(Card $card, string $part): int
    {
        return Accessories::find($part)?->length($card->toCore(), $card->kit->unit)->units ?? 1;
    }

    /**
     * Replaces what a card takes from a component by the next best.
     *
     * @return string the name of what came in its place
     */
    public function swap(Card $card, Component $component, ?int $revision): string
    {
        $taking = $this->taking($card, $component) ?? throw NoPlace::notOn($component->name, $card->number);

        return $this->swapPart($card, $taking->part, $revision);
    }

    /**
     * @return string the name of what came in its place
     *
     * @throws NoPlace where nothing else would do
     */
    public function swapPart(Card $card, string $part, ?int $revision): string
    {
        $next = $this->why($card, $part)->next ?? throw NoPlace::nothingElse($card->partName($part));
        $this->design->fill($card, $part, $next->component, $next->face, $revision);

        return Component::query()->findOrFail(Component::idOfCore($next->component))->name;
    }

    public function why(Card $card, string $part): Why
    {
        return Why::of(TableState::of($card->kit)->tableWithout($card), $card->toCore(), $part, $card->cutParts());
    }

    /**
     * Moves something from one card to another, all that the first had. If the other had something in that place, the
     * two are exchanged. Putting it down where it was changes nothing. Pinned things are not moved.
     *
     * @param  Card|null  $from  null for what is kept
     * @param  Card|null  $to  null to keep it
     * @return string|null what else moved, in a sentence
     */
    public function move(Kit $kit, Component $component, ?Card $from, ?Card $to, ?int $revision): ?string
    {
        if ($from?->id === $to?->id) {
            return null;
        }
        $core = $component->toCore();
        $source = $from === null ? null : ($this->taking($from, $component) ?? throw NoPlace::notOn($core->name, $from->number));
        if ($from !== null && $source !== null) {
            self::refusePinned($from, $source);
        }
        $place = static fn (?Card $card): string => $card === null ? 'Keep' : "card $card->number";
        $name = "Move $core->name from {$place($from)} to {$place($to)}";

        return $this->journal->within($kit, $name, $revision, function () use ($core, $source, $to): ?string {
            if ($source !== null) {
                $this->take($source->card()->with(['takings', 'kit'])->firstOrFail(), $source, null);
            }

            return $to === null ? null : $this->putOn($to, $core, $source);
        });
    }

    /** @return string|null what went the other way, in a sentence */
    private function putOn(Card $to, CoreComponent $core, ?Taking $source): ?string
    {
        $part = $this->partOn($to, $core, $source?->part) ?? throw NoPlace::for($core->name, $to->number);
        $old = $to->takings->firstWhere('part', $part);
        if ($old !== null) {
            self::refusePinned($to, $old);
        }
        $isSame = $old !== null && Component::coreIdOf($old->component_id) === $core->id && $old->width === null;
        if ($source !== null && $isSame) {
            $this->design->quantity($to, $old, $old->quantity + $source->quantity, null);

            return null;
        }
        $this->design->fill($to, $part, $core->id, $source->face ?? 0, null, self::counted($source));
        if ($old === null || Component::coreIdOf($old->component_id) === $core->id) {
            return null;
        }
        $from = $source?->card()->with(['takings', 'kit'])->first();
        if ($source === null || $from === null) {
            return "{$old->component()->value('name')} was on card $to->number and is kept.";
        }
        $this->design->fill($from, $source->part, Component::coreIdOf($old->component_id), $old->face, null, self::counted($old));

        return "{$old->component()->value('name')} went from card $to->number to card $from->number.";
    }

    /** How many it takes of something counted. Null if it is cut, or there is nothing. */
    private static function counted(?Taking $taking): ?int
    {
        return $taking === null || $taking->width !== null ? null : $taking->quantity;
    }

    /** @throws IsPinned */
    private static function refusePinned(Card $card, Taking $taking): void
    {
        if ($card->is_pinned || $taking->is_pinned) {
            throw IsPinned::part($card->partName($taking->part), $card->number);
        }
    }

    /** Pins a whole card or what it takes from one component, so that no share-out changes it, or unpins it. */
    public function pin(Card $card, ?Component $component, ?int $revision): void
    {
        if ($component === null) {
            $this->journal->act(
                $card->kit,
                ($card->is_pinned ? 'Unpin' : 'Pin')." card $card->number",
                $revision,
                static fn () => $card->update(['is_pinned' => ! $card->is_pinned]),
            );

            return;
        }
        $takings = $card->takings->where('component_id', $component->id);
        $isPinned = $takings->contains('is_pinned', true);
        if ($takings->isEmpty()) {
            throw NoPlace::notOn($component->name, $card->number);
        }
        $this->journal->act(
            $card->kit,
            ($isPinned ? 'Unpin' : 'Pin')." $component->name on card $card->number",
            $revision,
            static fn () => $takings->each(
                static fn (Taking $taking) => $taking->update(['is_pinned' => ! $isPinned]),
            ),
        );
    }

    /** The next of four wishes for a component: no wish, use up, save, never use. */
    public function use(Kit $kit, Component $component, ?int $revision): void
    {
        $uses = $kit->wishes['uses'] ?? [];
        $turn = [Wanted::AsItComes, Wanted::UseUp, Wanted::Save, Wanted::Never];
        $at = (int) array_search(Wanted::tryFrom($uses[$component->coreId()] ?? '') ?? Wanted::AsItComes, $turn, true);
        $next = $turn[($at + 1) % count($turn)];
        $this->journal->act(
            $kit,
            ucfirst($next->value).": $component->name",
            $revision,
            static fn () => $kit->update([
                'wishes' => [...$kit->wishes, 'uses' => [...$uses, $component->coreId() => $next->value]],
            ]),
        );
    }

    /**
     * @return int its number
     *
     * @throws NoCard saying what stops it
     */
    public function add(Kit $kit, ?int $revision): int
    {
        $table = TableState::of($kit)->table();
        $card = Composer::on($table, array_slice(Sharer::most($table), 0, 1))[0] ?? null;
        if ($card === null) {
            throw NoCard::further(Outlook::beyond($table)?->wants());
        }
        $this->journal->act($kit, "Add card $card->number", $revision, fn () => $this->cards->place($kit, [$card], false));

        return $card->number;
    }

    /** Duplicates the card. If there is not enough for it, rows are short. */
    public function duplicate(Card $card, ?int $revision): void
    {
        $kit = $card->kit;
        $record = [...CardRecord::of($card), 'number' => $kit->nextNumber(), 'set' => null, 'is_pinned' => false, 'notes' => ''];
        $this->journal->act($kit, "Duplicate card $card->number", $revision, fn () => $this->cards->put($kit, [$record]));
    }

    /**
     * Changes a card to the best looking design with less paper.
     *
     * @return string what it is laid on, and what that frees
     *
     * @throws NoDesign where none takes less
     */
    public function leaner(Card $card, ?int $revision): string
    {
        $table = TableState::of($card->kit)->tableWithout($card);
        $leaner = Leaner::than($card->toCore(), $table, $card->cutParts()) ?? throw NoDesign::leaner($card->number);
        $sketch = $leaner->card->sketch;
        $this->design->sketch($card, $sketch, $revision);

        $frees = Wording::area($leaner->frees, $card->kit->unit);

        return "Card $card->number now uses \"$sketch->name\": that frees $frees of patterned paper.";
    }

    /** Takes a card off the table and stores its design. What it took is free for the others. */
    public function setAside(Card $card, ?int $revision): void
    {
        $kit = $card->kit;
        $this->journal->act($kit, "Set card $card->number aside", $revision, function () use ($card, $kit): void {
            Solution::query()->create([
                'kit_id' => $kit->id,
                'kind' => SolutionKind::Aside,
                'name' => "Card $card->number",
                'cards' => [CardRecord::of($card)],
                'stays' => [],
                'revision' => $kit->revision,
            ]);
            $this->design->takeApart($card);
        });
    }

    public function putBack(Kit $kit, Solution $aside, ?int $revision): void
    {
        $this->journal->act($kit, "Put {$aside->name} back", $revision, function () use ($kit, $aside): void {
            $record = $aside->cards[0] ?? [];
            $number = is_int($record['number'] ?? null) ? $record['number'] : 1;
            $this->cards->putBack($kit, [[...$record, 'number' => $kit->nextNumber($number)]]);
            $aside->delete();
        });
    }

    public function remove(Card $card, ?int $revision): void
    {
        $this->journal->act($card->kit, "Remove card $card->number", $revision, fn () => $this->design->takeApart($card));
    }

    /** @return list<WayOut> */
    public static function waysOut(TableState $state, Taking $taking): array
    {
        $card = $state->cards->get($taking->card_id);

        return $card === null ? [] : WaysOut::of($state->tableWithout($card), $card->toCore(), $taking->part, $card->cutParts());
    }

    /** Takes a way out that was shown. If the table has changed since, it is refused. */
    public function wayOut(Card $card, Taking $taking, string $says, ?int $revision): void
    {
        foreach (self::waysOut(TableState::of($card->kit), $taking) as $way) {
            if ($way->says !== $says) {
                continue;
            }
            match (true) {
                $way->taking !== null => $this->instead($card, $taking, $way->taking, $revision),
                $way->reveal !== null => $this->smaller($card, $taking, $way->reveal, $revision),
                $way->kind === 'remove the card' => $this->remove($card, $revision),
                default => $this->take($card, $taking, $revision),
            };

            return;
        }
        throw OptionExpired::since();
    }

    private function instead(Card $card, Taking $old, CoreTaking $new, ?int $revision): void
    {
        if (Component::coreIdOf($old->component_id) === $new->component && $new->size === null) {
            $this->design->quantity($card, $old, $new->quantity, $revision);

            return;
        }
        $this->design->fill($card, $new->part, $new->component, $new->face, $revision);
    }

    private function smaller(Card $card, Taking $taking, Length $reveal, ?int $revision): void
    {
        $part = collect($card->toSketch()->parts)->firstWhere('id', $taking->part) ?? abort(422);
        $this->design->measure($card, $part, 'reveal', Dim::exactly($reveal), $revision);
    }

    private function take(Card $card, Taking $taking, ?int $revision): void
    {
        $this->design->leaveOff($card, $taking, $revision);
    }

    /** The last thing that a card takes from a component and that is not cut. Cut pieces stay. */
    private function taking(Card $card, Component $component): ?Taking
    {
        $own = $card->takings->where('component_id', $component->id);

        return $own->whereNull('sheet_id')->last() ?? ($own->isEmpty() ? null : throw IsCut::part($card->partName($own->last()->part)));
    }

    /** Where a component could go on a card: the same part, an open one, or one that holds its kind. */
    private function partOn(Card $card, CoreComponent $core, ?string $part): ?string
    {
        $has = $part !== null && ($card->takings->contains('part', $part) || in_array($part, $this->openParts($card), true));

        return $has ? $part : $this->openPart($card, $core) ?? $this->like($card, $core);
    }

    private function openPart(Card $card, CoreComponent $core): ?string
    {
        foreach ($this->openParts($card) as $part) {
            if ($this->suits($card, $core, $part)) {
                return $part;
            }
        }

        return null;
    }

    private function like(Card $card, CoreComponent $core): ?string
    {
        return $card->takings->whereNull('sheet_id')->first(fn (Taking $taking): bool => $this->suits($card, $core, $taking->part))?->part;
    }

    /** @return list<string> */
    private function openParts(Card $card): array
    {
        // Some parts of a sketch only carry others and are not cut, so they take no paper.
        $laid = $card->toCore()->layout($card->kit->unit)->parts;
        $parts = [
            ...array_map(static fn (Laid $one): string => $one->part->id, $laid),
            // A picture becomes the focal point first, and a small picture only if there is one already.
            ...array_map(static fn (Accessory $part): string => $part->id(), [...Accessories::needed(), ...Accessories::all()]),
        ];

        return array_values(array_unique(array_diff($parts, $card->takings->pluck('part')->all())));
    }

    private function suits(Card $card, CoreComponent $core, string $part): bool
    {
        $sketched = collect($card->toSketch()->parts)->firstWhere('id', $part);
        if ($sketched !== null) {
            return $core->good instanceof SheetGood && $sketched->role->isPaper() === $core->kind()->isPrintedPaper();
        }

        return Accessories::isFilledBy($part, $core);
    }
}
