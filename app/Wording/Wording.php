<?php

namespace App\Wording;

use App\Models\Component;
use KeepShare\Core\Kit\Component as CoreComponent;
use KeepShare\Core\Kit\KindGroup;
use KeepShare\Core\Measure\Length;
use KeepShare\Core\Measure\Unit;

/** How counts and kinds are said on every page. */
final class Wording
{
    /** "2", "72 in", "plenty" or "–" for what is never used up. */
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
     * Sorts components into the groups; empty groups are left out.
     *
     * @template T
     *
     * @param  iterable<T>  $lines
     * @param  callable(T): Component  $component
     * @return list<array{title: string, lines: list<T>}>
     */
    public static function grouped(iterable $lines, callable $component): array
    {
        $groups = [];
        foreach (KindGroup::cases() as $group) {
            $own = [];
            foreach ($lines as $line) {
                if ($component($line)->kind->good()::group() === $group) {
                    $own[] = $line;
                }
            }
            if ($own !== []) {
                $groups[] = ['title' => $group->value, 'lines' => $own];
            }
        }

        return $groups;
    }

    /** What a card takes of a good that is not cut: "1", "12 in", or nothing where there is no end of it. */
    public static function taken(CoreComponent $component, int $quantity, Unit $unit): string
    {
        return $component->isEndless() ? '' : self::count($component, $quantity, $unit);
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
