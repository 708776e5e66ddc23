<?php

declare(strict_types=1);

namespace KeepShare\Core\Arrange;

use KeepShare\Core\Measure\Length;
use KeepShare\Core\Measure\Rect;
use KeepShare\Core\Measure\Size;
use KeepShare\Core\Measure\Unit;
use KeepShare\Core\Sketch\Layout;

/**
 * The pieces of a card in their exact places, from the bottom up, and the trimmings round them.
 *
 * A missing piece leaves its place empty. Pieces that were measured from it are measured from the middle of that place,
 * so that the group moves together.
 */
final class Group
{
    /** A piece on a higher piece may reach beyond it by this much before it needs a shim, in per cent. */
    private const BESIDE = 10;

    /** The margin that is left free at the edges of the front where there is room: 1/8 in. */
    public const RIM = 25_400;

    /** @var array<string, Placed> by part, from the bottom up */
    public array $pieces = [];

    /** @var list<array{int, int, int}> middles of the trimmings, and half of how wide each is */
    public array $dots = [];

    /** @var array<string, array{int, int, int, int}> what is measured from: left, top, width, height */
    private array $boxes = [];

    /** @var array<string, true> those being placed now */
    private array $open = [];

    /** @var array<string, array{int, int}> */
    private array $middles = [];

    /** @var array<string, Placed> before they rest on one another */
    private array $placed = [];

    /** @param  array<string, GroupPiece>  $stands  by part */
    private function __construct(
        public readonly Arrangement $arrangement,
        public readonly Size $front,
        public readonly Rect $panel,
        private readonly array $stands,
        public readonly Unit $unit,
    ) {
    }

    /**
     * @param  array<string, GroupPiece>  $stands  what stands in it, by part
     * @param  bool  $hasFoam  what is lifted lies on foam; flat where there is none
     * @param  int  $trimmings  how many gems, dots and the like lie round it
     */
    public static function of(
        Arrangement $arrangement,
        Layout $layout,
        array $stands,
        Unit $unit,
        bool $hasFoam = true,
        int $trimmings = 0,
    ): self {
        $room = Room::on($layout);

        return self::inRoom($arrangement, $room, $layout->front, $stands, $unit, $hasFoam, $trimmings);
    }

    /** @param  array<string, GroupPiece>  $stands */
    public static function inRoom(
        Arrangement $arrangement,
        Room $room,
        Size $front,
        array $stands,
        Unit $unit,
        bool $hasFoam = true,
        int $trimmings = 0,
    ): self {
        $group = new self($arrangement, $front, $room->panel, $stands, $unit);
        $group->boxes = $room->places;
        $group->boxes['seam'] ??= $room->places['panel'];
        $group->lay($hasFoam);
        $group->dots = $trimmings === 0 ? [] : Trimmings::round($group, $trimmings);

        return $group;
    }

    public function piece(string $part): ?Placed
    {
        return $this->pieces[$part] ?? null;
    }

    /** @return array<string, Length> the measures of a piece as they are on this front, by name */
    public function lengths(string $part): array
    {
        $piece = $this->piece($part);

        return $piece === null ? [] : $piece->spot->lengths(
            $this->boxOf($piece->spot->of, $part),
            $piece->stand->size,
            $this->unit,
        );
    }

    /** @return list<Placed> what lies over a piece: what comes after it */
    public function over(string $part): array
    {
        $over = [];
        $isOver = false;
        foreach ($this->pieces as $id => $piece) {
            if ($isOver) {
                $over[] = $piece;
            }
            $isOver = $isOver || $id === $part;
        }

        return $over;
    }

    /** @return list<string> ids of the places the arrangement cannot do without and that are empty */
    public function gone(): array
    {
        $gone = [];
        foreach ($this->arrangement->spots as $spot) {
            if ($spot->isKey && ! isset($this->pieces[$spot->id])) {
                $gone[] = $spot->id;
            }
        }

        return $gone;
    }

    /** @return array{int, int, int, int} the box round all pieces, or the middle of the panel: left, top, right, bottom */
    public function bounds(): array
    {
        $boxes = array_column(array_filter($this->pieces, static fn (Placed $one): bool => ! $one->spot->kind->isTrimmed()), 'bounds');
        if ($boxes === []) {
            [$left, $top, $width, $height] = $this->boxes['panel'];
            [$x, $y] = [$left + intdiv($width, 2), $top + intdiv($height, 2)];

            return [$x, $y, $x, $y];
        }

        return [
            min(array_column($boxes, 0)),
            min(array_column($boxes, 1)),
            max(array_column($boxes, 2)),
            max(array_column($boxes, 3)),
        ];
    }

