<?php

declare(strict_types=1);

namespace KeepShare\Core\Pattern;

use KeepShare\Core\Cut\Stock;
use KeepShare\Core\Kit\Component;
use KeepShare\Core\Kit\Face;
use KeepShare\Core\Kit\SheetGood;
use KeepShare\Core\Measure\Size;
use KeepShare\Core\Table\Spare;
use KeepShare\Core\Table\Table;

/** Sheets of one size with the same uses. Whichever is cut, the number of cards is the same. */
final readonly class LikeSheets
{
    /**
     * @param  list<Source>  $sources  what may be cut from them
     * @param  bool  $mayTurn  pieces may lie either way, since some face is not directional
     * @param  list<array{string, Stock}>  $sheets  each with its component, those of one component apart from each other
     * @param  Spare|null  $spare  what is taken apart for them; null where they lie there
     * @param  list<string>  $costs  the limits that one less is left of for each that is taken apart
     */
    private function __construct(
        public string $key,
        public Size $size,
        public array $sources,
        public bool $mayTurn,
        public array $sheets,
        public ?Spare $spare = null,
        public array $costs = [],
    ) {
    }

    /** @return array<string, self> what may be cut, by key; sheets with a margin or a blemish are left to the planner */
    public static function on(Table $table): array
    {
        $classes = [];
        foreach ($table->stock as $id => $stock) {
            $component = $table->components[$id] ?? null;
            $sources = $component === null || ! $table->offers($id) ? [] : self::sourcesOf($component, $table);
            if ($component === null || $sources === []) {
                continue;
            }
            $mayTurn = self::mayTurn($component, $table);
            foreach ($stock as $nth => $one) {
                if ($one->isClean()) {
                    $key = self::keyOf($one->size, $sources, $mayTurn);
                    $classes[$key] ??= [$one->size, $sources, $mayTurn, []];
                    // The first sheet of each print comes before the second of any, so that a pattern is spread over
                    // the prints.
                    $classes[$key][3]["$nth/$id"] = [$id, $one];
                }
            }
        }
        $like = [];
        foreach ($classes as $key => [$size, $sources, $mayTurn, $sheets]) {
            ksort($sheets, SORT_NATURAL);
            $like[$key] = new self($key, $size, $sources, $mayTurn, array_values($sheets));
        }

        return [...$like, ...self::apart($table)];
    }

    /** @return array<string, self> liners of envelopes, halves of bases, backs of words: each costs what it is taken from */
    private static function apart(Table $table): array
    {
        $like = [];
        foreach (Spare::all($table) as $spare) {
            $parts = $spare->parts();
            $sources = self::sourcesOf($parts, $table);
            if ($sources === []) {
                continue;
            }
            $sheets = array_map(static fn (Stock $one): array => [$parts->id, $one], $spare->sheets());
            $like[$parts->id] = new self(
                $parts->id,
                $spare->apart->good->size(),
                $sources,
                self::mayTurn($parts, $table),
                $sheets,
                $spare,
                Outlays::limitsOf($spare->component),
            );
        }

        return $like;
    }

    /** How many sheets come from one that is taken apart. */
    public function each(): int
    {
        return $this->spare->apart->each ?? 1;
    }

    public function yields(PartDemand $kind): bool
    {
        return in_array($kind->source, $this->sources, true) && $kind->size->fitsIn($this->size, $this->mayTurn || $kind->mayTurn);
    }

    public function isPaper(): bool
    {
        return in_array(Source::Paper, $this->sources, true);
    }

    /** @return list<Source> */
    private static function sourcesOf(Component $component, Table $table): array
    {
        if (! $component->good instanceof SheetGood || Source::facesOf($component, $table) === []) {
            return [];
        }

        return array_values(array_filter(
            Source::cases(),
            static fn (Source $source): bool => $source->isServedBy($component, $table),
        ));
    }

    private static function mayTurn(Component $component, Table $table): bool
    {
        return array_filter(Source::facesOf($component, $table), static fn (Face $face): bool => ! $face->directional) !== [];
    }

    /** @param  list<Source>  $sources */
    private static function keyOf(Size $size, array $sources, bool $mayTurn): string
    {
        $served = implode(', ', array_column($sources, 'value'));

        return "{$size->width->units}x{$size->height->units} $served".($mayTurn ? '' : ' up');
    }
}
