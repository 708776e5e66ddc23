<?php

declare(strict_types=1);

namespace KeepShare\Core\Tray;

use KeepShare\Core\Card\Card;
use KeepShare\Core\Cut\SheetPlan;
use KeepShare\Core\Measure\Unit;
use KeepShare\Core\Table\Bound;

/** What a whole tray becomes: the cards it gives, and how each scrap is cut for them and into standard parts. */
final readonly class TrayPlan
{
    /**
     * @param  list<Card>  $cards
     * @param  array<string, SheetPlan>  $plans  by scrap; pieces are named by card and part, or as standard parts are
     * @param  int  $left  square millimetres of the scraps that no part is cut from
     * @param  int  $all  square millimetres of all scraps
     */
    private function __construct(public array $cards, private Bound $bound, public array $plans, public int $left, public int $all)
    {
    }

    /**
     * @param  list<Card>  $cards
     * @param  array<string, SheetPlan>  $plans
     */
    public static function of(array $cards, Bound $bound, array $plans, int $left, int $all): self
    {
        return new self($cards, $bound, $plans, $left, $all);
    }

    public function isProven(): bool
    {
        return count($this->cards) >= $this->bound->cards;
    }

    /** "12 bonus cards. No way of cutting gives more", or how many are possible at most. */
    public function says(): string
    {
        $many = count($this->cards);
        $cards = $many === 1 ? '1 bonus card' : "$many bonus cards";

        return $this->isProven()
            ? "$cards. No way of cutting gives more: then {$this->bound->need->plural()} run out."
            : "$cards. At most {$this->bound->cards} are possible: then {$this->bound->need->plural()} run out.";
    }

    /** The share of the scraps that is not used, in per cent, rounded up. */
    public function leftPerCent(): int
    {
        return $this->all === 0 ? 0 : intdiv(100 * $this->left + $this->all - 1, $this->all);
    }

    /** What one scrap is cut into: "2 strips 1 × 3 1/2, 1 panel 2 × 3". */
    public static function parts(SheetPlan $plan, Unit $unit): string
    {
        $counts = [];
        foreach ($plan->pieces() as $leaf) {
            $size = $leaf->rect()->size;
            $key = Noun::of((string) $leaf->piece, $size).'|'.$size->format($unit);
            $counts[$key] = ($counts[$key] ?? 0) + 1;
        }
        $says = [];
        foreach ($counts as $key => $count) {
            [$noun, $size] = explode('|', $key);
            $says[] = Noun::counted($count, $noun)." $size";
        }

        return implode(', ', $says);
    }
}
