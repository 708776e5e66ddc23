<?php

declare(strict_types=1);

namespace KeepShare\Core\Share;

use Closure;
use KeepShare\Core\Card\Card;
use KeepShare\Core\Card\Need;
use KeepShare\Core\Card\Part\BowPart;
use KeepShare\Core\Card\Part\EnvelopePart;
use KeepShare\Core\Card\Part\FoamPart;
use KeepShare\Core\Card\Part\GroupPart;
use KeepShare\Core\Card\Taking;
use KeepShare\Core\Design\Designer;
use KeepShare\Core\Design\Draft;
use KeepShare\Core\Design\Folding;
use KeepShare\Core\Design\Prices;
use KeepShare\Core\Design\Scope;
use KeepShare\Core\Design\Variety;
use KeepShare\Core\Fold\FoldKind;
use KeepShare\Core\Kit\Component;
use KeepShare\Core\Kit\Occasion;
use KeepShare\Core\Kit\Words;
use KeepShare\Core\Sketch\Sketch;
use KeepShare\Core\Table\Areas;
use KeepShare\Core\Table\RemainingStock;
use KeepShare\Core\Table\Table;

/**
 * Shares a table out over cards, one card at a time. It takes the best draft that can really be cut, until there are
 * enough cards or something stops the next.
 *
 * A deterministic constructive search. It never takes what is not there and never plans an impossible cut. Bonus cards
 * are the same search on what is left.
 */
final class Sharer
{
    /** How many drafts that can be cut are compared by the sheets they use. */
    private const COMPARED = 5;

    /** The penalty for cutting into one more whole sheet, in points of goodness. */
    private const OPENING = 5;

    private readonly RemainingStock $remains;

    private readonly Variety $variety;

    private Designer $designer;

    /** @var array<int, true> */
    private array $numbers = [];

    private readonly Following $following;

    /** @var array<string, int> how many papers a card wants, by the way it is laid */
    private array $papersOf = [];

    /** No card on a sketch with a picture was found. */
    private bool $isWithoutPictures = false;

    /** No card from the kit alone was found. */
    private bool $isKitSpent = false;

    /** How many cards were on the table before. */
    private readonly int $before;

    /** @var array<string, true> folds that cannot be had any more */
    private array $unfoldable = [];

    /**
     * @param  int  $level  what the fair share of paper costs, in points of goodness; 0 for nothing
     * @param  int  $target  how many cards the paper is shared among where it costs something
     * @param  array<string, int>|null  $ways  the only cards to be made, by Sketch::way(); null for any
     * @param  bool  $isBrief  what is not found at the first look is not looked for: another search follows
     */
    private function __construct(
        private Table $table,
        private readonly int $level = 0,
        private readonly int $target = 0,
        private ?array $ways = null,
        private readonly bool $isBrief = false,
    ) {
        $this->remains = RemainingStock::on($table);
        $this->variety = Variety::on($table);
        $this->following = new Following;
        $this->before = count($table->cards);
        foreach ($table->cards as $card) {
            $this->numbers[$card->number] = true;
        }
        $this->designer = $this->designer();
    }

    public static function on(Table $table): self
    {
        return new self($table);
    }

    /**
     * The possible cards, without a word about what stops the next.
     *
     * @param  (Closure(int, int): bool)|null  $goOn  told the cards made and wanted after each one; false stops and keeps what there is
     * @return list<Card>
     */
    public static function most(Table $table, ?Closure $goOn = null): array
    {
        return self::on($table)->cards($table->wishes->cards, $goOn ?? static fn (): bool => true);
    }

    /**
     * The same, with only the cards that are found quickly.
     *
     * @param  Closure(int, int): bool  $goOn
     * @return list<Card>
     */
    public static function briefly(Table $table, Closure $goOn): array
    {
        return (new self($table, isBrief: true))->cards($table->wishes->cards, $goOn);
    }

    /**
     * The same with a price on paper and cardstock.
     *
     * @param  int  $level  of the price: points of goodness for the fair share of one card
     * @param  int  $target  how many cards share what is there
     * @param  Closure(int, int): bool  $goOn
     * @return list<Card>
     */
    public static function paying(Table $table, int $level, int $target, Closure $goOn): array
    {
        return (new self($table, $level, $target))->cards($table->wishes->cards, $goOn);
    }

