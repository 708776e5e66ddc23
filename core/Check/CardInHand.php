<?php

declare(strict_types=1);

namespace KeepShare\Core\Check;

use KeepShare\Core\Card\Card;
use KeepShare\Core\Card\CardFront;
use KeepShare\Core\Card\Layer;
use KeepShare\Core\Kit\Applied;
use KeepShare\Core\Kit\Component;
use KeepShare\Core\Kit\Face;
use KeepShare\Core\Measure\Unit;
use KeepShare\Core\Sketch\Layout;

/** A card with everything a check looks at: its layout, its front, its goods, and the other cards. */
final readonly class CardInHand
{
    /**
     * @param  array<string, Component>  $components
     * @param  list<Card>  $others
     */
    private function __construct(
        public Card $card,
        public Layout $layout,
        public CardFront $front,
        public array $components,
        public array $others,
        public Unit $unit,
    ) {
    }

    /**
     * @param  array<string, Component>  $components  by id
     * @param  list<Card>  $cards  all cards of the kit
     */
    public static function of(Card $card, array $components, Unit $unit, array $cards): self
    {
        return self::laid(CardFront::of($card, $components, $unit), $components, $unit, $cards);
    }

    /**
     * The same for a card whose front has been laid out already.
     *
     * @param  array<string, Component>  $components  by id
     * @param  list<Card>  $cards  all cards of the kit
     */
    public static function laid(CardFront $front, array $components, Unit $unit, array $cards): self
    {
        return new self(
            $front->card,
            $front->layout,
            $front,
            $components,
            array_values(array_filter($cards, static fn (Card $other): bool => $other->number !== $front->card->number)),
            $unit,
        );
    }

    /**
     * The same card among others.
     *
     * @param  list<Card>  $cards  all cards of the kit
     */
    public function among(array $cards): self
    {
        return new self(
            $this->card,
            $this->layout,
            $this->front,
            $this->components,
            array_values(array_filter($cards, fn (Card $other): bool => $other->number !== $this->card->number)),
            $this->unit,
        );
    }

    /** @return list<Card> the other cards that are no set with this one */
    public function strangers(): array
    {
        return array_values(array_filter($this->others, fn (Card $other): bool => ! $this->card->isInSetWith($other)));
    }

    public function taken(string $part): ?Component
    {
        $taking = $this->card->taking($part);

        return $taking === null ? null : $this->components[$taking->component] ?? null;
    }

    /** The printed picture or words of a part, if it is a ready-made piece. */
    public function applied(string $part): ?Applied
    {
        $good = $this->taken($part)?->good;

        return $good instanceof Applied ? $good : null;
    }

    public function layer(string $part): ?Layer
    {
        return $this->front->layer($part);
    }

    /** The face directly under the middle of a layer. Null if that is the base. */
    public function faceUnder(Layer $layer): ?Face
    {
        $under = $this->layout->under($layer->rect);
        $taking = $under === null ? null : $this->card->taking($under->part->id);

        return $taking === null ? null : ($this->components[$taking->component] ?? null)?->face($taking->face);
    }
}
