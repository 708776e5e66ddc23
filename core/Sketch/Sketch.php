<?php

declare(strict_types=1);

namespace KeepShare\Core\Sketch;

use KeepShare\Core\Measure\Rect;
use KeepShare\Core\Measure\Size;
use KeepShare\Core\Measure\Unit;

/**
 * A layout with measures but no papers: parts from the bottom up, each measured from one before it,
 * and a place each for the focal point and the sentiment.
 */
final readonly class Sketch
{
    /** @param  non-empty-list<Part>  $parts */
    private function __construct(
        public string $key,
        public string $name,
        public array $parts,
        private Relation $focal,
        private Relation $sentiment,
        public int $minutes,
    ) {
    }

    /**
     * @param  non-empty-list<Part>  $parts  from the bottom up
     * @param  Relation  $focal  where the focal point may lie
     * @param  Relation  $sentiment  where the sentiment may lie
     */
    public static function of(string $key, string $name, array $parts, Relation $focal, Relation $sentiment, int $minutes): self
    {
        return new self($key, $name, $parts, $focal, $sentiment, $minutes);
    }

    /**
     * Every part with its exact place and size on a front.
     *
     * @throws CannotResolve naming the part that does not fit
     */
    public function resolve(Size $front, Unit $unit): Layout
    {
        $placed = ['front' => Rect::whole($front)];
        $laid = [];
        foreach ($this->parts as $part) {
            $placed[$part->id] = $rect = self::placeOf($part->relation, $placed, $unit, $part->name);
            if ($part->role !== Role::Guide) {
                $laid[] = Laid::of($part, $rect);
            }
        }

        return Layout::of(
            $front,
            $laid,
            self::placeOf($this->focal, $placed, $unit, 'place of the focal point'),
            self::placeOf($this->sentiment, $placed, $unit, 'place of the sentiment'),
        );
    }

    /** The name of a part of a card on this sketch, also of those every card has. */
    public function partName(string $id): string
    {
        foreach ($this->parts as $part) {
            if ($part->id === $id) {
                return $part->name;
            }
        }

        return match ($id) {
            'focal' => 'focal point',
            'sentiment-label' => 'sentiment label',
            default => $id,
        };
    }

    /** @param  array<string, Rect>  $placed */
    private static function placeOf(Relation $relation, array $placed, Unit $unit, string $name): Rect
    {
        $of = $placed[$relation->of()] ?? throw CannotResolve::unknownPart($name, $relation->of());
        $rect = $relation->place($of, $unit, $name);

        return $placed['front']->contains($rect)
            ? $rect
            : throw CannotResolve::tooLarge($name, $rect->bottom(), $placed['front']->bottom(), $unit);
    }
}
