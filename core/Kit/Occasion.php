<?php

declare(strict_types=1);

namespace KeepShare\Core\Kit;

/** What a card is sent for. A sentiment may fit several. The list of occasions and their names is in Occasions. */
final readonly class Occasion
{
    private function __construct(public string $value)
    {
    }

    /** @param  string  $key  such as "thank-you" */
    public static function of(string $key): self
    {
        return new self($key);
    }

    /** One of these, by their keys. */
    public function is(string ...$keys): bool
    {
        return in_array($this->value, $keys, true);
    }

    public function equals(self $other): bool
    {
        return $this->value === $other->value;
    }

    public function label(): string
    {
        return Occasions::about($this->value)['name'];
    }

    /** Whether every kit may be asked for it. The others count only if there are words for them. */
    public function isUsual(): bool
    {
        return Occasions::about($this->value)['usual'];
    }

    /** How many of some fifteen cards are for it, unless the maker has said otherwise. */
    public function usualShare(): int
    {
        return Occasions::about($this->value)['share'];
    }

    /** @return list<string> what words that are for it say */
    public function signs(): array
    {
        return Occasions::signsOf($this->value);
    }
}
