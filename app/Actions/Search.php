<?php

namespace App\Actions;

use App\Models\Kit;
use Closure;
use Illuminate\Support\Facades\Cache;

/** Something that is looked for in the background, and remembered for as long as neither the kit nor the stash changes. */
final readonly class Search
{
    private const SECONDS = 120;

    private function __construct(private string $key)
    {
    }

    public static function for(string $what, Kit $kit): self
    {
        // The time tells this kit from one that had its number in a table since swept clean.
        return new self(sprintf('%s:%d:%d:%d:%d', $what, $kit->id, $kit->created_at?->getTimestamp(), $kit->revision, Kit::stash()->revision ?? 0));
    }

    public function found(): mixed
    {
        return Cache::get($this->key);
    }

    /** Whether it is to be begun: it has neither been found nor is it under way. */
    public function mayBegin(): bool
    {
        return $this->found() === null && Cache::add("$this->key:looking", true, self::SECONDS);
    }

    /** How many have been found by the search under way. */
    public function soFar(): int
    {
        $done = Cache::get("$this->key:done");

        return is_int($done) ? $done : 0;
    }

    public function stop(): void
    {
        Cache::put("$this->key:stop", true, self::SECONDS);
    }

    /** @return Closure(int): bool told how many are found; false where the search is to stop */
    public function progress(): Closure
    {
        return function (int $done): bool {
            Cache::put("$this->key:done", $done, self::SECONDS);

            return Cache::get("$this->key:stop") !== true;
        };
    }

    public function remember(mixed $found): void
    {
        Cache::forever($this->key, $found);
        Cache::forget("$this->key:looking");
    }
}
