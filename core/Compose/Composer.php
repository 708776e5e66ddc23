<?php

declare(strict_types=1);

namespace KeepShare\Core\Compose;

use KeepShare\Core\Arrange\Arrangement;
use KeepShare\Core\Arrange\Arrangements;
use KeepShare\Core\Arrange\Pieces;
use KeepShare\Core\Card\Card;
use KeepShare\Core\Card\CardGroup;
use KeepShare\Core\Card\Part\FoamPart;
use KeepShare\Core\Card\Part\GroupPart;
use KeepShare\Core\Card\Taking;
use KeepShare\Core\Kit\Applied;
use KeepShare\Core\Kit\Component;
use KeepShare\Core\Kit\Embellishment;
use KeepShare\Core\Kit\Kind;
use KeepShare\Core\Table\Many;
use KeepShare\Core\Table\RemainingStock;
use KeepShare\Core\Table\Table;
use KeepShare\Core\Table\Wanted;

/**
 * Arranges the cards of a share-out. No two cards of one sketch are arranged alike unless they are a set. The
 * ready-made pieces of the kit are spread evenly. Papers, pictures and words stay as they were, so the number of cards
 * stays. What further cards could need is left for them.
 */
final class Composer
{
    /** How many suitable arrangements are tried for a card. */
    private const LOOKED_AT = 10;

    /** Where in the list of arrangements the search begins. */
    private const TURNS = [7, 3];

    /** The penalty of an arrangement, and of its family, for each card that already has it. */
    private const AGAIN = 25;

    private const FAMILY = 8;

    /** The value of a place for a frame, a tag or a border, while there are any. */
    private const EXTRA = 40;

    private Pool $pool;

    private RemainingStock $remains;

    private Scraps $scraps;

    /** The same from the kit alone, for cards that may take nothing from the stash. */
    private Scraps $ownScraps;

    /** @var array<int, true> the numbers of the cards that take from the stash */
    private array $fromStash = [];

    /** @var array<string, int> how often an arrangement, a family, or one on some sketch has been taken */
    private array $taken = [];

    /** How many pieces lie on the cards. */
    private int $pieces = 0;

    /** How many cards break no rule. */
    private int $sound = 0;

    /** @param  int  $turn  where on the shelf of arrangements it begins */
    private function __construct(private readonly Table $table, private readonly int $turn)
    {
    }

    /**
     * @param  Table  $table  without the cards
     * @param  list<Card>  $cards
     * @return list<Card> the same, arranged
     */
    public static function on(Table $table, array $cards): array
    {
        $canvases = array_map(static fn (Card $card): Canvas => Canvas::of($card, $table), $cards);
        $best = null;
        foreach (array_slice(self::TURNS, 0, self::isToTheLast($table) ? null : 1) as $turn) {
            $composer = new self($table, $turn);
            $arranged = $composer->all($canvases);
            $rank = [$composer->sound, $composer->pieces];
            if ($best === null || $rank > $best[0]) {
                $best = [$rank, $arranged];
            }
        }

        return $best[1] ?? $cards;
    }

    /**
     * Whether there are many pieces a card and some must be used up. Then several slightly different searches are made.
     */
    private static function isToTheLast(Table $table): bool
    {
        $isOne = static fn (Component $one): bool => $one->good instanceof Applied && $table->wishes->useOf($one->id) === Wanted::UseUp;

        return $table->wishes->many === Many::Lots && array_filter($table->components, $isOne) !== [];
    }

    /**
     * @param  list<Canvas>  $canvases
     * @return list<Card>
     */
    private function all(array $canvases): array
    {
        $bare = array_column($canvases, 'card');
        $after = $this->table->after(...$bare);
        $this->pool = Pool::after($this->table, $bare);
        $this->remains = RemainingStock::on($after);
        $isOpen = $this->pool->further === 0;
        $this->scraps = Scraps::of($after, $this->remains, $isOpen);
        $this->ownScraps = Scraps::of($after->asking($this->table->wishes->kitOnly()), $this->remains, $isOpen);
        $this->fromStash = [];
        foreach ($bare as $card) {
            $this->noteStash($card->number, $card->takings);
        }
        foreach ($this->table->cards as $card) {
            $this->count($card->sketch->key, $card->arrangement, 1);
        }
        $composed = [];
        foreach ($canvases as $n => $canvas) {
            $first = self::firstOf($bare, $n);
            $composed[$n] = $first === null ? $this->best($canvas, $this->target($canvas, count($bare) - $n)) : null;
            $this->book($canvas, $composed[$n]);
        }
        $composed = $this->spread($canvases, $composed);
        $made = array_filter($composed);
        $this->pieces = array_sum(array_column($made, 'pieces'));
        $this->sound = count(array_filter($made, static fn (Composition $one): bool => $one->isSound));
        $arranged = [];
        foreach ($canvases as $n => $canvas) {
            $first = self::firstOf($bare, $n);
            $arranged[$n] = $first === null ? $this->trimmed($canvas, $composed[$n]) : $this->like($arranged[$first], $canvas);
        }

        return array_values($arranged);
    }

