<?php

declare(strict_types=1);

namespace KeepShare\Core\Recipe;

use KeepShare\Core\Card\Card;
use KeepShare\Core\Card\Part\BasePart;
use KeepShare\Core\Card\Part\EnvelopePart;
use KeepShare\Core\Card\Part\FocalPart;
use KeepShare\Core\Card\Part\WordsPart;
use KeepShare\Core\Card\Taking;
use KeepShare\Core\Colour\Colour;
use KeepShare\Core\Kit\CardBase;
use KeepShare\Core\Kit\Component;
use KeepShare\Core\Kit\DieCut;
use KeepShare\Core\Kit\Envelope;
use KeepShare\Core\Kit\FoldEdge;
use KeepShare\Core\Kit\Good;
use KeepShare\Core\Kit\Printed;
use KeepShare\Core\Kit\Serves;
use KeepShare\Core\Kit\Shape;
use KeepShare\Core\Kit\Words;
use KeepShare\Core\Measure\Length;
use KeepShare\Core\Measure\Size;
use KeepShare\Core\Sketch\Focus;

/** The cards of a recipe with stand-ins for everything they need, so that they can be counted, packed and made. */
final class Stocked
{
    private const LIGHT = '#faf8f2';

    /** @var array<string, Component> */
    public array $components;

    /** @var list<Card> */
    public array $cards = [];

    private function __construct(private readonly Recipe $recipe)
    {
        $this->components = $recipe->components();
        foreach ($recipe->cards as $card) {
            $this->cards[] = $this->card($card);
        }
    }

    public static function of(Recipe $recipe): self
    {
        return new self($recipe);
    }

    private function card(Card $card): Card
    {
        $layout = $card->layout($this->recipe->unit);
        $takings = $card->takings;
        if ($card->taking(BasePart::ID) === null) {
            $takings[] = Taking::some($this->base($card->front), BasePart::ID, 1);
        }
        $takings[] = Taking::some($this->envelope($card->front), EnvelopePart::ID, 1);
        if (! $card->sketch->focus->isLean()) {
            $takings[] = Taking::some($this->printed('picture', $layout->focal->size), FocalPart::ID, 1);
        }
        if ($card->sketch->focus !== Focus::PaperAlone) {
            $takings[] = Taking::some($this->printed('words', $layout->sentiment->size), WordsPart::ID, 1);
        }

        return $card->fitted($takings);
    }

    private function base(Size $front): string
    {
        $upright = Size::of($front->shorter(), $front->longer());
        $base = CardBase::of($upright, FoldEdge::Side, Colour::fromHex(self::LIGHT));

        return $this->put('base', "Card base, {$upright->label($this->recipe->unit)}", $base, $upright);
    }

    private function envelope(Size $front): string
    {
        $room = Length::inches(0, 1, 8);
        $size = Size::of($front->shorter()->plus($room), $front->longer()->plus($room->times(2)));

        $envelope = Envelope::of($size, Colour::fromHex(self::LIGHT));

        return $this->put('envelope', "Envelope, {$size->label($this->recipe->unit)}", $envelope, $size);
    }

    private function printed(string $what, Size $place): string
    {
        $words = $what === 'words' ? Words::asTheySay('words') : null;
        $serves = $what === 'words' ? Serves::Sentiment : Serves::Image;
        $good = DieCut::of(Printed::of($place, $serves, Shape::Plain, [Colour::fromHex(self::LIGHT)], $words));

        return $this->put($what, ucfirst($what).", up to {$place->label($this->recipe->unit)}", $good, $place);
    }

    private function put(string $what, string $name, Good $good, Size $size): string
    {
        $id = "$what-{$size->width->units}x{$size->height->units}";
        $this->components[$id] ??= Component::of($id, $name, $good, 0);

        return $id;
    }
}
