<?php

declare(strict_types=1);

namespace KeepShare\Core\Arrange;

use KeepShare\Core\Measure\Unit;
use KeepShare\Core\Sketch\Cluster;
use KeepShare\Core\Sketch\Written;

/** Reads an arrangement from plain data. Every fault is named with its place before anything is made of the data. */
final class ArrangementReader
{
    private function __construct(private readonly Written $written)
    {
    }

    /**
     * @param  array<array-key, mixed>  $data  as ArrangementWriter writes it; measures without a unit are in $unit
     *
     * @throws BadArrangement with every fault by its place
     */
    public static function read(array $data, Unit $unit): Arrangement
    {
        $written = Written::in($unit);
        $arrangement = (new self($written))->arrangement($data);
        if ($written->faults() !== []) {
            throw BadArrangement::with($written->faults());
        }

        return $arrangement ?? throw BadArrangement::with(['spots' => 'Give the arrangement a place for something.']);
    }

    /** @param  array<array-key, mixed>  $data */
    private function arrangement(array $data): ?Arrangement
    {
        $spots = [];
        foreach (is_array($data['spots'] ?? null) ? array_values($data['spots']) : [] as $n => $row) {
            $spot = $this->spot(is_array($row) ? $row : [], "spots.$n");
            if ($spot !== null && isset($spots[$spot->id])) {
                $this->written->fault("spots.$n.id", 'There is one such place already.');
            }
            if ($spot !== null) {
                $spots[$spot->id] = $spot;
            }
        }
        foreach (array_values($spots) as $n => $spot) {
            if (! in_array($spot->of, Spot::PLACES, true) && ! isset($spots[$spot->of])) {
                $this->written->fault("spots.$n.of", 'Say what it is measured from: a place of the front, or another piece.');
            } elseif ($this->isRing($spot, $spots)) {
                $this->written->fault("spots.$n.of", 'It would be measured from itself.');
            }
        }
        $name = $this->written->text($data['name'] ?? '', 'name', 80, 'Give the arrangement a name of up to 80 characters.');
        $family = $this->written->oneOf($data['family'] ?? '', array_column(Family::cases(), 'value'), 'family');
        $cluster = Cluster::tryFrom(Written::plain($data['cluster'] ?? '')) ?? Cluster::Triangle;
        $all = array_values($spots);

        return $all === []
            ? null
            : Arrangement::of(Written::plain($data['key'] ?? ''), $name, Family::tryFrom($family) ?? Family::Centred, $all, $cluster);
    }

    /** @param  array<array-key, mixed>  $row */
    private function spot(array $row, string $at): ?Spot
    {
        $id = Written::plain($row['id'] ?? '');
        if (! isset(Pieces::all()[$id])) {
            $this->written->fault("$at.id", 'Say what lies there.');
        }
        $kind = SpotKind::tryFrom(Written::plain($row['kind'] ?? ''));
        if ($kind === null) {
            $this->written->fault("$at.kind", 'Say how it is measured.');
        }
        if (! isset(Pieces::all()[$id]) || $kind === null) {
            return null;
        }
        $options = $this->options($row, $kind, $at);

        return Spot::by(
            $id,
            $this->stands($row, $id, $at),
            $kind,
            Written::plain($row['of'] ?? ''),
            $this->written->measures($row, array_keys($kind->rule()->measures($options)), $at),
            $options,
            $this->turn($row, $at),
            self::isTrue($row['lifted'] ?? false),
            self::isTrue($row['key'] ?? false),
            $this->written->signed($row['right'] ?? '', "$at.right"),
            $this->written->signed($row['down'] ?? '', "$at.down"),
        );
    }

    /** @param  array<array-key, mixed>  $row */
    private function stands(array $row, string $id, string $at): Stands
    {
        $usual = Pieces::all()[$id][0];
        $text = Written::plain($row['stands'] ?? '');
        $stands = $text === '' ? $usual : Stands::tryFrom($text);
        $isOne = $stands === $usual || ($usual === Stands::Small && in_array($stands, [Stands::Twin, Stands::Sky], true));
        if (! $isOne) {
            $this->written->fault("$at.stands", "A {$usual->value} lies there.");
        }

        return $isOne ? $stands : $usual;
    }

    /**
     * @param  array<array-key, mixed>  $row
     * @return array<string, string>
     */
    private function options(array $row, SpotKind $kind, string $at): array
    {
        $options = [];
        foreach ($kind->rule()->options() as $name => $values) {
            $value = is_array($row['options'] ?? null) ? $row['options'][$name] ?? '' : '';
            $options[$name] = $this->written->oneOf($value, $values, "$at.$name");
        }

        return $options;
    }

    /** @param  array<array-key, mixed>  $row */
    private function turn(array $row, string $at): int
    {
        $turn = $row['turn'] ?? 0;
        if (! is_numeric($turn) || abs((int) $turn) > 180) {
            $this->written->fault("$at.turn", 'From -180 to 180 degrees, in steps of five.');

            return 0;
        }

        return (int) $turn;
    }

    /** @param  array<string, Spot>  $spots */
    private function isRing(Spot $spot, array $spots): bool
    {
        $seen = [];
        for ($of = $spot->of; isset($spots[$of]); $of = $spots[$of]->of) {
            if ($of === $spot->id || isset($seen[$of])) {
                return true;
            }
            $seen[$of] = true;
        }

        return false;
    }

    private static function isTrue(mixed $value): bool
    {
        return $value === true || $value === 1 || $value === '1';
    }
}