    /**
     * The card of the same set whose arrangement is copied. Null for the first of a set, or for a single card.
     *
     * @param  list<Card>  $cards
     */
    private static function firstOf(array $cards, int $n): ?int
    {
        foreach ($cards as $first => $card) {
            if ($first === $n) {
                break;
            }
            if ($card->isInSetWith($cards[$n])) {
                return $first;
            }
        }

        return null;
    }

    /**
     * Gives what is left over to the cards with the fewest pieces.
     *
     * @param  list<Canvas>  $canvases
     * @param  array<int, Composition|null>  $composed
     * @return array<int, Composition|null>
     */
    private function spread(array $canvases, array $composed): array
    {
        $most = $this->table->wishes->many->most();
        $order = array_keys(array_filter($composed));
        usort($order, static fn (int $a, int $b): int => ($composed[$a]->pieces ?? 0) <=> ($composed[$b]->pieces ?? 0));
        foreach ($order as $n) {
            $old = $composed[$n];
            if ($old === null || $old->pieces >= $most || ! $this->isWorthMore()) {
                continue;
            }
            $this->unbook($canvases[$n], $old);
            $new = $this->best($canvases[$n], min($most, $old->pieces + 2));
            $composed[$n] = $new !== null && $new->isSound && $new->pieces > $old->pieces ? $new : $old;
            $this->book($canvases[$n], $composed[$n]);
        }

        return $composed;
    }

    /** Whether enough is left that another search may place it. */
    private function isWorthMore(): bool
    {
        return $this->pool->all() > 0 || $this->table->wishes->many === Many::Lots;
    }

    /** Spreads what is left over the remaining cards. */
    private function target(Canvas $canvas, int $cards): int
    {
        $many = $this->table->wishes->many;
        $share = intdiv(2 * $this->pool->all() + $cards, 2 * max(1, $cards));

        return max($many->least(), min($many->most(), count($canvas->stands) + $share));
    }

    /**
     * Another card of a set is arranged like the first, as far as there are pieces. Missing pieces are left out. If
     * even that fails, the card is arranged by itself.
     */
    private function like(Card $first, Canvas $canvas): Card
    {
        $own = array_column($canvas->card->takings, 'part');
        $more = array_values(array_filter(
            $first->takings,
            static fn (Taking $one): bool => ! in_array($one->part, $own, true) && ! Canvas::stays($one->part),
        ));
        $there = $this->thereOf($canvas, $more);
        $bare = array_values(array_filter($there, static fn (Taking $one): bool => ! str_starts_with($one->part, 'piece-')));
        foreach ([$there, $bare] as $takings) {
            $twin = $canvas->card->fitted([...$canvas->card->takings, ...$takings])->arranged($first->arrangement);
            if ($canvas->isSound($twin)) {
                $this->takeAll($canvas, $takings);

                return $twin;
            }
        }
        $alone = $this->best($canvas, count($canvas->stands));
        $this->book($canvas, $alone);

        return $this->trimmed($canvas, $alone);
    }

    /**
     * @param  list<Taking>  $takings
     * @return list<Taking> those of them that are there together
     */
    private function thereOf(Canvas $canvas, array $takings): array
    {
        $there = $counts = $pieces = [];
        foreach ($takings as $taking) {
            $id = $taking->component;
            $piece = $taking->toPiece($taking->part);
            $many = ($counts[$id] ?? 0) + $taking->quantity;
            $isThere = $piece === null
                ? $taking->quantity === 0 || $this->remains->left($id) >= $many
                : $this->remains->planWith($id, $piece, ...$pieces[$id] ?? []) !== null;
            if (! $isThere || ! $this->mayTake($canvas, $id)) {
                continue;
            }
            $there[] = $taking;
            if ($piece === null) {
                $counts[$id] = $many;
            } else {
                $pieces[$id][] = $piece;
            }
        }

        return $there;
    }

