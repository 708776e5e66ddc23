<?php

namespace Tests\Core;

use KeepShare\Core\Fold\StandardFront;
use KeepShare\Core\Measure\Length;
use KeepShare\Core\Measure\Rect;
use KeepShare\Core\Measure\Size;
use KeepShare\Core\Measure\Unit;
use KeepShare\Core\Sketch\Anchor;
use KeepShare\Core\Sketch\Between;
use KeepShare\Core\Sketch\CannotResolve;
use KeepShare\Core\Sketch\Circle;
use KeepShare\Core\Sketch\Dim;
use KeepShare\Core\Sketch\Edge;
use KeepShare\Core\Sketch\Form;
use KeepShare\Core\Sketch\Inset;
use KeepShare\Core\Sketch\Layout;
use KeepShare\Core\Sketch\MatUnder;
use KeepShare\Core\Sketch\Middle;
use KeepShare\Core\Sketch\Part;
use KeepShare\Core\Sketch\Relation;
use KeepShare\Core\Sketch\Role;
use KeepShare\Core\Sketch\Seam;
use KeepShare\Core\Sketch\Sketch;
use KeepShare\Core\Sketch\Sketches;
use KeepShare\Core\Sketch\Slice;
use KeepShare\Core\Sketch\Tile;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

final class SketchTest extends TestCase
{
    public function test_twenty_four_layouts_ship(): void
    {
        self::assertGreaterThanOrEqual(24, count(Sketches::all()));
        self::assertSame(
            count(Sketches::all()),
            count(array_unique(array_map(static fn (Sketch $sketch): string => $sketch->name, Sketches::all()))),
        );
        foreach (
            ['framed-panel', 'panel-on-mat', 'seam-strip', 'band-across', 'column-and-field', 'stacked-mats'] as $key
        ) {
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

    public function test_no_panel_overhangs_any_standard_front_either_way_up_framed_or_covered(): void
    {
        foreach (Sketches::all() as $sketch) {
            foreach (StandardFront::cases() as $standard) {
                foreach (Unit::cases() as $unit) {
                    foreach ([$standard->size(), $standard->size()->turned()] as $front) {
                        foreach ([null, Length::zero(), $unit->mark()->times(4)] as $frame) {
                            self::assertStaysOn($front, $sketch->resolve($front, $unit, $frame), "$sketch->name on $standard->value");
                        }
                    }
                }
            }
        }
    }

    public function test_a_covered_front_reaches_every_edge(): void
    {
        $front = StandardFront::A2->size();
        foreach (array_filter(Sketches::all(), static fn (Sketch $one): bool => ! $one->focus->isLean() && ! $one->isBare()) as $sketch) {
            $edges = ['left' => $front->width->units, 'top' => $front->height->units, 'right' => 0, 'bottom' => 0];
            foreach ($sketch->resolve($front, Unit::Inch, Length::zero())->parts as $laid) {
                $edges = [
                    'left' => min($edges['left'], $laid->rect->x->units),
                    'top' => min($edges['top'], $laid->rect->y->units),
                    'right' => max($edges['right'], $laid->rect->right()->units),
                    'bottom' => max($edges['bottom'], $laid->rect->bottom()->units),
                ];
            }
            self::assertSame(
                ['left' => 0, 'top' => 0, 'right' => $front->width->units, 'bottom' => $front->height->units],
                $edges,
                $sketch->name,
            );
        }
    }

    public function test_on_any_front_a_sketch_stays_on_it_or_says_which_measure_does_not_fit(): void
    {
        $random = new Randomizer(new Mt19937(11));
        $refused = 0;
        for ($i = 0; $i < 400; $i++) {
            $front = Size::ofUnits($random->getInt(1, 2_500_000), $random->getInt(1, 2_500_000));
            $unit = $random->getInt(0, 1) === 0 ? Unit::Inch : Unit::Millimetre;
            foreach (Sketches::all() as $sketch) {
                try {
                    self::assertStaysOn($front, $sketch->resolve($front, $unit), $sketch->name);
                } catch (CannotResolve $why) {
                    self::assertMatchesRegularExpression('/^(The|Nothing is left of the) .*(measure ")/', $why->getMessage());
                    self::assertNotSame('', $why->part.$why->measure);
                    $refused++;
                }
            }
        }
        self::assertGreaterThan(0, $refused);
    }

    /** @return array<string, array{non-empty-list<Part>, string, string, string}> */
    public static function impossible(): array
    {
        $field = static fn (string $id, Relation $relation, ?Form $form = null): Part => Part::of($id, $id, Role::Field, $relation, $form);

        return [
            'a part measured from one that is not there' => [
                [$field('panel', Inset::in('mat'))],
                'panel',
                'of',
                'The panel is measured from "mat", which is not there.',
            ],
            'a part measured from itself' => [
                [$field('panel', Inset::in('panel'))],
                'panel',
                'of',
                'measured from itself',
            ],
            'two parts measured from each other' => [
                [$field('panel', Inset::in('mat')), $field('mat', MatUnder::under('panel'))],
                'mat',
                'of',
                'measured from itself',
            ],
            'a reveal that eats the panel' => [
                [$field('panel', Inset::in('front', Dim::exactly(Length::inches(3))))],
                'panel',
                'reveal',
                'Nothing is left of the panel: its measure "reveal" is 3 in, on a part of 4 1/4 × 5 1/2 in.',
            ],
            'a circle larger than the front' => [
                [$field('circle', Circle::in('front', Dim::exactly(Length::inches(5))), Form::round())],
                'circle',
                'diameter',
                'The circle is 5 in by its measure "diameter", but only 4 1/4 in is there.',
            ],
            'a mat that hangs over the front' => [
                [
                    $field('panel', Inset::in('front')),
                    $field('mat', MatUnder::under('panel', Dim::exactly(Length::inches(1)))),
                ],
                'mat',
                'reveal',
                'hangs over the edge of the front',
            ],
            'a strip wider than its part' => [
                [$field('strip', Slice::along(Edge::Left, 'front', Dim::exactly(Length::inches(6))))],
                'strip',
                'wide',
                'only 4 1/4 in is there',
            ],
            'a band where there is no room' => [
                [$field('one', Inset::in('front')), $field('band', Between::the('one', 'front'))],
                'band',
                'and',
                'no room between them',
            ],
            'a window with no rim' => [
                [$field('frame', Inset::in('front'), Form::window(Dim::none()))],
                'frame',
                'rim',
                'Nothing is left of the frame',
            ],
            'a tail longer than its banner' => [
                [$field('banner', Inset::in('front'), Form::banner(Edge::Bottom, Dim::exactly(Length::inches(3))))],
                'banner',
                'tail',
                'only 2 in is there',
            ],
        ];
    }

    /** @param  non-empty-list<Part>  $parts */
    #[DataProvider('impossible')]
    public function test_a_sketch_that_does_not_fit_names_its_measure(array $parts, string $part, string $measure, string $says): void
    {
        try {
            Sketch::of('odd', 'Odd', $parts, Inset::in('front'), Inset::in('front'), 5)->resolve(StandardFront::A2->size(), Unit::Inch);
            self::fail('It was laid.');
        } catch (CannotResolve $why) {
            self::assertSame([$part, $measure], [$why->part, $why->measure]);
            self::assertStringContainsString($says, $why->getMessage());
        }
    }

    public function test_each_relation_as_it_is_measured_on_paper(): void
    {
        $inch = static fn (int $whole, int $over = 0, int $under = 1): Dim => Dim::exactly(
            Length::inches($whole, $over, $under),
        );
        $layout = Sketch::of(
            'all',
            'All',
            [
                Part::of('mat', 'mat', Role::Mat, MatUnder::under('panel', $inch(0, 1, 16))),
                Part::of('panel', 'panel', Role::Field, Inset::in('front', $inch(0, 1, 8))),
                Part::of(
                    'corner',
                    'corner',
                    Role::Accent,
                    Middle::at(Anchor::BottomRight, 'panel', $inch(1), $inch(2), $inch(0, 1, 4), $inch(0, 1, 2)),
                ),
                Part::of(
                    'strip',
                    'strip',
                    Role::Accent,
                    Slice::along(Edge::Top, 'panel', $inch(0, 3, 4), $inch(0, 1, 2), $inch(0, 1, 4)),
                ),
                Part::of('low', 'low', Role::Accent, Slice::along(Edge::Bottom, 'panel', $inch(1))),
                Part::of('band', 'band', Role::Accent, Between::the('strip', 'low', $inch(0, 1, 8))),
                Part::of('seam', 'seam', Role::Strip, Seam::over(Edge::Top, 'low', $inch(0, 1, 2))),
                Part::of('tile', 'tile', Role::Accent, Tile::inGrid('panel', 4, 3, 2, $inch(0, 1, 8))),
                Part::of('dot', 'dot', Role::Label, Circle::in('panel', $inch(2), Anchor::Top), Form::round()),
            ],
            Inset::in('front'),
            Inset::in('front'),
            5,
        )->resolve(StandardFront::A2->size(), Unit::Inch);

        $placed = [];
        foreach ($layout->parts as $laid) {
            $r = $laid->rect;
            $placed[$laid->part->id] = $r->x->format(Unit::Inch).' '.$r->y->format(Unit::Inch).' '.$r->size->format(Unit::Inch);
        }
        self::assertSame([
            'mat' => '1/16 1/16 4 1/8 × 5 3/8',
            'panel' => '1/8 1/8 4 × 5 1/4',
            'corner' => '2 7/8 2 7/8 1 × 2',
            'strip' => '3/8 5/8 3 1/2 × 3/4',
            'low' => '1/8 4 3/8 4 × 1',
            'band' => '3/8 1 1/2 3 1/2 × 2 3/4',
            'seam' => '1/8 4 1/8 4 × 1/2',
            'tile' => '1 9/16 2 13/16 1 1/8 × 2 9/16',
            'dot' => '1 1/8 1/8 2 × 2',
        ], $placed);
    }

    public function test_a_part_on_foam_lifts_what_lies_on_it(): void
    {
        $layout = Sketches::all()['tag-on-panel']->resolve(StandardFront::A2->size(), Unit::Inch);
        $height = static fn (string $part): string => $layout->part($part)?->height->format(Unit::Millimetre) ?? '';

        self::assertSame(['0', '≈ 0.5', '2.5'], [$height('mat'), $height('panel'), $height('tag')]);
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
        $points = $layout->group($layout->focal);

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
