<?php

namespace App\Classes;

use App\Models\ClassPlan;
use App\View\Page;
use App\Wording\Wording;
use KeepShare\Core\Measure\Length;
use KeepShare\Core\Workshop\BagLine;

/**
 * The bags of a class: what goes into each, and what is in it.
 *
 * @phpstan-type ClassBag array{number: int, packed: int, lost: int}
 * @phpstan-type PackLine array{
 *     id: string,
 *     card: int,
 *     part: string,
 *     what: string,
 *     amount: string,
 *     done: string,
 *     isPacked: bool,
 *     inBags: int,
 *     from: string, // where it comes from in a bag that is made up again
 *     isLacking: bool,
 * }
 */
final readonly class ClassPackPage extends Page
{
    private const FROM = ['spare' => 'from the spares', 'left' => 'from what is left', 'lacking' => 'missing: to buy'];

    /**
     * @param  list<ClassBag>  $bags
     * @param  list<PackLine>  $lines  of the bag in hand
     */
    private function __construct(
        public int $id,
        public string $name,
        public int $people,
        public int $bag,
        public int $all,
        public array $bags,
        public array $lines,
    ) {
    }

    public static function of(ClassPlan $class, int $bag): self
    {
        $table = ClassTable::of($class);
        $bag = max(1, min($class->people, $bag));
        $lines = $table->workshop->bag();
        $ids = array_map(static fn (BagLine $line): string => $line->id, $lines);
        $times = array_count_values($class->lost);
        $bags = [];
        for ($n = 1; $n <= $class->people; $n++) {
            $bags[] = ['number' => $n, 'packed' => count(array_intersect($ids, $class->packedIn($n))), 'lost' => $times[$n] ?? 0];
        }
        $remade = $table->remade($bag);

        return new self(
            $class->id,
            $class->name,
            $class->people,
            $bag,
            count($lines),
            $bags,
            array_map(static fn (BagLine $line): array => self::line($line, $table, $bag, $remade[$line->id] ?? null), $lines),
        );
    }

    /** @return PackLine */
    private static function line(BagLine $line, ClassTable $table, int $bag, ?string $from): array
    {
        $inBags = 0;
        for ($n = 1; $n <= $table->plan->people; $n++) {
            $inBags += in_array($line->id, $table->plan->packedIn($n), true) ? 1 : 0;
        }
        $component = $table->components[$line->component];

        return [
            'id' => $line->id,
            'card' => $line->card,
            'part' => $line->part,
            'what' => $table->nameOf($line->component),
            'amount' => match (true) {
                $line->size !== null => $line->size->label($table->unit),
                $component->kind()->isByLength() => Length::ofUnits($line->quantity)->label($table->unit),
                default => Wording::plural($line->quantity, 'piece'),
            },
            'done' => implode(', ', $line->done),
            'isPacked' => in_array($line->id, $table->plan->packedIn($bag), true),
            'inBags' => $inBags,
            'from' => self::FROM[$from ?? ''] ?? '',
            'isLacking' => $from === 'lacking',
        ];
    }
}
