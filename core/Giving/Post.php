<?php

declare(strict_types=1);

namespace KeepShare\Core\Giving;

use KeepShare\Core\Measure\Length;
use KeepShare\Core\Measure\Unit;

/** What the post takes, by how thick it is: as the maker has typed it from what the post says. */
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

    /** The thinnest it may go as: "about 4 mm: a thick letter". The envelope itself is not counted. */
    public function says(Length $thick): string
    {
        $about = 'about '.ltrim($thick->label(Unit::Millimetre), '≈ ');
        foreach ($this->limits as [$name, $limit]) {
            if (! $thick->isLongerThan($limit)) {
                return "$about: $name";
            }
        }

        return $this->limits === [] ? "$about thick" : "$about: thicker than all you have said the post takes; ask there, or use a box";
    }
}
