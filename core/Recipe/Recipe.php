<?php

declare(strict_types=1);

namespace KeepShare\Core\Recipe;

use KeepShare\Core\Card\Card;
use KeepShare\Core\Card\Taking;
use KeepShare\Core\Cut\Leaf;
use KeepShare\Core\Cut\Prepared;
use KeepShare\Core\Cut\SheetPlan;
use KeepShare\Core\Kit\Component;
use KeepShare\Core\Measure\Size;
use KeepShare\Core\Measure\Unit;

/**
 * The designs of some cards without their goods, to be made again with others. Each part is cut from a letter, or from
 * cardstock with a role. The sketch says where a picture and words go.
 */
final readonly class Recipe
{
    public const MOST_CARDS = 100;

    public const MOST_LETTERS = 60;

    /**
     * @param  Size  $front  of most of its cards, as it stands upright
     * @param  list<Letter>  $letters
     * @param  list<Card>  $cards  each takes pieces only, from the letters and the StockRoles
     */
    private function __construct(public string $name, public Unit $unit, public Size $front, public array $letters, public array $cards)
    {
    }

    /**
     * @param  list<Letter>  $letters
     * @param  list<Card>  $cards  at least one
     */
    public static function of(string $name, Unit $unit, array $letters, array $cards): self
    {
        $fronts = array_count_values(array_map(
            static fn (Card $card): string => "{$card->front->shorter()->units}x{$card->front->longer()->units}",
            $cards,
        ));
        arsort($fronts);
        [$width, $height] = array_map(intval(...), explode('x', (string) array_key_first($fronts)));

        return new self($name, $unit, Size::ofUnits($width, $height), $letters, $cards);
    }

    public function named(string $name): self
    {
        return new self($name, $this->unit, $this->front, $this->letters, $this->cards);
    }

    /**
     * The same with only some of its cards. What was cut for the others stays whole.
     *
     * @param  list<int>  $numbers  of which one at least is a card of it
     */
    public function only(array $numbers): self
    {
        $cards = array_values(array_filter($this->cards, static fn (Card $card): bool => in_array($card->number, $numbers, true)));
        $pieces = Card::piecesOf($cards);
        $letters = [];
        foreach ($this->letters as $letter) {
            $plans = Prepared::by($letter->plans)->plan($pieces[$letter->letter] ?? [])->sheets;
            if ($plans !== []) {
                $letters[] = Letter::of($letter->letter, $letter->front, $letter->back, $plans);
            }
        }

        return $cards === [] ? $this : self::of($this->name, $this->unit, $letters, $cards);
    }

    public function letter(string $letter): ?Letter
    {
        foreach ($this->letters as $one) {
            if ($one->letter === $letter) {
                return $one;
            }
        }

        return null;
    }

    public function card(int $number): ?Card
    {
        foreach ($this->cards as $card) {
            if ($card->number === $number) {
                return $card;
            }
        }

        return null;
    }

    /** @return array<string, Component> what stands for its papers and cardstocks */
    public function components(): array
    {
        $components = [];
        foreach ($this->letters as $n => $letter) {
            $components[$letter->letter] = $letter->component($n);
        }
        $sheet = $this->letters === [] ? $this->front : $this->letters[0]->sheet();
        foreach (StockRole::cases() as $role) {
            $components[$role->value] = $role->component($sheet);
        }

        return $components;
    }

    /** @return list<Taking> what a card takes from the letters */
    public function papersOf(Card $card): array
    {
        return array_values(array_filter(
            $card->takings,
            fn (Taking $taking): bool => $this->letter($taking->component) !== null,
        ));
    }

    /** The share of the paper on cards, in hundredths of a per cent. */
    public function usedIn10000(): int
    {
        $all = $used = 0;
        foreach ($this->letters as $letter) {
            $all += count($letter->plans) * $letter->sheet()->exactArea();
            $used += array_sum(array_map(static fn (Leaf $leaf): int => $leaf->rect()->size->exactArea(), $letter->pieces()));
        }

        return $all === 0 ? 0 : (int) (10_000 * $used / $all);
    }

    public function sheets(): int
    {
        return array_sum(array_map(static fn (Letter $letter): int => count($letter->plans), $this->letters));
    }

    /** @return list<SheetPlan> */
    public function plans(): array
    {
        return array_merge([], ...array_map(static fn (Letter $letter): array => $letter->plans, $this->letters));
    }
}
