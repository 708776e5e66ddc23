<?php

namespace Tools\Bench;

use KeepShare\Core\Colour\Colour;
use KeepShare\Core\Kit\CardBase;
use KeepShare\Core\Kit\Cardstock;
use KeepShare\Core\Kit\Component;
use KeepShare\Core\Kit\DieCut;
use KeepShare\Core\Kit\Envelope;
use KeepShare\Core\Kit\Face;
use KeepShare\Core\Kit\Finish;
use KeepShare\Core\Kit\FoldEdge;
use KeepShare\Core\Kit\Good;
use KeepShare\Core\Kit\Kit;
use KeepShare\Core\Kit\Liner;
use KeepShare\Core\Kit\Motif;
use KeepShare\Core\Kit\Occasion;
use KeepShare\Core\Kit\Paper;
use KeepShare\Core\Kit\Printed;
use KeepShare\Core\Kit\Serves;
use KeepShare\Core\Kit\Shape;
use KeepShare\Core\Kit\Stamp;
use KeepShare\Core\Kit\Weight;
use KeepShare\Core\Kit\Words;
use KeepShare\Core\Measure\Length;
use KeepShare\Core\Measure\Size;
use KeepShare\Core\Measure\Unit;

/**
 * Unusual kits: printed bases, lined envelopes, tags as large as a card, only heavy stock, and one with hundreds of
 * each.
 */
final class OddKit
{
    /** @return array<string, array{array<string, array{Good, int}>, int, string}> goods, the cards they give, what some card takes */
    public static function all(): array
    {
        $blue = self::face('ddeeff');

        return [
            'printed bases only' => [['a' => [self::base($blue), 8], 'b' => [self::base(self::face('ffeedd')), 6]], 14, 'a'],
            'printed bases beside a sheet' => [['a' => [self::base($blue), 14], 'paper' => [self::paper(), 1]], 14, 'a'],
            'busy bases and one white sheet' => [
                ['a' => [self::base(self::face('223344', true)), 9], 'white' => [self::white(), 1]],
                9,
                'white',
            ],
            'liners for eight bases' => [['base' => [self::base(), 8], 'lined' => [self::lined(), 20]], 8, 'lined~'],
            'liners where envelopes do not matter' => [
                ['base' => [self::base(), 20], 'lined' => [self::lined(), 20], 'paper' => [self::paper(), 1]],
                20,
                'lined~',
            ],
            'twelve tags as large as a card' => [['base' => [self::base(), 12], 'tag' => [self::tag(), 12]], 12, 'tag'],
            'plain heavy stock and nothing else' => [['heavy' => [self::white(Weight::Heavy), 10]], 13, 'heavy'],
        ];
    }

    /** @param  array<string, array{Good, int}>  $goods  beside two stamps */
    public static function kit(array $goods): Kit
    {
        $stamp = static fn (string $words): Stamp => Stamp::of(
            Size::parse('2', '1/2', Unit::Inch),
            Words::of($words, [Occasion::of('birthday'), Occasion::of('hello'), Occasion::of('thank-you')]),
        );
        $goods += ['happy' => [$stamp('happy day'), 1], 'hello' => [$stamp('hello there'), 1]];
        $components = [];
        foreach ($goods as $id => [$good, $count]) {
            $components[] = Component::of($id, ucfirst($id), $good, $count);
        }

        return Kit::of('Of another make', Unit::Inch, self::front(), 8, null, $components);
    }

    public static function front(): Size
    {
        return Size::parse('4 1/4', '5 1/2', Unit::Inch);
    }

    public static function face(string $hex, bool $isBusy = false): Face
    {
        return Face::printed("print $hex", Motif::Dots, [Colour::fromHex($hex), Colour::fromHex('445566')], $isBusy);
    }

    public static function base(?Face $printed = null): CardBase
    {
        return CardBase::of(self::front(), FoldEdge::Side, Colour::fromHex('ffffff'), $printed);
    }

    public static function paper(): Paper
    {
        return Paper::of(Size::parse('6', '6', Unit::Inch), self::face('aa8844'), self::face('fafafa'));
    }

    public static function white(Weight $weight = Weight::Light): Cardstock
    {
        $white = Colour::fromHex('ffffff');

        return Cardstock::of(Size::parse('8 1/2', '11', Unit::Inch), $white, $white, Finish::Plain, $weight);
    }

    public static function lined(): Envelope
    {
        $liner = Liner::of(self::face('ddeeff'), Length::inches(0, 1, 4));

        return Envelope::of(Size::parse('4 3/8', '5 3/4', Unit::Inch), Colour::fromHex('eeeeee'), $liner);
    }

    public static function tag(): DieCut
    {
        return DieCut::of(Printed::of(Size::parse('3 1/2', '5', Unit::Inch), Serves::Tag, Shape::Tag, [Colour::fromHex('fbfaf5')]));
    }

    /** As many of everything as the format allows, with too little paper for the bases. */
    public static function hundreds(): Kit
    {
        $goods = ['base' => [self::base(), 500], 'white' => [self::white(), 500]];
        foreach (['aa8844', '44aa88', '8844aa', 'cc5533'] as $n => $hex) {
            $goods["paper$n"] = [Paper::of(Size::parse('12', '12', Unit::Inch), self::face($hex), self::face('fafafa')), 500];
        }

        return self::kit($goods);
    }
}
