<?php

declare(strict_types=1);

namespace KeepShare\Core\Entry;

use Countable;
use KeepShare\Core\Colour\ColourWords;
use KeepShare\Core\Kit\Shape;

/** The names of a list, each with its number or its length: "ewe, lamb x2 and barn". */
final readonly class NamedItems implements Countable
{
    /** A total is meant for at most this many names, with at most this many each. */
    public const FEW = 4;

    /** @param  non-empty-list<NamedItem>  $all */
    private function __construct(public array $all)
    {
    }

    /**
     * Null if a part of it is not a name.
     *
     * @param  int  $at  where the text begins in the line, in characters
     */
    public static function in(string $text, int $at): ?self
    {
        $items = [];
        $parts = self::parts($text);
        foreach ($parts as [$part, $from]) {
            $item = NamedItem::in($part, $at + $from, count($parts) >= self::FEW);
            if ($item === null) {
                return null;
            }
            $items[] = $item;
        }

        return new self($items);
    }

    /** @return non-empty-list<array{string, int}> what commas and a last "and" part, with its place in characters */
    private static function parts(string $text): array
    {
        $quiet = (string) preg_replace_callback(
            '/["“][^"”]*["”]/u',
            static fn (array $one): string => str_repeat('q', mb_strlen($one[0])),
            $text,
        );
        $parts = [];
        foreach (preg_split('/\s*[,;]\s*(?:and\s+|&\s+)?/u', $quiet, -1, PREG_SPLIT_OFFSET_CAPTURE) ?: [] as [$part, $offset]) {
            $from = mb_strlen(substr($quiet, 0, $offset));
            $parts[] = [mb_substr($text, $from, mb_strlen($part)), $from];
        }
        $last = array_pop($parts) ?? ['', 0];
        // "sun, moon and cloud" are three. But in "wave and plank, sea and sand" each has two faces.
        $areFaces = str_contains($text, '/') || preg_match('/\s(?:and|&)\s.*,/u', $text) === 1;
        $isPair = $parts !== [] && ! $areFaces
            && preg_match('/^([^"“]+?|["“][^"”]+["”])(\s+(?:and|&)\s+)(.+)$/u', $last[0], $found) === 1;
        if ($isPair) {
            $parts[] = [$found[1], $last[1]];
            $last = [$found[3], $last[1] + mb_strlen($found[1].$found[2])];
        }

        return [...$parts, $last];
    }

    public function count(): int
    {
        return count($this->all);
    }

    /** Each has its number or its length. */
    public function areCounted(): bool
    {
        return $this->are(static fn (NamedItem $item): bool => $item->many !== null || $item->long !== null);
    }

    public function areQuoted(): bool
    {
        return $this->are(static fn (NamedItem $item): bool => $item->isQuoted);
    }

    public function areColours(): bool
    {
        return $this->are(self::isColour(...));
    }

    /** One or several have a number. */
    public function hasNumbers(): bool
    {
        return ! $this->are(static fn (NamedItem $item): bool => $item->many === null);
    }

    /** The sum of their numbers. */
    public function sum(): int
    {
        return array_sum(array_map(static fn (NamedItem $item): int => $item->many ?? 0, $this->all));
    }

    /** "12 mats, plum": a number, a thing, and its colour. */
    public function isOneWithColours(): bool
    {
        $rest = array_slice($this->all, 1);
        $isColour = static fn (NamedItem $item): bool => $item->many === null && ! $item->isQuoted && self::isColour($item)
            && Shape::named($item->name) === null;

        return $rest !== [] && $this->all[0]->many !== null && array_filter($rest, $isColour) === $rest;
    }

    private static function isColour(NamedItem $item): bool
    {
        return ColourWords::in($item->name) !== null;
    }

    /** @param  callable(NamedItem): bool  $is */
    private function are(callable $is): bool
    {
        return array_filter($this->all, $is) === $this->all;
    }
}