    /** A card may take from the stash if that does not make too many cards do so. */
    private function mayTake(Canvas $canvas, string $component): bool
    {
        return isset($this->table->stash[$component])
            ? $this->mayTakeStash($canvas) && $this->table->wishes->useOf($component) !== Wanted::Never
            : $this->table->offers($component);
    }

    private function mayTakeStash(Canvas $canvas): bool
    {
        $left = $this->table->stashLeft();
        if ($left === null || $left === 0) {
            return $left === null;
        }

        return isset($this->fromStash[$canvas->card->number]) || count($this->fromStash) < $left;
    }

    /** @param  list<Taking>  $takings  of a card */
    private function noteStash(int $card, array $takings): void
    {
        foreach ($takings as $taking) {
            if (isset($this->table->stash[$taking->component])) {
                $this->fromStash[$card] = true;
            }
        }
    }

    private function best(Canvas $canvas, int $target): ?Composition
    {
        $scraps = $this->mayTakeStash($canvas) ? $this->scraps : $this->ownScraps;
        $fitting = Fitting::on($canvas, $this->pool, $scraps, $this->table->wishes);
        [$new, $old] = $this->shelf($canvas, $fitting, $target > count($canvas->stands));
        $found = $this->bestOf($new, $canvas, $fitting, $target);

        return $found?->isSound === true || $old === [] ? $found : $this->bestOf($old, $canvas, $fitting, $target) ?? $found;
    }

    /** @param  list<Arrangement>  $shelf */
    private function bestOf(array $shelf, Canvas $canvas, Fitting $fitting, int $target): ?Composition
    {
        $best = null;
        $looked = 0;
        foreach ($shelf as $arrangement) {
            $one = $fitting->in($arrangement, $canvas->isPlain() ? count($canvas->stands) : $target);
            // A piece that is cut for it may be added: a backing, a strip of land, a banner.
            $own = count($canvas->stands);
            $isWithin = $one !== null && $own + count($one->stands) <= max($own, $this->table->wishes->many->most()) + 1;
            $rank = $one === null ? null : [$one->isSound, $isWithin, $one->liking - $this->cost($arrangement)];
            if ($rank !== null && ($best === null || $rank > $best[0])) {
                $best = [$rank, $one];
            }
            $looked += (int) ($isWithin && $one->isSound);
            if ($looked >= self::LOOKED_AT) {
                break;
            }
        }

        return $best[1] ?? null;
    }

    private function book(Canvas $canvas, ?Composition $composed): void
    {
        $this->count($canvas->card->sketch->key, $composed?->arrangement, 1);
        $this->takeAll($canvas, $composed->takings ?? []);
    }

    /** @param  list<Taking>  $takings */
    private function takeAll(Canvas $canvas, array $takings): void
    {
        foreach ($takings as $taking) {
            $this->pool->take($taking->component, $taking->quantity);
        }
        $this->noteStash($canvas->card->number, $takings);
        $this->remains->take(Card::bare($canvas->card->number, $takings));
    }

    private function unbook(Canvas $canvas, Composition $composed): void
    {
        $this->count($canvas->card->sketch->key, $composed->arrangement, -1);
        foreach ($composed->takings as $taking) {
            $this->pool->take($taking->component, -$taking->quantity);
        }
        $this->remains->giveBack(...$composed->takings);
    }

