<?php

declare(strict_types=1);

namespace KeepShare\Core\Card;

use KeepShare\Core\Arrange\Group;
use KeepShare\Core\Arrange\Pieces;
use KeepShare\Core\Arrange\Placed;
use KeepShare\Core\Card\Part\Accessories;
use KeepShare\Core\Card\Part\DiePart;
use KeepShare\Core\Card\Part\GroupPart;
use KeepShare\Core\Card\Part\LabelPart;
use KeepShare\Core\Kit\Component;
use KeepShare\Core\Kit\Stamp;
use KeepShare\Core\Measure\Rect;
use KeepShare\Core\Sketch\Outline;

/** A group as layers of a front, from the bottom up. Words on a label are two layers, and so is a stamped picture. */
final class GroupLayers
{
    /** Parts that are drawn with the group, if there is one. */
    public static function has(string $part): bool
    {
        return isset(Pieces::all()[$part]) || in_array($part, [LabelPart::ID, DiePart::ID, GroupPart::ID], true);
    }

    /**
     * @param  array<string, Component>  $components  by id
     * @return list<Layer>
     */
    public static function of(Card $card, Group $group, array $components): array
    {
        $layers = [];
        foreach ($group->pieces as $piece) {
            array_push($layers, ...self::piece($card, $piece, $components));
        }
        $trimmings = $card->taking(GroupPart::ID);
        if ($trimmings === null) {
            return $layers;
        }
        foreach ($group->dots as [$x, $y, $half]) {
            $dot = Rect::ofUnits(max(0, $x - $half), max(0, $y - $half), 2 * $half, 2 * $half);
            $layers[] = Layer::of(GroupPart::ID, self::nameOf(GroupPart::ID), $trimmings->component, 0, $dot, Outline::oval($dot));
        }

        return $layers;
    }

    /**
     * @param  array<string, Component>  $components
     * @return list<Layer>
     */
    private static function piece(Card $card, Placed $piece, array $components): array
    {
        $part = $piece->part();
        $name = self::nameOf($part);
        $label = $part === Pieces::WORDS && ! $piece->stand->isInk ? $card->taking(LabelPart::ID) : null;
        if ($label !== null) {
            return [
                Layer::of(LabelPart::ID, self::nameOf(LabelPart::ID), $label->component, $label->face, $piece->rect(), $piece->outline),
                Layer::of($part, $name, $piece->stand->component, 0, $piece->rect()),
            ];
        }
        $layer = $piece->stand->isInk
            ? Layer::of($part, $name, $piece->stand->component, 0, $piece->rect())
            : Layer::placed($piece, $part, $name);
        $tool = $components[$card->taking(DiePart::ID)->component ?? ''] ?? null;
        if ($part !== Pieces::FOCAL || ! $tool?->good instanceof Stamp) {
            return [$layer];
        }
        $print = $piece->rect()->centred($tool->good->size);

        return [$layer, Layer::of(DiePart::ID, self::nameOf(DiePart::ID), $tool->id, 0, $print, Outline::oval($print))];
    }

    private static function nameOf(string $part): string
    {
        return Accessories::find($part)?->name() ?? $part;
    }
}
