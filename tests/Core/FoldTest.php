<?php

namespace Tests\Core;

use KeepShare\Core\Fold\CannotFold;
use KeepShare\Core\Fold\FoldKind;
use KeepShare\Core\Fold\FoldPart;
use KeepShare\Core\Fold\StandardEnvelope;
use KeepShare\Core\Fold\StandardFront;
use KeepShare\Core\Measure\Length;
use KeepShare\Core\Measure\Size;
use KeepShare\Core\Measure\Unit;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Folds as computed on paper, and what holds for each of them on every front. */
final class FoldTest extends TestCase
{
    /** @return array<string, array{FoldKind, StandardFront, Unit, string, list<string>, array<string, string>}> blank, scores, parts */
    public static function worked(): array
    {
        return [
            'side' => [FoldKind::Side, StandardFront::A2, Unit::Inch, '8 1/2 × 5 1/2', ['4 1/4'], []],
            'top' => [FoldKind::Top, StandardFront::A2, Unit::Inch, '4 1/4 × 11', ['5 1/2'], []],
            'A6 is half of A5' => [FoldKind::Side, StandardFront::A6, Unit::Millimetre, '210 × 148', ['105'], []],
            'gatefold' => [
                FoldKind::Gatefold,
                StandardFront::A2,
                Unit::Inch,
                '8 1/2 × 5 1/2',
                ['2 1/8', '6 3/8'],
                ['left-flap' => '1 7/8 × 5 1/4', 'right-flap' => '1 7/8 × 5 1/4', 'inside' => '4 × 5 1/4'],
            ],
            'gatefold of A6' => [
                FoldKind::Gatefold,
                StandardFront::A6,
                Unit::Millimetre,
                '210 × 148',
                ['52.5', '157.5'],
                ['left-flap' => '46.5 × 142', 'right-flap' => '46.5 × 142', 'inside' => '99 × 142'],
            ],
            'short front' => [
                FoldKind::ShortFront,
                StandardFront::A2,
                Unit::Inch,
                '7 1/2 × 5 1/2',
                ['3 1/4'],
                ['front-panel' => '3 × 5 1/4', 'inside-strip' => '1 1/4 × 5 1/2'],
            ],
            'envelope flap' => [
                FoldKind::EnvelopeFlap,
                StandardFront::A2,
                Unit::Inch,
                '8 1/2 × 5 1/2',
                ['4 1/4'],
                ['flap' => '3 × 3', 'back-cover' => '4 × 2 5/8'],
            ],
            'slider' => [
                FoldKind::Slider,
                StandardFront::A2,
                Unit::Inch,
                '4 1/8 × 5 3/8',
                [],
                ['sleeve' => '9 × 5 1/2'],
            ],
            'two mini cards' => [
                FoldKind::MiniCard,
                StandardFront::A2,
                Unit::Inch,
                '8 1/2 × 2 3/4',
                ['4 1/4'],
                ['front-panel' => '4 × 2 1/2'],
            ],
            'pocket' => [
                FoldKind::Pocket,
                StandardFront::A2,
                Unit::Inch,
                '4 1/4 × 10 1/2',
                ['5 1/2'],
                ['tag' => '3 11/16 × 5 3/8'],
            ],
            'double card' => [
                FoldKind::DoubleCard,
                StandardFront::A2,
                Unit::Inch,
                '8 1/2 × 5 1/2',
                ['4 1/4'],
                ['inner-base' => '8 1/4 × 5 1/4', 'inner-front' => '3 7/8 × 5'],
            ],
            'tag' => [
                FoldKind::Tag,
                StandardFront::A2,
                Unit::Inch,
                '2 1/8 × 5 1/2',
                [],
                ['front-panel' => '1 7/8 × 5 1/4'],
            ],
            'shaker' => [
                FoldKind::Shaker,
                StandardFront::A2,
                Unit::Inch,
                '8 1/2 × 5 1/2',
                ['4 1/4'],
                [
                    'window-panel' => '4 × 5 1/4',
                    'acetate' => '3 × 4 1/4',
                    'wall-1' => '1/4 × 4 3/4',
                    'wall-2' => '1/4 × 4 3/4',
                    'backing' => '4 × 5 1/4',
                ],
            ],
        ];
    }

