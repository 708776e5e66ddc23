<?php

declare(strict_types=1);

namespace KeepShare\Core\Card\Part;

use KeepShare\Core\Arrange\Pieces;
use KeepShare\Core\Arrange\Stands;
use KeepShare\Core\Card\Card;
use KeepShare\Core\Kit\Component;
use KeepShare\Core\Measure\Length;
use KeepShare\Core\Measure\Size;
use KeepShare\Core\Measure\Unit;

/** A piece of a group beside the picture and the words. The arrangement says where it lies. */
final class PiecePart implements Accessory
{
    use Plain;

    private function __construct(private readonly string $id, private readonly Stands $stands, private readonly string $name)
    {
    }

    /** @return list<self> one for each place but those of the picture and the words */
    public static function all(): array
    {
        $others = array_diff_key(Pieces::all(), [Pieces::FOCAL => true, Pieces::WORDS => true]);

        return array_map(
            static fn (string $id, array $piece): self => new self($id, ...$piece),
            array_keys($others),
            array_values($others),
        );
    }

    public function id(): string
    {
        return $this->id;
    }

    public function name(): string
    {
        return $this->name;
    }

    public function isFilledBy(Component $component): bool
    {
        return $this->stands->admits($component);
    }

    /** Twine goes across the front, and round to the back at both ends. */
    public function length(Card $card, Unit $unit): Length
    {
        return $card->front->width->plus($unit === Unit::Inch ? Length::inches(2) : Length::millimetres(50));
    }

    public function cut(Card $card, Unit $unit): ?Size
    {
        return $card->taking($this->id)?->size;
    }
}
