<?php

declare(strict_types=1);

namespace KeepShare\Core\Share;

use KeepShare\Core\Card\Card;
use KeepShare\Core\Check\CardInHand;
use KeepShare\Core\Check\Check;
use KeepShare\Core\Check\Checks;
use KeepShare\Core\Check\Finding;
use KeepShare\Core\Compose\Canvas;
use KeepShare\Core\Table\Table;
use WeakMap;

/** Compares share-outs. It remembers for each card what does not depend on the others. */
final class Judge
{
    /** @var WeakMap<Card, array{hand: CardInHand, complete: int, findings: int, together: int, held: int, fromStash: int}> */
    private WeakMap $known;

    private function __construct(private readonly Table $table)
    {
        $this->known = new WeakMap;
    }

    public static function of(Table $table): self
    {
        return new self($table);
    }

    /** @param  list<Card>  $cards */
    public function merit(array $cards): Score
    {
        $sums = ['complete' => 0, 'findings' => 0, 'together' => 0, 'held' => 0, 'fromStash' => 0];
        $pieces = [];
        $all = [...$this->table->cards, ...$cards];
        foreach ($cards as $card) {
            $own = $this->known[$card] ??= $this->alone($card);
            $sums['complete'] += $own['complete'];
            $sums['findings'] += $own['findings'] + self::among($own['hand']->among($all));
            $sums['together'] += $own['together'];
            $sums['held'] += $own['held'];
            $sums['fromStash'] += $own['fromStash'];
            $group = $own['hand']->front->group;
            $pieces = $group === null ? $pieces : [...$pieces, count($group->pieces)];
        }

        return Score::summed($this->table, $cards, $sums, $pieces);
    }

    /** @return array{hand: CardInHand, complete: int, findings: int, together: int, held: int, fromStash: int} */
    private function alone(Card $card): array
    {
        $hand = CardInHand::of($card, $this->table->components, $this->table->unit, []);

        return [
            'hand' => $hand,
            'complete' => (int) ($hand->front->lacks === []),
            'findings' => self::count(Checks::all(), $hand),
            'together' => Score::togetherOn($card, $this->table),
            'held' => $card->arrangement === null ? 0 : Canvas::of($card, $this->table)->holds($card),
            'fromStash' => $this->table->fromStash($card),
        ];
    }

    /** Everything repeated counts, hint or not: of two share-outs the one with fewer repeats is better. */
    private static function among(CardInHand $hand): int
    {
        return array_sum(array_map(static fn (Check $check): int => count($check->look($hand)), Checks::amongCards()));
    }

    /** @param  list<Check>  $checks */
    private static function count(array $checks, CardInHand $hand): int
    {
        $count = 0;
        foreach ($checks as $check) {
            $count += count(array_filter($check->look($hand), static fn (Finding $finding): bool => ! $finding->isHint));
        }

        return $count;
    }
}