    /**
     * @param  list<string>  $scores
     * @param  array<string, string>  $parts
     */
    #[DataProvider('worked')]
    public function test_a_fold_as_it_is_worked_out_on_paper(
        FoldKind $fold,
        StandardFront $front,
        Unit $unit,
        string $blank,
        array $scores,
        array $parts,
    ): void {
        $built = $fold->construct($front->size(), $unit);

        self::assertSame($blank, $built->blank->size->format($unit));
        self::assertSame(
            $scores,
            array_map(static fn (Length $at): string => $at->format($unit), $built->blank->scores),
        );
        self::assertSame(
            $parts,
            array_column(
                array_map(
                    static fn (FoldPart $part): array => [$part->id, $part->size->format($unit)],
                    $built->parts,
                ),
                1,
                0,
            ),
        );
    }

    public function test_the_slider_sleeve_wraps_round_and_has_a_tab(): void
    {
        $sleeve = FoldKind::Slider->construct(StandardFront::A2->size(), Unit::Inch)->part('sleeve') ?? self::fail();

        self::assertSame(['4 1/4', '8 1/2'], array_map(static fn (Length $at): string => $at->format(Unit::Inch), $sleeve->scores));
        self::assertSame('1/2', $sleeve->size->width->minus($sleeve->scores[1])->format(Unit::Inch));
    }

    public function test_foam_keeps_a_quarter_inch_from_the_opening_of_a_shaker(): void
    {
        $built = FoldKind::Shaker->construct(StandardFront::A2->size(), Unit::Inch);

        self::assertStringContainsString('Cut the opening, 2 1/2 in × 3 3/4 in, 3/4 in from every edge', $built->steps[0]);
        self::assertStringContainsString('1/4 in from the opening at least', $built->steps[2]);
        // Round 2 1/2 × 3 3/4, a quarter off it, in strips a quarter wide: 2 × (3 1/2 + 4 3/4) less the corners once.
        self::assertSame('strips all round, 15 1/2 in in all', $built->part('wall-1')?->note);
    }

    public function test_every_fold_on_every_front_is_whole_or_says_it_is_too_small(): void
    {
        foreach (FoldKind::cases() as $fold) {
            foreach (StandardFront::cases() as $standard) {
                foreach (Unit::cases() as $unit) {
                    foreach ([$standard->size(), $standard->size()->turned()] as $front) {
                        $built = $fold->construct($front, $unit);
                        self::assertTrue($built->closed->fitsIn($front), $fold->value);
                        self::assertTrue($built->face->fitsIn($built->closed), $fold->value);
                        self::assertNotSame('', $built->open);
                        foreach ([$built->blank, ...$built->parts] as $part) {
                            $side = $part->isScoredAcross ? $part->size->height : $part->size->width;
                            foreach ($part->scores as $at) {
                                self::assertTrue($side->isLongerThan($at) && ! $at->isZero(), "$part->name of $fold->value");
                            }
                        }
                    }
                }
            }
        }
        $this->expectException(CannotFold::class);
        $this->expectExceptionMessage('too small for this fold');
        FoldKind::Shaker->construct(Size::parse('1', '1', Unit::Inch), Unit::Inch);
    }

    public function test_the_envelope_grows_with_the_card(): void
    {
        $a2 = StandardFront::A2->size();

        self::assertSame(StandardEnvelope::A2, StandardEnvelope::for($a2, Length::millimetres(1)));
        self::assertSame(StandardEnvelope::C6, StandardEnvelope::for($a2, Length::millimetres(4)));
        self::assertSame(StandardEnvelope::A7, StandardEnvelope::for(StandardFront::FiveBySeven->size(), Length::millimetres(1)));
        self::assertSame(StandardEnvelope::Mini, StandardEnvelope::for(StandardFront::Mini->size(), Length::millimetres(1)));
        self::assertNull(StandardEnvelope::for(Size::parse('9', '12', Unit::Inch), Length::millimetres(1)));
    }
}
