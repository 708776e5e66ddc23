<?php

declare(strict_types=1);

namespace KeepShare\Core\Tray;

use KeepShare\Core\Sketch\Laid;
use KeepShare\Core\Sketch\Layout;
use KeepShare\Core\Table\Table;

/** What the sketches of a kit cut for their cards, upright and lying. */
final readonly class Slots
{
    /** @param  list<list<Laid>>  $cards  the parts that are cut for a card, sketch by sketch */
    private function __construct(public array $cards)
    {
    }

    public static function on(Table $table): self
    {
        $cards = [];
        foreach ($table->sketches as $sketch) {
            foreach ([$table->front, $table->front->turned()] as $front) {
                $layout = $table->layouts->of($sketch, $front);
                if ($layout instanceof Layout && $layout->parts !== []) {
                    $cards[] = $layout->parts;
                }
            }
        }

        return new self($cards);
    }

    /**
     * The cut parts with this name: a strip, or a panel.
     *
     * @return list<StandardPart>
     */
    public function parts(string $noun): array
    {
        $parts = [];
        foreach ($this->cards as $card) {
            foreach ($card as $laid) {
                if (Noun::ofSize($laid->cut) === $noun) {
                    $parts[] = StandardPart::of($noun, $laid->cut, self::stuff($laid), $laid->part->role->mayTurn());
                }
            }
        }

        return $parts;
    }

    private static function stuff(Laid $laid): CutFrom
    {
        return $laid->part->role->isPaper() ? CutFrom::Printed : CutFrom::Plain;
    }

    /**
     * The least number of parts like this on one card. Null if no card has a place for it.
     *
     * A place takes a part that is large enough, but not one of which most would be cut off again.
     */
    public function perCard(StandardPart $part): ?int
    {
        $least = null;
        foreach ($this->cards as $card) {
            $places = count(array_filter($card, static fn (Laid $laid): bool => self::takes($laid, $part)));
            $least = $places === 0 ? $least : min($places, $least ?? $places);
        }

        return $least;
    }

    private static function takes(Laid $laid, StandardPart $part): bool
    {
        $mayTurn = $laid->part->role->mayTurn() || $part->mayTurn;

        return ($part->stuff === CutFrom::Any || $part->stuff === self::stuff($laid))
            && $laid->cut->fitsIn($part->size, $mayTurn)
            && 3 * $laid->cut->exactArea() >= 2 * $part->size->exactArea();
    }
}
