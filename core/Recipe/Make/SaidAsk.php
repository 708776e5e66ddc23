<?php

declare(strict_types=1);

namespace KeepShare\Core\Recipe\Make;

use KeepShare\Core\Fold\StandardFront;
use KeepShare\Core\Measure\BadMeasure;
use KeepShare\Core\Measure\Length;
use KeepShare\Core\Measure\Size;
use KeepShare\Core\Measure\Unit;
use KeepShare\Core\Recipe\BadRecipe;
use KeepShare\Core\Sketch\Sketch;

/** What a recipe is to be made of, as a maker types it: "6x6", "15 x 15 cm", "A2", "max". */
final class SaidAsk
{
    /** @var array<string, string> */
    private array $faults = [];

    /** @param  array<string, string>  $said  by field; what is not said is as usual */
    private function __construct(private readonly array $said, private readonly Unit $unit)
    {
    }

    /**
     * @param  array<string, string>  $said  sheets, sheet, front, cards, alike, papers, waste, frame, unit
     * @param  list<Sketch>  $sketches
     *
     * @throws BadRecipe with every fault by its field
     */
    public static function of(array $said, array $sketches): Ask
    {
        $said = array_filter(array_map(trim(...), $said), static fn (string $text): bool => $text !== '');

        return (new self($said, self::unit($said)))->ask($sketches);
    }

    /** @param  array<string, string>  $said */
    private static function unit(array $said): Unit
    {
        $unit = Unit::tryFrom($said['unit'] ?? '');
        $isMetric = preg_match('/[cm]m\b/i', ($said['sheet'] ?? '').' '.($said['front'] ?? '')) === 1
            || mb_strtoupper($said['front'] ?? '') === StandardFront::A6->value;

        return $unit ?? ($isMetric ? Unit::Millimetre : Unit::Inch);
    }

    /** @param  list<Sketch>  $sketches */
    private function ask(array $sketches): Ask
    {
        $cards = $this->said['cards'] ?? 'max';
        $sheet = $this->size('sheet', '6 x 6');
        $front = $this->front();
        $sheets = $this->whole('sheets', 6);
        $many = $cards === 'max' ? null : $this->whole('cards', 0);
        $alike = $this->whole('alike', 1);
        $papers = isset($this->said['papers']) ? $this->whole('papers', 0) : null;
        $waste = $this->whole('waste', 3);
        $frame = $this->frame();
        if ($this->faults !== []) {
            throw BadRecipe::because($this->faults);
        }

        return Ask::of($sheets, $sheet, $front, $this->unit, $many, $alike, $papers, $sketches, $waste, $frame);
    }

    private function whole(string $field, int $usual): int
    {
        $text = $this->said[$field] ?? (string) $usual;
        if (preg_match('/^\d{1,4}$/', $text) !== 1) {
            $this->faults[$field] = "Expected a whole number, not \"$text\".";
        }

        return (int) $text;
    }

    private function size(string $field, string $usual): Size
    {
        try {
            return Size::said($this->said[$field] ?? $usual, $this->unit);
        } catch (BadMeasure $wrong) {
            $this->faults[$field] = $wrong->getMessage();

            return StandardFront::A2->size();
        }
    }

    private function front(): Size
    {
        $said = $this->said['front'] ?? StandardFront::A2->value;
        $plain = static fn (string $name): string => mb_strtolower(str_replace([' ', '×'], ['', 'x'], $name));
        foreach (StandardFront::cases() as $front) {
            if ($plain($front->value) === $plain($said)) {
                return $front->size();
            }
        }

        return $this->size('front', $said);
    }

    private function frame(): ?Length
    {
        if (! isset($this->said['frame'])) {
            return null;
        }
        try {
            return Length::parse($this->said['frame'], $this->unit);
        } catch (BadMeasure $wrong) {
            $this->faults['frame'] = $wrong->getMessage();

            return null;
        }
    }
}
