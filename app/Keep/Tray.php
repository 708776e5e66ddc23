<?php

namespace App\Keep;

use App\Models\Component;
use App\Models\Kit;
use App\Table\Kept;
use App\Table\TableState;
use KeepShare\Core\Card\Card;
use KeepShare\Core\Table\Preferences;
use KeepShare\Core\Table\Table;
use KeepShare\Core\Tray\Becoming;
use KeepShare\Core\Tray\Lacks;
use KeepShare\Core\Tray\Scrap;
use KeepShare\Core\Tray\Uses;
use KeepShare\Core\Tray\WayToCut;

/** The scraps of a kit, with what the core knows of them. Whole sheets are not scraps, but can be cut for cards too. */
final class Tray
{
    private ?Lacks $lacks = null;

    private ?Uses $uses = null;

    /**
     * @param  Table  $table  everything as it will lie once all that is planned is cut
     * @param  array<string, Kept>  $kept  the kit's own scraps, the largest first
     * @param  array<array-key, Scrap>  $all  whole sheets too, and those of the stash
     * @param  list<Card>  $bonus  the cards that were found in what is left
     */
    private function __construct(
        public readonly TableState $state,
        public readonly Table $table,
        public readonly array $kept,
        private readonly array $all,
        private readonly array $bonus,
    ) {
    }

    /** @param  list<Card>  $bonus  the cards that were found in what is left */
    public static function of(Kit $kit, Preferences $wishes, array $bonus = []): self
    {
        $state = TableState::of($kit);
        $everything = Kept::of($state);
        $table = $state->tray($everything, $wishes);
        $isOwn = static fn (int $component): bool => $state->components[$component]?->kit_id === $kit->id;
        $mayBeCut = static fn (int $component): bool => $isOwn($component) || $table->offers(Component::coreIdOf($component));
        $own = $all = [];
        foreach (array_filter($state->plain, $mayBeCut, ARRAY_FILTER_USE_KEY) as $component => $sheets) {
            foreach ($sheets as $id => $stock) {
                $all[(string) $id] = Scrap::of((string) $id, $state->core[Component::coreIdOf($component)], $stock);
            }
        }
        foreach ($everything as $kept) {
            if (! $mayBeCut($kept->component)) {
                continue;
            }
            $all[$kept->id] = Scrap::of($kept->id, $state->core[Component::coreIdOf($kept->component)], $kept->toStock());
            if (! $kept->isWhole && $isOwn($kept->component)) {
                $own[$kept->id] = $kept;
            }
        }

        return new self($state, $table, $own, array_filter($all), $bonus);
    }

    /** @return list<Scrap> the kit's own, the largest first */
    public function scraps(): array
    {
        return array_values(array_intersect_key($this->all, $this->kept));
    }

    public function lacks(): Lacks
    {
        return $this->lacks ??= Lacks::on($this->table, array_values($this->all));
    }

    /** What the bonus cards take of it. */
    public function uses(): Uses
    {
        return $this->uses ??= Uses::of($this->table->apartFor(...$this->bonus), $this->bonus);
    }

    /** @return list<Kept> what lies there and is too small for any standard part */
    public function confetti(): array
    {
        return array_values(array_filter(
            $this->kept,
            fn (Kept $kept): bool => $kept->isThere && $kept->part === null && $this->isTooSmall($this->all[$kept->id]),
        ));
    }

    private function isTooSmall(Scrap $scrap): bool
    {
        foreach ($this->lacks()->parts as $part) {
            if ($part->mayBeOf($scrap)) {
                return false;
            }
        }

        return true;
    }

    /**
     * What a scrap can become. A standard part stays what it is.
     *
     * @return list<WayToCut> the best first
     */
    public function becomes(string $id): array
    {
        $scrap = $this->all[$id] ?? null;
        $kept = $this->kept[$id] ?? null;
        if ($scrap === null || $kept === null || $kept->part !== null) {
            return [];
        }

        return Becoming::of($scrap, $this->lacks(), $this->table->wishes->trimmer(), $this->uses()->plans[$id] ?? null);
    }
}