    /**
     * The arrangements that a card may use: first those that no other card on its sketch has, then those used least.
     *
     * @param  bool  $isForMore  it may have more pieces than its picture and its words
     * @return array{list<Arrangement>, list<Arrangement>}
     */
    private function shelf(Canvas $canvas, Fitting $fitting, bool $isForMore): array
    {
        $sketch = $canvas->card->sketch->key;
        $may = array_values(array_filter($this->table->laying->arrangements, $fitting->mayBe(...)));
        $isNew = fn (Arrangement $one): bool => ($this->taken["$sketch/$one->key"] ?? 0) === 0;
        // Each card begins at another place of the list.
        $turn = $may === [] ? 0 : ($this->turn * $canvas->card->number) % count($may);
        $shelf = [...array_slice($may, $turn), ...array_slice($may, 0, $turn)];
        // Frames, tags and borders are used only where an arrangement has a place for them.
        $extra = $isForMore ? self::EXTRA : -self::EXTRA;
        $costs = array_map(fn (Arrangement $one): int => $this->cost($one) - $extra * $fitting->extras($one), $shelf);
        array_multisort($costs, SORT_ASC, SORT_NUMERIC, array_keys($shelf), $shelf);

        return [
            array_values(array_filter($shelf, $isNew)),
            array_values(array_filter($shelf, static fn (Arrangement $one): bool => ! $isNew($one))),
        ];
    }

    private function cost(Arrangement $arrangement): int
    {
        return self::AGAIN * ($this->taken[$arrangement->key] ?? 0) + self::FAMILY * ($this->taken[$arrangement->family->value] ?? 0);
    }

    /** @param  int  $by  1 where it is taken, -1 where it is given back */
    private function count(string $sketch, ?Arrangement $arrangement, int $by): void
    {
        if ($arrangement === null) {
            return;
        }
        foreach (["$sketch/$arrangement->key", $arrangement->key, $arrangement->family->value] as $one) {
            $this->taken[$one] = ($this->taken[$one] ?? 0) + $by;
        }
    }

    /** The same with foam under lifted pieces, and an odd number of trimmings in a colour of the card. */
    private function trimmed(Canvas $canvas, ?Composition $composed): Card
    {
        if ($composed === null) {
            return $canvas->card;
        }
        $takings = array_values(array_filter(
            [...$canvas->card->takings, ...$composed->takings],
            static fn (Taking $one): bool => $one->part !== FoamPart::ID,
        ));
        $foam = $this->foam($canvas, $composed);
        $gems = $this->gems($canvas, $composed);
        $more = array_values(array_filter([$foam, $gems]));
        $old = $canvas->card->taking(FoamPart::ID);
        if ($old !== null) {
            $this->remains->giveBack($old);
        }
        $this->noteStash($canvas->card->number, $more);
        $this->remains->take(Card::bare($canvas->card->number, $more));

        return $canvas->card->fitted([...$takings, ...$more])->arranged($composed->arrangement);
    }

    private function foam(Canvas $canvas, Composition $composed): ?Taking
    {
        $needs = CardGroup::foamFor($canvas->group($composed->arrangement, $composed->stands));
        $old = $canvas->card->taking(FoamPart::ID);
        foreach ($needs === 0 ? [] : $this->table->components as $component) {
            if ($component->kind() !== Kind::Foam || ! $this->mayTake($canvas, $component->id)) {
                continue;
            }
            $own = $old?->component === $component->id ? $old->quantity : 0;
            if ($component->isEndless() || $this->remains->left($component->id) + $own >= $needs) {
                return Taking::some($component->id, FoamPart::ID, $component->isEndless() ? 0 : $needs);
            }
        }

        return null;
    }

    private function gems(Canvas $canvas, Composition $composed): ?Taking
    {
        $most = $this->table->wishes->many->trimmings();
        $room = count($canvas->group($composed->arrangement, $composed->stands, $most)->dots);
        $best = null;
        foreach ($this->table->components as $component) {
            $good = $component->good;
            if (! $good instanceof Embellishment || ! $this->mayTake($canvas, $component->id)) {
                continue;
            }
            $left = $good->plenty ? $most : $this->remains->left($component->id);
            $many = self::odd(min($most, $room, $left));
            // Trimmings take up the third colour of the paper.
            $far = Liking::nearest([$good->colour], array_slice($canvas->palette, 1));
            $far -= $this->table->wishes->useOf($component->id)->worth();
            $rank = [isset($this->table->stash[$component->id]), -$many, $far];
            if ($many > 0 && ($best === null || $rank < $best[0])) {
                $best = [$rank, Taking::some($component->id, GroupPart::ID, $good->plenty ? 0 : $many)];
            }
        }

        return $best[1] ?? null;
    }

    private static function odd(int $many): int
    {
        return $many % 2 === 0 ? max(0, $many - 1) : $many;
    }
}
