<?php

declare(strict_types=1);

namespace KeepShare\Core\Table;

use KeepShare\Core\Cut\CutPlan;
use KeepShare\Core\Cut\Piece;
use KeepShare\Core\Cut\Planner;
use KeepShare\Core\Cut\Prepared;
use KeepShare\Core\Cut\Stock;
use KeepShare\Core\Cut\Terms;
use KeepShare\Core\Cut\Trimmer;

/**
 * Quick plans for the stock of one table. Each is made once, since the same pieces are asked for again and again while
 * cards are tried. The engine makes the final plans.
 */
final class Plans
{
    /** Beyond this number the oldest are dropped. */
    private const MOST = 4_000;

    /** @var array<string, CutPlan> by component and pieces */
    private array $known = [];

    /** @param  array<string, Prepared>  $prepared  by component, where it is decided how sheets are cut */
    private function __construct(private readonly Terms $terms, private readonly array $prepared)
    {
    }

    public static function with(Trimmer $trimmer): self
    {
        return new self(Terms::usual()->with($trimmer), []);
    }

    /** @param  array<string, Prepared>  $prepared  the only way in which these components are cut */
    public function cutBy(array $prepared): self
    {
        return new self($this->terms, $prepared);
    }

    /** Whether the cuts of a component's sheets are already decided. */
    public function isPrepared(string $component): bool
    {
        return isset($this->prepared[$component]);
    }

    /**
     * @param  list<Stock>  $stock  of the component, always the same
     * @param  list<Piece>  $pieces
     */
    public function of(string $component, array $stock, array $pieces): CutPlan
    {
        $key = $component;
        foreach ($pieces as $piece) {
            $key .= "|$piece->id,{$piece->size->width->units},{$piece->size->height->units},".(int) $piece->mayTurn;
        }
        if (! isset($this->known[$key])) {
            if (count($this->known) >= self::MOST) {
                $this->known = array_slice($this->known, intdiv(self::MOST, 2), null, true);
            }
            $this->known[$key] = ($this->prepared[$component] ?? null)?->plan($pieces) ?? Planner::plan($stock, $pieces, $this->terms);
        }

        return $this->known[$key];
    }
}
