<?php

declare(strict_types=1);

namespace KeepShare\Core\Outlook;

use KeepShare\Core\Card\Need;

/** What must be added to the table for some more cards: the least that was found. */
final readonly class Addition
{
    /** @param  array<string, int>  $counts  by the value of the need; for papers and cardstock the missing pieces */
    private function __construct(public int $cards, public array $counts, private ?string $sheets)
    {
    }

    /**
     * @param  array<string, int>  $counts
     * @param  string|null  $sheets  what sheets would give the bases: "2 sheets of heavy cardstock 8 1/2 × 11 in"
     */
    public static function of(int $cards, array $counts, ?string $sheets): self
    {
        return new self($cards, array_filter($counts), $sheets);
    }

    /** "3 more cards: 3 bases (2 sheets of heavy cardstock 8 1/2 × 11 in give them), 1 sentiment". */
    public function says(): string
    {
        $says = [];
        foreach ($this->counts as $value => $count) {
            $need = Need::from($value);
            $what = match (true) {
                $need->isSheets() => "$need->value for ".($count === 1 ? '1 piece' : "$count pieces"),
                $count === 1 => "1 $need->value",
                default => "$count {$need->plural()}",
            };
            $says[] = $what.($need === Need::Base && $this->sheets !== null ? " ($this->sheets)" : '');
        }

        return ($this->cards === 1 ? '1 more card: ' : "$this->cards more cards: ").implode(', ', $says);
    }
}
