<?php

declare(strict_types=1);

namespace KeepShare\Core\Check;

use KeepShare\Core\Card\Part\Accessories;
use KeepShare\Core\Fold\FoldKind;
use KeepShare\Core\Measure\Rect;
use KeepShare\Core\Measure\Size;

/** A piece across a flap and what it opens from would glue the card shut. */
final class GluedShut implements Check
{
    public function key(): string
    {
        return 'glued-shut';
    }

    public function look(CardInHand $card): array
    {
        $across = array_keys(
            array_filter(
                self::pieces($card),
                static fn (Rect $rect): bool => self::isAcross($rect, $card->card->front, $card->card->fold),
            ),
        );
        if ($across === []) {
            return [];
        }
        $names = implode(' and the ', $across);

        return [
            match ($card->card->fold) {
                FoldKind::Gatefold => Finding::of(
                    $this->key(),
                    "The $names would lie across both flaps: glued to both, the card is shut.",
                    'Cut it down the middle, a half for each flap, or glue it to one flap only.',
                ),
                default => Finding::of(
                    $this->key(),
                    "The $names would lie across the flap and the front: glued to both, the flap is shut.",
                    'Glue it to the flap only, or lay it lower.',
                ),
            },
        ];
    }

    /** @return array<string, Rect> by name */
    private static function pieces(CardInHand $card): array
    {
        $pieces = [];
        // The sketch of an envelope-flap front lies under the flap, so only pieces above it can cross the flap.
        foreach ($card->card->fold === FoldKind::Gatefold ? $card->layout->parts : [] as $laid) {
            $pieces[$laid->part->name] = $laid->rect;
        }
        foreach (Accessories::placed($card->layout) as $part) {
            $layer = $card->layer($part->id());
            if ($layer !== null) {
                $pieces[$part->name()] = $layer->rect;
            }
        }

        return $pieces;
    }

    /** Whether a piece there would hold the flaps of a fold together. */
    public static function isAcross(Rect $rect, Size $front, FoldKind $fold): bool
    {
        $middle = intdiv($front->width->units, 2);

        return match ($fold) {
            FoldKind::Gatefold => $rect->x->units < $middle && $rect->right()->units > $middle,
            // The point of the flap comes down by half the width.
            FoldKind::EnvelopeFlap => $rect->y->units < $middle && $rect->bottom()->units > $middle,
            default => false,
        };
    }
}
