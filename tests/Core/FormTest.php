<?php

namespace Tests\Core;

use KeepShare\Core\Fold\StandardFront;
use KeepShare\Core\Measure\BadMeasure;
use KeepShare\Core\Measure\Length;
use KeepShare\Core\Measure\Rect;
use KeepShare\Core\Measure\Unit;
use KeepShare\Core\Sketch\BadSketch;
use KeepShare\Core\Sketch\Dim;
use KeepShare\Core\Sketch\Edge;
use KeepShare\Core\Sketch\Form;
use KeepShare\Core\Sketch\Inset;
use KeepShare\Core\Sketch\Outline;
use KeepShare\Core\Sketch\Part;
use KeepShare\Core\Sketch\Role;
use KeepShare\Core\Sketch\Sketches;
use KeepShare\Core\Sketch\SketchReader;
use KeepShare\Core\Sketch\SketchWriter;
use KeepShare\Core\Sketch\Visibility;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Outlines of shapes, what is cut for them, and sketches as written data. */
final class FormTest extends TestCase
{
    /** @return array<string, array{Form, string, float}> with the share of the rectangle it covers */
    public static function forms(): array
    {
        $inch = static fn (int $over, int $under): Dim => Dim::exactly(Length::inches(0, $over, $under));

        return [
            'plain' => [Form::plain(), '4 × 2', 1.0],
            'round' => [Form::round(), '4 × 2', M_PI / 4],
            'rounded' => [Form::rounded($inch(1, 2)), '4 × 2', 1 - (4 - M_PI) * 0.25 / 8],
            'tag' => [Form::tag(Edge::Left, $inch(1, 2)), '4 × 2', 1 - (0.25 + M_PI / 64) / 8],
            'banner' => [Form::banner(Edge::Right, $inch(1, 2)), '4 × 2', 1 - 0.5 / 8],
            'window' => [Form::window($inch(1, 2)), '4 × 2', 1 - 3 / 8],
            'round window' => [Form::window($inch(1, 2), true), '4 × 2', 1 - 3 * M_PI / 4 / 8],
            'half' => [Form::triangle('bottom left'), '4 × 2', 0.5],
            'quarter' => [Form::triangle('top'), '4 × 2', 0.25],
            // From corner to corner of 4 × 2 is 4.472, plus an eighth at both ends, rounded up to a sixteenth.
            'diagonal' => [Form::diagonal($inch(1, 2)), '4 3/4 × 1/2', 0.26],
        ];
    }

    #[DataProvider('forms')]
    public function test_a_shape_covers_its_share_of_the_rectangle_and_is_cut_from_this(Form $form, string $cut, float $share): void
    {
        $rect = Rect::ofUnits(101_600, 50_800, 4 * 203_200, 2 * 203_200);
        $outline = $form->outline(Part::of('part', 'part', Role::Field, Inset::in('front')), $rect, Unit::Inch);

        self::assertSame($cut, $form->cut($rect, $outline, Unit::Inch)->format(Unit::Inch));
        self::assertEqualsWithDelta($share, $outline->area() / $rect->size->exactArea(), 0.003);
        self::assertTrue($rect->contains($outline->bounds()));
    }

    public function test_the_same_shape_faces_all_four_edges(): void
    {
        $rect = Rect::ofUnits(0, 0, 400_000, 400_000);
        $notch = static fn (Edge $edge): array => Form::banner(
            $edge,
            Dim::exactly(Length::ofUnits(100_000)),
        )->outline(Part::of('part', 'part', Role::Field, Inset::in('front')), $rect, Unit::Inch)->rings[0][3];

        self::assertSame(
            [[200_000, 300_000], [200_000, 100_000], [300_000, 200_000], [100_000, 200_000]],
            array_map($notch, [Edge::Bottom, Edge::Top, Edge::Right, Edge::Left]),
        );
    }

