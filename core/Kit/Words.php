<?php

declare(strict_types=1);

namespace KeepShare\Core\Kit;

/** The words of a sentiment, and the occasions they fit. */
final readonly class Words
{
    /** @param  list<Occasion>  $occasions */
    private function __construct(public string $text, public array $occasions)
    {
    }

    /** @param  list<Occasion>  $occasions  all that ship are any: those a maker has added as well */
    public static function of(string $text, array $occasions): self
    {
        $keys = array_map(static fn (Occasion $one): string => $one->value, $occasions);

        return new self($text, array_diff(Occasions::shipped(), $keys) === [] ? Occasions::all() : $occasions);
    }

    /** They fit the occasion they mention, and any occasion if they mention none: "thinking of you". */
    public static function asTheySay(string $text): self
    {
        $plain = ' '.trim((string) preg_replace('/[^\p{L}]+/u', ' ', mb_strtolower($text))).' ';
        $fit = array_filter(Occasions::all(), static function (Occasion $one) use ($plain): bool {
            foreach ($one->signs() as $sign) {
                if (str_contains($plain, " $sign ")) {
                    return true;
                }
            }

            return false;
        });

        return new self($text, $fit === [] ? Occasions::all() : array_values($fit));
    }

    /** Whether they mention no occasion. */
    public function isForAny(): bool
    {
        return count($this->occasions) >= count(Occasions::shipped());
    }

    public function fit(Occasion $occasion): bool
    {
        if ($this->isForAny()) {
            return true;
        }
        foreach ($this->occasions as $one) {
            if ($one->equals($occasion)) {
                return true;
            }
        }

        return false;
    }
}
