<?php

declare(strict_types=1);

namespace KeepShare\Core\Share;

use KeepShare\Core\Kit\Surface;
use KeepShare\Core\Refusal;

/** What the maker asks of a share-out. */
final readonly class Wishes
{
    public const MOST_CARDS = 60;

    /** @param  list<string>|null  $palette */
    private function __construct(public int $cards, public bool $stash, public bool $repeatSentiments, public ?array $palette = null)
    {
    }

    /**
     * @param  bool  $stash  may take from the stash where the kit runs out
     * @param  bool  $repeatSentiments  the same words may go on more than one card
     *
     * @throws Refusal when the number of cards is out of range
     */
    public static function cards(int $cards, bool $stash = false, bool $repeatSentiments = false): self
    {
        return $cards < 1 || $cards > self::MOST_CARDS
            ? throw CannotShare::cards($cards, self::MOST_CARDS)
            : new self($cards, $stash, $repeatSentiments);
    }

    public static function asManyAsPossible(bool $stash = false, bool $repeatSentiments = false): self
    {
        return new self(self::MOST_CARDS, $stash, $repeatSentiments);
    }

    /**
     * The same wishes, with papers and cardstock from a palette only.
     *
     * @param  list<string>  $surfaces  keys of surfaces: component/face
     */
    public function from(array $surfaces): self
    {
        return new self($this->cards, $this->stash, $this->repeatSentiments, $surfaces);
    }

    public function allows(Surface $surface): bool
    {
        return $this->palette === null || in_array($surface->key(), $this->palette, true);
    }
}