    public function test_rays_fill_the_rectangle_side_by_side(): void
    {
        $rect = Rect::ofUnits(0, 0, 700_000, 500_000);
        $area = 0;
        foreach (range(0, 9) as $nth) {
            $area += Form::ray($nth, 10)->outline(Part::of('ray', 'ray', Role::Accent, Inset::in('front')), $rect, Unit::Inch)->area();
        }
        self::assertEqualsWithDelta(1.0, $area / $rect->size->exactArea(), 0.0001);
    }

    public function test_shown_and_hidden_make_up_every_part_whatever_its_shape(): void
    {
        foreach (Sketches::all() as $sketch) {
            foreach (StandardFront::cases() as $standard) {
                foreach ([$standard->size(), $standard->size()->turned()] as $front) {
                    $layout = $sketch->resolve($front, Unit::Inch);
                    $visibility = Visibility::of($layout);
                    foreach ($layout->parts as $laid) {
                        $id = $laid->part->id;
                        self::assertEqualsWithDelta(
                            1.0,
                            $visibility->areaOf($id) / $laid->outline->area(),
                            // A part no larger than a stamp is read in fewer rows.
                            $laid->rect->size->shorter()->units < 203_200 ? 0.015 : 0.005,
                            "$id of $sketch->name on $standard->value",
                        );
                        self::assertSame(
                            $visibility->areaOf($id),
                            $visibility->shownArea($id) + $visibility->hiddenArea($id),
                        );
                        self::assertGreaterThan(
                            0,
                            $visibility->shownArea($id),
                            "all of $id is hidden on $sketch->name",
                        );
                        self::assertGreaterThanOrEqual(0, $visibility->hiddenArea($id));
                    }
                }
            }
        }
    }

    public function test_what_lies_under_a_window_is_seen_through_it(): void
    {
        $layout = Sketches::all()['window-panel']->resolve(StandardFront::A2->size(), Unit::Inch);
        $visibility = Visibility::of($layout);

        // The opening is 2 1/2 × 3 3/4, the paper behind it 3 3/4 × 5.
        self::assertSame(intdiv(100 * 10 * 15, 15 * 20), $visibility->shownPercent('view'));
        self::assertSame(100, $visibility->shownPercent('frame'));
        self::assertNull($visibility->spareOf('view'), 'its middle is what is seen');
    }

    public function test_an_outline_is_crossed_by_level_lines(): void
    {
        $frame = Outline::rect(Rect::ofUnits(0, 0, 100, 100))->open(Outline::rect(Rect::ofUnits(20, 20, 30, 30)));

        self::assertSame([[0, 20], [50, 100]], $frame->across(35));
        self::assertSame([[0, 100]], $frame->across(75));
        self::assertSame([], $frame->across(120));
        self::assertSame(9_100, $frame->area());
    }

    /** @return list<array{string, Unit, string}> */
    public static function measures(): array
    {
        return [
            ['1/8', Unit::Inch, '1/8 in'],
            ['1/8', Unit::Millimetre, '0.125mm'],
            ['3 mm', Unit::Inch, '3mm'],
            ['1/8 in; 3 mm', Unit::Millimetre, '1/8 in; 3 mm'],
            ['5/8 of it', Unit::Inch, '5/8 of it'],
            [' 60 % ', Unit::Millimetre, '60/100 of it'],
        ];
    }

    #[DataProvider('measures')]
    public function test_a_measure_is_read_and_written(string $typed, Unit $unit, string $written): void
    {
        $dim = Dim::parse($typed, $unit);

        self::assertSame($written, $dim->write());
        self::assertEquals($dim, Dim::parse($written, Unit::Inch));
    }

    public function test_a_share_above_the_whole_is_refused(): void
    {
        $this->expectException(BadMeasure::class);
        $this->expectExceptionMessage('"9/8 of it" is not a share of a side.');
        Dim::parse('9/8 of it', Unit::Inch);
    }

    public function test_every_sketch_that_ships_is_written_and_read_back_as_the_same(): void
    {
        foreach (Sketches::all() as $sketch) {
            $written = json_decode((string) json_encode(SketchWriter::write($sketch)), true);
            self::assertEquals($sketch, SketchReader::read($written, Unit::Millimetre), $sketch->name);
        }
    }

