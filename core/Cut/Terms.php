<?php

declare(strict_types=1);

namespace KeepShare\Core\Cut;

use Closure;

/** What a plan considers beside sheets and pieces, and how long the search may take. */
final readonly class Terms
{
    /** @param  (Closure(): bool)|null  $goOn */
    private function __construct(
        public Trimmer $trimmer,
        public ?Leftover $useful,
        public int $tries,
        public int $seed,
        private ?Closure $goOn,
    ) {
    }

    public static function usual(): self
    {
        return new self(Trimmer::usual(), null, 0, 0, null);
    }

    public function with(Trimmer $trimmer): self
    {
        return new self($trimmer, $this->useful, $this->tries, $this->seed, $this->goOn);
    }

    /** Of plans that cut into as few sheets, the one with the most useful leftovers. */
    public function leaving(?Leftover $useful): self
    {
        return new self($this->trimmer, $useful, $this->tries, $this->seed, $this->goOn);
    }

    /**
     * More tries never give a worse plan. The same seed gives the same tries.
     *
     * @param  int  $tries  how many more orders of the pieces are tried
     * @param  (Closure(): bool)|null  $goOn  asked before each; false ends the search with the best so far
     */
    public function trying(int $tries, int $seed = 0, ?Closure $goOn = null): self
    {
        return new self($this->trimmer, $this->useful, $tries, $seed, $goOn);
    }

    public function goOn(): bool
    {
        return $this->goOn === null || ($this->goOn)();
    }
}