    private function lay(bool $hasFoam): void
    {
        $known = array_column($this->arrangement->spots, 'id');
        $loose = array_map(Pieces::loose(...), array_values(array_diff(array_keys($this->stands), $known)));
        foreach ([...$this->arrangement->spots, ...$loose] as $spot) {
            $stand = $this->stands[$spot->id] ?? null;
            if ($stand === null) {
                continue;
            }
            $this->pieces[$spot->id] = $this->resting($this->placed($stand, $spot), $hasFoam);
        }
    }

    private function placed(GroupPiece $stand, Spot $spot): Placed
    {
        if (! isset($this->placed[$spot->id])) {
            [$x, $y] = $this->middle($spot);
            $trim = $spot->kind->isTrimmed() ? $this->trimOf($spot) : null;
            $this->placed[$spot->id] = Placed::at($stand, $spot, $x, $y, $trim);
        }

        return $this->placed[$spot->id];
    }

    /** The height of a piece on what lies under it, with foam or a shim between. */
    private function resting(Placed $piece, bool $hasFoam): Placed
    {
        if ($piece->stand->isInk) {
            return $piece;
        }
        $under = array_values(array_filter(
            $this->pieces,
            static fn (Placed $one): bool => ! $one->stand->isInk && Hidden::meet($piece, $one),
        ));
        $highest = max([0, ...array_map(static fn (Placed $one): int => $one->up, $under)]);
        $bearing = array_values(array_filter($under, static fn (Placed $one): bool => $one->up === $highest));
        $isShimmed = $highest > 0 && Hidden::percent($piece, $bearing) < 100 - self::BESIDE;

        return $piece->lying(
            $highest + (int) ($piece->spot->isLifted && $hasFoam),
            $isShimmed,
            array_map(static fn (Placed $one): string => $one->part(), $under),
        );
    }

    /** @return array{int, int} */
    private function middle(Spot $spot): array
    {
        if (isset($this->middles[$spot->id])) {
            return $this->middles[$spot->id];
        }
        $size = ($this->stands[$spot->id] ?? null)->size ?? Size::ofUnits(1, 1);
        [$x, $y] = $spot->middle($this->boxOf($spot->of, $spot->id), $size, $this->front, $this->unit);
        if (! $spot->kind->isTrimmed()) {
            [$x, $y] = array_map($this->onMark(...), $this->kept($x, $y, $size, $spot->turn));
        }

        // A piece that the maker has moved stays where the maker put it.
        return $this->middles[$spot->id] = [$x + $spot->right, $y + $spot->down];
    }

    /**
     * What a spot is measured from. If spots refer to each other in a ring, the ring is broken at its last link.
     *
     * @return array{int, int, int, int}
     */
    private function boxOf(string $of, string $asker): array
    {
        if (isset($this->boxes[$of])) {
            return $this->boxes[$of];
        }
        $spot = $this->arrangement->spot($of);
        if ($spot === null || isset($this->open[$of])) {
            return $this->boxes['place'];
        }
        $this->open[$asker] = true;
        [$x, $y] = $this->middle($spot);
        unset($this->open[$asker]);
        $stand = $this->stands[$of] ?? null;
        if ($stand === null) {
            return $this->boxes[$of] = [$x, $y, 0, 0];
        }
        [$left, $top, $right, $bottom] = $this->placed($stand, $spot)->bounds;

        return $this->boxes[$of] = [$left, $top, max(0, $right - $left), max(0, $bottom - $top)];
    }

    /**
     * A piece that hangs over the front is moved in, unless it is meant to hang over.
     *
     * @return array{int, int}
     */
    private function kept(int $x, int $y, Size $size, int $turn): array
    {
        $points = Silhouette::laid([[0, 0], [100, 0], [100, 100], [0, 100]], $size, 0, 0, $turn);
        [$xs, $ys] = [array_column($points, 0), array_column($points, 1)];
        $in = static function (int $at, int $near, int $far, int $side): int {
            $room = $far - $near + 2 * self::RIM > $side ? 0 : self::RIM;

            return $far - $near > $side ? intdiv($side, 2) : max($room - $near, min($at, $side - $room - $far));
        };

        return [
            $in($x, min($xs), max($xs), $this->front->width->units),
            $in($y, min($ys), max($ys), $this->front->height->units),
        ];
    }

    /** A place that can be found with a ruler: rounded to the nearest mark. */
    private function onMark(int $at): int
    {
        $step = $this->unit->step()->units;

        return intdiv($at + intdiv($step, 2), $step) * $step;
    }

    private function trimOf(Spot $spot): Rect
    {
        [$left, $top, $width, $height] = $this->boxOf($spot->of, $spot->id);

        return Rect::ofUnits($left, $top, max(1, $width), max(1, $height));
    }
}
