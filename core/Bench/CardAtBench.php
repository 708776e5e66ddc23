<?php

declare(strict_types=1);

namespace KeepShare\Core\Bench;

use KeepShare\Core\Arrange\Placed;
use KeepShare\Core\Card\Card;
use KeepShare\Core\Card\CardFront;
use KeepShare\Core\Card\CardGroup;
use KeepShare\Core\Card\Layer;
use KeepShare\Core\Card\Part\BasePart;
use KeepShare\Core\Fold\Construction;
use KeepShare\Core\Kit\Component;
use KeepShare\Core\Measure\Length;
use KeepShare\Core\Measure\Rect;
use KeepShare\Core\Measure\Unit;
use KeepShare\Core\Sketch\CannotResolve;
use KeepShare\Core\Sketch\Laid;
use KeepShare\Core\Sketch\Layout;

/** A card with all its pieces, ready on the table. */
final readonly class CardAtBench
{
    /** What layers are glued to. */
    public const BASE = BasePart::ID;

    /** @param  array<string, Component>  $components  by id */
    private function __construct(
        public Card $card,
        public Layout $layout,
        public Construction $construction,
        public CardFront $front,
        public array $components,
        public Unit $unit,
    ) {
    }

    /**
     * @param  array<string, Component>  $components  by id
     *
     * @throws CannotResolve when its sketch does not fit its front
     */
    public static function of(Card $card, array $components, Unit $unit): self
    {
        return self::laid(CardFront::of($card, $components, $unit), $components, $unit);
    }

    /**
     * The same for a card whose front has been laid out already.
     *
     * @param  array<string, Component>  $components  by id
     */
    public static function laid(CardFront $front, array $components, Unit $unit): self
    {
        return new self($front->card, $front->layout, $front->card->construction($unit), $front, $components, $unit);
    }

    /** The component of a part. Null if it has none. */
    public function taken(string $part): ?Component
    {
        return $this->components[$this->card->taking($part)->component ?? ''] ?? null;
    }

    /** Where a part lies on the front. Null if nothing of it is seen. */
    public function placeOf(string $part): ?Rect
    {
        return $this->front->layer($part)?->rect;
    }

    /** The id of what lies under the middle of a place: a part, or the base. */
    public function groundOf(Rect $place): string
    {
        return $this->layout->under($place)->part->id ?? self::BASE;
    }

    /** @return list<array{Laid, Laid}> the parts that lie on another part, each with that, the innermost first */
    public function onParts(): array
    {
        $pairs = [];
        foreach (array_reverse($this->layout->parts) as $laid) {
            $carrier = $this->layout->carriedBy($laid);
            $pairs = $carrier === null ? $pairs : [...$pairs, [$laid, $carrier]];
        }

        return $pairs;
    }

    /** @return list<Laid> the parts that are glued to the base, from the bottom up */
    public function onBase(): array
    {
        return array_values(array_filter(
            $this->layout->parts,
            fn (Laid $laid): bool => $this->layout->carriedBy($laid) === null,
        ));
    }

    /** "the panel, 4 × 5 1/4 in," */
    public function sized(Laid $laid): string
    {
        return "the {$laid->part->name}, {$laid->rect->size->label($this->unit)},";
    }

    /** How much stays visible round a part: "1/8 in showing all round", or each edge by itself. */
    public function showing(Laid $laid): string
    {
        $reveals = $this->layout->reveals($laid);
        $units = array_values(array_unique(array_map(static fn (Length $one): int => $one->units, $reveals)));
        if (count($units) === 1) {
            return $units[0] === 0 ? 'flush all round' : "{$reveals['left']->label($this->unit)} showing all round";
        }

        return $this->fromEdges($reveals['left'], $reveals['top']);
    }

    /** Where something lies on the front, measured from two edges. */
    public function places(Rect $at): string
    {
        return $this->fromEdges($at->x, $at->y);
    }

    /** Where the middle of a piece of a group lies, how far it is turned, and what it lies over or under. */
    public function lies(Placed $piece): string
    {
        [$left, $below] = CardGroup::fromEdges($piece, $this->layout->front);
        $turn = $piece->spot->turn === 0 ? '' : ', turned '.abs($piece->spot->turn).'° to the '.($piece->spot->turn > 0 ? 'right' : 'left');

        return "its middle {$left->label($this->unit)} from the left edge, {$below->label($this->unit)} from the lower$turn";
    }

    /** @return list<string> the pieces of its group that a part lies on */
    public function under(string $part): array
    {
        return $this->front->group?->piece($part)->under ?? [];
    }

    private function fromEdges(Length $left, Length $upper): string
    {
        return "{$left->label($this->unit)} from the left edge, {$upper->label($this->unit)} from the upper";
    }

    /** @return non-empty-list<string> every piece there is, as steps name them */
    public function pieces(): array
    {
        $layers = array_map(static fn (Layer $layer): string => $layer->part, $this->front->layers);
        $takings = array_column($this->card->takings, 'part');

        return array_values(array_unique([self::BASE, ...$layers, ...$takings]));
    }
}
