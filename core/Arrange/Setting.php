<?php

declare(strict_types=1);

namespace KeepShare\Core\Arrange;

use KeepShare\Core\Measure\Length;
use KeepShare\Core\Measure\Size;
use KeepShare\Core\Sketch\Anchor;
use KeepShare\Core\Sketch\Edge;

/** What a rule of an arrangement needs to place a piece. All measures are whole units. */
final readonly class Setting
{
    /**
     * @param  array{int, int, int, int}  $of  what it is measured from: left, top, width, height
     * @param  int  $width  of the piece as it lies, turned
     * @param  array<string, Length>  $lengths
     * @param  array<string, string>  $options
     * @param  Size  $front  all of it
     */
    private function __construct(
        public array $of,
        public int $width,
        public int $height,
        private array $lengths,
        private array $options,
        public Size $front,
    ) {
    }

    /**
     * @param  array{int, int, int, int}  $of
     * @param  array<string, Length>  $lengths
     * @param  array<string, string>  $options
     */
    public static function of(array $of, Size $piece, int $turn, array $lengths, array $options, Size $front): self
    {
        $isOnSide = abs($turn) > 45 && abs($turn) < 135;
        [$width, $height] = [$piece->width->units, $piece->height->units];

        return new self($of, $isOnSide ? $height : $width, $isOnSide ? $width : $height, $lengths, $options, $front);
    }

    public function length(string $measure): int
    {
        return ($this->lengths[$measure] ?? Length::zero())->units;
    }

    public function anchor(): Anchor
    {
        return Anchor::tryFrom($this->options['side'] ?? '') ?? Anchor::Bottom;
    }

    public function edge(): Edge
    {
        return Edge::tryFrom($this->options['edge'] ?? '') ?? Edge::Bottom;
    }
}
