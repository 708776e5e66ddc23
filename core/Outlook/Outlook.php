<?php

declare(strict_types=1);

namespace KeepShare\Core\Outlook;

use KeepShare\Core\Card\Card;
use KeepShare\Core\Card\Need;
use KeepShare\Core\Card\Part\Accessories;
use KeepShare\Core\Fold\BaseYield;
use KeepShare\Core\Fold\Blank;
use KeepShare\Core\Kit\FoldEdge;
use KeepShare\Core\Measure\Size;
use KeepShare\Core\Measure\Unit;
use KeepShare\Core\Share\Sharer;
use KeepShare\Core\Table\Table;

/**
 * What stops the next card, and what adding it would give. Needs are lifted, the fewest first, until a card is
 * possible. What those further cards lack is counted.
 */
final class Outlook
{
    /** How many cards it looks ahead. */
    private const AHEAD = 6;

    /** How many cards a shopping list looks ahead, which takes three times as long. */
    public const FAR = 10;

    /** For how many more cards it says what to add. */
    private const TOLD = [1, 3, 6, 10];

    private function __construct(private readonly Table $table, private readonly Sharer $ahead, private readonly int $far)
    {
    }

    /**
     * @param  Table  $table  with all cards there are
     * @param  int  $far  how many cards ahead it looks
     */
    public static function beyond(Table $table, int $far = self::AHEAD): ?Stop
    {
        return (new self($table, Sharer::on($table->asking($table->wishes->beyond(1))), $far))->stop();
    }

    private function stop(): ?Stop
    {
        $needs = $this->binding([]);
        if ($needs === []) {
            return null;
        }
        $lifted = $needs;
        $counts = [];
        $additions = [];
        $then = 0;
        $next = [];
        for ($made = 0; $made < $this->far;) {
            $card = $this->ahead->next($lifted);
            if ($card === null) {
                $more = array_values(
                    array_filter(
                        $this->binding($lifted),
                        static fn (Need $need): bool => ! in_array($need, $lifted, true),
                    ),
                );
                $next = $next === [] ? $more : $next;
                if ($more === []) {
                    break;
                }
                $lifted = [...$lifted, ...$more];

                continue;
            }
            $made++;
            $then += $next === [] ? 1 : 0;
            foreach ($this->lacks($card, $lifted) as $need => $count) {
                $counts[$need] = ($counts[$need] ?? 0) + $count;
            }
            $this->ahead->take($card);
            if (in_array($made, self::TOLD, true)) {
                $additions[] = Addition::of($made, $counts, $this->sheetsFor($counts[Need::Base->value] ?? 0));
            }
        }

        return Stop::at($needs, $then, $next, $additions);
    }

    /**
     * The smallest set of needs that must be lifted, with those already lifted, for another card. Empty if none is in
     * the way.
     *
     * @param  list<Need>  $lifted
     * @return list<Need>
     */
    private function binding(array $lifted): array
    {
        $all = array_values(array_filter(
            Need::cases(),
            fn (Need $need): bool => ! in_array($need, $lifted, true)
                && ($need !== Need::Envelope || $this->table->wishes->envelopes),
        ));
        $sure = array_values(
            array_filter(
                $all,
                fn (Need $need): bool => $this->ahead->next([
                    ...$lifted,
                    ...array_values(array_filter($all, static fn (Need $other): bool => $other !== $need)),
                ]) === null,
            ),
        );
        $unsure = array_values(array_filter($all, static fn (Need $need): bool => ! in_array($need, $sure, true)));
        foreach (self::subsets($unsure) as $more) {
            if ($this->ahead->next([...$lifted, ...$sure, ...$more]) !== null) {
                return [...$sure, ...$more];
            }
        }

        return $all;
    }

    /**
     * How much of each lifted need a card lacks.
     *
     * @param  list<Need>  $lifted
     * @return array<string, int>
     */
    private function lacks(Card $card, array $lifted): array
    {
        $lacks = [];
        foreach (Accessories::needed() as $part) {
            $isNeeded = $part->need() === Need::Envelope ? $this->table->wishes->envelopes : $part->isNeededOn($card);
            $lacks[$part->need()->value ?? ''] = (int) ($isNeeded && $card->taking($part->id()) === null);
        }
        foreach ($card->layout($this->table->unit)->parts as $laid) {
            $need = $laid->part->role->isPaper() ? Need::Paper : Need::Cardstock;
            $taking = $card->taking($laid->part->id);
            $isThere = $taking !== null && ! (in_array($need, $lifted, true) && ! $this->ahead->canCut($card, $taking->component));
            $lacks[$need->value] = ($lacks[$need->value] ?? 0) + (int) ! $isThere;
        }

        return $lacks;
    }

    private function sheetsFor(int $bases): ?string
    {
        if ($bases === 0) {
            return null;
        }
        $isInch = $this->table->unit === Unit::Inch;
        $sheet = $isInch ? Size::parse('8 1/2', '11', Unit::Inch) : Size::parse('210', '297', Unit::Millimetre);
        $front = $this->table->front;
        $each = BaseYield::of($sheet, Blank::for(Size::of($front->shorter(), $front->longer()), FoldEdge::Side)->size)->count;
        if ($each === 0) {
            return null;
        }
        $sheets = intdiv($bases + $each - 1, $each);

        return sprintf(
            '%s of heavy cardstock %s %s',
            $sheets === 1 ? '1 sheet' : "$sheets sheets",
            $isInch ? '8 1/2 × 11 in' : 'A4',
            $sheets * $each === 1 ? 'gives 1' : ($sheets === 1 ? 'gives ' : 'give ').$sheets * $each,
        );
    }

    /**
     * @param  list<Need>  $needs
     * @return list<list<Need>> the smallest first
     */
    private static function subsets(array $needs): array
    {
        $subsets = [[]];
        foreach ($needs as $need) {
            foreach ($subsets as $subset) {
                $subsets[] = [...$subset, $need];
            }
        }
        usort($subsets, static fn (array $a, array $b): int => count($a) <=> count($b));

        return $subsets;
    }
}
