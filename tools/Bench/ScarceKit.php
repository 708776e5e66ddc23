<?php

namespace Tools\Bench;

use KeepShare\Core\Colour\Colour;
use KeepShare\Core\Kit\CardBase;
use KeepShare\Core\Kit\Cardstock;
use KeepShare\Core\Kit\Component;
use KeepShare\Core\Kit\DieCut;
use KeepShare\Core\Kit\Face;
use KeepShare\Core\Kit\Finish;
use KeepShare\Core\Kit\FoldEdge;
use KeepShare\Core\Kit\Good;
use KeepShare\Core\Kit\Kit;
use KeepShare\Core\Kit\Motif;
use KeepShare\Core\Kit\Occasion;
use KeepShare\Core\Kit\Panel;
use KeepShare\Core\Kit\Paper;
use KeepShare\Core\Kit\Printed;
use KeepShare\Core\Kit\Serves;
use KeepShare\Core\Kit\Shape;
use KeepShare\Core\Kit\Stamp;
use KeepShare\Core\Kit\Weight;
use KeepShare\Core\Kit\Words;
use KeepShare\Core\Measure\Size;
use KeepShare\Core\Measure\Unit;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Made-up kits in which paper is scarce: a few sheets, plenty of bases and words, no envelopes. */
final class ScarceKit
{
    private function __construct(private readonly Randomizer $random, private readonly int $bases = 60, private readonly int $pictures = 60)
    {
    }

    /** The same sheets as of(), with so few bases that all can be used, and a picture for every third of them. */
    public static function withBases(int $seed, int $bases): Kit
    {
        return (new self(new Randomizer(new Mt19937($seed)), $bases, intdiv($bases, 3)))->kit($seed);
    }

    /**
     * 2 to 8 sheets of 6 × 6 in and 0 to 20 of cardstock. Some papers are directional, some have one face, and some
     * kits have only panels.
     */
    public static function of(int $seed): Kit
    {
        return (new self(new Randomizer(new Mt19937($seed))))->kit($seed);
    }

    /** A pad of 24 sheets with 48 bases and two stamps. */
    public static function pad(): Kit
    {
        $made = new self(new Randomizer(new Mt19937(24)));
        $sheet = Size::parse('6', '6', Unit::Inch);
        $front = Size::parse('4 1/4', '5 1/2', Unit::Inch);
        $strip = Size::parse('2 1/2', '3/4', Unit::Inch);
        $components = array_map(
            static fn (int $n): Component => Component::of("p$n", "Print $n", Paper::of($sheet, $made->face(), $made->face()), 1),
            range(1, 24),
        );
        $components[] = Component::of('base', 'Base', CardBase::of($front, FoldEdge::Side, Colour::fromHex('fbfaf6')), 48);
        $components[] = Component::of('happy', 'Happy', Stamp::of($strip, Words::of('happy day', [Occasion::of('birthday')])), 1);
        $components[] = Component::of('hello', 'Hello', Stamp::of($strip, Words::of('hello there', [Occasion::of('hello')])), 1);

        return Kit::of('Pad of 24', Unit::Inch, $front, 24, null, $components);
    }

    private function kit(int $seed): Kit
    {
        $front = Size::parse('4 1/4', '5 1/2', Unit::Inch);
        $sheet = Size::parse('6', '6', Unit::Inch);
        $isPanels = $seed % 6 === 5;
        $isOneFaced = $seed % 3 === 1;
        $components = [];
        $add = static function (string $id, Good $good, int $count) use (&$components): void {
            $components[] = Component::of($id, ucfirst($id), $good, $count);
        };
        $white = Colour::fromHex('fbfaf6');
        $plain = Face::plain('plain', $white);
        $sheets = $this->random->getInt(2, 8);
        for ($n = 1; $sheets > 0; $n++) {
            $count = min($sheets, $this->random->getInt(1, 2));
            $sheets -= $count;
            $add("paper$n", match (true) {
                $isPanels => Panel::of($front, $this->face(), $plain),
                $isOneFaced => Paper::of($sheet, $this->face(), $plain),
                default => Paper::of($sheet, $this->face(), $this->face()),
            }, $count);
        }
        $cardstock = Cardstock::of($sheet, $white, $white, Finish::Plain, Weight::Light);
        $many = $this->random->getInt(0, 20);
        if ($many > 0) {
            $add('white', $cardstock, $many);
        }
        $add('base', CardBase::of($front, FoldEdge::Side, $white), $this->bases);
        $strip = Size::parse('2 1/2', '3/4', Unit::Inch);
        $add('happy', Stamp::of($strip, Words::of('happy day', [Occasion::of('birthday')])), 1);
        $add('hello', Stamp::of($strip, Words::of('hello there', [Occasion::of('hello'), Occasion::of('thank-you')])), 1);
        $picture = Printed::of(Size::parse('1 3/4', '2', Unit::Inch), Serves::Image, Shape::Lantern, [$this->colour()]);
        $add('picture', DieCut::of($picture), $this->pictures);

        return Kit::of("Scarce $seed", Unit::Inch, $front, 10, null, $components);
    }

    private function face(): Face
    {
        $isDirectional = $this->random->getInt(0, 3) === 0;

        return Face::printed(
            'print '.$this->random->getInt(1, 999),
            Motif::Gingham,
            [$this->colour(), $this->colour()],
            $this->random->getInt(0, 1) === 1,
            $isDirectional,
        );
    }

    private function colour(): Colour
    {
        return Colour::fromHex(sprintf('%06x', $this->random->getInt(0, 0xFFFFFF)));
    }
}
