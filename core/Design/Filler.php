<?php

declare(strict_types=1);

namespace KeepShare\Core\Design;

use KeepShare\Core\Card\Need;
use KeepShare\Core\Kit\Surface;
use KeepShare\Core\Measure\Size;
use KeepShare\Core\Sketch\Laid;
use KeepShare\Core\Sketch\Layout;
use KeepShare\Core\Sketch\Role;
use KeepShare\Core\Table\RemainingStock;
use KeepShare\Core\Table\Table;

/** Finds the papers that match best for the parts of a layout, by a beam search that begins with the largest paper. */
final class Filler
{
    /** The penalty for one print in two small pieces of a front. It is the last choice. */
    private const AGAIN = 60;

    /** @var array<string, list<Surfaces>> what has been found already: it is asked for again for every occasion */
    private array $found = [];

    private function __construct(
        private readonly Table $table,
        private readonly RemainingStock $remains,
        private readonly Supplies $supplies,
        private readonly Variety $variety,
    ) {
    }

    public static function of(Table $table, RemainingStock $remains, Supplies $supplies, Variety $variety): self
    {
        return new self($table, $remains, $supplies, $variety);
    }

    /**
     * @param  list<Need>  $lifted  needs that count as met
     * @param  int  $breadth  how many fills are kept at each part
     * @param  array<string, list<Surface>>  $given  what alone a part may be cut from, by part
     * @return list<Surfaces> the best first; none where a part has nothing it can be cut from
     */
    public function fills(Layout $layout, array $lifted, int $breadth, array $given = []): array
    {
        $key = $layout->key().'/'.$breadth.'/'.implode(',', array_column($lifted, 'value'));
        foreach ($given as $part => $surfaces) {
            $key .= "/$part ".implode(',', array_column($surfaces, 'key'));
        }

        return $this->found[$key] ??= $this->find($layout, $lifted, $breadth, $given);
    }

    /**
     * @param  list<Need>  $lifted
     * @param  array<string, list<Surface>>  $given
     * @return list<Surfaces>
     */
    private function find(Layout $layout, array $lifted, int $breadth, array $given): array
    {
        $fills = [Surfaces::nothing()];
        foreach ($layout->largestPaperFirst() as $laid) {
            $carrier = $layout->carriedBy($laid)->part->id ?? '';
            $isAslant = $laid->part->form->kind->isAslant();
            $ways = [];
            $goodness = [];
            foreach ($this->surfacesFor($laid, $lifted, $given[$laid->part->id] ?? null) as $surface) {
                $own = $surface === null ? 0 : $this->goodness($laid->part->role, $surface);
                foreach ($fills as $fill) {
                    // One print twice on a front is a mistake. One mat colour twice is fine. One print in every square
                    // of a row is dull.
                    $isAgain = $surface !== null && $surface->isPaper && $fill->shows($surface);
                    if (! $isAgain || $laid->part->role === Role::Accent || isset($given[$laid->part->id])) {
                        $added = $own
                            + $this->harmony($fill->main, $surface)
                            - ($isAgain ? self::AGAIN : 0)
                            - ($surface === null
                                ? 0
                                : self::badPlace($surface, $fill->surfaces[$carrier] ?? null, $isAslant));
                        $ways[] = [$fill, $surface, $added];
                        $goodness[] = $fill->goodness + $added;
                    }
                }
            }
            arsort($goodness, SORT_NUMERIC);
            $fills = [];
            foreach (array_slice($goodness, 0, $breadth, true) as $n => $_) {
                [$fill, $surface, $added] = $ways[$n];
                $fills[] = $fill->with($laid->part->id, $surface, $added);
            }
        }

        return $fills;
    }

    /**
     * The papers for one part beside a main one and on another, the best first.
     *
     * @return list<Surface>
     */
    public function ranked(Role $role, Size $cut, ?Surface $main, ?Surface $below = null, bool $isAslant = false): array
    {
        $surfaces = $this->surfaces($role, $cut);
        $goodness = array_map(
            fn (Surface $surface): int => $this->goodness($role, $surface)
                - self::badPlace($surface, $below, $isAslant)
                + ($main !== null && $main->key === $surface->key ? -30 : $this->harmony($main, $surface)),
            $surfaces,
        );
        array_multisort($goodness, SORT_DESC, SORT_NUMERIC, array_keys($surfaces), SORT_ASC, $surfaces);

        return $surfaces;
    }

    /**
     * @param  list<Need>  $lifted
     * @param  list<Surface>|null  $given
     * @return list<Surface|null>
     */
    private function surfacesFor(Laid $laid, array $lifted, ?array $given): array
    {
        $need = $laid->part->role->isPaper() ? Need::Paper : Need::Cardstock;
        $fit = $this->surfaces($laid->part->role, $laid->cut);
        if ($given !== null) {
            $keys = array_column($given, 'key');
            $fit = array_values(array_filter($fit, static fn (Surface $one): bool => in_array($one->key, $keys, true)));
        }

        return $fit === [] && in_array($need, $lifted, true) ? [null] : $fit;
    }

    /** @return list<Surface> */
    private function surfaces(Role $role, Size $cut): array
    {
        $all = $role->isPaper() ? $this->supplies->papers() : $this->supplies->cardstocks();

        return array_values(
            array_filter(
                $all,
                fn (Surface $surface): bool => $this->remains->mayYield(
                    $surface->component,
                    $cut,
                    $surface->mayTurnAs($role),
                ),
            ),
        );
    }

    /**
     * Cardstock on the same cardstock cannot be seen, and a directional print would lean on a part that lies at an
     * angle.
     */
    private static function badPlace(Surface $surface, ?Surface $below, bool $isAslant): int
    {
        return ($below?->key === $surface->key ? 60 : 0) + ($isAslant && $surface->face->directional ? 60 : 0);
    }

    private function goodness(Role $role, Surface $surface): int
    {
        return -14 * $this->variety->ofSurface($surface)
            - 4 * $this->variety->ofComponent($surface->component)
            - $this->table->stashCost($surface->component)
            + $this->table->wishes->useOf($surface->component)->worth()
            // Using the plain back of a mirror or solid-core sheet wastes its front.
            - (! $surface->isPaper && $surface->index > 0 ? 15 : 0)
            - ($this->supplies->makesBases($surface) ? 40 : 0)
            + match ($role) {
                Role::Field => $surface->face->busy ? -25 : 8,
                Role::Background => $surface->face->busy ? 4 : 0,
                Role::Strip => $surface->face->foil ? 6 : 0,
                Role::Label => $surface->face->ground()->isLight() ? 8 : -8,
                default => 0,
            };
    }

    private function harmony(?Surface $main, ?Surface $surface): int
    {
        if ($main === null || $surface === null) {
            return 0;
        }

        return intdiv($this->table->harmonies->of($main, $surface), 4);
    }
}
