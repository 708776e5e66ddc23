<?php

declare(strict_types=1);

namespace KeepShare\Core\Card;

use KeepShare\Core\Arrange\Arrangement;
use KeepShare\Core\Card\Part\Accessories;
use KeepShare\Core\Cut\Piece;
use KeepShare\Core\Fold\Construction;
use KeepShare\Core\Fold\FoldKind;
use KeepShare\Core\Fold\FoldPart;
use KeepShare\Core\Kit\KitDesign;
use KeepShare\Core\Kit\Occasion;
use KeepShare\Core\Measure\Length;
use KeepShare\Core\Measure\Size;
use KeepShare\Core\Measure\Unit;
use KeepShare\Core\Sketch\CannotResolve;
use KeepShare\Core\Sketch\Layout;
use KeepShare\Core\Sketch\Part;
use KeepShare\Core\Sketch\Sketch;
use KeepShare\Core\Sketch\Sketches;

/** One planned card: its design, and everything it takes. */
final readonly class Card
{
    /** @param  list<Taking>  $takings */
    private function __construct(
        public int $number,
        public Sketch $sketch,
        public Size $front,
        public Occasion $occasion,
        public array $takings,
        public ?Length $frame,
        public FoldKind $fold,
        public ?int $set,
        public ?Arrangement $arrangement,
    ) {
    }

    /**
     * @param  list<Taking>  $takings
     * @param  Length|null  $frame  so much of the base shows round the front, 0 where it is covered; null as the sketch has it
     * @param  int|null  $set  known to all cards of one set
     * @param  Arrangement|null  $arrangement  how its pieces lie together; null where they lie as the sketch has them
     */
    public static function of(
        int $number,
        Sketch $sketch,
        Size $front,
        Occasion $occasion,
        array $takings,
        ?Length $frame = null,
        FoldKind $fold = FoldKind::Side,
        ?int $set = null,
        ?Arrangement $arrangement = null,
    ): self {
        return new self($number, $sketch, $front, $occasion, $takings, $frame, $fold, $set, $arrangement);
    }

    /**
     * Only the takings of a card, for booking.
     *
     * @param  list<Taking>  $takings
     */
    public static function bare(int $number, array $takings): self
    {
        $sketch = Sketches::all()['whole-panel'];

        return self::of($number, $sketch, Size::of(Length::inches(4, 1, 4), Length::inches(5, 1, 2)), Occasion::of('hello'), $takings);
    }

    public function construction(Unit $unit): Construction
    {
        return $this->fold->construct($this->front, $unit);
    }

    /** @throws CannotResolve when the sketch does not fit the front */
    public function layout(Unit $unit): Layout
    {
        return $this->sketch->resolve($this->construction($unit)->face, $unit, $this->frame);
    }

    /** @return array<string, Length> the measures of a part as they are on this card, by name */
    public function lengthsOf(Part $part, Layout $layout, Unit $unit): array
    {
        $relation = $this->frame === null ? $part->relation : $part->relation->framed($this->frame);

        return [...$relation->lengths($layout->rects[$relation->of], $unit), ...$part->form->lengths($layout->rects[$part->id], $unit)];
    }

    /** How much of the base shows round the front: the reveal of the first part directly on it. */
    public function frameNow(Unit $unit): Length
    {
        $layout = $this->layout($unit);
        foreach ($this->sketch->parts as $part) {
            if ($part->relation->isFrame()) {
                return $this->lengthsOf($part, $layout, $unit)['reveal'];
            }
        }

        return Length::zero();
    }

    /** The same design and takings, as another card of a set. */
    public function again(int $number, int $set): self
    {
        return $this->with(['number' => $number, 'set' => $set]);
    }

    public function numbered(int $number): self
    {
        return $this->with(['number' => $number]);
    }

    public function onFold(FoldKind $fold): self
    {
        return $this->with(['fold' => $fold]);
    }

    public function arranged(?Arrangement $arrangement): self
    {
        return $this->with(['arrangement' => $arrangement]);
    }

    /**
     * The same takings with other measures of its sketch. Each piece is cut to its new size. Null if it does not fit.
     */
    public function inManner(Sketch $sketch, Unit $unit): ?self
    {
        $card = $this->with(['sketch' => $sketch]);
        try {
            $layout = $card->layout($unit);
        } catch (CannotResolve) {
            return null;
        }

        return $card->fitted(array_map(
            static fn (Taking $taking): Taking => $taking->sized($layout->part($taking->part)->cut ?? $taking->size),
            $this->takings,
        ));
    }

    /**
     * The same card with other takings.
     *
     * @param  list<Taking>  $takings
     */
    public function fitted(array $takings): self
    {
        return $this->with(['takings' => $takings]);
    }

    /**
     * @param  array{
     *     number?: int,
     *     sketch?: Sketch,
     *     takings?: list<Taking>,
     *     fold?: FoldKind,
     *     set?: int,
     *     arrangement?: Arrangement|null,
     * }  $changes
     */
    private function with(array $changes): self
    {
        return new self(
            $changes['number'] ?? $this->number,
            $changes['sketch'] ?? $this->sketch,
            $this->front,
            $this->occasion,
            $changes['takings'] ?? $this->takings,
            $this->frame,
            $changes['fold'] ?? $this->fold,
            $changes['set'] ?? $this->set,
            array_key_exists('arrangement', $changes) ? $changes['arrangement'] : $this->arrangement,
        );
    }

    /** Whether it uses the sketch of a design and takes what that takes. */
    public function follows(KitDesign $design): bool
    {
        foreach ($design->takes as $part => $take) {
            $taking = $this->taking($part);
            if ($taking === null || $taking->component !== $take['component'] || $taking->face !== $take['face']) {
                return false;
            }
        }

        return $this->sketch->key === $design->sketch->key;
    }

    /**
     * The card as a design that can be followed. Null unless it uses a sketch that ships, unchanged, with a printed
     * picture and words.
     */
    public function asDesign(string $name): ?KitDesign
    {
        $takes = [];
        foreach ($this->takings as $taking) {
            $isPart = $taking->size !== null
                && array_filter($this->sketch->parts, static fn (Part $part): bool => $part->id === $taking->part)
                    !== [];
            $isStuckOn = $taking->size === null && in_array($taking->part, [KitDesign::FOCAL, KitDesign::SENTIMENT], true);
            if ($isPart || $isStuckOn) {
                $takes[$taking->part] = ['component' => $taking->component, 'face' => $taking->face];
            }
        }
        $isWhole = isset($takes[KitDesign::FOCAL], $takes[KitDesign::SENTIMENT]);

        return ! $isWhole || ! Sketches::ships($this->sketch)
            ? null
            : KitDesign::of($name, $this->sketch, $this->front->isLying(), $this->occasion, 1, $takes);
    }

    public function isInSetWith(self $other): bool
    {
        return $this->set !== null && $this->set === $other->set;
    }

    public function taking(string $part): ?Taking
    {
        foreach ($this->takings as $taking) {
            if ($taking->part === $part) {
                return $taking;
            }
        }

        return null;
    }

    /** The name of a part, for a sentence. */
    public function partName(string $part): string
    {
        return PartName::of($part, $this->sketch, $this->fold, $this->front);
    }

    /** The piece that is cut from a sheet for a part. Null if it is not cut to fit the card. */
    public function cutOf(string $part, Unit $unit): ?Size
    {
        return match (true) {
            FoldPart::isOne($part) => $this->construction($unit)->partOnCard($part)?->size,
            default => Accessories::find($part)?->cut($this, $unit) ?? $this->layout($unit)->part($part)?->cut,
        };
    }

    /** @return array<string, list<Piece>> what is cut for it, by component */
    public function pieces(): array
    {
        $pieces = [];
        foreach ($this->takings as $taking) {
            $piece = $taking->toPiece($this->pieceId($taking->part));
            if ($piece !== null) {
                $pieces[$taking->component][] = $piece;
            }
        }

        return $pieces;
    }

    /**
     * The pieces of several cards, by component.
     *
     * @param  list<self>  $cards
     * @return array<string, list<Piece>>
     */
    public static function piecesOf(array $cards): array
    {
        $pieces = [];
        foreach ($cards as $card) {
            foreach ($card->pieces() as $component => $own) {
                $pieces[$component] = [...$pieces[$component] ?? [], ...$own];
            }
        }

        return $pieces;
    }

    /** The id of the piece for a part in a cut plan. */
    public function pieceId(string $part): string
    {
        return "$this->number/$part";
    }
}
