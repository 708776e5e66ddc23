<?php

namespace Tests\Core;

use KeepShare\Core\Fold\BaseYield;
use KeepShare\Core\Fold\Blank;
use KeepShare\Core\Fold\StandardFront;
use KeepShare\Core\Kit\FoldEdge;
use KeepShare\Core\Measure\Length;
use KeepShare\Core\Measure\Size;
use KeepShare\Core\Measure\Unit;
use KeepShare\Core\Sketch\CannotResolve;
use KeepShare\Core\Sketch\FormKind;
use KeepShare\Core\Sketch\Ladder;
use KeepShare\Core\Sketch\Layout;
use KeepShare\Core\Sketch\Part;
use KeepShare\Core\Sketch\Sketch;
use KeepShare\Core\Sketch\Sketches;
use KeepShare\Core\Sketch\Visibility;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\Replay;

/** The layer ladder, what stays visible, and bases from a sheet. */
final class DesignTest extends TestCase
{
    public function test_the_ladder_as_it_is_worked_out_on_paper(): void
    {
        $eighth = Length::inches(0, 1, 8);
        $ladder = Ladder::of(StandardFront::A2->size(), [$eighth, $eighth, Length::inches(0, 1, 16)], Unit::Inch);

        self::assertSame(
            ['4 1/4 × 5 1/2', '4 × 5 1/4', '3 3/4 × 5', '3 5/8 × 4 7/8'],
            array_map(static fn (Size $size): string => $size->format(Unit::Inch), $ladder->layers),
        );
        $place = $ladder->placeFor(Size::parse('3 1/2', '5', Unit::Inch)) ?? self::fail('It fits.');
        self::assertSame([2, '1/8', '0'], [$place['layer'], $place['sides']->format(Unit::Inch), $place['ends']->format(Unit::Inch)]);
        self::assertNull($ladder->placeFor(Size::parse('4 1/2', '3', Unit::Inch)), 'it overhangs the front');
    }

    public function test_one_layer_is_changed_and_those_on_it_follow(): void
    {
        $eighth = Length::inches(0, 1, 8);
        $ladder = Ladder::of(StandardFront::A2->size(), [$eighth, $eighth, $eighth], Unit::Inch)->withWidth(
            2,
            Length::inches(3),
            Unit::Inch,
        );

        self::assertSame(
            ['4 1/4 × 5 1/2', '4 × 5 1/4', '3 × 4 1/4', '2 3/4 × 4'],
            array_map(static fn (Size $size): string => $size->format(Unit::Inch), $ladder->layers),
        );
        self::assertSame(
            ['1/8', '1/2', '1/8'],
            array_map(static fn (Length $reveal): string => $reveal->format(Unit::Inch), $ladder->reveals),
        );
        $this->expectExceptionMessage('Layer 2 would be 4 1/8 in wide, wider than what it lies on, 4 in.');
        $ladder->withWidth(2, Length::inches(4, 1, 8), Unit::Inch);
    }

    public function test_a_reveal_that_eats_a_layer_names_it(): void
    {
        $this->expectException(CannotResolve::class);
        $this->expectExceptionMessage('Nothing is left of layer 2');
        Ladder::of(StandardFront::Mini->size(), [Length::inches(1), Length::inches(1)], Unit::Inch);
    }

    public function test_the_visible_areas_of_all_parts_add_up_to_the_area_they_cover(): void
    {
        $plain = array_filter(
            Sketches::all(),
            static fn (Sketch $sketch): bool => array_filter(
                $sketch->parts,
                static fn (Part $part): bool => $part->form->kind !== FormKind::Plain,
            ) === [],
        );
        self::assertGreaterThanOrEqual(24, count($plain));
        foreach ($plain as $sketch) {
            foreach (StandardFront::cases() as $standard) {
                foreach ([$standard->size(), $standard->size()->turned()] as $front) {
                    $layout = $sketch->resolve($front, Unit::Inch);
                    $visibility = Visibility::of($layout);
                    self::assertSame(
                        self::union($layout),
                        array_sum(
                            array_map(
                                static fn ($laid): int => $visibility->shownArea($laid->part->id),
                                $layout->parts,
                            ),
                        ),
                        "$sketch->name on $standard->value",
                    );
                }
            }
        }
    }

