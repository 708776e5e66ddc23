<?php

declare(strict_types=1);

namespace KeepShare\Core\Kit;

/** The words of a sentiment and the occasions they are fit for. */
final readonly class Words
{
    /** @param  list<Occasion>  $occasions */
    private function __construct(public string $text, public array $occasions)
    {
    }

    /** @param  list<Occasion>  $occasions */
    public static function of(string $text, array $occasions): self
    {
        return new self($text, $occasions);
    }

    public function fit(Occasion $occasion): bool
    {
        return in_array($occasion, $this->occasions, true);
    }
}
