<?php

namespace App\Safe;

use Closure;

/** The progress of saving or opening. The answer says whether to go on. */
final class Progress
{
    private int $done = 0;

    /** @param  Closure(int, int): bool  $tell  how much is done, of how much; false where it is to stop */
    private function __construct(private readonly Closure $tell, private int $of)
    {
    }

    /** @param  Closure(int, int): bool  $tell  how much is done, of how much; false where it is to stop */
    public static function told(Closure $tell): self
    {
        return new self($tell, 0);
    }

    public static function toNobody(): self
    {
        return new self(static fn (): bool => true, 0);
    }

    public function begins(int $of): void
    {
        $this->of = $of;
        $this->done = 0;
        $this->more(0);
    }

    /** @throws Stopped */
    public function more(int $many): void
    {
        $this->done += $many;
        if (! ($this->tell)($this->done, $this->of)) {
            throw new Stopped('Stopped.');
        }
    }
}
