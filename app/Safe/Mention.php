<?php

namespace App\Safe;

use Closure;

/**
 * Where a value names other records by their ids: "c12" for component 12, "own-5" for a sketch of the maker's, at any
 * depth of a list. Anything else is left as it is.
 */
final readonly class Mention
{
    /** @param  Closure(mixed, Numbers): mixed  $renumber */
    private function __construct(private Closure $renumber)
    {
    }

    /** The id itself. */
    public static function id(string $table): self
    {
        return new self(static fn (mixed $value, Numbers $numbers): mixed => is_int($value) ? $numbers->of($table, $value) : $value);
    }

    /** A text that begins with a sign and then the id. The rest of it stays: "c12/1". */
    public static function text(string $table, string $sign): self
    {
        return new self(static fn (mixed $value, Numbers $numbers): mixed => self::inText($value, $table, $sign, $numbers));
    }

    /** Each of a list. */
    public static function each(self $one): self
    {
        return new self(static fn (mixed $list, Numbers $numbers): mixed => is_array($list)
            ? array_map(static fn (mixed $value): mixed => $one->renumbered($value, $numbers), $list)
            : $list);
    }

    /** The keys of a list. */
    public static function keys(self $one): self
    {
        return new self(static function (mixed $list, Numbers $numbers) use ($one): mixed {
            $renumbered = [];
            foreach (is_array($list) ? $list : [] as $key => $value) {
                $name = $one->renumbered($key, $numbers);
                $renumbered[is_string($name) ? $name : $key] = $value;
            }

            return is_array($list) ? $renumbered : $list;
        });
    }

    /** @param  array<string, self>  $at  what stands under these names; other names are left */
    public static function at(array $at): self
    {
        return new self(static function (mixed $value, Numbers $numbers) use ($at): mixed {
            foreach (is_array($value) ? array_intersect_key($at, $value) : [] as $name => $one) {
                $value[$name] = $one->renumbered($value[$name], $numbers);
            }

            return $value;
        });
    }

    /** The plan of a sheet: every piece is named by its taking, or as a part with a sheet of its own. */
    public static function pieces(): self
    {
        return new self(self::inPlan(...));
    }

    public function renumbered(mixed $value, Numbers $numbers): mixed
    {
        return ($this->renumber)($value, $numbers);
    }

    private static function inText(mixed $value, string $table, string $sign, Numbers $numbers): mixed
    {
        if (! is_string($value) || preg_match("/^$sign(\d{1,15})(?!\d)(.*)$/D", $value, $found) !== 1) {
            return $value;
        }

        return $sign.$numbers->of($table, (int) $found[1]).$found[2];
    }

    private static function inPlan(mixed $plan, Numbers $numbers): mixed
    {
        foreach (is_array($plan) ? $plan : [] as $name => $part) {
            $plan[$name] = match (true) {
                $name !== 'piece' => self::inPlan($part, $numbers),
                is_string($part) && str_starts_with($part, 's') => self::inText($part, 'sheets', 's', $numbers),
                default => self::inText($part, 'takings', '', $numbers),
            };
        }

        return $plan;
    }
}
