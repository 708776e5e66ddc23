<?php

declare(strict_types=1);

namespace KeepShare\Core\Compose;

use KeepShare\Core\Arrange\Arrangement;
use KeepShare\Core\Arrange\GroupPiece;
use KeepShare\Core\Card\Taking;

/** One way to arrange a card: what else lies on it, and how good that looks. */
final readonly class Composition
{
    /**
     * @param  array<string, GroupPiece>  $stands  the pieces beside the picture and the words, by part
     * @param  list<Taking>  $takings  of those
     * @param  bool  $isSound  no rule of the craft is broken
     */
    private function __construct(
        public Arrangement $arrangement,
        public array $stands,
        public array $takings,
        public int $pieces,
        public int $liking,
        public bool $isSound,
    ) {
    }

    /**
     * @param  array<string, GroupPiece>  $stands
     * @param  list<Taking>  $takings
     * @param  int  $pieces  in all, the picture and the words among them
     */
    public static function of(Arrangement $arrangement, array $stands, array $takings, int $pieces, int $liking, bool $isSound): self
    {
        return new self($arrangement, $stands, $takings, $pieces, $liking, $isSound);
    }
}
