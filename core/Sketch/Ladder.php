<?php

declare(strict_types=1);

namespace KeepShare\Core\Sketch;

use KeepShare\Core\Measure\BadMeasure;
use KeepShare\Core\Measure\Length;
use KeepShare\Core\Measure\Rect;
use KeepShare\Core\Measure\Size;
use KeepShare\Core\Measure\Unit;

/** The layer ladder: a front, and layers on it, each smaller than the one below by a reveal on every side. */
final readonly class Ladder
{
    /**
     * @param  non-empty-list<Size>  $layers  the front first
     * @param  list<Length>  $reveals  between them
     */
    private function __construct(public array $layers, public array $reveals)
    {
    }

    /**
     * @param  list<Length>  $reveals  how much of each layer shows round the next, from the front up
     *
     * @throws CannotResolve naming the layer that is eaten
     */
    public static function of(Size $front, array $reveals, Unit $unit): self
    {
        $layers = [Rect::whole($front)];
        foreach ($reveals as $n => $reveal) {
            try {
                $layers[] = $layers[$n]->inset($reveal);
            } catch (BadMeasure) {
                throw CannotResolve::layer($n + 1, $reveal, $unit);
            }
        }

        return new self(array_map(static fn (Rect $rect): Size => $rect->size, $layers), $reveals);
    }

    /**
     * One layer with another width: its reveal changes. The layers on it keep their reveals, so they follow.
     *
     * @throws CannotResolve when it would be wider than what it lies on, or eats a layer on it
     */
    public function withWidth(int $layer, Length $width, Unit $unit): self
    {
        $under = $this->layers[$layer - 1]->width;
        if ($width->isLongerThan($under)) {
            throw CannotResolve::widerThanUnder($layer, $width, $under, $unit);
        }
        $reveals = $this->reveals;
        $reveals[$layer - 1] = Length::ofUnits(intdiv($under->units - $width->units, 2));

        return self::of($this->layers[0], array_values($reveals), $unit);
    }

    /**
     * Where an existing piece fits: on the smallest layer that carries it. It also says what is then visible at the
     * sides, top and bottom.
     *
     * @return array{layer: int, sides: Length, ends: Length}|null null where it is larger than the front; layer 0 is the front
     */
    public function placeFor(Size $piece): ?array
    {
        for ($n = count($this->layers) - 1; $n >= 0; $n--) {
            $layer = $this->layers[$n];
            if ($piece->fitsIn($layer)) {
                return [
                    'layer' => $n,
                    'sides' => Length::ofUnits(intdiv($layer->width->minus($piece->width)->units, 2)),
                    'ends' => Length::ofUnits(intdiv($layer->height->minus($piece->height)->units, 2)),
                ];
            }
        }

        return null;
    }
}
