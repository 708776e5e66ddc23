<?php

namespace App\Designs;

use App\Models\Kit;
use App\View\GoodView;
use App\View\Page;
use KeepShare\Core\Fold\BaseYield;
use KeepShare\Core\Fold\Blank;
use KeepShare\Core\Kit\FoldEdge;
use KeepShare\Core\Measure\BadMeasure;
use KeepShare\Core\Measure\Length;
use KeepShare\Core\Measure\Size;
use KeepShare\Core\Measure\Unit;
use KeepShare\Core\Sketch\Ladder;

/**
 * The layer ladder, and bases from cardstock, computed from what is typed.
 *
 * @phpstan-type TypedMeasures array{
 *     width: string,
 *     height: string,
 *     reveals: string,
 *     pieceWidth: string,
 *     pieceHeight: string,
 *     layer: string,
 *     layerWidth: string,
 * }
 * @phpstan-type LadderLayer array{inch: string, metric: string, wide: string, width: int, height: int}
 * @phpstan-type BaseLine array{
 *     sheet: string,
 *     fold: string,
 *     blank: string,
 *     score: string,
 *     count: int,
 *     cuts: list<string>,
 * }
 */
final readonly class MeasuresPage extends Page
{
    private const MOST_LAYERS = 12;

    /**
     * @param  TypedMeasures  $typed
     * @param  list<LadderLayer>  $layers
     * @param  string|null  $place  where a piece that is typed goes on the ladder
     * @param  list<BaseLine>  $bases
     * @param  array<string, string>  $faults  by field
     */
    private function __construct(
        public array $typed,
        public array $layers,
        public ?string $place,
        public array $bases,
        public array $faults,
    ) {
    }

    /** @param  TypedMeasures  $typed */
    public static function of(Kit $kit, array $typed): self
    {
        $unit = $kit->unit;
        $refused = new Refused;
        $typedFront = $refused->unlessRead('front', static fn (): Size => Size::parse($typed['width'], $typed['height'], $unit));
        $front = $typedFront ?? $kit->front();
        $read = $refused->unlessRead('reveals', static fn (): Ladder => self::ladder($front, $typed['reveals'], $unit));
        $ladder = $read === null ? null : self::changed($read, $typed, $unit, $refused);
        $reveals = array_map(static fn (Length $reveal): string => $reveal->exact($unit), $ladder->reveals ?? []);

        return new self(
            [
                ...$typed,
                'reveals' => $ladder === null || $typed['layer'] === '' ? $typed['reveals'] : implode(', ', $reveals),
                'layer' => '',
                'layerWidth' => '',
            ],
            array_map(static fn (Size $size): array => self::layer($size, $unit), $ladder->layers ?? []),
            $ladder === null ? null : self::place($ladder, $typed, $unit, $refused),
            self::bases($front, $unit),
            $refused->byField,
        );
    }

    private static function ladder(Size $front, string $reveals, Unit $unit): Ladder
    {
        $parts = preg_split('/\s*[,;]\s*/', trim($reveals), -1, PREG_SPLIT_NO_EMPTY) ?: [];
        if (count($parts) > self::MOST_LAYERS) {
            throw BadMeasure::unreadable(count($parts).' reveals');
        }

        return Ladder::of($front, array_map(static fn (string $one): Length => Length::parse($one, $unit), $parts), $unit);
    }

    /**
     * The ladder with one layer of the typed width, or some marks wider or narrower.
     *
     * @param  TypedMeasures  $typed
     */
    private static function changed(Ladder $ladder, array $typed, Unit $unit, Refused $refused): Ladder
    {
        $layer = (int) $typed['layer'];
        if ($layer < 1 || $layer >= count($ladder->layers)) {
            return $ladder;
        }

        return $refused->unlessRead("layer$layer", static function () use ($ladder, $layer, $typed, $unit): Ladder {
            $isSteps = preg_match('/^([+-]\d{1,2}) marks$/', $typed['layerWidth'], $found) === 1;
            // A mark on either side is two on the width.
            $stepped = $ladder->layers[$layer]->width->units + 2 * (int) ($found[1] ?? 0) * $unit->mark()->units;
            $width = $isSteps ? Length::ofUnits(max(1, $stepped)) : Length::parse($typed['layerWidth'], $unit);

            return $ladder->withWidth($layer, $width, $unit);
        }) ?? $ladder;
    }

    /** @return LadderLayer */
    private static function layer(Size $size, Unit $unit): array
    {
        return [
            'inch' => $size->format(Unit::Inch),
            'metric' => $size->format(Unit::Millimetre),
            'wide' => $size->width->exact($unit),
            ...GoodView::size($size),
        ];
    }

    /** @param  TypedMeasures  $typed */
    private static function place(Ladder $ladder, array $typed, Unit $unit, Refused $refused): ?string
    {
        [$width, $height] = [$typed['pieceWidth'], $typed['pieceHeight']];
        if (trim($width.$height) === '') {
            return null;
        }
        $piece = $refused->unlessRead('piece', static fn (): Size => Size::parse($width, $height, $unit));
        if ($piece === null) {
            return null;
        }
        $place = $ladder->placeFor($piece);
        if ($place === null) {
            return "{$piece->label($unit)} is larger than the front: it would overhang.";
        }

        return sprintf(
            '%s on %s leaves %s visible at the sides, %s at top and bottom.',
            $piece->label($unit),
            $place['layer'] === 0 ? 'the front itself' : "layer {$place['layer']}",
            $place['sides']->label($unit),
            $place['ends']->label($unit),
        );
    }

    /** @return list<BaseLine> */
    private static function bases(Size $front, Unit $unit): array
    {
        $bases = [];
        foreach (FoldsPage::stock() as $name => $sheet) {
            foreach (FoldEdge::cases() as $fold) {
                $blank = Blank::for($front, $fold);
                $yield = BaseYield::of($sheet, $blank->size);
                $bases[] = [
                    'sheet' => $name,
                    'fold' => $fold->value,
                    'blank' => $blank->size->format($unit),
                    'score' => $blank->score->format($unit),
                    'count' => $yield->count,
                    'cuts' => FoldsPage::cuts($yield, $unit),
                ];
            }
        }

        return $bases;
    }
}
