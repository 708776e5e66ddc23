<?php

declare(strict_types=1);

namespace KeepShare\Core\Arrange\Craft;

/** A rule that a group breaks: which piece breaks it, why that matters, and what to do about it. */
final readonly class Broken
{
    /** @param  list<Remedy>  $remedies  the least change first */
    private function __construct(public string $part, public string $says, public string $repair, public array $remedies)
    {
    }

    /**
     * @param  string  $says  a sentence
     * @param  string  $repair  in words
     */
    public static function by(string $part, string $says, string $repair, Remedy ...$remedies): self
    {
        return new self($part, $says, $repair, array_values($remedies));
    }
}
