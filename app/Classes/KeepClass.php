<?php

namespace App\Classes;

use App\Journal\Journal;
use App\Models\ClassPlan;
use App\Models\Kit;
use KeepShare\Core\Workshop\Workshop;

/** Writes a class: how it is asked for, what is packed, what was lost. */
final readonly class KeepClass
{
    public function __construct(private Journal $journal)
    {
    }

    /** @param  list<int>  $numbers  of the cards; none for all */
    public function prepare(Kit $kit, string $name, ?string $recipe, array $numbers, int $people, int $revision): ClassPlan
    {
        return $this->journal->act($kit, "Prepare the class \"$name\"", $revision, static fn (): ClassPlan => ClassPlan::query()->create([
            'kit_id' => $kit->id,
            'name' => $name,
            'cards' => ['recipe' => $recipe, 'numbers' => $numbers],
            'people' => $people,
            'spare_in' => 6,
            'ahead' => Workshop::usuallyAhead(),
            'packed' => [],
            'lost' => [],
        ]));
    }

    /** @param  array<string, mixed>  $changes  by column */
    public function change(Kit $kit, ClassPlan $class, string $what, array $changes, int $revision): void
    {
        $this->journal->act($kit, "$what of the class \"$class->name\"", $revision, static fn () => $class->update($changes));
    }

    /**
     * Puts a line into a bag, or takes it out.
     *
     * @param  list<int>  $bags
     * @param  list<string>  $lines
     */
    public function pack(Kit $kit, ClassPlan $class, array $bags, array $lines, bool $isPacked, int $revision): void
    {
        $packed = $class->packed;
        foreach ($bags as $bag) {
            $now = $class->packedIn($bag);
            $packed[$bag] = $isPacked
                ? array_values(array_unique([...$now, ...$lines]))
                : array_values(array_diff($now, $lines));
        }
        $where = count($bags) === 1 ? "bag $bags[0]" : 'every bag';
        $name = $isPacked ? "Pack $where" : "Take out of $where";
        $this->journal->act($kit, $name, $revision, static fn () => $class->update(['packed' => $packed]));
    }

    /** The bag is empty again, and packed from the spares and from what is left. */
    public function lose(Kit $kit, ClassPlan $class, int $bag, int $revision): void
    {
        $changes = ['lost' => [...$class->lost, $bag], 'packed' => array_diff_key($class->packed, [$bag => true])];
        $this->journal->act($kit, "Bag $bag is lost", $revision, static fn () => $class->update($changes));
    }

    public function drop(Kit $kit, ClassPlan $class, int $revision): void
    {
        $this->journal->act($kit, "Delete the class \"$class->name\"", $revision, static fn () => $class->delete());
    }
}