    /**
     * A given number of cards on each sketch, and no others.
     *
     * @param  array<string, int>  $ways  by Sketch::way()
     * @param  Closure(int, int): bool  $goOn
     * @return list<Card>
     */
    public static function onWays(Table $table, array $ways, Closure $goOn): array
    {
        return (new self($table, 0, 0, $ways))->cards(min($table->wishes->cards, array_sum($ways)), $goOn);
    }

    /**
     * @param  Closure(int, int): bool  $goOn
     * @return list<Card>
     */
    private function cards(int $wanted, Closure $goOn): array
    {
        $cards = [];
        while (count($cards) < $wanted) {
            $card = $this->asked() ?? $this->next([]);
            if ($card === null) {
                break;
            }
            array_push($cards, ...$this->set($card, $wanted - count($cards)));
            if (! $goOn(count($cards), $wanted)) {
                break;
            }
        }

        return $cards;
    }

    /**
     * A card and, if sets are wished for, as many copies as there is enough for.
     *
     * @return list<Card>
     */
    private function set(Card $card, int $room): array
    {
        $first = $card->again($card->number, $card->number);
        $this->take($this->table->wishes->set > 1 ? $first : $card);
        $cards = [$first];
        while (count($cards) < min($this->table->wishes->set, $room)) {
            $copy = $this->withoutWhatIsOut($card->again($this->number(), $card->number));
            if (! $this->isThere($copy)) {
                break;
            }
            $this->take($copy);
            $cards[] = $copy;
        }

        return count($cards) === 1 ? [$card] : $cards;
    }

    /** A card of a set may lack what no card needs, such as an envelope, if that has run out. */
    private function withoutWhatIsOut(Card $card): Card
    {
        $parts = [FoamPart::ID, GroupPart::ID, BowPart::ID, ...$this->table->wishes->envelopes ? [] : [EnvelopePart::ID]];
        $isOut = fn (Taking $one): bool => in_array($one->part, $parts, true)
            && ! $this->table->components[$one->component]->isEndless()
            && $this->remains->left($one->component) < $one->quantity;

        return $card->fitted(array_values(array_filter($card->takings, static fn (Taking $one): bool => ! $isOut($one))));
    }

    /** Whether everything it takes is allowed, available and can be cut. */
    private function isThere(Card $card): bool
    {
        $counts = [];
        foreach ($card->takings as $taking) {
            if (! $this->table->offers($taking->component)) {
                return false;
            }
            $counts[$taking->component] = ($counts[$taking->component] ?? 0) + ($taking->size === null ? $taking->quantity : 0);
        }
        foreach ($counts as $component => $count) {
            if (! $this->table->components[$component]->isEndless() && $count > 0 && $this->remains->left($component) < $count) {
                return false;
            }
        }

        return $this->opened($card, []) !== null;
    }

    public function take(Card $card): void
    {
        $this->remains->take($card);
        $this->variety->add($card);
        $this->table = $this->table->after($card);
        $this->designer = $this->designer();
        $this->numbers[$card->number] = true;
        if ($this->ways !== null) {
            $way = $card->sketch->way($card->front);
            $this->ways[$way] = ($this->ways[$way] ?? 0) - 1;
        }
    }

    private function designer(): Designer
    {
        return Designer::at($this->table, $this->remains, $this->variety);
    }

    /** The next card that is asked for by its design or its fold. The kit's own designs come first. */
    public function asked(): ?Card
    {
        return $this->following->next($this->table, $this->designer, $this->number(), $this->isThere(...)) ?? $this->folded();
    }

    /** The next card with a fold that is asked for and still missing. Null if there is none to make. */
    private function folded(): ?Card
    {
        foreach ($this->variety->foldsMissing($this->table->wishes->folds) as $fold) {
            $card = isset($this->unfoldable[$fold->value]) ? null : Folding::on($this->table, $fold)
                ->first($this->plain(...), fn (Card $card): bool => $this->opened($card, []) !== null);
            if ($card !== null) {
                return $card;
            }
            $this->unfoldable[$fold->value] = true;
        }

        return null;
    }

    /**
     * The possible next cards on the sketches of a table: those with a picture first, and for each theme the best
     * first.
     *
     * @return iterable<list<Card>>
     */
    private function plain(Table $table): iterable
    {
        $designer = Designer::at($table, $this->remains, $this->variety);
        foreach ([Scope::narrow(), Scope::narrow()->lean()] as $scope) {
            foreach ($this->themes([]) as [$occasion, $sentiment]) {
                yield array_map(
                    static fn (Draft $draft): Card => $draft->card(),
                    $designer->drafts($this->number(), $occasion, $sentiment, [], $scope),
                );
            }
        }
    }

