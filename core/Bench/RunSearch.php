<?php

declare(strict_types=1);

namespace KeepShare\Core\Bench;

/**
 * Chooses the order of tools so that they are taken up seldom. A run does everything its tool can do, since doing more
 * never costs a set-up. The next tool is the one after which the least is left.
 *
 * Cards with equal steps go together, so one stands for all of them. The estimate of what is left is never too high. It
 * counts, for each tool, the runs of the card that returns to it most often. So the first estimate is a lower bound.
 *
 * @phpstan-type Kind array{tools: list<int>, after: list<list<int>>}
 */
final class RunSearch
{
    /** @var list<Kind> of each kind of card the tool of every step, and the places of those before it */
    private readonly array $kinds;

    /** @var array<string, array<int, int>> by kind and what is done of it, the runs of each tool that are still to come */
    private array $needs = [];

    private function __construct(Jobs $jobs)
    {
        $kinds = [];
        foreach ($jobs->cards as $steps) {
            $places = array_flip($steps);
            $place = static fn (int $before): int => $places[$before];
            $kind = ['tools' => [], 'after' => []];
            foreach ($steps as $n) {
                $kind['tools'][] = $jobs->tools[$n];
                $kind['after'][] = array_map($place, $jobs->after[$n]);
            }
            $kinds[json_encode($kind, JSON_THROW_ON_ERROR)] = $kind;
        }
        $this->kinds = array_values($kinds);
    }

    public static function on(Jobs $jobs): self
    {
        return new self($jobs);
    }

    /** Whether no order has fewer set-ups. */
    public function bound(): int
    {
        return $this->least($this->nothing());
    }

    /** @return list<int> tools in turn: always the one that leaves least to come */
    public function turn(): array
    {
        $done = $this->nothing();
        $turn = [];
        while ($this->least($done) > 0) {
            $after = [];
            foreach ($this->tools($done) as $tool) {
                $after[$tool] = $this->withAll($done, $tool);
            }
            uasort($after, fn (array $a, array $b): int => $this->least($a) <=> $this->least($b));
            $turn[] = (int) array_key_first($after);
            $done = reset($after) ?: $done;
        }

        return $turn;
    }

    /** @return list<string> what is done of each kind of card, a figure a step */
    private function nothing(): array
    {
        return array_map(static fn (array $kind): string => str_repeat('0', count($kind['tools'])), $this->kinds);
    }

    /**
     * @param  list<string>  $done
     * @return list<int> with which something can be done now
     */
    private function tools(array $done): array
    {
        $tools = [];
        foreach ($this->kinds as $k => $kind) {
            foreach ($kind['tools'] as $n => $tool) {
                if ($done[$k][$n] === '0' && self::isOpen($kind['after'][$n], $done[$k])) {
                    $tools[$tool] = true;
                }
            }
        }

        return array_keys($tools);
    }

    /**
     * @param  list<string>  $done
     * @return list<string> with all that can be done with a tool
     */
    private function withAll(array $done, int $tool): array
    {
        $after = [];
        foreach ($this->kinds as $k => $kind) {
            $own = $done[$k];
            // Steps are listed after those they depend on, so one pass finds them all.
            foreach ($kind['tools'] as $n => $one) {
                if ($one === $tool && $own[$n] === '0' && self::isOpen($kind['after'][$n], $own)) {
                    $own = substr_replace($own, '1', $n, 1);
                }
            }
            $after[] = $own;
        }

        return $after;
    }

    /** @param  list<int>  $after */
    private static function isOpen(array $after, string $done): bool
    {
        foreach ($after as $before) {
            if ($done[$before] === '0') {
                return false;
            }
        }

        return true;
    }

    /**
     * The least number of runs still to come.
     *
     * @param  list<string>  $done
     */
    private function least(array $done): int
    {
        $most = [];
        foreach ($done as $k => $own) {
            foreach ($this->needs["$k $own"] ??= self::needed($this->kinds[$k], $own) as $tool => $runs) {
                $most[$tool] = max($most[$tool] ?? 0, $runs);
            }
        }

        return array_sum($most);
    }

    /**
     * For each tool, how often one card returns to it along a chain of its steps.
     *
     * @param  Kind  $kind
     * @return array<int, int> runs by tool
     */
    private static function needed(array $kind, string $done): array
    {
        $most = [];
        // By step and tool: twice the runs along the best chain to it, plus one if another tool has been out since.
        $chains = [];
        foreach ($kind['tools'] as $n => $tool) {
            if ($done[$n] === '1') {
                continue;
            }
            $own = [];
            foreach ($kind['after'][$n] as $before) {
                foreach ($chains[$before] ?? [] as $one => $chain) {
                    // Returning to a tool is one more run. Any other tool is put away for it.
                    $own[$one] = max($own[$one] ?? 0, $one === $tool ? 2 * intdiv($chain + 1, 2) : $chain | 1);
                }
            }
            $own[$tool] ??= 2;
            foreach ($own as $one => $chain) {
                $most[$one] = max($most[$one] ?? 0, intdiv($chain, 2));
            }
            $chains[$n] = $own;
        }

        return $most;
    }
}
