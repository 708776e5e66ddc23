<?php

namespace App\Classes;

use App\Models\ClassPlan;
use App\View\Page;
use App\Wording\Minutes;
use App\Wording\Wording;
use KeepShare\Core\Bench\StepKinds;
use KeepShare\Core\Kit\Kind;
use KeepShare\Core\Measure\Length;
use KeepShare\Core\Workshop\ClassNeed;
use KeepShare\Core\Workshop\Workshop;

/**
 * A class: what is done beforehand and at the table, the cuts by setting, what is needed and to buy, and the timetable.
 *
 * @phpstan-type ClassKind array{key: string, label: string, time: string, isAhead: bool}
 * @phpstan-type ClassLine array{component: string, name: string, needs: string, spares: string, here: string, add: string|null}
 * @phpstan-type ClassSetting array{at: string, cuts: int}
 * @phpstan-type ClassMoment array{at: string, card: int, says: string, tool: string}
 */
final readonly class ClassLookPage extends Page
{
    /** The beginning, if none is said. */
    private const NOON = '14:00';

    /**
     * @param  list<ClassKind>  $kinds
     * @param  list<ClassSetting>  $settings
     * @param  list<array{title: string, lines: list<ClassLine>}>  $groups
     * @param  list<array{label: string, time: string}>  $before
     * @param  list<ClassMoment>  $clock
     */
    private function __construct(
        public int $id,
        public string $name,
        public string $about,
        public int $cards,
        public int $people,
        public int $mostPeople,
        public int $spareIn,
        public string $begins,
        public array $kinds,
        public array $settings,
        public array $groups,
        public array $before,
        public string $beforeTime,
        public array $clock,
        public string $ends,
    ) {
    }

    public static function of(ClassPlan $class): self
    {
        $table = ClassTable::of($class);
        $workshop = $table->workshop;
        $needs = $table->needs();
        $before = $workshop->preparing($needs);
        $begins = $class->begins === '' ? self::NOON : $class->begins;
        $clock = $workshop->clock();
        $last = $clock === [] ? 0 : end($clock)['at'] + intdiv(3 * end($clock)['step']->seconds, 2);

        return new self(
            $class->id,
            $class->name,
            $table->recipe === null ? 'of the share-out of this kit' : "of the recipe \"{$table->recipe->name}\"",
            count($workshop->cards),
            $class->people,
            Workshop::MOST_PEOPLE,
            $class->spare_in,
            $begins,
            self::kinds($workshop),
            self::settings($table, $needs),
            self::groups($table, $needs),
            array_map(
                static fn (string $kind, int $seconds): array => ['label' => self::label($kind), 'time' => Minutes::of($seconds)],
                array_keys($before),
                $before,
            ),
            Minutes::of(array_sum($before)),
            array_map(static fn (array $moment): array => [
                'at' => self::at($begins, $moment['at']),
                'card' => $moment['step']->card,
                'says' => $moment['step']->says,
                'tool' => $moment['step']->tool->name,
            ], $clock),
            self::at($begins, $last),
        );
    }

    private static function label(string $kind): string
    {
        return $kind === Workshop::CUTTING ? 'Trim all papers and cardstock' : StepKinds::of($kind)?->label() ?? $kind;
    }

    /** A time of day some seconds later. */
    private static function at(string $begins, int $seconds): string
    {
        [$hours, $minutes] = array_map(intval(...), explode(':', $begins));
        $all = 60 * $hours + $minutes + intdiv($seconds, 60);

        return sprintf('%02d:%02d', intdiv($all, 60) % 24, $all % 60);
    }

    /** @return list<ClassKind> */
    private static function kinds(Workshop $workshop): array
    {
        $kinds = [[
            'key' => Workshop::CUTTING,
            'label' => self::label(Workshop::CUTTING),
            'time' => '',
            'isAhead' => in_array(Workshop::CUTTING, $workshop->ahead, true),
        ]];
        foreach ($workshop->kinds() as $kind => $seconds) {
            $kinds[] = [
                'key' => $kind,
                'label' => self::label($kind),
                'time' => Minutes::of($seconds),
                'isAhead' => in_array($kind, $workshop->ahead, true),
            ];
        }

        return $kinds;
    }

    /**
     * @param  array<string, ClassNeed>  $needs
     * @return list<ClassSetting>
     */
    private static function settings(ClassTable $table, array $needs): array
    {
        $settings = Workshop::settings($needs);

        return array_map(
            static fn (int $at, int $cuts): array => ['at' => Length::ofUnits($at)->label($table->unit), 'cuts' => $cuts],
            array_keys($settings),
            $settings,
        );
    }

    /**
     * @param  array<string, ClassNeed>  $needs
     * @return list<array{title: string, lines: list<ClassLine>}>
     */
    private static function groups(ClassTable $table, array $needs): array
    {
        $groups = [];
        foreach ($needs as $id => $need) {
            $groups[$table->components[$id]->kind()->good()::group()->value][] = self::line($table, $need);
        }

        return array_map(
            static fn (string $title, array $lines): array => ['title' => $title, 'lines' => $lines],
            array_keys($groups),
            $groups,
        );
    }

    /** @return ClassLine */
    private static function line(ClassTable $table, ClassNeed $need): array
    {
        $kind = $table->components[$need->component]->kind();
        $here = $table->hereOf($need->component);
        $amount = static fn (int $count): string => match (true) {
            $kind === Kind::Ribbon => Length::ofUnits($count)->label($table->unit),
            $kind->isSheets() => Wording::plural($count, 'sheet'),
            default => (string) $count,
        };
        $spares = $kind->isSheets() ? Wording::plural($need->spares, 'piece') : $amount($need->spares);

        return [
            'component' => $need->component,
            'name' => $table->nameOf($need->component),
            'needs' => $amount($need->needs),
            'spares' => $need->spares === 0 ? '–' : $spares,
            'here' => $here === null ? 'not known' : $amount($here),
            'add' => $need->needs > ($here ?? 0) ? $amount($need->needs - ($here ?? 0)) : null,
        ];
    }
}
