<?php

declare(strict_types=1);

namespace KeepShare\Core\Cut;

/**
 * The order of the cuts of a sheet. A part is cut up completely before the next. Of the two parts of a cut, the first
 * is the one that needs the fewest new settings of the guide, and then the fewest turns of the sheet.
 *
 * @phpstan-type Run array{int, int|null, Direction|null, list<Split>}
 */
final class Sequence
{
    /** A new setting takes time and invites mistakes. A quarter turn is quick. */
    private const SETTING = 1_000;

    /** @var array<string, Run> */
    private array $known = [];

    /** @return list<Split> */
    public static function of(Node $root): array
    {
        return (new self)->run($root, null, null)[3];
    }

    /**
     * Several parts one after the other, from where the guide is now.
     *
     * @param  list<Node>  $parts
     * @param  Split|null  $last  the cut that was made before
     * @return array{int, list<list<Split>>} the cost, and the cuts of each part
     */
    public static function inTurn(array $parts, ?Split $last): array
    {
        [$cost, $at, $direction, $cuts] = [0, $last?->at->units, $last?->direction, []];
        $sequence = new self;
        foreach ($parts as $part) {
            $run = $sequence->run($part, $at, $direction);
            [$cost, $at, $direction, $cuts] = [$cost + $run[0], $run[1], $run[2], [...$cuts, $run[3]]];
        }

        return [$cost, $cuts];
    }

    /**
     * @param  int|null  $at  where the guide is set
     * @param  Direction|null  $direction  of the last cut
     * @return Run the cost, where the guide then is, the direction of the last cut, and the cuts
     */
    private function run(Node $node, ?int $at, ?Direction $direction): array
    {
        if (! $node instanceof Split) {
            return [0, $at, $direction, []];
        }

        return $this->known[spl_object_id($node)."/$at/".($direction->value ?? '')] ??= $this->cheaper($node, $at, $direction);
    }

    /** @return Run */
    private function cheaper(Split $split, ?int $at, ?Direction $direction): array
    {
        $cost = ($split->at->units === $at ? 0 : self::SETTING) + ($split->direction === $direction ? 0 : 1);
        $best = null;
        foreach ([[$split->first, $split->second], [$split->second, $split->first]] as [$one, $other]) {
            $first = $this->run($one, $split->at->units, $split->direction);
            $second = $this->run($other, $first[1], $first[2]);
            $sum = $cost + $first[0] + $second[0];
            if ($best === null || $sum < $best[0]) {
                $best = [$sum, $second[1], $second[2], [$split, ...$first[3], ...$second[3]]];
            }
        }

        return $best;
    }
}
