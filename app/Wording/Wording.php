<?php

namespace App\Wording;

use App\Models\Component;
use KeepShare\Core\Kit\Component as CoreComponent;
use KeepShare\Core\Kit\KindGroup;
use KeepShare\Core\Measure\Length;
use KeepShare\Core\Measure\Unit;

/** How counts and kinds are written on every page. */
final class Wording
{
    /** "2", "72 in", "plenty", or "–" for what is never used up. */
    public static function count(CoreComponent $component, int $count, Unit $unit): string
    {
        return match (true) {
            $component->good->isPlenty() => 'plenty',
            $component->isEndless() => '–',
            $component->kind()->isByLength() => ($count < 0 ? '−' : '').Length::ofUnits(abs($count))->label($unit),
            default => (string) $count,
        };
    }

    /**
     * Components in their groups, without empty groups.
     *
     * @template T
     *
     * @param  iterable<Component>  $components
     * @param  callable(Component): T  $line
     * @return list<array{title: string, lines: list<T>}>
     */
    public static function grouped(iterable $components, callable $line): array
    {
        $lines = [];
        foreach ($components as $component) {
            $lines[$component->kind->good()::group()->value][] = $line($component);
        }
        $groups = [];
        foreach (KindGroup::cases() as $group) {
            if (isset($lines[$group->value])) {
                $groups[] = ['title' => $group->value, 'lines' => $lines[$group->value]];
            }
        }

        return $groups;
    }

    /** What a card takes of a good that is not cut: "1", "12 in", or nothing if it is endless. */
    public static function taken(CoreComponent $component, int $quantity, Unit $unit): string
    {
        return $component->isEndless() ? '' : self::count($component, $quantity, $unit);
    }

    /**
     * "12 in²" or "80 cm²", to the whole one.
     *
     * @param  float  $area  in square units
     */
    public static function area(float $area, Unit $unit): string
    {
        [$side, $label] = $unit === Unit::Inch ? [Length::inches(1)->units, 'in²'] : [Length::millimetres(10)->units, 'cm²'];

        return round($area / $side / $side)." $label";
    }

    /** "a panel", "an inner panel" */
    public static function one(string $thing): string
    {
        return (preg_match('/^[aeiou]/i', $thing) === 1 ? 'an ' : 'a ').$thing;
    }

    public static function plural(int $count, string $one, ?string $many = null): string
    {
        return $count.' '.($count === 1 ? $one : $many ?? $one.'s');
    }
}
