<?php

namespace App\Designs;

use App\Models\Kit;
use App\Models\OwnSketch;
use App\View\Page;
use App\View\SketchView;
use KeepShare\Core\Fold\StandardFront;
use KeepShare\Core\Measure\Length;
use KeepShare\Core\Sketch\Sketch;

/**
 * All sketches, worked out for a front.
 *
 * @phpstan-import-type ChosenFront from FrontChoice
 * @phpstan-import-type DrawnSketch from SketchView
 * @phpstan-import-type SketchLine from SketchView
 *
 * @phpstan-type ChosenSketch array{drawn: DrawnSketch, lines: list<SketchLine>, inside: string|null}
 * @phpstan-type ScaledSketch array{label: string, drawn: DrawnSketch}
 */
final readonly class SketchesPage extends Page
{
    /**
     * @param  ChosenFront  $front
     * @param  list<DrawnSketch>  $shelf
     * @param  ChosenSketch  $chosen
     * @param  list<ScaledSketch>  $scales  the chosen one on the fronts that have a name
     * @param  list<string>  $off  the keys of those that are not for this kit
     * @param  int|null  $own  its id, where it can be changed here: one that was written at another kit is copied
     */
    private function __construct(
        public array $front,
        public bool $isCovered,
        public array $shelf,
        public array $chosen,
        public array $scales,
        public array $off,
        public ?int $own,
    ) {
    }

    public static function of(Kit $kit, FrontChoice $front, string $wanted, bool $isCovered): self
    {
        $frame = match (true) {
            $isCovered => Length::zero(),
            $kit->frame === null, $kit->frame === 0 => null,
            default => Length::ofUnits($kit->frame),
        };
        $sketches = OwnSketch::shelf();
        $sketch = $sketches[$wanted] ?? array_values($sketches)[0];
        $isLying = $front->size->isLying();
        $own = OwnSketch::findByKey($sketch->key);
        $view = static fn (Sketch $one): array => SketchView::of($one, $front->size, $kit->unit, $frame)->drawn;
        $scaled = static fn (StandardFront $one): array => [
            'label' => $one->value,
            'drawn' => SketchView::of($sketch, $isLying ? $one->size()->turned() : $one->size(), $kit->unit, $frame)->drawn,
        ];
        $chosen = SketchView::of($sketch, $front->size, $kit->unit, $frame);

        return new self(
            $front->toArray(),
            $isCovered,
            array_map($view, array_values($sketches)),
            ['drawn' => $chosen->drawn, 'lines' => $chosen->lines(), 'inside' => $chosen->inside()],
            array_map($scaled, StandardFront::cases()),
            $kit->wishes['sketches_off'] ?? [],
            $own?->isOf($kit) === true ? $own->id : null,
        );
    }
}