    /** Whether the pieces of a card from one component can be cut with all that are promised. */
    public function canCut(Card $card, string $component): bool
    {
        return $this->remains->planWith($component, ...$card->pieces()[$component] ?? []) !== null;
    }

    /**
     * The best next card.
     *
     * @param  list<Need>  $lifted  needs that count as met
     */
    public function next(array $lifted): ?Card
    {
        if ($this->ways !== null) {
            return $this->onOneOf($this->ways, $lifted);
        }

        return ($lifted === [] ? $this->ofKitAlone() : null) ?? $this->ofAll($lifted);
    }

    /** A card from the kit alone, if one is found quickly. The stash is for where the kit runs out. */
    private function ofKitAlone(): ?Card
    {
        $wishes = $this->table->wishes;
        if ($this->isKitSpent || ! $wishes->stash || $this->table->stash === [] || $this->isAskedOfStash()) {
            return null;
        }
        $open = $this->designer;
        $this->designer = Designer::at($this->table->asking($wishes->kitOnly()), $this->remains, $this->variety);
        $card = $this->best($this->level > 0 ? Scope::paying($this->prices()) : Scope::narrow(), []);
        $this->designer = $open;
        $this->isKitSpent = $card === null;

        return $card;
    }

    /** Whether only the stash has words for the next occasion. */
    private function isAskedOfStash(): bool
    {
        $occasion = $this->variety->occasionsByWant($this->table->wishes)[0];
        $isAsked = $this->variety->isMissing($occasion, $this->table->wishes);
        $own = array_filter($this->designer->sentiments(), fn (Component $one): bool => ! isset($this->table->stash[$one->id]));

        return $isAsked && array_filter($own, fn (Component $one): bool => $this->isFor($one->words(), $occasion)) === [];
    }

    /** @param  list<Need>  $lifted */
    private function ofAll(array $lifted): ?Card
    {
        if ($this->level > 0) {
            $prices = $this->prices();

            return $this->best(Scope::paying($prices), $lifted) ?? $this->best(Scope::payingWide($prices), $lifted);
        }

        if ($this->isBrief) {
            return $this->best(Scope::narrow(), $lifted) ?? $this->best(Scope::narrow()->lean(), $lifted);
        }
        if (! $this->isWithoutPictures) {
            $card = $this->best(Scope::narrow(), $lifted) ?? $this->best(Scope::wide(), $lifted);
            // Every further card has less to choose from, so what is impossible now stays impossible.
            $this->isWithoutPictures = $card === null && $lifted === [];
        }

        return $card ?? $this->best(Scope::narrow()->lean(), $lifted) ?? $this->best(Scope::wide()->lean(), $lifted);
    }

    /**
     * A card as given, with its open parts chosen.
     *
     * @param  Occasion|null  $occasion  for which it is where there are words for that; null for any
     * @param  list<list<Need>>  $lifted  needs that count as met, in the order in which they are tried
     */
    public function laid(Scope $scope, FoldKind $fold, ?Occasion $occasion, array $lifted): ?Card
    {
        $designer = $this->designer;
        $this->designer = $fold->fitsReadyBase()
            ? $designer
            : Designer::at($this->table->onFold($fold), $this->remains, $this->variety);
        $card = null;
        foreach ($lifted as $needs) {
            $card ??= $this->best($scope, $needs, $occasion);
        }
        $this->designer = $designer;

        return $fold->fitsReadyBase() ? $card : $card?->onFold($fold);
    }

    /**
     * The best next card on one of some sketches. While there are many papers, sketches with the most different papers
     * come first.
     *
     * @param  array<string, int>  $ways
     * @param  list<Need>  $lifted
     */
    private function onOneOf(array $ways, array $lifted): ?Card
    {
        $byPapers = [];
        foreach (array_filter($ways) as $way => $many) {
            $byPapers[$this->papersOf[$way] ??= $this->papersOn($way)][$way] = $many;
        }
        krsort($byPapers);
        foreach ($byPapers as $own) {
            $card = $this->best(Scope::ways($own), $lifted);
            if ($card !== null) {
                return $card;
            }
        }

        return null;
    }

    /** How many papers a sketch needs on one card. */
    private function papersOn(string $way): int
    {
        $sketch = array_filter($this->table->sketches, static fn (Sketch $one): bool => str_starts_with($way, "$one->manner/"));

        return ($sketch[array_key_first($sketch)] ?? null)?->papers() ?? 0;
    }

