<?php

namespace App\Pages;

use App\Models\Kit;
use Closure;
use KeepShare\Core\Fold\BaseYield;
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
     * @param  array{width: string, height: string, reveals: string, pieceWidth: string, pieceHeight: string}  $typed
     * @return array<string, mixed>
     */
    public static function of(Kit $kit, array $typed): array
    {
        $page = new self($kit->unit);
        $front = $page->size('front', $typed['width'], $typed['height']) ?? $kit->front();
        $ladder = $page->ladder($front, $typed['reveals']);

        return [
            'typed' => $typed,
            'layers' => array_map(static fn (Size $size): array => ['inch' => $size->format(Unit::Inch), 'metric' => $size->format(Unit::Millimetre), ...GoodView::size($size)], $ladder->layers ?? []),
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

            return Ladder::of($front, array_map(fn (string $reveal): Length => Length::parse($reveal, $this->unit), $parts));
        });
    }

    private function size(string $field, string $width, string $height): ?Size
    {
        return $this->read($field, fn (): Size => Size::parse($width, $height, $this->unit));
    }

    /** @param  array{width: string, height: string, reveals: string, pieceWidth: string, pieceHeight: string}  $typed */
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
        $sheets = ['8 1/2 × 11 in' => Size::parse('8 1/2', '11', Unit::Inch), '12 × 12 in' => Size::parse('12', '12', Unit::Inch), 'A4, 210 × 297 mm' => Size::parse('210', '297', Unit::Millimetre)];
        $bases = [];
        foreach ($sheets as $name => $sheet) {
            foreach (FoldEdge::cases() as $fold) {
                $yield = BaseYield::of($sheet, $front, $fold);
                $cuts = [];
                foreach ($yield->plan->sheets === [] ? [] : $yield->plan->sheets[0]->cuts() as $cut) {
                    $cuts[] = $cut->at()->format($this->unit).($cut->direction()->value === 'down' ? ' from the left' : ' from the top');
                }
                $bases[] = [
                    'sheet' => $name,
                    'fold' => $fold->value,
                    'blank' => $yield->blank->size->format($this->unit),
                    'score' => $yield->blank->score->format($this->unit),
                    'count' => $yield->count,
                    'cuts' => $cuts,
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
