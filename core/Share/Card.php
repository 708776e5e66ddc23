<?php

declare(strict_types=1);

namespace KeepShare\Core\Share;

use KeepShare\Core\Kit\Occasion;
use KeepShare\Core\Measure\Size;

/** One planned card: its design and all it takes. */
final readonly class Card
{
    /** @param  list<Taking>  $takings */
    private function __construct(public int $number, public string $sketch, public Size $front, public Occasion $occasion, public array $takings)
    {
    }

    /** @param  list<Taking>  $takings */
    public static function of(int $number, string $sketch, Size $front, Occasion $occasion, array $takings): self
    {
        return new self($number, $sketch, $front, $occasion, $takings);
    }

    public function taking(string $part): ?Taking
    {
        foreach ($this->takings as $taking) {
            if ($taking->part === $part) {
                return $taking;
            }
        }

        return null;
    }

    /** The id that the piece for a part has in a cut plan. */
    public function pieceId(string $part): string
    {
        return "$this->number/$part";
    }
}
