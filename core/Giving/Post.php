<?php

declare(strict_types=1);

namespace KeepShare\Core\Giving;

use KeepShare\Core\Measure\Length;
use KeepShare\Core\Measure\Unit;

/** What the post takes, by thickness. The maker types it as the post says it. */
final readonly class Post
{
    /** @param  list<array{string, Length}>  $limits  what it goes as, and how thick that may be; the thinnest first */
    private function __construct(private array $limits)
    {
    }

    /** @param  list<array{string, Length}>  $limits  what it goes as, and how thick that may be; in any order */
    public static function taking(array $limits): self
    {
        usort($limits, static fn (array $a, array $b): int => $a[1]->units <=> $b[1]->units);

        return new self($limits);
    }

    /** The thinnest post size that it fits: "about 4 mm: a thick letter". The envelope itself is not counted. */
    public function says(Length $thick, Unit $unit): string
    {
        $about = "about {$thick->about($unit)}";
        foreach ($this->limits as [$name, $limit]) {
            if (! $thick->isLongerThan($limit)) {
                return "$about: $name";
            }
        }

        return $this->limits === [] ? "$about thick" : "$about: too thick for the post sizes you wrote down. Ask your post, or use a box";
    }
}
