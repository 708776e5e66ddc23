<?php

declare(strict_types=1);

namespace KeepShare\Core\Outlook;

use KeepShare\Core\Card\Need;

/** What stops the next card, and what adding it would give. */
final readonly class Stop
{
    /**
     * @param  non-empty-list<Need>  $needs  the smallest set of things that, had there been enough, would give a card
     * @param  int  $then  how many cards there would be if those never ran out
     * @param  list<Need>  $next  what would stop the card after those; empty where the look ahead ended first
     * @param  list<Addition>  $additions  what to add for one, three, six and ten more cards, as far as the look ahead went
     */
    private function __construct(public array $needs, public int $then, public array $next, public array $additions)
    {
    }

    /**
     * @param  non-empty-list<Need>  $needs
     * @param  list<Need>  $next
     * @param  list<Addition>  $additions
     */
    public static function at(array $needs, int $then, array $next, array $additions = []): self
    {
        return new self($needs, $then, $next, $additions);
    }

    /** "one more base and one more envelope" */
    public function wants(): string
    {
        return self::join(array_map(static fn (Need $need): string => $need->oneMore(), $this->needs));
    }

    /** "With enough of both there would be 3 more cards; then sentiments run out." */
    public function outlook(): string
    {
        $cards = $this->then === 1 ? 'one more card' : "$this->then more cards";
        $enough = match (count($this->needs)) {
            1 => 'enough of it',
            2 => 'enough of both',
            default => 'enough of each',
        };
        $then = $this->next === []
                ? '.'
                : '; then '
                    .self::join(array_map(static fn (Need $need): string => $need->plural(), $this->next))
                    .' run out.';

        return "With $enough there would be ".($this->next === [] ? 'at least ' : '').$cards.$then;
    }

    /** @param  non-empty-list<string>  $texts */
    private static function join(array $texts): string
    {
        $last = array_pop($texts);

        return $texts === [] ? $last : implode(', ', $texts).' and '.$last;
    }
}
