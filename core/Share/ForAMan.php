<?php

declare(strict_types=1);

namespace KeepShare\Core\Share;

use KeepShare\Core\Card\Card;
use KeepShare\Core\Card\Part\BowPart;
use KeepShare\Core\Card\Part\GroupPart;
use KeepShare\Core\Kit\Applied;
use KeepShare\Core\Kit\Motif;
use KeepShare\Core\Kit\Paper;
use KeepShare\Core\Kit\Shape;
use KeepShare\Core\Table\Table;

/**
 * Which cards would do for a man, as many makers see it: no flowers or hearts, no sprigs, no gems or bow, and not for a
 * wedding or a baby.
 *
 * It is a custom of the craft, not a rule. The maker may change it on the card's page.
 */
final readonly class ForAMan
{
    private const FRILLS = [
        Shape::Flower, Shape::Heart, Shape::Rose, Shape::Tulip, Shape::Daisy, Shape::Bouquet, Shape::Butterfly, Shape::Dress, Shape::Bow,
    ];

    /**
     * The numbers of the cards that fit best.
     *
     * @param  list<Card>  $cards
     * @return list<int>
     */
    public static function among(array $cards, Table $table, int $many): array
    {
        $frills = [];
        foreach ($cards as $card) {
            $frills[$card->number] = self::frills($card, $table);
        }
        asort($frills);

        return array_slice(array_keys(array_filter($frills, static fn (int $count): bool => $count < 100)), 0, $many);
    }

    /** A hundred means that the card is ruled out. */
    private static function frills(Card $card, Table $table): int
    {
        $frills = in_array($card->occasion->value, ['wedding', 'new-baby'], true) ? 100 : 0;
        foreach ($card->takings as $taking) {
            $good = $table->components[$taking->component]->good;
            $shape = $good instanceof Applied ? $good->printed()->shape : null;
            $face = $good instanceof Paper && $taking->size !== null ? $good->faces()[$taking->face] ?? null : null;
            $frills += match (true) {
                $shape !== null && in_array($shape, self::FRILLS, true) => 100,
                $face !== null && $face->motif === Motif::Sprig => 100,
                in_array($taking->part, [GroupPart::ID, BowPart::ID], true) => 1,
                default => 0,
            };
        }

        return $frills;
    }
}
