<?php

declare(strict_types=1);

namespace KeepShare\Core\Pattern;

/** The state of a search by patterns: the pieces that are cut and not yet on a card, and what is left. */
final readonly class Stand
{
    /**
     * @param  array<string, int>  $cut  pieces, by kind
     * @param  array<string, int>  $sheets  that are whole, by class
     * @param  array<string, int>  $limits  what is counted, by name
     */
    private function __construct(public array $cut, public array $sheets, public array $limits)
    {
    }

    /**
     * @param  array<string, int>  $sheets
     * @param  array<string, int>  $limits
     */
    public static function before(array $sheets, array $limits): self
    {
        return new self([], $sheets, $limits);
    }

    /** @param  array<string, int>  $pieces  that a sheet of a class gives, by kind */
    public function cutting(string $class, array $pieces): self
    {
        $cut = $this->cut;
        foreach ($pieces as $kind => $many) {
            $cut[$kind] = ($cut[$kind] ?? 0) + $many;
        }

        return new self($cut, [...$this->sheets, $class => $this->sheets[$class] - 1], $this->limits);
    }

    /** Nothing more is cut. */
    public function cutUp(): self
    {
        return new self($this->cut, array_map(static fn (): int => 0, $this->sheets), $this->limits);
    }

    /**
     * The state after an activity has taken its goods. Null if they are not there.
     *
     * @param  array<string, int>  $pieces  that are used up, by kind
     * @param  array<string, int>  $counted  less, by limit; below nothing where more come
     */
    public function without(array $pieces, array $counted): ?self
    {
        [$cut, $limits] = [$this->cut, $this->limits];
        foreach ($pieces as $kind => $many) {
            $cut[$kind] = ($cut[$kind] ?? 0) - $many;
        }
        foreach ($counted as $limit => $many) {
            $limits[$limit] = ($limits[$limit] ?? 0) - $many;
        }

        return min([0, ...$cut, ...$limits]) < 0 ? null : new self($cut, $this->sheets, $limits);
    }

    /**
     * One less of some limits. They stay at nothing where nothing is left.
     *
     * @param  list<string>  $names
     */
    public function lowering(array $names): self
    {
        $limits = $this->limits;
        foreach ($names as $name) {
            $limits[$name] = max(0, $limits[$name] - 1);
        }

        return new self($this->cut, $this->sheets, $limits);
    }

    public function isCutUp(): bool
    {
        return array_sum($this->sheets) === 0;
    }
}
