<?php

declare(strict_types=1);

namespace KeepShare\Core\Cut;

use KeepShare\Core\Measure\Size;

/**
 * What a leftover can still become: the highest value of useful sizes that can be cut from it, any number of each.
 *
 * It is asked for many times in a search, so it is computed once for all sums of the sizes (the recursion of Gilmore
 * and Gomory, as in Ground) and looked up.
 */
final class Leftover
{
    /** @var array<int, array<int, int>> by width and height */
    private array $known = [];

    private function __construct(private readonly Ground $ground)
    {
    }

    /**
     * @param  list<Demand>  $wishes  the sizes with their worths; of too many sizes the worthiest count
     * @param  Size  $largest  the largest sheet there is
     * @return self|null null where no size is of use on it
     */
    public static function sizes(array $wishes, Size $largest): ?self
    {
        usort($wishes, static fn (Demand $a, Demand $b): int => $b->worth <=> $a->worth);
        while ($wishes !== []) {
            $ground = Ground::of($largest, $wishes);
            if ($ground !== null) {
                return new self($ground);
            }
            array_pop($wishes);
        }

        return null;
    }

    /**
     * The same for the largest sheet of some stock.
     *
     * @param  list<Demand>  $wishes
     * @param  non-empty-list<Stock>  $stock
     */
    public static function on(array $stock, array $wishes): ?self
    {
        return self::sizes($wishes, self::reach($stock));
    }

    /**
     * A size in which every one of these fits.
     *
     * @param  non-empty-list<Stock>  $stock
     */
    public static function reach(array $stock): Size
    {
        return Size::ofUnits(
            max(array_map(static fn (Stock $one): int => $one->size->width->units, $stock)),
            max(array_map(static fn (Stock $one): int => $one->size->height->units, $stock)),
        );
    }

    /** @return int the most worth, of a part with these sides in units */
    public function of(int $width, int $height): int
    {
        return $this->known[$width][$height] ??= $this->ground->most($width, $height);
    }
}
