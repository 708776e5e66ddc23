<?php

namespace App\Ledger;

use App\Journal\Journal;
use App\Models\Component;
use App\Models\Kit;
use App\Models\LedgerReason;
use App\Models\Taking;
use KeepShare\Core\Cut\Piece;
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
     * Cards that take from goods counted as taken apart now take from what those goods really give. As many are taken
     * apart as all their pieces need.
     *
     * @param  list<array<string, mixed>>  $records  as CardRecord writes them
     * @return list<array<string, mixed>>
     */
    public function forRecords(Kit $kit, array $records): array
    {
        $pieces = [];
        foreach ($records as $n => $record) {
            foreach (self::takings($record) as $part => $taking) {
                if (isset($taking['is_apart'])) {
                    $pieces[$taking['component_id']][] = (new Taking($taking))->toCore()->toPiece("$n/$part");
                }
            }
        }
        $given = [];
        foreach ($pieces as $id => $own) {
            $given[$id] = $this->given(Component::query()->findOrFail($id), array_values(array_filter($own)))->id;
        }

        return array_map(static fn (array $record): array => [
            ...$record,
            'takings' => array_map(static fn (array $taking): array => isset($taking['is_apart'])
                ? ['component_id' => $given[$taking['component_id']], ...array_diff_key($taking, ['is_apart' => 0, 'component_id' => 0])]
                : $taking, self::takings($record)),
        ], $records);
    }

    /**
     * @param  array<string, mixed>  $record
     * @return list<array<string, mixed>>
     */
    private static function takings(array $record): array
    {
        return is_array($record['takings'] ?? null) ? array_values($record['takings']) : [];
    }

    /** @param  list<Piece>  $pieces */
    private function given(Component $component, array $pieces): Component
    {
        $spare = Spare::of($component->toCore(), max(1, $component->listed)) ?? throw NothingApart::in($component->name);

        return $this->parts($component, $spare->neededFor($pieces)->count);
    }

    /** Adds the parts to the kit, together with equal parts from before. */
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
