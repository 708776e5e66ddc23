<?php

declare(strict_types=1);

namespace KeepShare\Core\Bench;

use KeepShare\Core\Card\Part\MendPart;
use KeepShare\Core\Card\Taking;
use KeepShare\Core\Cut\Piece;
use KeepShare\Core\Kit\Applied;
use KeepShare\Core\Kit\Cardstock;
use KeepShare\Core\Kit\Component;
use KeepShare\Core\Kit\SheetGood;
use KeepShare\Core\Measure\Length;
use KeepShare\Core\Measure\Size;
use KeepShare\Core\Measure\Unit;
use KeepShare\Core\Table\RemainingStock;
use KeepShare\Core\Table\Table;

/**
 * What can be done when something is glued shut, upside down, torn or lost. Each way is tried on the table before it is
 * offered.
 */
final readonly class Mends
{
    /** Replaces the piece by another one that is named. */
    private const OTHERS = 2;

    private RemainingStock $remains;

    private function __construct(private Table $table, private CardAtBench $card)
    {
        $this->remains = RemainingStock::on($table);
    }

    /**
     * @param  Table  $table  as it lies, with all that cards have been given
     * @return list<Mend> the least change first
     */
    public static function for(Step $step, CardAtBench $card, Table $table): array
    {
        $taking = $card->card->taking($step->pieces[0]);
        $own = new self($table, $card);

        return match (true) {
            $taking === null => [],
            $taking->size === null => $own->ofThing($taking),
            default => $own->ofPiece($taking, $taking->size),
        };
    }

    /** @return list<Mend> */
    private function ofPiece(Taking $taking, Size $size): array
    {
        $name = $this->card->card->partName($taking->part);
        $component = $this->table->components[$taking->component];
        $mends = [];
        if ($this->isThere($taking->component, $size, $taking->mayTurn)) {
            $mends[] = Mend::of("Cut the $name again, {$this->say($size)}, from what is kept of $component->name.", $taking);
        }
        foreach (array_slice($this->others($taking, $size), 0, self::OTHERS) as $other) {
            $mends[] = Mend::of("Cut the $name from $other->name instead.", $taking->from($other->id));
        }

        return [...$mends, ...$this->hidden($taking, $size, $name)];
    }

    /**
     * Covers the place with a strip, or puts a smaller panel on a mat of the old size.
     *
     * @return list<Mend>
     */
    private function hidden(Taking $taking, Size $size, string $name): array
    {
        $inch = $this->card->unit === Unit::Inch ? Length::inches(1) : Length::millimetres(25);
        $strip = Size::of($size->width, $inch);
        $mat = $this->cardstock($size, $taking->component);
        $stock = $this->cardstock($strip, $taking->component);
        $reveal = $this->card->unit === Unit::Inch ? Length::inches(0, 1, 8) : Length::millimetres(3);
        $isLarge = $size->shorter()->isLongerThan($inch->times(2));
        $mends = [];
        if ($stock !== null && $isLarge) {
            $piece = Taking::piece($stock->id, MendPart::ID, $strip, 0, true);
            $mends[] = Mend::of("Lay a strip over it, {$this->say($strip)}, of $stock->name.", $piece);
        }
        if ($mat !== null && $isLarge) {
            $less = Size::ofUnits($size->width->units - 2 * $reveal->units, $size->height->units - 2 * $reveal->units);
            $mends[] = Mend::of(
                "Cut the $name down to {$this->say($less)} and lay it on a mat, {$this->say($size)}, of $mat->name.",
                Taking::piece($mat->id, MendPart::ID, $size, 0, true),
            );
        }

        return $mends;
    }

    /** @return list<Mend> */
    private function ofThing(Taking $taking): array
    {
        $component = $this->table->components[$taking->component];
        $left = $this->remains->left($component->id);
        $mends = $left >= $taking->quantity && $taking->quantity > 0
            ? [Mend::of("Take another $component->name: $left left.", $taking)]
            : [];
        $place = $this->card->placeOf($taking->part)?->size;
        foreach ($this->table->components as $other) {
            $isLike = $other->id !== $component->id && $other->kind() === $component->kind() && $this->table->offers($other->id);
            $suits = $isLike && $this->suits($other, $component, $place);
            if ($suits && $this->remains->left($other->id) >= max(1, $taking->quantity) && count($mends) <= self::OTHERS) {
                $mends[] = Mend::of("Take $other->name instead.", $taking->from($other->id));
            }
        }

        return $mends;
    }

    /**
     * Pictures and words may be replaced by any that serve the same purpose and fit. Everything else is replaced by its
     * own kind.
     */
    private function suits(Component $other, Component $component, ?Size $place): bool
    {
        if (! $component->good instanceof Applied || ! $other->good instanceof Applied) {
            return true;
        }
        [$own, $new] = [$component->good->printed(), $other->good->printed()];

        return $own->serves === $new->serves && ($place === null || $new->size->fitsIn($place->grown(Length::inches(0, 1, 4))));
    }

    /** @return list<Component> of the same kind, from which a piece can be cut */
    private function others(Taking $taking, Size $size): array
    {
        $kind = $this->table->components[$taking->component]->kind();
        $isOne = fn (Component $one): bool => $one->id !== $taking->component
            && $one->kind() === $kind
            && $this->isThere($one->id, $size, $taking->mayTurn);

        return array_values(array_filter($this->table->components, $isOne));
    }

    private function cardstock(Size $size, string $but): ?Component
    {
        foreach ($this->table->components as $component) {
            $isMat = $component->id !== $but && $component->good instanceof Cardstock && $component->good->makesMats();
            if ($isMat && $this->isThere($component->id, $size, true)) {
                return $component;
            }
        }

        return null;
    }

    private function isThere(string $component, Size $size, bool $mayTurn): bool
    {
        return $this->table->offers($component)
            && $this->table->components[$component]->good instanceof SheetGood
            && $this->remains->mayYield($component, $size, $mayTurn)
            && $this->remains->planWith($component, Piece::of(MendPart::ID, $size, $mayTurn)) !== null;
    }

    private function say(Size $size): string
    {
        return $size->label($this->card->unit);
    }
}
