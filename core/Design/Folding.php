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

/** Puts cards on a fold that is asked for: with its base and its own parts, and nothing that would glue it shut. */
final readonly class Folding
{
    /** How many cards of a theme, and in all, are tried on it before the search gives up. */
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
     * The first possible card with the fold.
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

    /**
     * Why no further card with the fold is possible, if one thing alone is the reason. Null if there is no single
     * reason.
     */
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

    /** The first part of the fold for which no paper or cardstock is left, in either direction of the front. */
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

    /** Whether a base is left from which it can be folded. */
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

    /** The card with that fold. Null if it is impossible, or the card would lack something or be glued shut. */
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

    /** Whether a sketch can be used on the fold at all, in that direction. */
    private function suits(Sketch $sketch, Size $front): bool
    {
        $layout = $this->layouts->of($sketch, $front);
        if ($layout === null || ($this->fold === FoldKind::Shaker && ! $sketch->hasWindow())) {
            return false;
        }

        // The sketch of an envelope-flap front lies under the flap. Only what is glued on top must stay clear of its
        // point.
        $parts = $this->fold === FoldKind::Gatefold ? array_map(static fn (Laid $laid): Rect => $laid->rect, $layout->parts) : [];

        return array_filter(
            [...$parts, $layout->focal, $layout->sentiment],
            fn (Rect $rect): bool => GluedShut::isAcross($rect, $front, $this->fold),
        ) === [];
    }

    /** Parts of the fold are cut too. Clear sheets and foam are not counted: the maker finds them. */
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
