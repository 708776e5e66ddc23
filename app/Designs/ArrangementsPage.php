<?php

namespace App\Designs;

use App\Models\Kit;
use App\Models\OwnArrangement;
use App\View\Page;
use KeepShare\Core\Arrange\Arrangement;
use KeepShare\Core\Arrange\Pieces;
use KeepShare\Core\Arrange\Spot;
use KeepShare\Core\Measure\Unit;

/**
 * All arrangements on any front, family by family.
 *
 * @phpstan-import-type ChosenFront from FrontChoice
 * @phpstan-import-type DrawnArrangement from ArrangementView
 *
 * @phpstan-type SpotLine array{name: string, says: string}
 * @phpstan-type ArrangementFamily array{name: string, shelf: list<DrawnArrangement>}
 */
final readonly class ArrangementsPage extends Page
{
    /**
     * @param  ChosenFront  $front
     * @param  list<ArrangementFamily>  $families
     * @param  DrawnArrangement  $chosen
     * @param  list<SpotLine>  $lines  of the chosen one, from the bottom up
     * @param  int|null  $own  its id, where it can be changed here
     */
    private function __construct(
        public array $front,
        public int $count,
        public array $families,
        public array $chosen,
        public array $lines,
        public ?int $own,
    ) {
    }

    public static function of(Kit $kit, FrontChoice $front, string $wanted): self
    {
        $shelf = OwnArrangement::shelf();
        $chosen = $shelf[$wanted] ?? array_values($shelf)[0];
        $families = [];
        foreach ($shelf as $one) {
            $families[$one->family->value][] = ArrangementView::of($one, $front->size, $kit->unit);
        }
        $own = OwnArrangement::findByKey($chosen->key);

        return new self(
            $front->toArray(),
            count($shelf),
            array_map(
                static fn (string $name, array $some): array => ['name' => $name, 'shelf' => $some],
                array_keys($families),
                array_values($families),
            ),
            ArrangementView::of($chosen, $front->size, $kit->unit),
            self::lines($chosen, $kit->unit),
            $own?->isOf($kit) === true ? $own->id : null,
        );
    }

    /** @return list<SpotLine> */
    private static function lines(Arrangement $arrangement, Unit $unit): array
    {
        return array_map(
            static fn (Spot $spot): array => ['name' => Pieces::all()[$spot->id][1], 'says' => $spot->says($unit)],
            $arrangement->spots,
        );
    }
}
