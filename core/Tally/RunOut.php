<?php

declare(strict_types=1);

namespace KeepShare\Core\Tally;

/**
 * Which component ran out first, in the order of the cards' numbers. What only one or two cards take does not run out.
 */
final readonly class RunOut
{
    private const SHARED_BY = 3;

    private function __construct(public string $component, public int $card)
    {
    }

    /**
     * @param  array<string, array{all: int, takes: array<int, int>}>  $used  by component: how much there was, and how much each
     *                                                                        card takes, by its number
     */
    public static function first(array $used): ?self
    {
        $first = null;
        foreach ($used as $component => ['all' => $all, 'takes' => $takes]) {
            $card = count($takes) < self::SHARED_BY ? null : self::cardAt($all, $takes);
            if ($card !== null && ($first === null || $card < $first->card)) {
                $first = new self((string) $component, $card);
            }
        }

        return $first;
    }

    /** @param  array<int, int>  $takes */
    private static function cardAt(int $all, array $takes): ?int
    {
        ksort($takes);
        foreach ($takes as $card => $many) {
            $all -= $many;
            if ($all <= 0) {
                return $card;
            }
        }

        return null;
    }
}
