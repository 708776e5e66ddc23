<?php

namespace App\Pages;

use App\Models\Kit;
use Closure;
use KeepShare\Core\Fold\BaseYield;
use KeepShare\Core\Fold\Blank;
use KeepShare\Core\Kit\FoldEdge;
use KeepShare\Core\Measure\BadMeasure;
use KeepShare\Core\Measure\Length;
use KeepShare\Core\Measure\Size;
use KeepShare\Core\Measure\Unit;
use KeepShare\Core\Refusal;
use KeepShare\Core\Sketch\Ladder;

/** The layer ladder and bases from cardstock, worked out from what is typed. */
final class MeasuresPage
{
    private const MOST_LAYERS = 12;

    /** @var array<string, string> what is wrong, by field */
    private array $faults = [];

    private function __construct(private readonly Unit $unit)
    {
    }

    /**
     * @param  array{width: string, height: string, reveals: string, pieceWidth: string, pieceHeight: string, layer: string, layerWidth: string}  $typed
     * @return array<string, mixed>
     */
    public static function of(Kit $kit, array $typed): array
    {
        $page = new self($kit->unit);
        $front = $page->size('front', $typed['width'], $typed['height']) ?? $kit->front();
        $ladder = $page->ladder($front, $typed['reveals']);
        $ladder = $ladder === null ? null : $page->changed($ladder, $typed);

        return [
            'typed' => [...$typed, 'reveals' => $ladder === null || $typed['layer'] === '' ? $typed['reveals'] : implode(', ', array_map(static fn (Length $reveal): string => $reveal->exact($kit->unit), $ladder->reveals)), 'layer' => '', 'layerWidth' => ''],
            'layers' => array_map(static fn (Size $size): array => ['inch' => $size->format(Unit::Inch), 'metric' => $size->format(Unit::Millimetre), 'wide' => $size->width->exact($kit->unit), ...GoodView::size($size)], $ladder->layers ?? []),
            'place' => $ladder === null ? null : $page->place($ladder, $typed),
            'bases' => $page->bases($front),
            'faults' => (object) $page->faults,
        ];
    }

    private function ladder(Size $front, string $reveals): ?Ladder
    {
        return $this->read('reveals', function () use ($front, $reveals): Ladder {
            $parts = preg_split('/\s*[,;]\s*/', trim($reveals), -1, PREG_SPLIT_NO_EMPTY) ?: [];
            if (count($parts) > self::MOST_LAYERS) {
                throw BadMeasure::unreadable(count($parts).' reveals');
            }

            return Ladder::of($front, array_map(fn (string $reveal): Length => Length::parse($reveal, $this->unit), $parts), $this->unit);
        });
    }

    /**
     * The ladder with one layer made of the width that is typed, or so many marks wider or narrower.
     *
     * @param  array{layer: string, layerWidth: string, ...}  $typed
     */
    private function changed(Ladder $ladder, array $typed): Ladder
    {
        $layer = (int) $typed['layer'];
        if ($layer < 1 || $layer >= count($ladder->layers)) {
            return $ladder;
        }

        return $this->read("layer$layer", function () use ($ladder, $layer, $typed): Ladder {
            // A mark on either side is two on the width.
            $steps = preg_match('/^([+-]\d{1,2}) marks$/', $typed['layerWidth'], $found) === 1 ? 2 * (int) $found[1] : null;
            $width = $steps === null
                ? Length::parse($typed['layerWidth'], $this->unit)
                : Length::ofUnits(max(1, $ladder->layers[$layer]->width->units + $steps * $this->unit->mark()->units));

            return $ladder->withWidth($layer, $width, $this->unit);
        }) ?? $ladder;
    }

    private function size(string $field, string $width, string $height): ?Size
    {
        return $this->read($field, fn (): Size => Size::parse($width, $height, $this->unit));
    }

    /** @param  array{width: string, height: string, reveals: string, pieceWidth: string, pieceHeight: string, layer: string, layerWidth: string}  $typed */
    private function place(Ladder $ladder, array $typed): ?string
    {
        if (trim($typed['pieceWidth'].$typed['pieceHeight']) === '') {
            return null;
        }
        $piece = $this->size('piece', $typed['pieceWidth'], $typed['pieceHeight']);
        if ($piece === null) {
            return null;
        }
        $place = $ladder->placeFor($piece);

        return $place === null
            ? sprintf('%s is larger than the front: it would overhang.', $piece->label($this->unit))
            : sprintf(
                '%s goes on %s: %s shows at the sides, %s at top and bottom.',
                $piece->label($this->unit),
                $place['layer'] === 0 ? 'the front itself' : "layer {$place['layer']}",
                $place['sides']->label($this->unit),
                $place['ends']->label($this->unit),
            );
    }

    /** @return list<array<string, mixed>> */
    private function bases(Size $front): array
    {
        $bases = [];
        foreach (FoldsPage::stock() as $name => $sheet) {
            foreach (FoldEdge::cases() as $fold) {
                $blank = Blank::for($front, $fold);
                $yield = BaseYield::of($sheet, $blank->size);
                $bases[] = [
                    'sheet' => $name,
                    'fold' => $fold->value,
                    'blank' => $blank->size->format($this->unit),
                    'score' => $blank->score->format($this->unit),
                    'count' => $yield->count,
                    'cuts' => FoldsPage::cuts($yield, $this->unit),
                ];
            }
        }

        return $bases;
    }

    /**
     * @template T
     *
     * @param  Closure(): T  $do
     * @return T|null
     */
    private function read(string $field, Closure $do): mixed
    {
        try {
            return $do();
        } catch (Refusal $wrong) {
            $this->faults[$field] = $wrong->getMessage();

            return null;
        }
    }
}
