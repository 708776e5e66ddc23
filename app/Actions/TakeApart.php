<?php

namespace App\Actions;

use App\Journal\Journal;
use App\Models\Component;
use App\Models\Kit;
use App\Models\LedgerReason;
use App\Table\TableState;
use KeepShare\Core\Card\Card;
use KeepShare\Core\Card\Taking;
use KeepShare\Core\Keep\Apart;
use KeepShare\Core\Kit\GoodWriter;
use KeepShare\Core\Kit\Slug;
use KeepShare\Core\Table\Spare;

/** Takes goods apart that are not used for what they are: liners of envelopes, halves of bases, backs of words. */
final readonly class TakeApart
{
    public function __construct(private Journal $journal, private Ledger $ledger)
    {
    }

    public function take(Kit $kit, Component $component, int $count, int $revision): void
    {
        $this->journal->act(
            $kit,
            ucfirst(Apart::of($component->toCore())->how ?? 'take apart')." one $component->name",
            $revision,
            fn () => $this->parts($component, $count),
        );
    }

    /**
     * A card that was found where spares count as taken apart, taking from what they really give: those it needs are taken
     * apart for it.
     */
    public function forCard(Kit $kit, Card $card): Card
    {
        $spares = array_filter($card->pieces(), static fn (string $id): bool => Spare::sourceOf($id) !== null, ARRAY_FILTER_USE_KEY);
        if ($spares === []) {
            return $card;
        }
        $table = TableState::of($kit)->table(BonusCards::wishes($kit))->sparesApart();
        $given = [];
        foreach ($spares as $id => $pieces) {
            $component = Component::query()->findOrFail(Component::idOfCore((string) Spare::sourceOf($id)));
            $sheets = count($table->plan($id, $pieces)->sheets);
            $each = Apart::of($component->toCore())->each ?? 1;
            $given[$id] = $this->parts($component, intdiv($sheets + $each - 1, $each))->coreId();
        }

        return $card->fitted(
            array_map(
                static fn (Taking $taking): Taking => $taking->from(
                    $given[$taking->component] ?? $taking->component,
                ),
                $card->takings,
            ),
        );
    }

    /** Enters the parts in the kit, beside those of the same that were taken apart before. */
    private function parts(Component $component, int $count): Component
    {
        $apart = Apart::of($component->toCore()) ?? throw NothingApart::in($component->name);
        $this->ledger->take($component, $count, LedgerReason::TakenApart);
        $component->update(['listed' => max(0, $component->listed - $count)]);
        $parts = $this->component($component->kit, $apart);
        $parts->update(['listed' => $parts->listed + $apart->each * $count]);
        $this->ledger->add($parts, $apart->each * $count, LedgerReason::TakenApart, "from $component->name");

        return $parts;
    }

    private function component(Kit $kit, Apart $apart): Component
    {
        $details = GoodWriter::write($apart->good, null);
        $there = $kit
            ->components()
            ->get()
            ->first(
                static fn (Component $other): bool => $other->name === $apart->name && $other->details == $details,
            );

        return $there ?? Component::query()->create([
            'kit_id' => $kit->id,
            'key' => Slug::unique($apart->name, $kit->keys()),
            'kind' => $apart->good->kind(),
            'name' => $apart->name,
            'details' => $details,
            'listed' => 0,
            'is_counted' => true,
            'position' => 1 + (int) $kit->components()->max('position'),
        ]);
    }
}