    public function test_the_middle_of_a_mat_can_be_used_elsewhere(): void
    {
        $layout = Sketches::all()['panel-on-mat']->resolve(StandardFront::A2->size(), Unit::Inch);
        $visibility = Visibility::of($layout);

        self::assertSame('2 3/4 × 4', $visibility->spareOf('mat')?->format(Unit::Inch), 'half an inch is left under the panel all round');
        self::assertSame(10, $visibility->shownPercent('mat'));
        self::assertNull($visibility->spareOf('panel'));
    }

    public function test_reveals_are_those_of_the_ladder(): void
    {
        $layout = Sketches::all()['stacked-mats']->resolve(StandardFront::A2->size(), Unit::Inch);
        foreach (['mat', 'panel', 'inner'] as $id) {
            $laid = array_values(
                array_filter($layout->parts, static fn ($laid): bool => $laid->part->id === $id),
            )[0];
            self::assertSame(
                ['1/8', '1/8', '1/8', '1/8'],
                array_values(
                    array_map(
                        static fn (Length $reveal): string => $reveal->format(Unit::Inch),
                        $layout->reveals($laid),
                    ),
                ),
                $id,
            );
        }
    }

    /** @return list<array{string, string, Unit, StandardFront, FoldEdge, int, string, string}> */
    public static function sheets(): array
    {
        return [
            ['8 1/2', '11', Unit::Inch, StandardFront::A2, FoldEdge::Side, 2, '8 1/2 × 5 1/2', '4 1/4'],
            ['8 1/2', '11', Unit::Inch, StandardFront::A2, FoldEdge::Top, 2, '4 1/4 × 11', '5 1/2'],
            ['210', '297', Unit::Millimetre, StandardFront::A6, FoldEdge::Side, 2, '210 × 148', '105'],
            ['12', '12', Unit::Inch, StandardFront::A2, FoldEdge::Side, 2, '8 1/2 × 5 1/2', '4 1/4'],
            ['12', '12', Unit::Inch, StandardFront::SixBySix, FoldEdge::Side, 2, '12 × 6', '6'],
            ['8 1/2', '11', Unit::Inch, StandardFront::Mini, FoldEdge::Side, 4, '5 1/2 × 3 1/2', '2 3/4'],
            ['6', '6', Unit::Inch, StandardFront::A2, FoldEdge::Side, 0, '8 1/2 × 5 1/2', '4 1/4'],
        ];
    }

    #[DataProvider('sheets')]
    public function test_bases_from_a_sheet(
        string $width,
        string $height,
        Unit $unit,
        StandardFront $front,
        FoldEdge $fold,
        int $count,
        string $blank,
        string $score,
    ): void {
        $folded = Blank::for($front->size(), $fold);
        $yield = BaseYield::of(Size::parse($width, $height, $unit), $folded->size);

        self::assertSame([$count, $blank, $score], [$yield->count, $yield->blank->format($unit), $folded->score->format($unit)]);
        $wanted = [];
        foreach ($yield->plan->sheets as $sheet) {
            foreach ($sheet->pieces() as $piece) {
                $wanted[(string) $piece->piece] = \KeepShare\Core\Cut\Piece::of((string) $piece->piece, $yield->blank, true);
            }
            self::assertCount($count, Replay::of($sheet, $wanted));
        }
    }

    /** The area that any part covers, cell by cell of a fine common grid. */
    private static function union(Layout $layout): int
    {
        $xs = [];
        $ys = [];
        foreach ($layout->parts as $laid) {
            array_push($xs, $laid->rect->x->units, $laid->rect->right()->units);
            array_push($ys, $laid->rect->y->units, $laid->rect->bottom()->units);
        }
        sort($xs);
        sort($ys);
        $area = 0;
        for ($i = 0; $i + 1 < count($xs); $i++) {
            for ($j = 0; $j + 1 < count($ys); $j++) {
                [$x, $y] = [intdiv($xs[$i] + $xs[$i + 1], 2), intdiv($ys[$j] + $ys[$j + 1], 2)];
                foreach ($layout->parts as $laid) {
                    $r = $laid->rect;
                    if ($r->x->units <= $x && $x < $r->right()->units && $r->y->units <= $y && $y < $r->bottom()->units) {
                        $area += ($xs[$i + 1] - $xs[$i]) * ($ys[$j + 1] - $ys[$j]);
                        break;
                    }
                }
            }
        }

        return $area;
    }
}
