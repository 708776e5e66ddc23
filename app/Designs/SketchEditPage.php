<?php

namespace App\Designs;

use App\Models\Kit;
use App\Models\OwnSketch;
use App\View\ChoiceView;
use App\View\Page;
use KeepShare\Core\Sketch\Cluster;
use KeepShare\Core\Sketch\Dim;
use KeepShare\Core\Sketch\FormKind;
use KeepShare\Core\Sketch\Inset;
use KeepShare\Core\Sketch\Part;
use KeepShare\Core\Sketch\RelationKind;
use KeepShare\Core\Sketch\Role;
use KeepShare\Core\Sketch\Sketch;
use KeepShare\Core\Sketch\SketchWriter;

/**
 * A sketch being written: its parts as they are typed, and the result.
 *
 * @phpstan-import-type Choice from ChoiceView
 * @phpstan-import-type SketchDrawing from SketchDraft
 * @phpstan-import-type WrittenSketch from SketchWriter
 *
 * @phpstan-type RuleKind array{
 *     key: string,
 *     label: string,
 *     measures: list<string>,
 *     options: array<string, list<string>|null>,
 * }
 */
final readonly class SketchEditPage extends Page
{
    /**
     * @param  WrittenSketch  $written
     * @param  SketchDrawing  $drawing
     * @param  list<Choice>  $roles
     * @param  list<string>  $clusters
     * @param  list<RuleKind>  $relations
     * @param  list<RuleKind>  $forms
     */
    private function __construct(
        public ?int $id,
        public array $written,
        public array $drawing,
        public array $roles,
        public array $clusters,
        public array $relations,
        public array $forms,
    ) {
    }

    /** A sketch of the maker's own, to be changed. */
    public static function of(Kit $kit, OwnSketch $own, FrontChoice $front): self
    {
        return self::with($kit, $own->toCore(), $own->id, $front);
    }

    /** A copy of a sketch, or one framed panel to start with. */
    public static function copyOf(?Sketch $sketch, Kit $kit, FrontChoice $front): self
    {
        return self::with($kit, $sketch === null ? self::blank() : $sketch->named('', "$sketch->name, my way"), null, $front);
    }

    private static function with(Kit $kit, Sketch $sketch, ?int $id, FrontChoice $front): self
    {
        $written = SketchWriter::write($sketch);

        return new self(
            $id,
            $written,
            SketchDraft::of($written, $kit)->drawn($front),
            ChoiceView::all(Role::drawn(), static fn (Role $role): string => $role->says()),
            array_column(Cluster::cases(), 'value'),
            array_map(self::relation(...), RelationKind::cases()),
            array_map(self::form(...), FormKind::cases()),
        );
    }

    /** @return RuleKind */
    private static function relation(RelationKind $kind): array
    {
        $rule = $kind->rule();

        return [
            'key' => $kind->value,
            'label' => $kind->says(),
            'measures' => array_keys($rule->measures([])),
            'options' => $rule->options(),
        ];
    }

    /** @return RuleKind */
    private static function form(FormKind $kind): array
    {
        return [
            'key' => $kind->value,
            'label' => $kind->says(),
            'measures' => array_keys($kind->measures()),
            'options' => $kind->options(),
        ];
    }

    private static function blank(): Sketch
    {
        $panel = Part::of('panel', 'panel', Role::Background, Inset::in('front'));
        [$focal, $sentiment] = [Inset::in('panel', Dim::share(1, 8)), Inset::in('panel', Dim::share(1, 4))];

        return Sketch::of('', '', [$panel], $focal, $sentiment, 10);
    }
}
