<?php

declare(strict_types=1);

namespace KeepShare\Core\Sketch;

use Closure;
use KeepShare\Core\Measure\Unit;

/** Reads a sketch from plain data. Every fault is named with its place before anything is made of the data. */
final class SketchReader
{
    public const MOST_PARTS = 40;

    /** Names that a part may not have, since a sketch gives them to its places. */
    private const TAKEN = ['front', 'focal', 'sentiment'];

    /** @param  Closure(string): bool  $isTaken */
    private function __construct(private readonly Written $written, private readonly Closure $isTaken)
    {
    }

    /**
     * @param  array<array-key, mixed>  $data  as SketchWriter writes it; measures without a unit are in $unit
     * @param  (Closure(string): bool)|null  $isTaken  whether cards give a name to something else; null for what was read once
     *
     * @throws BadSketch with every fault by its place
     */
    public static function read(array $data, Unit $unit, ?Closure $isTaken = null): Sketch
    {
        $written = Written::in($unit);
        $sketch = (new self($written, $isTaken ?? static fn (): bool => false))->sketch($data);
        if ($written->faults() !== []) {
            throw BadSketch::with($written->faults());
        }

        return $sketch ?? throw BadSketch::with(['parts' => 'Give the sketch a part.']);
    }

    /** @param  array<array-key, mixed>  $data */
    private function sketch(array $data): ?Sketch
    {
        $rows = is_array($data['parts'] ?? null) ? array_values($data['parts']) : [];
        if (count($rows) > self::MOST_PARTS) {
            $says = sprintf('%d parts are more than a front holds. Up to %d can be read.', count($rows), self::MOST_PARTS);
            $this->written->fault('parts', $says);

            return null;
        }
        $parts = [];
        foreach ($rows as $n => $row) {
            $part = $this->part(is_array($row) ? $row : [], "parts.$n");
            if (isset($parts[$part->id])) {
                $this->written->fault("parts.$n.name", "Two parts are called \"$part->id\". Give one of them another name.");
            }
            $parts[$part->id] = $part;
        }
        $name = $this->written->text($data['name'] ?? '', 'name', 60, 'Give the sketch a name of up to 60 characters.');
        $minutes = is_numeric($data['minutes'] ?? null) ? (int) $data['minutes'] : 0;
        if ($minutes < 1 || $minutes > 600) {
            $this->written->fault('minutes', 'How many minutes does it take? From 1 to 600.');
        }
        $focal = $this->relation($data['focal'] ?? null, 'focal');
        $sentiment = $this->relation($data['sentiment'] ?? null, 'sentiment');
        $cluster = Cluster::tryFrom(Written::plain($data['cluster'] ?? '')) ?? Cluster::Triangle;
        $focus = Focus::tryFrom(Written::plain($data['focus'] ?? '')) ?? Focus::Picture;

        return $parts === []
            ? null
            : Sketch::of(
                Written::plain($data['key'] ?? ''),
                $name,
                array_values($parts),
                $focal,
                $sentiment,
                max(1, $minutes),
                $cluster,
                $focus,
            );
    }

    /** @param  array<array-key, mixed>  $row */
    private function part(array $row, string $at): Part
    {
        $id = Written::plain($row['id'] ?? '');
        if (preg_match('/^[a-z0-9][a-z0-9-]{0,39}$/', $id) !== 1 || in_array($id, self::TAKEN, true) || ($this->isTaken)($id)) {
            $this->written->fault("$at.name", 'Give the part a name of its own in letters and figures.');
        }
        $role = Role::tryFrom(Written::plain($row['role'] ?? ''));
        if ($role === null) {
            $this->written->fault("$at.role", 'Say what the part is: a background, a panel, a mat …');
        }
        $foam = is_numeric($row['foam'] ?? 0) ? (int) ($row['foam'] ?? 0) : -1;
        if ($foam < 0 || $foam > 4) {
            $this->written->fault("$at.foam", 'From 0 to 4 layers of foam.');
        }

        return Part::of(
            $id,
            $this->written->text($row['name'] ?? '', "$at.name", 40, 'Give the part a name of up to 40 characters.'),
            $role ?? Role::Guide,
            $this->relation($row['relation'] ?? null, $at),
            $this->form($row['form'] ?? null, $at),
            max(0, $foam),
        );
    }

    private function relation(mixed $data, string $at): Relation
    {
        $data = is_array($data) ? $data : [];
        $kind = RelationKind::tryFrom(Written::plain($data['kind'] ?? ''));
        if ($kind === null) {
            $this->written->fault("$at.kind", 'Say how it is measured.');

            return Inset::in('front');
        }
        $options = [];
        foreach ($kind->rule()->options() as $name => $values) {
            $options[$name] = $this->option(is_array($data['options'] ?? null) ? $data['options'][$name] ?? '' : '', $values, "$at.$name");
        }

        return Relation::by(
            $kind,
            Written::plain($data['of'] ?? ''),
            $this->written->measures($data, array_keys($kind->rule()->measures($options)), $at),
            $options,
        );
    }

    private function form(mixed $data, string $at): Form
    {
        $data = is_array($data) ? $data : [];
        $kind = FormKind::tryFrom(Written::plain($data['kind'] ?? '')) ?? FormKind::Plain;
        $options = [];
        foreach ($kind->options() as $name => $values) {
            $options[$name] = $this->option(is_array($data['options'] ?? null) ? $data['options'][$name] ?? '' : '', $values, "$at.$name");
        }

        return Form::by($kind, $this->written->measures($data, array_keys($kind->measures()), $at), $options);
    }

    /**
     * @param  list<string>|null  $values  null for the id of a part, [] for a number
     */
    private function option(mixed $value, ?array $values, string $at): string
    {
        if ($values !== null && $values !== []) {
            return $this->written->oneOf($value, $values, $at);
        }
        $text = Written::plain($value);
        if ($values === [] && preg_match('/^\d{1,2}$/', $text) !== 1) {
            $this->written->fault($at, 'A whole number from 0 to 99.');
        }

        return $text;
    }
}
