<?php

declare(strict_types=1);

namespace KeepShare\Core\Design;

use Closure;
use KeepShare\Core\Card\Card;
use KeepShare\Core\Check\CardInHand;
use KeepShare\Core\Check\GluedShut;
use KeepShare\Core\Cut\Piece;
use KeepShare\Core\Fold\CannotFold;
use KeepShare\Core\Fold\Construction;
use KeepShare\Core\Fold\FoldKind;
use KeepShare\Core\Fold\FoldPart;
use KeepShare\Core\Fold\Stuff;
use KeepShare\Core\Kit\Surface;
use KeepShare\Core\Measure\Rect;
use KeepShare\Core\Measure\Size;
use KeepShare\Core\Sketch\CannotResolve;
use KeepShare\Core\Sketch\Laid;
use KeepShare\Core\Sketch\Sketch;
use KeepShare\Core\Table\Layouts;
use KeepShare\Core\Table\RemainingStock;
use KeepShare\Core\Table\Table;

/** Lays cards on a fold that is asked for: with its base, its own parts, and nothing that would hold it shut. */
final readonly class Folding
{
    /** How many cards of a theme, and in all, are tried on it before it is given up. */
    private const EACH = 5;

    private const ALL = 25;

    private Layouts $layouts;

    private function __construct(private Table $table, private FoldKind $fold)
    {
        $this->layouts = $table->layouts->onFold($fold);
    }

    /** @param  Table  $table  with all cards there are so far */
    public static function on(Table $table, FoldKind $fold): self
    {
        return new self($table, $fold);
    }

    /**
     * The first card that can be had on the fold.
     *
     * @param  Closure(Table): iterable<list<Card>>  $plain  cards as they are designed on the sketches of a table, by theme, the best first
     * @param  Closure(Card): bool  $canBeCut
     */
    public function first(Closure $plain, Closure $canBeCut): ?Card
    {
        $tried = 0;
        foreach ($this->hasBase() ? $plain($this->table->onFold($this->fold)->onSketches($this->sketches())) : [] as $cards) {
            foreach (
                array_slice(
                    array_filter($cards, fn (Card $card): bool => $this->suits($card->sketch, $card->front)),
                    0,
                    self::EACH,
                ) as $card
            ) {
                $folded = $this->of($card);
                if ($folded !== null && $canBeCut($folded)) {
                    return $folded;
                }
                if (++$tried === self::ALL) {
                    return null;
                }
            }
        }

        return null;
    }

    /** Why no further card of the fold can be had, as far as one thing alone says it; null where none does. */
    public function whyNot(): ?string
    {
        $blanks = array_map(static fn (Construction $one): Size => $one->blank->size, $this->constructions());
        if ($blanks === []) {
            return 'The front is too small for it.';
        }
        $supplies = Supplies::of($this->table, RemainingStock::on($this->table), Variety::on($this->table));
        if ($supplies->bases() === [] || ! $this->hasBase()) {
            $sizes = array_unique(array_map(fn (Size $one): string => $one->label($this->table->unit), $blanks));

            return 'There is nothing left to fold it from: it takes heavy cardstock of '.implode(' or ', $sizes).'.';
        }
        if ($this->sketches() === []) {
            return 'None of the sketches that may be used suits it.';
        }

        return $this->partLacking();
    }

    /** What the fold adds that no paper or cardstock is left for, whichever way the front lies. */
    private function partLacking(): ?string
    {
        $remains = RemainingStock::on($this->table);
        $supplies = Supplies::of($this->table, $remains, Variety::on($this->table));
        $lacking = null;
        foreach ($this->constructions() as $construction) {
            $own = null;
            foreach ($construction->parts as $part) {
                $surfaces = $part->stuff === Stuff::Paper ? $supplies->papers() : $supplies->cardstocks();
                $fits = static fn (Surface $one): bool => $remains->planWith(
                    $one->component,
                    Piece::of($part->id, $part->size, ! $one->face->directional),
                ) !== null;
                $isLacking = self::isCut($part) && array_filter($surfaces, $fits) === [];
                $own ??= $isLacking ? $part : null;
            }
            if ($own === null) {
                return null;
            }
            $lacking ??= $own;
        }

        return $lacking === null
            ? null
            : "No {$lacking->stuff->value} is left for its $lacking->name, {$lacking->size->label($this->table->unit)}.";
    }

    /** @return list<Construction> as it is built each way the front may lie; none where the front is too small */
    private function constructions(): array
    {
        $constructions = [];
        foreach ([$this->table->front, $this->table->front->turned()] as $front) {
            try {
                $constructions[] = $this->fold->construct($front, $this->table->unit);
            } catch (CannotFold) {
                continue;
            }
        }

        return $constructions;
    }

    /** Whether a base is left that it can be folded from. */
    private function hasBase(): bool
    {
        if ($this->fold->fitsReadyBase()) {
            return true;
        }
        $supplies = Supplies::of($this->table, RemainingStock::on($this->table), Variety::on($this->table));
        foreach ($this->constructions() as $construction) {
            if ($supplies->baseOf($construction->blank->size) !== null) {
                return true;
            }
        }

        return false;
    }

    /** @return list<Sketch> those that can lie on the fold, one way at least */
    private function sketches(): array
    {
        return array_values(
            array_filter(
                $this->table->sketches,
                fn (Sketch $sketch): bool => $this->suits($sketch, $this->table->front)
                    || $this->suits($sketch, $this->table->front->turned()),
            ),
        );
    }

    /** The card on that fold, or null where it cannot be had, or would lack something or be shut. */
    private function of(Card $card): ?Card
    {
        try {
            $folded = Refit::on($this->table)->card($card->onFold($this->fold), []);
            $hand = CardInHand::of($folded, $this->table->components, $this->table->unit, []);
        } catch (CannotResolve|CannotFold) {
            return null;
        }

        return $hand->front->lacks === [] && $this->hasItsParts($folded) && (new GluedShut)->look($hand) === [] ? $folded : null;
    }

    /** Whether a sketch can lie on the fold at all, that way. */
    private function suits(Sketch $sketch, Size $front): bool
    {
        $layout = $this->layouts->of($sketch, $front);
        if ($layout === null || ($this->fold === FoldKind::Shaker && ! $sketch->hasWindow())) {
            return false;
        }

        // The sketch of an envelope-flap front lies under the flap; only what is stuck on must keep clear of its point.
        $parts = $this->fold === FoldKind::Gatefold ? array_map(static fn (Laid $laid): Rect => $laid->rect, $layout->parts) : [];

        return array_filter(
            [...$parts, $layout->focal, $layout->sentiment],
            fn (Rect $rect): bool => GluedShut::isAcross($rect, $front, $this->fold),
        ) === [];
    }

    /** What the fold adds is cut too; clear sheets and foam are the maker's to find. */
    private function hasItsParts(Card $card): bool
    {
        foreach ($card->construction($this->table->unit)->parts as $part) {
            if (self::isCut($part) && $card->taking($part->onCard()) === null) {
                return false;
            }
        }

        return true;
    }

    private static function isCut(FoldPart $part): bool
    {
        return ! $part->isFace && ! in_array($part->stuff, [Stuff::Acetate, Stuff::Foam], true);
    }
}
