<?php

namespace Tools\Bench;

use KeepShare\Core\Colour\Colour;
use KeepShare\Core\Kit\CardBase;
use KeepShare\Core\Kit\Cardstock;
use KeepShare\Core\Kit\Component;
use KeepShare\Core\Kit\DieCut;
use KeepShare\Core\Kit\Embellishment;
use KeepShare\Core\Kit\Face;
use KeepShare\Core\Kit\Foam;
use KeepShare\Core\Kit\FoldEdge;
use KeepShare\Core\Kit\Good;
use KeepShare\Core\Kit\Kit;
use KeepShare\Core\Kit\Motif;
use KeepShare\Core\Kit\Occasion;
use KeepShare\Core\Kit\Occasions;
use KeepShare\Core\Kit\Paper;
use KeepShare\Core\Kit\Printed;
use KeepShare\Core\Kit\Ribbon;
use KeepShare\Core\Kit\Serves;
use KeepShare\Core\Kit\Shape;
use KeepShare\Core\Kit\Sticker;
use KeepShare\Core\Kit\StickerStuff;
use KeepShare\Core\Kit\Tool;
use KeepShare\Core\Kit\ToolKind;
use KeepShare\Core\Kit\Words;
use KeepShare\Core\Measure\Length;
use KeepShare\Core\Measure\Size;
use KeepShare\Core\Measure\Unit;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * Made-up kits with many die cuts and stickers: pictures, frames, tags, borders, labels and words of all sizes, from a
 * seed.
 */
final class RichKit
{
    private const FRONTS = [
        [Unit::Inch, '4 1/4', '5 1/2'],
        [Unit::Inch, '5', '7'],
        [Unit::Inch, '6', '6'],
        [Unit::Millimetre, '105', '148'],
        [Unit::Millimetre, '148', '105'],
    ];

    /** What else a kit contains, with the least and greatest sixteenths of an inch of its sides. */
    private const PIECES = [
        [Serves::Frame, Shape::Frame, 28, 44, 28, 44],
        [Serves::Tag, Shape::Tag, 18, 28, 32, 52],
        [Serves::Border, Shape::Banner, 48, 72, 8, 14],
        [Serves::Label, Shape::Circle, 32, 44, 32, 44],
        [Serves::Label, Shape::Label, 28, 44, 24, 36],
    ];

    private const PICTURES = [
        Shape::Lantern, Shape::Gull, Shape::Boat, Shape::Shell, Shape::Fish, Shape::Wheel, Shape::Heart, Shape::Star,
        Shape::Flower, Shape::Leaf, Shape::Sheep, Shape::Cottage, Shape::Cup, Shape::Tree, Shape::Circle,
    ];

    /** @var list<Component> */
    private array $components = [];

    private function __construct(private readonly Randomizer $random, private readonly Unit $unit)
    {
    }

    public static function of(int $seed): Kit
    {
        $random = new Randomizer(new Mt19937($seed));
        [$unit, $width, $height] = self::FRONTS[$random->getInt(0, count(self::FRONTS) - 1)];

        return (new self($random, $unit))->kit($seed, Size::parse($width, $height, $unit));
    }

    private function kit(int $seed, Size $front): Kit
    {
        $sheet = $this->unit === Unit::Inch ? Size::parse('8', '8', Unit::Inch) : Size::parse('210', '210', Unit::Millimetre);
        $large = Size::parse('8 1/2', '11', Unit::Inch);
        foreach (range(1, $this->random->getInt(6, 10)) as $n) {
            $this->add("paper$n", Paper::of($sheet, $this->face(), $this->face()), 2);
        }
        foreach (range(1, $this->random->getInt(3, 5)) as $n) {
            $this->add("card$n", Cardstock::of($large, $this->colour(), $this->colour()), 3);
        }
        $this->add('base', CardBase::of($front, FoldEdge::Side, Colour::fromHex('#fbf8ef')), $this->random->getInt(6, 12));
        foreach (range(1, $this->random->getInt(6, 14)) as $n) {
            $printed = Printed::of($this->size(14, 32, 14, 32), Serves::Image, $this->pick(self::PICTURES), $this->colours());
            $isSticker = $n % 4 === 0;
            $good = $isSticker ? Sticker::of($printed, StickerStuff::Puffy, Length::millimetres(2)) : DieCut::of($printed);
            $this->add("image$n", $good, 2);
        }
        foreach (self::PIECES as $n => [$serves, $shape, $w, $wide, $h, $high]) {
            $printed = Printed::of($this->size($w, $wide, $h, $high), $serves, $shape, $this->colours());
            $this->add("piece$n", DieCut::of($printed), $this->random->getInt(0, 3));
        }
        foreach (range(1, $this->random->getInt(8, 14)) as $n) {
            $words = Words::of("words of $n kinds", array_values(array_unique([$this->occasion(), $this->occasion()], SORT_REGULAR)));
            $strip = $this->size(20, 44, 6, 10);
            $this->add("words$n", DieCut::of(Printed::of($strip, Serves::Sentiment, Shape::Label, $this->colours(), $words)), 2);
        }
        $this->add('gems', Embellishment::of($this->colour(), $seed % 3 === 0), 24);
        $this->add('pearls', Embellishment::of($this->colour()), $this->random->getInt(2, 30));
        $this->add('twine', Ribbon::of($this->colour()), Length::inches($this->random->getInt(0, 60))->units);
        $this->add('foam', Foam::of(Length::millimetres(2)), $this->random->getInt(0, 80));
        $this->add('die', Tool::of(ToolKind::Die, Size::parse('2 1/2', '2 1/2', Unit::Inch), Shape::Circle), 1);

        return Kit::of("Rich kit $seed", $this->unit, $front, 10, null, $this->components);
    }

    private function add(string $id, Good $good, int $count): void
    {
        $this->components[] = Component::of($id, ucfirst($id), $good, $count);
    }

    private function size(int $width, int $wide, int $height, int $high): Size
    {
        $side = fn (int $least, int $most): Length => Length::ofUnits($this->random->getInt($least, $most) * 12_700);

        return Size::of($side($width, $wide), $side($height, $high));
    }

    private function face(): Face
    {
        $motif = $this->pick(array_slice(Motif::cases(), 0, 20));

        return Face::printed("face {$this->random->getInt(1, 999)}", $motif, $this->colours(), $this->random->getInt(0, 2) === 0, false);
    }

    /** @return non-empty-list<Colour> */
    private function colours(): array
    {
        return [$this->colour(), $this->colour(), $this->colour()];
    }

    private function colour(): Colour
    {
        return Colour::fromHex(sprintf('#%06x', $this->random->getInt(0, 0xFFFFFF)));
    }

    private function occasion(): Occasion
    {
        // Those that were there when the figures were first written down.
        return Occasion::of($this->pick(array_slice(Occasions::shipped(), 0, 10)));
    }

    /**
     * @template T
     *
     * @param  non-empty-list<T>  $from
     * @return T
     */
    private function pick(array $from): mixed
    {
        return $from[$this->random->getInt(0, count($from) - 1)];
    }
}
