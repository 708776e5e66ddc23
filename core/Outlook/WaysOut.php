<?php

declare(strict_types=1);

namespace KeepShare\Core\Outlook;

use KeepShare\Core\Arrange\Pieces;
use KeepShare\Core\Card\Card;
use KeepShare\Core\Card\CardGroup;
use KeepShare\Core\Card\Part\Accessories;
use KeepShare\Core\Card\Part\BasePart;
use KeepShare\Core\Card\Part\FocalPart;
use KeepShare\Core\Card\Part\InsidePart;
use KeepShare\Core\Card\Part\WordsPart;
use KeepShare\Core\Card\Taking;
use KeepShare\Core\Compose\Canvas;
use KeepShare\Core\Compose\Liking;
use KeepShare\Core\Cut\Piece;
use KeepShare\Core\Design\Filler;
use KeepShare\Core\Design\Supplies;
use KeepShare\Core\Design\Variety;
use KeepShare\Core\Kit\Applied;
use KeepShare\Core\Kit\Component;
use KeepShare\Core\Kit\SheetGood;
use KeepShare\Core\Kit\Stamp;
use KeepShare\Core\Kit\Surface;
use KeepShare\Core\Measure\Length;
use KeepShare\Core\Sketch\CannotResolve;
use KeepShare\Core\Sketch\Dim;
use KeepShare\Core\Sketch\Laid;
use KeepShare\Core\Table\RemainingStock;
use KeepShare\Core\Table\Table;
use KeepShare\Core\Table\WordsAgain;

/**
 * The ways out if a part of a card cannot get what it takes: the other face, a near colour, the best match, a smaller
 * panel, a base cut from cardstock, the stash, a few less, or no card. Each has been tried, so what is offered is
 * possible.
 */
