<?php

namespace Tools\Bench;

use KeepShare\Core\Colour\Colour;
use KeepShare\Core\Kit\CardBase;
use KeepShare\Core\Kit\Cardstock;
use KeepShare\Core\Kit\Component;
use KeepShare\Core\Kit\DieCut;
use KeepShare\Core\Kit\Embellishment;
use KeepShare\Core\Kit\Envelope;
use KeepShare\Core\Kit\Face;
use KeepShare\Core\Kit\Finish;
use KeepShare\Core\Kit\Foam;
use KeepShare\Core\Kit\FoldEdge;
use KeepShare\Core\Kit\Good;
use KeepShare\Core\Kit\Kit;
use KeepShare\Core\Kit\Motif;
use KeepShare\Core\Kit\Occasion;
use KeepShare\Core\Kit\Paper;
use KeepShare\Core\Kit\Printed;
use KeepShare\Core\Kit\Ribbon;
use KeepShare\Core\Kit\Serves;
use KeepShare\Core\Kit\Shape;
use KeepShare\Core\Kit\Stamp;
use KeepShare\Core\Kit\Weight;
use KeepShare\Core\Kit\Words;
use KeepShare\Core\Measure\Length;
use KeepShare\Core\Measure\Size;
use KeepShare\Core\Measure\Unit;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Made-up kits from seeds. */
final class RandomKit
{
    private const OCCASIONS = ['birthday', 'thank-you', 'hello', 'sympathy', 'wedding', 'get-well'];

    private function __construct(private readonly Randomizer $random, private readonly Unit $unit)
    {
    }

    /** A small kit whose every count, size, face and colour comes from the seed. */
    public static function of(int $seed): Kit
    {
        $random = new Randomizer(new Mt19937($seed));
        $unit = $random->getInt(0, 1) === 0 ? Unit::Inch : Unit::Millimetre;

        return (new self($random, $unit))->kit($seed);
    }

    private function kit(int $seed): Kit
    {
        $front = $this->pick(
            $this->unit === Unit::Inch
                ? [['4 1/4', '5 1/2'], ['5', '7'], ['6', '6'], ['2 3/4', '3 1/2']]
                : [['105', '148'], ['127', '178'], ['140', '140']],
        );
        $size = Size::parse($front[0], $front[1], $this->unit);
        $envelope = $size->grown(Length::ofUnits(12_700));
        $components = [];
        $add = static function (string $id, Good $good, int $count) use (&$components): void {
            $components[] = Component::of($id, ucfirst($id), $good, $count);
        };
        foreach (range(1, $this->random->getInt(2, 7)) as $n) {
            $add("paper$n", Paper::of($this->sheet(), $this->face(), $this->face()), $this->random->getInt(0, 3));
        }
        foreach (range(1, $this->random->getInt(1, 4)) as $n) {
            $add("card$n", $this->cardstock(), $this->random->getInt(0, 3));
        }
        $add('base', CardBase::of($size, FoldEdge::Side, $this->colour()), $this->random->getInt(0, 6));
        $add('envelope', Envelope::of($envelope, $this->colour()), $this->random->getInt(1, 8));
        foreach (range(1, $this->random->getInt(1, 5)) as $n) {
            $add(
                "image$n",
                DieCut::of(
                    Printed::of($this->small(), Serves::Image, $this->pick(array_slice(Shape::cases(), 0, 23)), [
                        $this->colour(),
                        $this->colour(),
                    ]),
                ),
                $this->random->getInt(0, 3),
            );
        }
        foreach (range(1, $this->random->getInt(1, 6)) as $n) {
            $words = Words::of("words $n", [
                Occasion::of($this->pick(self::OCCASIONS)),
                Occasion::of($this->pick(self::OCCASIONS)),
            ]);
            $strip = Size::parse('1 1/2', '3/8', Unit::Inch);
            $add(
                "words$n",
                $n % 3 === 0
                    ? Stamp::of($strip, $words)
                    : DieCut::of(Printed::of($strip, Serves::Sentiment, Shape::Label, [$this->colour()], $words)),
                $this->random->getInt(0, 2),
            );
        }
        $add('gems', Embellishment::of($this->colour(), $this->random->getInt(0, 3) === 0), $this->random->getInt(0, 12));
        $add('twine', Ribbon::of($this->colour()), Length::inches($this->random->getInt(0, 40))->units);
        $add('foam', Foam::of(Length::millimetres(2)), $this->random->getInt(0, 20));

        return Kit::of("Kit $seed", $this->unit, $size, 10, null, $components);
    }

    private function sheet(): Size
    {
        $size = $this->pick(
            $this->unit === Unit::Inch
                ? [['6', '6'], ['6', '6'], ['8', '8'], ['12', '12']]
                : [['150', '150'], ['152.5', '152.5'], ['210', '297']],
        );

        return Size::parse($size[0], $size[1], $this->unit);
    }

    private function cardstock(): Cardstock
    {
        $size = $this->unit === Unit::Inch ? Size::parse('8 1/2', '11', $this->unit) : Size::parse('210', '297', $this->unit);

        return Cardstock::of(
            $size,
            $this->colour(),
            $this->colour(),
            $this->pick([Finish::Plain, Finish::Plain, Finish::Mirror, Finish::Vellum]),
            $this->pick(Weight::cases()),
        );
    }

    private function small(): Size
    {
        $side = fn (): Length => Length::ofUnits($this->random->getInt(8, 16) * 25_400);

        return Size::of($side(), $side());
    }

    private function face(): Face
    {
        return Face::printed(
            'face '.$this->random->getInt(1, 999),
            $this->pick(array_slice(Motif::cases(), 0, 20)),
            [$this->colour(), $this->colour()],
            $this->random->getInt(0, 1) === 1,
            $this->random->getInt(0, 1) === 1,
        );
    }

    private function colour(): Colour
    {
        return Colour::fromHex(sprintf('%06x', $this->random->getInt(0, 0xFFFFFF)));
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
