<?php

declare(strict_types=1);

namespace KeepShare\Core\Share;

use Closure;
use KeepShare\Core\Kit\Component;
use KeepShare\Core\Kit\Occasion;

/**
 * Shares a table out over cards, one card at a time: the best draft that can really be cut, until enough are made or
 * something stops the next.
 *
 * A constructive search: deterministic, never takes what is not there, never plans a cut that cannot be made. Bonus
 * cards are the same search run on what is left.
 */
final class Sharer
{
    /** How many ways of filling a sketch are looked at first, and how many before a card is given up. */
    private const NARROW = 12;

    private const WIDE = 120;

    /** How many sketches are tried at first: enough to choose from, few enough to be quick. */
    private const FEW = 10;

    /** How many drafts that can be cut are compared by the sheets they open. */
    private const COMPARED = 5;

    /** What opening one more whole sheet costs, in goodness. */
    private const OPENING = 5;

    /** How far ahead the outlook beyond a stop goes. */
    private const AHEAD = 6;

    private readonly Remains $remains;

    private readonly Variety $variety;

    private Designer $designer;

    /** @var array<int, true> */
    private array $numbers = [];

    private function __construct(private readonly Table $table, private readonly Wishes $wishes)
    {
        $this->remains = Remains::on($table);
        $this->variety = Variety::on($table);
        $this->designer = Designer::at($table, $this->remains, $this->variety, $wishes);
        foreach ($table->cards as $card) {
            $this->numbers[$card->number] = true;
        }
    }

    /**
     * @param  (Closure(int, int): bool)|null  $goOn  told the cards made and the cards wanted after each one; false stops, keeping what there is
     */
    public static function share(Table $table, Wishes $wishes, ?Closure $goOn = null): ShareOut
    {
        $sharer = new self($table, $wishes);
        $cards = $sharer->cards($wishes->cards, $goOn ?? static fn (): bool => true);
        $isShort = count($cards) < $wishes->cards;

        return ShareOut::of($cards, $sharer->remains->plans(), $isShort ? $sharer->stop($cards) : null);
    }

    /**
     * @param  Closure(int, int): bool  $goOn
     * @return list<Card>
     */
    private function cards(int $wanted, Closure $goOn): array
    {
        $cards = [];
        while (count($cards) < $wanted) {
            $card = $this->next([]);
            if ($card === null) {
                break;
            }
            $this->take($card);
            $cards[] = $card;
            if (! $goOn(count($cards), $wanted)) {
                break;
            }
        }

        return $cards;
    }

    private function take(Card $card): void
    {
        $this->remains->take($card);
        $this->variety->add($card);
        $this->designer = Designer::at($this->table, $this->remains, $this->variety, $this->wishes);
        $this->numbers[$card->number] = true;
    }

    /** @param  list<Need>  $lifted */
    private function next(array $lifted): ?Card
    {
        return $this->best(self::NARROW, self::FEW, $lifted) ?? $this->best(self::WIDE, PHP_INT_MAX, $lifted);
    }

    /** @param  list<Need>  $lifted */
    private function best(int $breadth, int $sketches, array $lifted): ?Card
    {
        foreach ($this->themes($lifted) as [$occasion, $sentiment]) {
            $card = $this->cuttable($this->designer->drafts($this->number(), $occasion, $sentiment, $lifted, $breadth, $sketches), $lifted);
            if ($card !== null) {
                return $card;
            }
        }

        return null;
    }

    /** The smallest number no card has. */
    private function number(): int
    {
        $number = 1;
        while (isset($this->numbers[$number])) {
            $number++;
        }

        return $number;
    }

    /**
     * Occasions with words for them, the most wanted first.
     *
     * @param  list<Need>  $lifted
     * @return list<array{Occasion, Component|null}>
     */
    private function themes(array $lifted): array
    {
        $sentiments = $this->designer->sentiments();
        $occasions = $this->variety->occasionsByWant();
        if ($sentiments === [] && in_array(Need::Sentiment, $lifted, true)) {
            return [[$occasions[0], null]];
        }
        $themes = [];
        foreach ($occasions as $occasion) {
            foreach ($sentiments as $sentiment) {
                if ($sentiment->words()?->fit($occasion) === true) {
                    $themes[] = [$occasion, $sentiment];
                }
            }
        }

        return $themes;
    }

    /**
     * @param  list<Draft>  $drafts
     * @param  list<Need>  $lifted
     */
    private function cuttable(array $drafts, array $lifted): ?Card
    {
        $best = null;
        $compared = 0;
        foreach ($drafts as $draft) {
            $card = $draft->card();
            $opened = $this->opened($card, $lifted);
            if ($opened === null) {
                continue;
            }
            $goodness = $draft->goodness - self::OPENING * $opened;
            if ($best === null || $goodness > $best[0]) {
                $best = [$goodness, $card];
            }
            if (++$compared === self::COMPARED) {
                break;
            }
        }

        return $best[1] ?? null;
    }

    /**
     * The whole sheets a card opens, or null where it cannot be cut.
     *
     * @param  list<Need>  $lifted
     */
    private function opened(Card $card, array $lifted): ?int
    {
        $opened = 0;
        foreach (Remains::piecesOf($card) as $component => $pieces) {
            $plan = $this->remains->planWith($component, ...$pieces);
            if ($plan !== null) {
                $opened += $this->remains->newlyOpened($component, $plan);

                continue;
            }
            $need = ($this->table->components[$component] ?? null)?->kind()->isPrintedPaper() === true ? Need::Paper : Need::Cardstock;
            if (! in_array($need, $lifted, true)) {
                return null;
            }
        }

        return $opened;
    }

    /** @param  list<Card>  $cards */
    private function stop(array $cards): ?Stop
    {
        $needs = $this->binding();
        if ($needs === []) {
            return null;
        }
        $ahead = new self($this->table, $this->wishes);
        array_map($ahead->take(...), $cards);
        $then = 0;
        while ($then < self::AHEAD && ($card = $ahead->next($needs)) !== null) {
            $ahead->take($card);
            $then++;
        }

        $next = $then < self::AHEAD ? $ahead->binding() : [];

        return Stop::at($needs, $then, array_values(array_filter($next, static fn (Need $need): bool => ! in_array($need, $needs, true))));
    }

    /**
     * The smallest set of needs that, lifted together, gives a card; the empty list where none is in the way.
     *
     * @return list<Need>
     */
    private function binding(): array
    {
        $all = Need::cases();
        $sure = array_values(array_filter($all, fn (Need $need): bool => $this->next(array_values(array_filter($all, static fn (Need $other): bool => $other !== $need))) === null));
        $unsure = array_values(array_filter($all, static fn (Need $need): bool => ! in_array($need, $sure, true)));
        foreach (self::subsets($unsure) as $more) {
            if ($this->next([...$sure, ...$more]) !== null) {
                return [...$sure, ...$more];
            }
        }

        return $all;
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
