<?php

namespace App\Designs;

use App\Models\Kit;
use KeepShare\Core\Arrange\Arrangement;
use KeepShare\Core\Arrange\ArrangementReader;
use KeepShare\Core\Arrange\BadArrangement;

/**
 * An arrangement that is being written. It may be incomplete.
 *
 * @phpstan-import-type ChosenFront from FrontChoice
 * @phpstan-import-type DrawnArrangement from ArrangementView
 *
 * @phpstan-type ArrangementDrawing array{front: ChosenFront, faults: array<string, string>, drawn: DrawnArrangement|null}
 */
final readonly class ArrangementDraft
{
    /** @param  array<array-key, mixed>  $written */
    private function __construct(private array $written, private Kit $kit)
    {
    }

    /** @param  array<array-key, mixed>  $written */
    public static function of(array $written, Kit $kit): self
    {
        return new self($written, $kit);
    }

    /** @return ArrangementDrawing on a front, or what is wrong with it by its place */
    public function drawn(FrontChoice $front): array
    {
        // It is drawn before it has a name, but stored only with one.
        $isNamed = is_string($this->written['name'] ?? null) && trim($this->written['name']) !== '';
        try {
            $arrangement = ArrangementReader::read($isNamed ? $this->written : [...$this->written, 'name' => 'unnamed'], $this->kit->unit);
        } catch (BadArrangement $bad) {
            return ['front' => $front->toArray(), 'faults' => $bad->faults, 'drawn' => null];
        }

        return [
            'front' => $front->toArray(),
            'faults' => [],
            'drawn' => ArrangementView::of($arrangement, $front->size, $this->kit->unit),
        ];
    }

    /** @throws BadArrangement with every fault at its place */
    public function toCore(): Arrangement
    {
        return ArrangementReader::read($this->written, $this->kit->unit);
    }
}
