<?php

namespace App\Designs;

use App\Models\Kit;
use App\View\SketchView;
use KeepShare\Core\Card\Part\Accessories;
use KeepShare\Core\Sketch\BadSketch;
use KeepShare\Core\Sketch\CannotResolve;
use KeepShare\Core\Sketch\Sketch;
use KeepShare\Core\Sketch\SketchReader;

/**
 * A sketch that is being written. It may be incomplete.
 *
 * @phpstan-import-type ChosenFront from FrontChoice
 * @phpstan-import-type DrawnSketch from SketchView
 * @phpstan-import-type SketchLine from SketchView
 *
 * @phpstan-type SketchDrawing array{
 *     front: ChosenFront,
 *     faults: array<string, string>,
 *     drawn: DrawnSketch|null,
 *     lines: list<SketchLine>,
 * }
 */
final readonly class SketchDraft
{
    /** The places of a sketch that are not parts. */
    private const PLACES = ['focal', 'sentiment'];

    /** @param  array<array-key, mixed>  $written */
    private function __construct(private array $written, private Kit $kit)
    {
    }

    /** @param  array<array-key, mixed>  $written */
    public static function of(array $written, Kit $kit): self
    {
        return new self($written, $kit);
    }

    /** @return SketchDrawing the sketch on a front, or what is wrong with it by its place */
    public function drawn(FrontChoice $front): array
    {
        $shown = ['front' => $front->toArray(), 'faults' => [], 'drawn' => null, 'lines' => []];
        try {
            // It is drawn before it has a name, but stored only with one.
            $isNamed = is_string($this->written['name'] ?? null) && trim($this->written['name']) !== '';
            $sketch = $this->read($isNamed ? $this->written : [...$this->written, 'name' => 'unnamed']);
            $sketch->resolve($front->size, $this->kit->unit);
        } catch (BadSketch $bad) {
            return [...$shown, 'faults' => $bad->faults];
        } catch (CannotResolve $cannot) {
            return [...$shown, 'faults' => [$this->placeOf($cannot) => $cannot->getMessage()]];
        }
        $view = SketchView::of($sketch, $front->size, $this->kit->unit);

        return [...$shown, 'drawn' => $view->drawn, 'lines' => $view->lines()];
    }

    /** @throws BadSketch with every fault at its place, also where it does not lie on the kit's front */
    public function toCore(): Sketch
    {
        $sketch = $this->read($this->written);
        try {
            $sketch->resolve($this->kit->front(), $this->kit->unit);
        } catch (CannotResolve $cannot) {
            throw BadSketch::with([$this->placeOf($cannot) => $cannot->getMessage()]);
        }

        return $sketch;
    }

    /** @param  array<array-key, mixed>  $written */
    private function read(array $written): Sketch
    {
        return SketchReader::read($written, $this->kit->unit, Accessories::isTaken(...));
    }

    /** The position of a part and its measure in what is written. */
    private function placeOf(CannotResolve $cannot): string
    {
        if (in_array($cannot->part, self::PLACES, true)) {
            return "$cannot->part.$cannot->measure";
        }
        $ids = array_column(is_array($this->written['parts'] ?? null) ? $this->written['parts'] : [], 'id');

        return 'parts.'.((int) array_search($cannot->part, $ids, true)).'.'.$cannot->measure;
    }
}
