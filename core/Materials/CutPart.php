<?php

declare(strict_types=1);

namespace KeepShare\Core\Materials;

use KeepShare\Core\Measure\Length;
use KeepShare\Core\Measure\Size;

/** One part of a card that is cut: its size, what it is cut from, and what shows round it. */
final readonly class CutPart
{
    /**
     * @param  string|null  $face  which side shows, where there are two
     * @param  list<Length>  $scores  where it is scored, from the edge
     * @param  array<string, Length>  $reveals  what shows beyond it, by side; empty where it lies on nothing
     * @param  list<string>  $treated  what is done to it: "embossed with the folder"
     */
    public function __construct(
        public string $name,
        public Size $size,
        public string $of,
        public ?string $face,
        public array $scores,
        public array $reveals,
        public array $treated,
    ) {
    }
}
