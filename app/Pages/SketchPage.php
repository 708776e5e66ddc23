<?php

namespace App\Pages;

use App\Models\Kit;
use App\Models\OwnSketch;
use KeepShare\Core\Card\Part\OwnParts;
use KeepShare\Core\Sketch\BadSketch;
use KeepShare\Core\Sketch\CannotResolve;
use KeepShare\Core\Sketch\Cluster;
use KeepShare\Core\Sketch\Dim;
use KeepShare\Core\Sketch\FormKind;
use KeepShare\Core\Sketch\Inset;
use KeepShare\Core\Sketch\Part;
use KeepShare\Core\Sketch\RelationKind;
use KeepShare\Core\Sketch\Role;
use KeepShare\Core\Sketch\Rule;
use KeepShare\Core\Sketch\Sketch;
use KeepShare\Core\Sketch\SketchReader;
use KeepShare\Core\Sketch\SketchWriter;

/** A sketch being written: its parts as they are typed, and what comes of them. */
final class SketchPage
{
    /** @return array<string, mixed> */
    public static function of(Kit $kit, Sketch $sketch, ?OwnSketch $own, FrontChoice $front): array
    {
        $written = SketchWriter::write($sketch);

        return [
            'id' => $own?->id,
            'written' => $written,
            'drawing' => self::draw($kit, $written, $front),
            'roles' => array_map(static fn (Role $role): array => ['key' => $role->value, 'label' => $role->says()], Role::cases()),
            'clusters' => array_column(Cluster::cases(), 'value'),
            'relations' => array_map(static fn (RelationKind $kind): array => ['key' => $kind->value, 'label' => $kind->says(), 'measures' => self::measures($kind->rule()), 'options' => $kind->rule()->options()], RelationKind::cases()),
            'forms' => array_map(static fn (FormKind $kind): array => ['key' => $kind->value, 'label' => $kind->says(), 'measures' => array_keys($kind->measures()), 'options' => $kind->options()], FormKind::cases()),
        ];
    }

    /** One framed panel to start from. */
    public static function blank(): Sketch
    {
        return Sketch::of('', '', [Part::of('panel', 'panel', Role::Background, Inset::in('front'))], Inset::in('panel', Dim::share(1, 8)), Inset::in('panel', Dim::share(1, 4)), 10);
    }

    /**
     * @param  array<array-key, mixed>  $written
     * @return array<string, mixed> the sketch on a front, or what is wrong with it by its place
     */
    public static function draw(Kit $kit, array $written, FrontChoice $front): array
    {
        $shown = ['front' => $front->toArray()];
        try {
            // It is drawn before it has a name; it is kept only with one.
            $isNamed = is_string($written['name'] ?? null) && trim($written['name']) !== '';
            $sketch = SketchReader::read($isNamed ? $written : [...$written, 'name' => 'unnamed'], $kit->unit, OwnParts::isTaken(...));
            $sketch->resolve($front->size, $kit->unit);
        } catch (BadSketch $bad) {
            return [...$shown, 'faults' => $bad->faults, 'drawn' => null];
        } catch (CannotResolve $cannot) {
            return [...$shown, 'faults' => [self::placeOf($written, $cannot) => $cannot->getMessage()], 'drawn' => null];
        }

        return [...$shown, 'faults' => (object) [], 'drawn' => SketchesPage::chosen($sketch, $front->size, $kit->unit)];
    }

    /**
     * Where in what is written a part and its measure stand.
     *
     * @param  array<array-key, mixed>  $written
     */
    public static function placeOf(array $written, CannotResolve $cannot): string
    {
        if (in_array($cannot->part, ['focal', 'sentiment'], true)) {
            return "$cannot->part.$cannot->measure";
        }
        $ids = array_column(is_array($written['parts'] ?? null) ? $written['parts'] : [], 'id');

        return 'parts.'.((int) array_search($cannot->part, $ids, true)).'.'.$cannot->measure;
    }

    /** @return list<string> */
    private static function measures(Rule $rule): array
    {
        return array_keys($rule->measures([]));
    }
}
