<?php

namespace App\Designs;

use App\Models\Kit;
use App\Models\OwnArrangement;
use App\View\ChoiceView;
use App\View\Page;
use KeepShare\Core\Arrange\Arrangement;
use KeepShare\Core\Arrange\Arrangements;
use KeepShare\Core\Arrange\ArrangementWriter;
use KeepShare\Core\Arrange\Family;
use KeepShare\Core\Arrange\Pieces;
use KeepShare\Core\Arrange\Spot;
use KeepShare\Core\Arrange\SpotKind;
use KeepShare\Core\Sketch\Cluster;

/**
 * An arrangement being written: its places as they are typed, and the result.
 *
 * @phpstan-import-type ArrangementDrawing from ArrangementDraft
 * @phpstan-import-type Choice from ChoiceView
 * @phpstan-import-type WrittenArrangement from ArrangementWriter
 *
 * @phpstan-type SpotRule array{key: string, label: string, measures: list<string>, options: array<string, list<string>>}
 */
final readonly class ArrangementEditPage extends Page
{
    /**
     * @param  WrittenArrangement  $written
     * @param  ArrangementDrawing  $drawing
     * @param  list<Choice>  $pieces
     * @param  list<SpotRule>  $kinds
     * @param  list<string>  $places
     * @param  list<string>  $families
     * @param  list<string>  $clusters
     */
    private function __construct(
        public ?int $id,
        public array $written,
        public array $drawing,
        public array $pieces,
        public array $kinds,
        public array $places,
        public array $families,
        public array $clusters,
    ) {
    }

    public static function of(Kit $kit, OwnArrangement $own, FrontChoice $front): self
    {
        return self::with($kit, $own->toCore(), $own->id, $front);
    }

    /** A copy of an arrangement, or of a centred one if there is no other. */
    public static function copyOf(?Arrangement $arrangement, Kit $kit, FrontChoice $front): self
    {
        $from = $arrangement ?? Arrangements::all()['centred'];

        return self::with($kit, $from->named('', "$from->name, my way"), null, $front);
    }

    private static function with(Kit $kit, Arrangement $arrangement, ?int $id, FrontChoice $front): self
    {
        $written = ArrangementWriter::write($arrangement);
        $piece = static fn (string $id, array $piece): array => ['key' => $id, 'label' => $piece[1]];

        return new self(
            $id,
            $written,
            ArrangementDraft::of($written, $kit)->drawn($front),
            array_map($piece, array_keys(Pieces::all()), array_values(Pieces::all())),
            array_map(self::kind(...), SpotKind::cases()),
            Spot::PLACES,
            array_column(Family::cases(), 'value'),
            array_column(Cluster::cases(), 'value'),
        );
    }

    /** @return SpotRule */
    private static function kind(SpotKind $kind): array
    {
        return [
            'key' => $kind->value,
            'label' => $kind->says(),
            'measures' => array_keys($kind->rule()->measures([])),
            'options' => $kind->rule()->options(),
        ];
    }
}
