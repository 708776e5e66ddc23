<?php

declare(strict_types=1);

namespace KeepShare\Core\Compose;

use KeepShare\Core\Arrange\Arrangement;
use KeepShare\Core\Arrange\Craft\CraftRules;
use KeepShare\Core\Arrange\Group;
use KeepShare\Core\Arrange\Pieces;
use KeepShare\Core\Arrange\Room;
use KeepShare\Core\Arrange\Silhouette;
use KeepShare\Core\Arrange\Spot;
use KeepShare\Core\Arrange\SpotKind;
use KeepShare\Core\Arrange\Stands;
use KeepShare\Core\Card\Card;
use KeepShare\Core\Card\CardGroup;
use KeepShare\Core\Card\Part\BackingDiePart;
use KeepShare\Core\Card\Part\FoamPart;
use KeepShare\Core\Card\Taking;
use KeepShare\Core\Kit\Applied;
use KeepShare\Core\Kit\Component;
use KeepShare\Core\Sketch\Layout;
use KeepShare\Core\Table\Table;

/** Lays the pieces of a card in another arrangement. Each goes where its kind may stand, the largest first. */
final class Rearrange
{
    private readonly Layout $layout;

    private readonly Room $room;

    /** @param  Table  $table  without what the card takes */
    private function __construct(private readonly Table $table, private readonly Card $card)
    {
        $this->layout = $card->layout($table->unit);
        $this->room = Room::on($this->layout);
    }

    /** @param  Table  $table  without what the card takes */
    public static function to(Arrangement $arrangement, Card $card, Table $table): ?Rearranged
    {
        return (new self($table, $card))->in($arrangement);
    }

    /**
     * The other arrangements for its pieces. Those that break no rule and leave nothing off come first.
     *
     * @param  Table  $table  without what the card takes
     * @return list<Rearranged>
     */
    public static function others(Card $card, Table $table): array
    {
        $own = new self($table, $card);
        $others = [];
        foreach ($table->laying->arrangements as $arrangement) {
            $one = $arrangement->key === $card->arrangement?->key ? null : $own->in($arrangement);
            $others = $one === null ? $others : [...$others, $one];
        }
        $ranks = array_map(static fn (Rearranged $one): array => [! $one->isSound, count($one->leavesOff)], $others);
        array_multisort($ranks, SORT_ASC, array_keys($others), $others);

        return $others;
    }

    /**
     * Null if it needs a picture the card lacks, or the card has a picture it lacks, or a required piece is missing.
     */
    private function in(Arrangement $arrangement): ?Rearranged
    {
        $hasPicture = $this->card->taking(Pieces::FOCAL) !== null;
        if (! $this->room->suits($arrangement, $hasPicture, $this->card->sketch->focus)) {
            return null;
        }
        $open = $this->pieces();
        $takings = [];
        foreach ($arrangement->spots as $spot) {
            $part = $this->fitting($spot, $open, $takings);
            if ($part === null && $spot->isKey) {
                return null;
            }
            if ($part !== null) {
                $takings[$spot->id] = $open[$part]->for($spot->id);
                unset($open[$part]);
            }
        }
        $names = array_map(fn (Taking $one): string => $this->table->components[$one->component]->name, array_values($open));
        $laid = $this->card->fitted([...$this->rest($takings), ...array_values($takings)])->arranged($arrangement);
        $card = self::foamed($laid, $this->table);
        $group = $this->group($card);

        return Rearranged::of($card, $names, $group !== null && CraftRules::firstBroken($group) === null);
    }

    /** @return array<string, Taking> what is arranged, by part, the largest first */
    private function pieces(): array
    {
        $pieces = [];
        foreach ($this->card->takings as $taking) {
            if (isset(Pieces::all()[$taking->part])) {
                $pieces[$taking->part] = $taking;
            }
        }
        uasort($pieces, fn (Taking $a, Taking $b): int => $this->areaOf($b) <=> $this->areaOf($a));

        return $pieces;
    }

    /**
     * @param  array<string, Taking>  $open
     * @param  array<string, Taking>  $takings
     */
    private function fitting(Spot $spot, array $open, array $takings): ?string
    {
        foreach ($open as $part => $taking) {
            $component = $this->table->components[$taking->component] ?? null;
            $isOne = $part === $spot->id || Pieces::all()[$part][0] === Pieces::all()[$spot->id][0];
            if ($component !== null && $isOne && self::mayStand($spot, $component, $takings)) {
                return $part;
            }
        }

        return null;
    }

    /** @param  array<string, Taking>  $takings */
    private static function mayStand(Spot $spot, Component $component, array $takings): bool
    {
        $shape = $component->good instanceof Applied ? $component->good->printed()->shape : null;

        return match (true) {
            $spot->stands === Stands::Twin => ($takings[Pieces::small(1)] ?? null)?->component === $component->id,
            $spot->stands === Stands::Sky => $shape !== null && Silhouette::floats($shape),
            $spot->kind === SpotKind::Standing && $spot->stands === Stands::Small => $shape !== null && Silhouette::stands($shape),
            default => true,
        };
    }

    /**
     * Parts that are not arranged.
     *
     * @param  array<string, Taking>  $takings
     * @return list<Taking>
     */
    private function rest(array $takings): array
    {
        return array_values(array_filter(
            $this->card->takings,
            static fn (Taking $one): bool => ! isset(Pieces::all()[$one->part])
                && ($one->part !== BackingDiePart::ID || isset($takings[Pieces::BACKING])),
        ));
    }

    /**
     * The same with as much foam as its group needs, if there is that much.
     *
     * @param  Table  $table  without what the card takes
     */
    public static function foamed(Card $card, Table $table): Card
    {
        $foam = $card->taking(FoamPart::ID);
        $group = CardGroup::of($card, $card->layout($table->unit), $table->components, $table->unit);
        $needs = $group === null ? 0 : CardGroup::foamFor($group);
        if ($foam === null || $foam->quantity === 0 || $needs === 0 || ($table->free[$foam->component] ?? 0) < $needs) {
            return $card;
        }
        $with = Taking::some($foam->component, FoamPart::ID, $needs);

        return $card->fitted(array_map(static fn (Taking $one): Taking => $one->part === FoamPart::ID ? $with : $one, $card->takings));
    }

    private function group(Card $card): ?Group
    {
        return CardGroup::of($card, $this->layout, $this->table->components, $this->table->unit);
    }

    private function areaOf(Taking $taking): int
    {
        return ($taking->size ?? $this->table->components[$taking->component]->printedSize())?->area() ?? 0;
    }
}