final readonly class WaysOut
{
    /** A colour as near as this, by CIEDE2000, looks the same in a pile of cards. */
    private const NEAR = 20;

    /** How many marks of the ruler a panel may shrink on every side. */
    private const STEPS = 6;

    private function __construct(
        private Table $table,
        private RemainingStock $remains,
        private Supplies $kit,
        private Supplies $all,
        private Filler $filler,
        private Card $card,
    ) {
    }

    /**
     * @param  Table  $table  as it lies without what the card takes
     * @param  Card  $card  with the part that runs short
     * @param  list<string>  $cut  its parts that are cut and need nothing from the table any more
     * @return list<WayOut>
     */
    public static function of(Table $table, Card $card, string $part, array $cut = []): array
    {
        $short = $card->taking($part);
        if ($short === null) {
            return [];
        }
        $rest = $card->fitted(
            array_values(
                array_filter(
                    $card->takings,
                    static fn (Taking $taking): bool => $taking->part !== $part
                        && ! in_array($taking->part, $cut, true),
                ),
            ),
        );
        // The table without this card decides what is offered. So a card that already uses the stash does not count
        // twice.
        $kit = $table->asking($table->wishes->kitOnly());
        $open = $table->asking($table->wishes->withStash()->saying(WordsAgain::Freely));
        $table = $table->after($rest);
        $remains = RemainingStock::on($table);
        $variety = Variety::on($table);
        $all = Supplies::of($open, $remains, $variety);
        $ways = new self(
            $table,
            $remains,
            Supplies::of($kit, $remains, $variety),
            $all,
            Filler::of($open, $remains, $all, $variety),
            $card,
        );
        $found = match (true) {
            $part === BasePart::ID => $ways->base(),
            $short->size !== null => $ways->sheet($short),
            default => $ways->counted($short),
        };

        // In a row that is not short, the present component is possible again, but is not a way out.
        $found = array_values(
            array_filter(
                $found,
                static fn (WayOut $way): bool => $way->taking === null
                    || $way->taking->component !== $short->component
                    || $way->taking->face !== $short->face
                    || $way->taking->quantity !== $short->quantity,
            ),
        );

        return [...$found, WayOut::without('remove the card', "take card $card->number back")];
    }

    /** @return list<WayOut> */
    private function sheet(Taking $short): array
    {
        $laid = $this->card->layout($this->table->unit)->part($short->part);
        $old = $this->table->surfaceOf($short);
        if ($short->part === InsidePart::ID) {
            return [WayOut::without('leave it off', 'leave it off')];
        }
        if ($laid === null || $old === null) {
            return [];
        }
        $ways = [];
        $good = $this->table->components[$short->component]->good;
        foreach ($good instanceof SheetGood ? $good->faces() : [] as $index => $face) {
            if ($index !== $short->face) {
                $ways[] = $this->from(Surface::of($short->component, $index, $face, $old->isPaper), $laid, 'other face');
            }
        }
        $ways[] = $this->smaller($short, $laid);
        $main = $this->table->mainOf($this->card);
        $offers = array_values(
            array_filter(
                $this->filler->ranked($laid->part->role, $laid->cut, $main),
                static fn (Surface $surface): bool => $surface->component !== $short->component,
            ),
        );
        $near = $offers;
        usort(
            $near,
            static fn (Surface $a, Surface $b): int => $old->face->ground()->differenceFrom($a->face->ground())
                <=> $old->face->ground()->differenceFrom($b->face->ground()),
        );
        $own = fn (Surface $surface): bool => ! isset($this->table->stash[$surface->component]);
        $ways[] = $this->first(
            array_filter(
                $near,
                static fn (Surface $surface): bool => $own($surface)
                    && $old->face->ground()->differenceFrom($surface->face->ground()) < self::NEAR,
            ),
            $laid,
            'near colour',
        );
        $ways[] = $this->first(array_filter($offers, $own), $laid, 'best match');
        $ways[] = $this->first(array_filter($near, static fn (Surface $surface): bool => ! $own($surface)), $laid, 'stash');

        return self::distinct($ways);
    }

    /** @param  iterable<Surface>  $surfaces */
    private function first(iterable $surfaces, Laid $laid, string $kind): ?WayOut
    {
        foreach ($surfaces as $surface) {
            $way = $this->from($surface, $laid, $kind);
            if ($way !== null) {
                return $way;
            }
        }

        return null;
    }

    private function from(Surface $surface, Laid $laid, string $kind): ?WayOut
    {
        $mayTurn = $surface->mayTurnAs($laid->part->role);
        if ($this->remains->planWith($surface->component, Piece::of('way', $laid->cut, $mayTurn)) === null) {
            return null;
        }
        $name = $this->table->components[$surface->component]->name;
        $says = $kind === 'other face' ? "the {$surface->face->name} side of $name" : "$name, {$surface->face->name} side";

        return WayOut::instead(
            $kind,
            $kind === 'stash' ? "$says, from the stash" : $says,
            Taking::piece($surface->component, $laid->part->id, $laid->cut, $surface->index, $mayTurn),
        );
    }

    /** The largest size that can still be cut, with a wider reveal. */
    private function smaller(Taking $short, Laid $laid): ?WayOut
    {
        $unit = $this->table->unit;
        $lengths = $this->card->lengthsOf($laid->part, $this->card->layout($unit), $unit);
        if (! isset($lengths['reveal'])) {
            return null;
        }
        // For a part directly on the front the reveal is the frame. For other parts the frame stays.
        $frame = $laid->part->relation->isFrame() ? null : $this->card->frame;
        for ($step = 1; $step <= self::STEPS; $step++) {
            $reveal = $lengths['reveal']->plus(Length::ofUnits(2 * $step * $unit->mark()->units));
            try {
                $smaller = Card::of(
                    $this->card->number,
                    $this->card->sketch->with($laid->part->id, 'reveal', Dim::exactly($reveal)),
                    $this->card->front,
                    $this->card->occasion,
                    [],
                    $frame,
                    $this->card->fold,
                )
                    ->layout($unit)
                    ->part($short->part)?->cut;
            } catch (CannotResolve) {
                return null;
            }
            if ($smaller !== null && $this->remains->planWith($short->component, Piece::of('way', $smaller, $short->mayTurn)) !== null) {
                return WayOut::smaller("make it {$smaller->label($unit)}: its reveal {$reveal->label($unit)}", $reveal);
            }
        }

        return null;
    }

    /** @return list<WayOut> */
    private function base(): array
    {
        $ways = [];
        $blank = $this->card->construction($this->table->unit)->blank->size;
        $takings = array_column(array_filter($this->all->bases(), fn (array $base): bool => $base[0]->matches($this->card->front)), 2);
        foreach ([...$takings, $this->kit->baseOf($blank), $this->all->baseOf($blank)] as $taking) {
            if ($taking === null) {
                continue;
            }
            $isStash = isset($this->table->stash[$taking->component]);
            $name = $this->table->components[$taking->component]->name.($isStash ? ', from the stash' : '');
            $kind = $taking->size === null ? 'other base' : 'cut a base';
            $ways[] = WayOut::instead($isStash ? 'stash' : $kind, $taking->size === null ? $name : "cut one from $name", $taking);
        }

        return self::distinct($ways);
    }

    /** @return list<WayOut> */
    private function counted(Taking $short): array
    {
        $old = $this->table->components[$short->component];
        $ways = [];
        $left = $this->remains->left($old->id);
        if ($left > 0 && $left < $short->quantity) {
            $ways[] = WayOut::instead('fewer', "take $left", Taking::some($old->id, $short->part, $left));
        }
        foreach (['like it' => false, 'stash' => true] as $kind => $isStash) {
            foreach ($this->alike($old, $short) as $component) {
                if (isset($this->table->stash[$component->id]) === $isStash) {
                    $ways[] = WayOut::instead(
                        $kind,
                        $component->name.($isStash ? ', from the stash' : ''),
                        Taking::some($component->id, $short->part, $component->isEndless() ? 0 : $short->quantity),
                    );
                    break;
                }
            }
        }
        if (Accessories::find($short->part)?->need() === null) {
            $ways[] = WayOut::without('leave it off', 'leave it off');
        }

        return self::distinct($ways);
    }

    private function isWordsFor(Component $one): bool
    {
        return ! $one->good instanceof Stamp && $one->words()?->fit($this->card->occasion) === true;
    }

    /** @return list<Component> of which there is enough, that would do in its place */
    private function alike(Component $old, Taking $short): array
    {
        $candidates = match ($short->part) {
            FocalPart::ID => $this->all->focalPoints(),
            WordsPart::ID => array_values(array_filter($this->all->sentiments(), $this->isWordsFor(...))),
            default => isset(Pieces::all()[$short->part])
                ? $this->pieces($short->part)
                : $this->all->ofKind($old->kind(), max(1, $short->quantity)),
        };
        $layout = $this->card->layout($this->table->unit);
        $room = Accessories::find($short->part)?->place($layout)?->size;

        return array_values(array_filter($candidates, static function (Component $c) use ($old, $room): bool {
            $size = $c->good instanceof Applied ? $c->good->printed()->size : null;

            return $c->id !== $old->id && ($room === null || $size === null || $size->fitsIn($room));
        }));
    }

    /** @return list<Component> that may stand at a place of the group, are left and not on the card yet; what goes best first */
    private function pieces(string $part): array
    {
        $canvas = Canvas::of($this->card, $this->table);
        $taken = array_column($this->card->takings, 'component');
        $pieces = array_values(array_filter(
            CardGroup::admitted($part, $this->table->components),
            fn (Component $one): bool => $this->remains->left($one->id) > 0 && ! in_array($one->id, $taken, true),
        ));
        $goes = array_map(static fn (Component $one): int => Liking::of($one, $canvas->palette, $canvas->theme), $pieces);
        array_multisort($goes, SORT_DESC, SORT_NUMERIC, array_keys($pieces), $pieces);

        return $pieces;
    }

    /**
     * @param  list<WayOut|null>  $ways
     * @return list<WayOut> each once
     */
    private static function distinct(array $ways): array
    {
        $by = [];
        foreach ($ways as $way) {
            if ($way !== null) {
                $by[
                    $way->taking === null
                        ? $way->says
                        : "{$way->taking->component}/{$way->taking->face}/{$way->taking->quantity}"
                ] ??= $way;
            }
        }

        return array_values($by);
    }
}
