<?php

declare(strict_types=1);

namespace KeepShare\Core\Arrange;

use KeepShare\Core\Measure\Length;
use KeepShare\Core\Measure\Rect;
use KeepShare\Core\Measure\Size;
use KeepShare\Core\Measure\Unit;
use KeepShare\Core\Sketch\Dim;

/**
 * A place of an arrangement. It says what may stand there, by which rule it is measured and from what, how far it is
 * turned, and whether it is on foam. $right and $down are how far the maker has moved it, in whole units.
 */
final readonly class Spot
{
    /** Places that every front has. All other places are ids of spots. */
    public const PLACES = ['front', 'panel', 'place', 'words', 'seam'];

    /**
     * @param  array<string, Dim>  $measures
     * @param  array<string, string>  $options
     */
    private function __construct(
        public string $id,
        public Stands $stands,
        public SpotKind $kind,
        public string $of,
        public array $measures,
        public array $options,
        public int $turn,
        public bool $isLifted,
        public bool $isKey,
        public int $right,
        public int $down,
    ) {
    }

    /**
     * @param  string  $id  the id of the part of the card that stands there
     * @param  string  $of  what it is measured from: a place every front has, or the id of a spot
     * @param  array<string, Dim>  $measures
     * @param  array<string, string>  $options
     */
    public static function by(
        string $id,
        Stands $stands,
        SpotKind $kind,
        string $of,
        array $measures = [],
        array $options = [],
        int $turn = 0,
        bool $isLifted = false,
        bool $isKey = false,
        int $right = 0,
        int $down = 0,
    ): self {
        return new self($id, $stands, $kind, $of, $measures, $options, Turn::stepped($turn), $isLifted, $isKey, $right, $down);
    }

    /** Whether it lies at the upper edge or an upper corner of another piece, as if in the air. */
    public function isAbove(): bool
    {
        return $this->kind === SpotKind::Lapped && str_starts_with($this->options['side'] ?? '', 'top');
    }

    /** As a sentence: "lies over or under the left of the focal point by 2/5 of itself, 1/2 along, on foam". */
    public function says(Unit $unit): string
    {
        $said = ['{of}' => 'the '.(Pieces::all()[$this->of][1] ?? $this->of)];
        foreach ($this->options as $name => $option) {
            $said["{{$name}}"] = $option;
        }
        foreach ($this->kind->rule()->measures($this->options) as $name => [, $isOwn]) {
            $said["{{$name}}"] = ($this->measures[$name] ?? Dim::none())->says($unit, $isOwn ? ' of itself' : '');
        }

        return implode(', ', array_filter([
            strtr($this->kind->sentence(), $said),
            $this->turn === 0 ? '' : "turned {$this->turn}°",
            $this->isLifted ? 'on foam' : '',
        ]));
    }

    /** The same, turned clockwise by some degrees. */
    public function turned(int $degrees): self
    {
        return $this->with(['turn' => Turn::stepped($degrees)]);
    }

    /** The same on foam, if the card has some. */
    public function lifted(bool $isLifted = true): self
    {
        return $this->with(['isLifted' => $isLifted]);
    }

    /** The arrangement cannot be used without this place. */
    public function key(): self
    {
        return $this->with(['isKey' => true]);
    }

    /** The same, moved right and down by some units. */
    public function nudged(int $right, int $down): self
    {
        return $this->with(['right' => $this->right + $right, 'down' => $this->down + $down]);
    }

    /** The same with one of its measures changed. */
    public function measuring(string $measure, Dim $dim): self
    {
        return $this->with(['measures' => [...$this->measures, $measure => $dim]]);
    }

    /**
     * Where the middle of a piece lies by its rule, before the maker has moved it.
     *
     * @param  array{int, int, int, int}  $of  what it is measured from: left, top, width, height
     * @return array{int, int}
     */
    public function middle(array $of, Size $piece, Size $front, Unit $unit): array
    {
        $setting = Setting::of($of, $piece, $this->turn, $this->lengths($of, $piece, $unit), $this->options, $front);

        return $this->kind->rule()->middle($setting);
    }

    /**
     * @param  array{int, int, int, int}  $of
     * @return array<string, Length> its measures as they are for a piece, by name
     */
    public function lengths(array $of, Size $piece, Unit $unit): array
    {
        $own = Rect::whole($piece);
        $from = Rect::ofUnits(0, 0, max(1, $of[2]), max(1, $of[3]));
        $lengths = [];
        foreach ($this->kind->rule()->measures($this->options) as $name => [$along, $isOwn]) {
            $lengths[$name] = ($this->measures[$name] ?? Dim::none())->of($along->side($isOwn ? $own : $from), $unit);
        }

        return $lengths;
    }

    /**
     * @param  array{
     *     measures?: array<string, Dim>,
     *     turn?: int,
     *     isLifted?: bool,
     *     isKey?: bool,
     *     right?: int,
     *     down?: int,
     * }  $changes
     */
    private function with(array $changes): self
    {
        $now = [
            'measures' => $this->measures,
            'turn' => $this->turn,
            'isLifted' => $this->isLifted,
            'isKey' => $this->isKey,
            'right' => $this->right,
            'down' => $this->down,
        ];
        [
            'measures' => $measures,
            'turn' => $turn,
            'isLifted' => $isLifted,
            'isKey' => $isKey,
            'right' => $right,
            'down' => $down,
        ] = [...$now, ...$changes];

        return new self(
            $this->id,
            $this->stands,
            $this->kind,
            $this->of,
            $measures,
            $this->options,
            $turn,
            $isLifted,
            $isKey,
            $right,
            $down,
        );
    }
}
