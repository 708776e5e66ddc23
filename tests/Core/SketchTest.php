<?php

namespace Tests\Core;

use KeepShare\Core\Fold\StandardFront;
use KeepShare\Core\Measure\Length;
use KeepShare\Core\Measure\Rect;
use KeepShare\Core\Measure\Size;
use KeepShare\Core\Measure\Unit;
use KeepShare\Core\Sketch\CannotResolve;
use KeepShare\Core\Sketch\Inset;
use KeepShare\Core\Sketch\Layout;
use KeepShare\Core\Sketch\Part;
use KeepShare\Core\Sketch\Role;
use KeepShare\Core\Sketch\Sketch;
use KeepShare\Core\Sketch\Sketches;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

final class SketchTest extends TestCase
{
    public function test_twenty_four_layouts_ship(): void
    {
        self::assertGreaterThanOrEqual(24, count(Sketches::all()));
        foreach (['framed-panel', 'panel-on-mat', 'seam-strip', 'band-across', 'column-and-field', 'stacked-mats'] as $key) {
            self::assertArrayHasKey($key, Sketches::all());
        }
    }

    public function test_exact_panels_on_an_upright_a2(): void
    {
        $a2 = StandardFront::A2->size();

        self::assertSame(['panel' => '4 × 5 1/4', 'label' => '2 1/2 × 2 7/8'], self::sizes('framed-panel', $a2));
        self::assertSame(['mat' => '4 × 5 1/4', 'panel' => '3 3/4 × 5'], self::sizes('panel-on-mat', $a2));
        self::assertSame(['upper' => '4 × 3 1/4', 'lower' => '4 × 2', 'strip' => '4 × 1/2'], self::sizes('seam-strip', $a2));
        self::assertSame(['panel' => '4 × 5 1/4', 'band-mat' => '4 × 2 5/8', 'band' => '4 × 2 3/8'], self::sizes('band-across', $a2));
        self::assertSame(['column' => '1 1/4 × 5 1/4', 'field' => '2 5/8 × 5 1/4'], self::sizes('column-and-field', $a2));
    }

    public function test_metric_fronts_get_metric_measures(): void
    {
        $layout = Sketches::all()['stacked-mats']->resolve(StandardFront::A6->size(), Unit::Millimetre);

        self::assertSame('99 × 142', $layout->parts[0]->rect->size->format(Unit::Millimetre));
        self::assertSame('93 × 136', $layout->parts[1]->rect->size->format(Unit::Millimetre));
    }

    public function test_the_seam_strip_lies_half_on_either_paper(): void
    {
        $layout = Sketches::all()['seam-strip']->resolve(StandardFront::A2->size(), Unit::Inch);
        [$upper, $lower, $strip] = array_map(static fn ($laid) => $laid->rect, $layout->parts);

        self::assertTrue($upper->bottom()->equals($lower->y), 'no gap under the strip');
        self::assertSame('1/4', $upper->bottom()->minus($strip->y)->format(Unit::Inch));
        self::assertSame('1/4', $strip->bottom()->minus($lower->y)->format(Unit::Inch));
    }

    public function test_no_panel_overhangs_any_standard_front_either_way_up(): void
    {
        foreach (Sketches::all() as $sketch) {
            foreach (StandardFront::cases() as $standard) {
                foreach (Unit::cases() as $unit) {
                    foreach ([$standard->size(), $standard->size()->turned()] as $front) {
                        self::assertStaysOn($front, $sketch->resolve($front, $unit), "$sketch->name on $standard->value");
                    }
                }
            }
        }
    }

    public function test_on_any_front_a_sketch_stays_on_it_or_says_what_does_not_fit(): void
    {
        $random = new Randomizer(new Mt19937(11));
        $refused = 0;
        for ($i = 0; $i < 1_500; $i++) {
            $front = Size::ofUnits($random->getInt(1, 2_500_000), $random->getInt(1, 2_500_000));
            $unit = $random->getInt(0, 1) === 0 ? Unit::Inch : Unit::Millimetre;
            foreach (Sketches::all() as $sketch) {
                try {
                    self::assertStaysOn($front, $sketch->resolve($front, $unit), $sketch->name);
                } catch (CannotResolve $why) {
                    self::assertMatchesRegularExpression('/^(The|Nothing is left of the) /', $why->getMessage());
                    $refused++;
                }
            }
        }
        self::assertGreaterThan(0, $refused);
    }

    public function test_a_part_measured_from_one_that_is_not_there_is_named(): void
    {
        $sketch = Sketch::of('odd', 'Odd', [Part::of('panel', 'panel', Role::Field, Inset::in('mat'))], Inset::in('front'), Inset::in('front'), 5);

        $this->expectException(CannotResolve::class);
        $this->expectExceptionMessage('The panel is measured from "mat"');
        $sketch->resolve(StandardFront::A2->size(), Unit::Inch);
    }

    public function test_the_topmost_part_under_a_place_is_found(): void
    {
        $layout = Sketches::all()['framed-panel']->resolve(StandardFront::A2->size(), Unit::Inch);

        self::assertSame('label', $layout->under($layout->focal)?->part->id);
        self::assertSame('panel', $layout->under($layout->sentiment)?->part->id);
        self::assertNull($layout->under(Rect::ofUnits(0, 0, 2, 2)), 'only the base shows at the corner of a framed card');
    }

    public function test_three_embellishments_stand_round_the_focal_point_on_the_front(): void
    {
        $front = StandardFront::A2->size();
        $layout = Sketches::all()['panel-on-mat']->resolve($front, Unit::Inch);
        $points = $layout->triangle($layout->focal);

        self::assertCount(3, $points);
        foreach ($points as [$x, $y]) {
            self::assertFalse($x->isLongerThan($front->width) || $y->isLongerThan($front->height));
        }
    }

    private static function assertStaysOn(Size $front, Layout $layout, string $what): void
    {
        $whole = Rect::whole($front);
        foreach ([...array_map(static fn ($laid) => $laid->rect, $layout->parts), $layout->focal, $layout->sentiment] as $rect) {
            self::assertTrue($whole->contains($rect), "$what overhangs");
            self::assertTrue(Length::zero()->units < $rect->size->shorter()->units);
        }
    }

    /** @return array<string, string> */
    private static function sizes(string $sketch, Size $front): array
    {
        $sizes = [];
        foreach (Sketches::all()[$sketch]->resolve($front, Unit::Inch)->parts as $laid) {
            $sizes[$laid->part->id] = $laid->rect->size->format(Unit::Inch);
        }

        return $sizes;
    }
}