    /**
     * The best next cards, each on a sketch of its own, in the order of the designer.
     *
     * @param  int  $each  how many for one occasion
     * @return list<Card>
     */
    public function options(int $many, int $each = 2): array
    {
        $cards = [];
        $seen = [];
        foreach ($this->themes([]) as [$occasion, $sentiment]) {
            $own = 0;
            foreach ($this->designer->drafts($this->number(), $occasion, $sentiment, [], Scope::narrow()) as $draft) {
                $card = $draft->card();
                if (isset($seen[$card->sketch->key]) || $this->opened($card, []) === null) {
                    continue;
                }
                $seen[$card->sketch->key] = true;
                $cards[] = $card;
                if (count($cards) === $many) {
                    return $cards;
                }
                if (++$own === $each) {
                    break;
                }
            }
        }

        return $cards;
    }

    /**
     * Every possible next card, for a table that is small enough to list them.
     *
     * @return list<Card>
     */
    public function every(): array
    {
        $cards = [];
        foreach ($this->themes([]) as [$occasion, $sentiment]) {
            foreach ($this->designer->drafts($this->number(), $occasion, $sentiment, [], Scope::every()) as $draft) {
                $card = $draft->card();
                if ($this->opened($card, []) !== null) {
                    $cards[] = $card;
                }
            }
        }

        return $cards;
    }

    /**
     * @param  list<Need>  $lifted
     * @param  Occasion|null  $first  tried before any other
     */
    private function best(Scope $scope, array $lifted, ?Occasion $first = null): ?Card
    {
        $tried = [];
        $themes = $this->themes($lifted);
        if ($first !== null) {
            usort($themes, static fn (array $a, array $b): int => $b[0]->equals($first) <=> $a[0]->equals($first));
        }
        if ($scope->given !== [] && in_array(Need::Sentiment, $lifted, true)) {
            $themes[] = [$first ?? Occasion::of('hello'), null];
        }
        foreach ($themes as [$occasion, $sentiment]) {
            // A card that cannot be cut with some words cannot be cut with others of the same size.
            $room = self::room($sentiment);
            $card = isset($tried[$room])
                ? null
                : $this->cuttable($this->designer->drafts($this->number(), $occasion, $sentiment, $lifted, $scope), $lifted);
            if ($card !== null) {
                return $card;
            }
            $tried[$room] = true;
        }

        return null;
    }

    private function prices(): Prices
    {
        $table = $this->table;
        $cards = $this->target - (count($table->cards) - $this->before);

        return Prices::at($this->level, Areas::left($table, true), Areas::left($table, false), $cards);
    }

    /** What words take on a card. */
    private static function room(?Component $sentiment): string
    {
        $size = $sentiment?->good->extent();

        return $size === null ? '' : "{$sentiment->kind()->value} {$size->width->units} {$size->height->units}";
    }

    /** The smallest number that no card has. */
    private function number(): int
    {
        $number = 1;
        while (isset($this->numbers[$number])) {
            $number++;
        }

        return $number;
    }

    /** Words without an occasion are used on cards for no occasion, and for occasions that are asked for. */
    private function isFor(?Words $words, Occasion $occasion): bool
    {
        $isAsked = $occasion->is('hello') || isset($this->table->wishes->occasions[$occasion->value]);

        return $words !== null && $words->fit($occasion) && ($isAsked || ! $words->isForAny());
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
        $occasions = $this->variety->occasionsByWant($this->table->wishes);
        if ($sentiments === [] && in_array(Need::Sentiment, $lifted, true)) {
            return [[$occasions[0], null]];
        }
        $themes = [];
        foreach ($occasions as $occasion) {
            foreach ($sentiments as $sentiment) {
                if ($this->isFor($sentiment->words(), $occasion)) {
                    $themes[] = [$occasion, $sentiment];
                }
            }
        }

        // Without words, if there are no others left.
        return $this->table->wishes->wordless ? [...$themes, [$occasions[0], null]] : $themes;
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
            // If paper has a price, the draft has already paid it.
            if (++$compared === ($this->level > 0 || $this->ways !== null ? 1 : self::COMPARED)) {
                break;
            }
        }

        return $best[1] ?? null;
    }

    /**
     * The whole sheets that a card cuts into. Null if it cannot be cut.
     *
     * @param  list<Need>  $lifted
     */
    private function opened(Card $card, array $lifted): ?int
    {
        $opened = 0;
        foreach ($card->pieces() as $component => $pieces) {
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
}
