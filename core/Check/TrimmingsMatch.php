<?php

declare(strict_types=1);

namespace KeepShare\Core\Check;

use KeepShare\Core\Card\Part\GroupPart;
use KeepShare\Core\Colour\Colour;
use KeepShare\Core\Kit\Embellishment;

/** Gems and dots take up a colour of the papers, mostly the third. */
final class TrimmingsMatch implements Check
{
    /** A colour further away than this, by CIEDE2000, matches nothing on the card. */
    private const OFF = 45.0;

    /** White, silver and pearl go with everything. */
    private const PALE = 82;

    public function key(): string
    {
        return 'trimmings-match';
    }

    public function look(CardInHand $card): array
    {
        $trimmings = $card->taken(GroupPart::ID);
        $good = $trimmings?->good;
        $colours = $this->colours($card);
        if (! $good instanceof Embellishment || $colours === [] || self::isOne($good->colour, $colours)) {
            return [];
        }

        return [Finding::hint(
            $this->key(),
            "The $trimmings->name take up no colour of the papers.",
            'Choose some in the third colour of the largest paper.',
            ...$this->others($card, $colours),
        )];
    }

    /** @return list<Colour> of the papers that show */
    private function colours(CardInHand $card): array
    {
        $colours = [];
        foreach ($card->card->takings as $taking) {
            $component = $taking->size === null ? null : $card->components[$taking->component] ?? null;
            $face = $component?->face($taking->face);
            array_push($colours, ...$face->colours ?? []);
        }

        return $colours;
    }

    /**
     * @param  list<Colour>  $colours
     * @return list<Repair>
     */
    private function others(CardInHand $card, array $colours): array
    {
        $own = $card->card->taking(GroupPart::ID);
        $repairs = [];
        foreach ($card->components as $component) {
            $other = $component->good;
            if ($other instanceof Embellishment && $component->id !== $own?->component && self::isOne($other->colour, $colours)) {
                $repairs[] = Repair::fill("Take $component->name", GroupPart::ID, $component->id, 0);
            }
        }

        return array_slice($repairs, 0, 2);
    }

    /** @param  list<Colour>  $colours */
    private static function isOne(Colour $colour, array $colours): bool
    {
        if ($colour->lab()->lightness > self::PALE) {
            return true;
        }
        foreach ($colours as $one) {
            if ($colour->differenceFrom($one) < self::OFF) {
                return true;
            }
        }

        return false;
    }
}
