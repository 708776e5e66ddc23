<?php

declare(strict_types=1);

namespace KeepShare\Core\Entry;

use KeepShare\Core\Kit\Component;
use KeepShare\Core\Kit\Kind;

/** How many things a line or a heading says there are, and how many were understood: "24 said, 24 understood". */
final readonly class ControlSum
{
    private const SAID = '/\b(\d{1,4})\s*(?:pieces?|pcs?|sheets?|items?|total|in all)\b|\((\d{1,4})\)'
        .'|^(\d{1,4})\s(?!\s*[x×]|\s*(?:of\s+)?(?:each|ea)\b)/iu';

    private function __construct(public int $said, public int $understood)
    {
    }

    /**
     * For a line that lists several things. If its number did not match, the line was refused when it was read.
     *
     * @param  non-empty-list<Component>  $components
     */
    public static function ofLine(string $line, array $components): ?self
    {
        $sum = self::sum($components);
        preg_match_all('/(?<![\d.\/])\d{1,4}(?![\d.\/])/u', $line, $found);
        $kinds = array_unique(array_map(static fn (Component $one): string => $one->kind()->value, $components));
        $isSaid = count($components) > 1 && count($kinds) === 1 && in_array($sum, array_map(intval(...), $found[0]), true);

        return $isSaid ? new self($sum, $sum) : null;
    }

    /**
     * For the lines below a heading, up to the first that names another kind.
     *
     * @param  list<ReadLine>  $below
     */
    public static function ofHeading(string $heading, array $below): ?self
    {
        $kind = FindKind::named($heading)?->phrase->kind;
        $isEach = preg_match('/\b(?:each|ea|per)\b/iu', $heading) === 1;
        $of = [];
        foreach ($below as $line) {
            $kinds = array_map(static fn (Component $one): Kind => $one->kind(), $line->components);
            if ($kinds !== [] && ! in_array($kind, $kinds, true)) {
                break;
            }
            array_push($of, ...$line->components);
        }
        if ($of === [] || preg_match(self::SAID, $heading, $found) !== 1) {
            return null;
        }
        $said = (int) implode('', array_slice($found, 1));
        $sum = self::sum($of);

        // "2 sheets of each": it does not say of how many.
        return $isEach && $said !== $sum ? null : new self($said, $sum);
    }

    /** @param  list<Component>  $components */
    private static function sum(array $components): int
    {
        $counted = array_filter($components, static fn (Component $one): bool => ! $one->isEndless() && ! $one->kind()->isByLength());

        return array_sum(array_map(static fn (Component $one): int => $one->count, $counted));
    }
}