    /** @return array<string, array{callable(array<string, mixed>): array<string, mixed>, string, string}> */
    public static function faults(): array
    {
        $part = static fn (array $with): callable => static fn (array $sketch): array => array_replace_recursive(
            $sketch,
            ['parts' => [0 => $with]],
        );

        return [
            'no name' => [
                static fn (array $sketch): array => [...$sketch, 'name' => ' '],
                'name',
                'Give the sketch a name',
            ],
            'no time' => [
                static fn (array $sketch): array => [...$sketch, 'minutes' => 0],
                'minutes',
                'How many minutes',
            ],
            'no parts' => [
                static fn (array $sketch): array => [...$sketch, 'parts' => []],
                'parts',
                'Give the sketch a part.',
            ],
            '500 parts' => [
                static fn (array $sketch): array => [...$sketch, 'parts' => array_fill(0, 500, $sketch['parts'][0])],
                'parts',
                '500 parts are more than a front holds.',
            ],
            'the same part twice' => [
                static fn (array $sketch): array => [
                    ...$sketch,
                    'parts' => [$sketch['parts'][0], $sketch['parts'][0]],
                ],
                'parts.1.name',
                'Two parts are called "mat"',
            ],
            'a name the card needs' => [$part(['id' => 'focal']), 'parts.0.name', 'a name of its own'],
            'an unknown role' => [$part(['role' => 'hero']), 'parts.0.role', 'Say what the part is'],
            'an unknown relation' => [
                $part(['relation' => ['kind' => 'beside']]),
                'parts.0.kind',
                'Say how it is measured',
            ],
            'a measure that cannot be read' => [
                $part(['relation' => ['measures' => ['reveal' => 'wide']]]),
                'parts.0.reveal',
                '"wide" is not a measure',
            ],
            'too much foam' => [$part(['foam' => 9]), 'parts.0.foam', 'From 0 to 4'],
            'an unknown edge' => [
                $part(['relation' => ['kind' => 'strip', 'options' => ['edge' => 'north']]]),
                'parts.0.edge',
                'One of left',
            ],
            'a place that is no number' => [
                $part([
                    'relation' => [
                        'kind' => 'tile',
                        'options' => ['nth' => 'last', 'columns' => '2', 'rows' => '1'],
                    ],
                ]),
                'parts.0.nth',
                'A whole number',
            ],
        ];
    }

    /** @param  callable(array<string, mixed>): array<string, mixed>  $spoil */
    #[DataProvider('faults')]
    public function test_a_fault_in_what_is_written_is_named_at_its_place(callable $spoil, string $at, string $says): void
    {
        try {
            SketchReader::read($spoil(SketchWriter::write(Sketches::all()['panel-on-mat'])), Unit::Inch);
            self::fail('It was read.');
        } catch (BadSketch $bad) {
            self::assertSame([$at], array_keys($bad->faults));
            self::assertStringContainsString($says, $bad->faults[$at]);
        }
    }

    public function test_nonsense_is_refused_and_never_breaks(): void
    {
        $random = new Randomizer(new Mt19937(5));
        $good = SketchWriter::write(Sketches::all()['three-banners']);
        for ($i = 0; $i < 300; $i++) {
            $bad = $good;
            $at = &$bad;
            while (is_array($at) && $at !== [] && $random->getInt(0, 4) > 0) {
                $keys = array_keys($at);
                $at = &$at[$keys[$random->getInt(0, count($keys) - 1)]];
            }
            $at = [null, [], 'x', -1, 1e9, [['x' => []]], str_repeat('y', 400)][$random->getInt(0, 6)];
            unset($at);
            try {
                self::assertNotSame('', SketchReader::read(is_array($bad) ? $bad : [], Unit::Inch)->name);
            } catch (BadSketch $refused) {
                self::assertNotSame([], $refused->faults);
            }
        }
    }
}
