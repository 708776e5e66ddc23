<?php

declare(strict_types=1);

namespace KeepShare\Core\Card;

use KeepShare\Core\Arrange\Arrangement;
use KeepShare\Core\Arrange\Group;
use KeepShare\Core\Arrange\GroupPiece;
use KeepShare\Core\Arrange\Pieces;
use KeepShare\Core\Arrange\Placed;
use KeepShare\Core\Arrange\Stands;
use KeepShare\Core\Card\Part\BackingDiePart;
use KeepShare\Core\Card\Part\DiePart;
use KeepShare\Core\Card\Part\FoamPart;
use KeepShare\Core\Card\Part\GroupPart;
use KeepShare\Core\Card\Part\LabelPart;
use KeepShare\Core\Kit\Applied;
use KeepShare\Core\Kit\Component;
use KeepShare\Core\Kit\Embellishment;
use KeepShare\Core\Kit\Shape;
use KeepShare\Core\Kit\Stamp;
use KeepShare\Core\Kit\Tool;
use KeepShare\Core\Measure\Length;
use KeepShare\Core\Measure\Size;
use KeepShare\Core\Measure\Unit;
use KeepShare\Core\Sketch\Layout;

/** The pieces of a card in their arrangement. */
final class CardGroup
{
    /** Nobody counts what there is plenty of. Three is the usual odd group. */
    private const GROUP = 3;

    /** The thickness of twine. */
    private const TWINE = 12_700;

    /**
     * @param  array<string, Component>  $components  by id
     * @return Group|null null where the card has no arrangement
     */
    public static function of(Card $card, Layout $layout, array $components, Unit $unit): ?Group
    {
        return $card->arrangement === null ? null : Group::of(
            $card->arrangement,
            $layout,
            self::stands($card, $card->arrangement, $components, $layout),
            $unit,
            $card->taking(FoamPart::ID) !== null,
            self::trimmings($card, $components),
        );
    }

    /**
     * @param  array<string, Component>  $components  by id
     * @return array<string, GroupPiece> by part
     */
    public static function stands(Card $card, Arrangement $arrangement, array $components, Layout $layout): array
    {
        $stands = [];
        foreach (Pieces::all() as $part => [$does]) {
            $taking = $card->taking($part);
            $component = $components[$taking->component ?? ''] ?? null;
            if ($taking !== null && $component !== null) {
                $stands[$part] = self::stand($card, $taking, $component, $does, $components, $layout);
            }
        }

        return array_filter($stands);
    }

    /**
     * How many gems and dots lie round it.
     *
     * @param  array<string, Component>  $components  by id
     */
    public static function trimmings(Card $card, array $components): int
    {
        $taking = $card->taking(GroupPart::ID);
        $good = $components[$taking->component ?? '']->good ?? null;

        return $taking === null ? 0 : ($good instanceof Embellishment && $taking->quantity === 0 ? self::GROUP : $taking->quantity);
    }

    /** @param  array<string, Component>  $components */
    private static function stand(
        Card $card,
        Taking $taking,
        Component $component,
        Stands $does,
        array $components,
        Layout $layout,
    ): ?GroupPiece {
        $good = $component->good;
        $part = $taking->part;
        if ($does === Stands::Words && $good instanceof Stamp) {
            $label = $card->taking(LabelPart::ID)?->size;

            return $label === null
                ? GroupPiece::ink($part, $component->id, $component->name, $good->size)
                : GroupPiece::of($part, $does, $component->id, $component->name, $label, Shape::Label);
        }
        if ($does === Stands::Twine) {
            $long = $layout->front->width->units;

            return GroupPiece::of($part, $does, $component->id, $component->name, Size::ofUnits($long, self::TWINE), Shape::Label);
        }
        if ($taking->size === null) {
            return $good instanceof Applied
                ? GroupPiece::whole($part, $does, $component->id, $component->name, $good->printed(), $taking->face)
                : null;
        }
        $shape = self::cutShape($card, $part, $components);

        return GroupPiece::of($part, $does, $component->id, $component->name, $taking->size, $shape, $taking->face);
    }

    /**
     * The shape that a die gives to a piece cut from a scrap. Null if it is cut straight.
     *
     * @param  array<string, Component>  $components
     */
    private static function cutShape(Card $card, string $part, array $components): ?Shape
    {
        if (str_starts_with($part, 'piece-banner-')) {
            return Shape::Banner;
        }
        $tool = $card->taking($part === Pieces::BACKING ? BackingDiePart::ID : DiePart::ID);
        $die = $components[$tool->component ?? '']->good ?? null;
        $isIts = $part === Pieces::BACKING || $part === Pieces::FOCAL;

        return $isIts && $die instanceof Tool && $die->shape === Shape::Circle ? Shape::Circle : null;
    }

    /**
     * The ready-made things that may stand at a place.
     *
     * @param  array<string, Component>  $components
     * @return list<Component>
     */
    public static function admitted(string $part, array $components): array
    {
        $does = Pieces::all()[$part][0] ?? null;

        return array_values(array_filter($components, static fn (Component $one): bool => $does?->admits($one) === true));
    }

    /** How many foam squares a group needs: three or more under a lifted piece, one where a side lies lower. */
    public static function foamFor(Group $group): int
    {
        $squares = 0;
        foreach ($group->pieces as $piece) {
            $squares += ($piece->spot->isLifted ? self::squaresUnder($piece->stand->size) : 0) + (int) $piece->isShimmed;
        }

        return $squares;
    }

    /** Three squares hold a piece steady. A larger piece needs one for every 2 1/4 square inches. */
    public static function squaresUnder(Size $size): int
    {
        $each = Length::inches(1, 1, 2)->units ** 2;

        return max(3, intdiv($size->exactArea() + $each - 1, $each));
    }

    /** @return array{Length, Length} as it is said: so far from the left edge, so far from the lower */
    public static function fromEdges(Placed $piece, Size $front): array
    {
        return [$piece->fromLeft(), Length::ofUnits(max(0, $front->height->units - $piece->y))];
    }
}
