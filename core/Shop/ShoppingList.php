<?php

declare(strict_types=1);

namespace KeepShare\Core\Shop;

use KeepShare\Core\Card\Card;
use KeepShare\Core\Card\Need;
use KeepShare\Core\Cut\Engine;
use KeepShare\Core\Cut\Piece;
use KeepShare\Core\Cut\Stock;
use KeepShare\Core\Cut\Terms;
use KeepShare\Core\Kit\Cardstock;
use KeepShare\Core\Kit\Component;
use KeepShare\Core\Kit\Foam;
use KeepShare\Core\Kit\Kind;
use KeepShare\Core\Kit\SheetGood;
use KeepShare\Core\Outlook\Addition;
use KeepShare\Core\Table\Table;
use KeepShare\Core\Tray\Noun;

/**
 * What to buy for some more cards, or for the whole set again.
 *
 * Bases and envelopes are sold in tens, papers and cardstock by the sheet, and everything else as the kit has it:
 * stickers by their sheet, die cuts by their pack. The amounts are enough: sheets are really planned. It is not claimed
 * that less would not do.
 */
final readonly class ShoppingList
{
    /** Nobody buys more sheets of one paper than this for a set. */
    private const MOST_SHEETS = 40;

    /** @param  list<ToBuy>  $lines */
    private function __construct(public string $key, public string $title, public array $lines)
    {
    }

    /** For further cards, from what they were found to lack. */
    public static function more(Table $table, Addition $addition): self
    {
        $lines = [];
        foreach ($addition->counts as $value => $count) {
            $lines[] = self::forNeed($table, Need::from($value), $count);
        }
        $many = $addition->cards === 1 ? 'one more card' : "$addition->cards more cards";
        if (! isset($addition->counts[Need::Envelope->value])) {
            $lines[] = self::envelopes($table, $addition->cards);
        }
        $lines[] = self::foam($table, $addition->cards);

        return new self((string) $addition->cards, ucfirst($many), array_values(array_filter($lines)));
    }

    /** If that many cards are already possible with what is left. */
    public static function nothing(int $cards): self
    {
        return new self('found', "$cards more cards, found in what is left", []);
    }

    /**
     * For the same cards again, beside those that are there.
     *
     * @param  list<Card>  $set
     */
    public static function again(Table $table, array $set): self
    {
        $lacking = [];
        foreach (self::wanted($set) as $id => $count) {
            $component = $table->components[$id] ?? null;
            $lacks = $component === null || $component->isEndless() ? 0 : $count - max(0, $table->free[$id] ?? 0);
            if ($lacks > 0) {
                $lacking[$id] = $lacks;
            }
        }
        $lines = self::asTheKitHasThem($table, $lacking);
        foreach (Card::piecesOf($set) as $id => $pieces) {
            $sheets = isset($table->components[$id]) ? self::sheetsFor($table, $table->components[$id], $pieces) : 0;
            if ($sheets > 0) {
                $lacks = Noun::counted(count($pieces), 'piece').' of it';
                $lines[] = ToBuy::of($id, $sheets, "sheet of {$table->components[$id]->name}", $lacks);
            }
        }
        $many = count($set) === 1 ? 'The same card' : 'The same '.count($set).' cards';

        return new self('again', "$many once more", $lines);
    }

    private static function forNeed(Table $table, Need $need, int $count): ToBuy
    {
        return match ($need) {
            Need::Base => self::bases($table, $count),
            Need::Envelope => self::inTens(self::first($table, Kind::Envelope), $count, 'envelopes', Noun::counted($count, 'envelope')),
            Need::Sentiment => ToBuy::of(
                null,
                1,
                'sheet of stickers with words',
                "words for $count",
                'a stamp with words that fit serves any number',
            ),
            Need::FocalPoint => ToBuy::of(
                null,
                1,
                'sheet of stickers with pictures',
                "pictures for $count",
                'a die or a stamp with a picture serves any number',
            ),
            Need::Paper => self::sheets($table, Kind::Paper, $count, 'patterned paper'),
            Need::Cardstock => self::sheets($table, Kind::Cardstock, $count, 'cardstock'),
        };
    }

    private static function bases(Table $table, int $count): ToBuy
    {
        $own = self::first($table, Kind::Base);
        $sheets = intdiv($count + 1, 2);
        $heavy = Noun::counted($sheets, 'sheet').' of heavy stock, two bases from each';
        if ($own !== null) {
            return self::inTens($own, $count, 'bases', Noun::counted($count, 'base'), $heavy);
        }
        foreach ($table->components as $component) {
            if ($component->good instanceof Cardstock && $component->good->makesBases()) {
                return ToBuy::of($component->id, $sheets, "sheet of $component->name", Noun::counted($count, 'base').', two from each');
            }
        }

        return ToBuy::of(null, $sheets, 'sheet of heavy stock', Noun::counted($count, 'base').', two from each');
    }

    private static function sheets(Table $table, Kind $kind, int $pieces, string $name): ToBuy
    {
        // One sheet gives at least one piece. The maker may find out that it gives more.
        $lacks = Noun::counted($pieces, 'piece').', one from each at least';

        return ToBuy::of(self::first($table, $kind)?->id, $pieces, "sheet of $name", $lacks);
    }

    private static function envelopes(Table $table, int $cards): ?ToBuy
    {
        $own = self::first($table, Kind::Envelope);
        $lacks = $cards - ($own === null ? 0 : max(0, $table->free[$own->id] ?? 0));

        return $lacks <= 0 ? null : self::inTens($own, $lacks, 'envelopes', Noun::counted($lacks, 'envelope').': one for each card');
    }

    private static function foam(Table $table, int $cards): ?ToBuy
    {
        $left = 0;
        $own = null;
        foreach ($table->components as $component) {
            if ($component->good instanceof Foam) {
                $own ??= $component;
                $left += max(0, $table->free[$component->id] ?? 0);
            }
        }
        $lacks = Foam::A_CARD * $cards - $left;

        return $own === null || $lacks <= 0 ? null : ToBuy::of($own->id, 1, 'sheet of foam squares', Noun::counted($lacks, 'square'));
    }

    /**
     * Missing things that are counted. Those of one kind come together, as in the kit.
     *
     * @param  array<string, int>  $lacking  by component
     * @return list<ToBuy>
     */
    private static function asTheKitHasThem(Table $table, array $lacking): array
    {
        $packs = $first = $names = [];
        foreach ($lacking as $id => $lacks) {
            $component = $table->components[$id];
            $kind = $component->kind();
            $key = in_array($kind, [Kind::DieCut, Kind::Sticker, Kind::LayeredPicture], true) ? $kind->value : $id;
            $each = in_array($kind, [Kind::Base, Kind::Envelope], true) ? 10 : max(1, $component->count);
            $packs[$key] = max($packs[$key] ?? 0, intdiv($lacks + $each - 1, $each));
            $first[$key] ??= $component;
            $names[$key][] = $kind->isByLength() ? $component->name : "$lacks $component->name";
        }
        $lines = [];
        foreach ($packs as $key => $count) {
            $lines[] = ToBuy::of($first[$key]->id, $count, self::pack($first[$key]), self::shortened($names[$key]));
        }

        return $lines;
    }

    private static function pack(Component $component): string
    {
        return match ($component->kind()) {
            Kind::Base, Kind::Envelope => "pack of 10 $component->name",
            Kind::Sticker => 'sheet of stickers, as in the kit',
            Kind::DieCut => 'pack of die cuts, as in the kit',
            Kind::LayeredPicture => 'set of picture sheets, as in the kit',
            Kind::Ribbon => "length of $component->name, as in the kit",
            default => "pack of $component->name, as in the kit",
        };
    }

    /** @param  list<string>  $names */
    private static function shortened(array $names): string
    {
        $more = count($names) - 3;

        return implode(', ', array_slice($names, 0, 3)).($more > 0 ? " and $more more" : '');
    }

    /**
     * How many more whole sheets give the pieces, together with what is left.
     *
     * @param  list<Piece>  $pieces
     */
    private static function sheetsFor(Table $table, Component $component, array $pieces): int
    {
        $good = $component->good;
        $stock = $table->stock[$component->id] ?? [];
        $all = [...$table->promised[$component->id] ?? [], ...$pieces];
        $terms = Terms::usual()->with($table->wishes->trimmer());
        for ($more = 0; $good instanceof SheetGood && $more < self::MOST_SHEETS; $more++) {
            if (Engine::plan($stock, $all, $terms)->isComplete()) {
                return $more;
            }
            $stock[] = Stock::sheet("more-$more", $good->size());
        }

        return self::MOST_SHEETS;
    }

    /**
     * @param  list<Card>  $set
     * @return array<string, int> counted things, by component
     */
    private static function wanted(array $set): array
    {
        $wanted = [];
        foreach ($set as $card) {
            foreach ($card->takings as $taking) {
                if ($taking->size === null) {
                    $wanted[$taking->component] = ($wanted[$taking->component] ?? 0) + $taking->quantity;
                }
            }
        }

        return $wanted;
    }

    private static function first(Table $table, Kind $kind): ?Component
    {
        foreach ($table->components as $component) {
            if ($component->kind() === $kind) {
                return $component;
            }
        }

        return null;
    }

    /** @param  string  $what  as the pack has them: "envelopes" */
    private static function inTens(?Component $own, int $count, string $what, string $lacks, ?string $or = null): ToBuy
    {
        return ToBuy::of($own?->id, intdiv($count + 9, 10), "pack of 10 $what", $lacks, $or);
    }
}
