<?php

namespace Tests\Core;

use KeepShare\Core\Arrange\Silhouette;
use KeepShare\Core\Kit\Motif;
use KeepShare\Core\Kit\Shape;
use KeepShare\Core\Kit\Words;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Shapes and motifs from names, and words from what they say. */
final class ShapeTest extends TestCase
{
    /** @return iterable<string, array{string, Shape|null}> */
    public static function names(): iterable
    {
        yield 'a kind of it' => ['Robin', Shape::Bird];
        yield 'what it is comes last' => ['Birthday cake', Shape::Cake];
        yield 'two words' => ['hot air balloon', Shape::HotAirBalloon];
        yield 'several' => ['Three little foxes', Shape::Fox];
        yield 'what it comes with is not what it is' => ['Cat with balloon', Shape::Cat];
        yield 'a colour that is a flower' => ['Rose gold heart', Shape::Heart];
        yield 'of words that are known only together' => ['Ice cream', Shape::IceCream];
        yield 'nothing that is known' => ['Happy days', null];
        yield 'a part of a word is no word' => ['Carpet', null];
        yield 'no words' => ['', null];
    }

    #[DataProvider('names')]
    public function test_a_shape_is_found_by_the_words_of_a_name(string $name, ?Shape $shape): void
    {
        self::assertSame($shape, Shape::named($name));
    }

    public function test_every_shape_is_drawn_within_its_box_and_lies_on_a_card_as_it_is_drawn(): void
    {
        $drawn = self::drawings('shapes');
        self::assertGreaterThanOrEqual(80, count(Shape::cases()));
        foreach (Shape::cases() as $shape) {
            self::assertNotEmpty($drawn[$shape->value] ?? [], "$shape->value is drawn");
            self::assertGreaterThanOrEqual(3, count(Silhouette::of($shape)), $shape->value);
            foreach (Silhouette::of($shape) as [$x, $y]) {
                self::assertTrue($x >= 0 && $x <= 100 && $y >= 0 && $y <= 100, "$shape->value covers no more than its box");
            }
            if ($shape !== Shape::Plain) {
                self::assertSame($shape, Shape::named(str_replace('-', ' ', $shape->value)), 'it is found by its own name');
            }
        }
        self::assertSame([], array_diff(array_keys($drawn), array_column(Shape::cases(), 'value')), 'nothing is drawn for nobody');
        self::assertFalse(Silhouette::stands(Shape::Snowflake));
        self::assertTrue(Silhouette::stands(Shape::Snowman) && Silhouette::isGrounded(Shape::Snowman) && Silhouette::floats(Shape::Kite));
    }

    public function test_every_motif_is_drawn_and_found(): void
    {
        $drawn = self::drawings('motifs');
        self::assertGreaterThanOrEqual(40, count(Motif::cases()));
        foreach (Motif::cases() as $motif) {
            self::assertArrayHasKey($motif->value, $drawn);
        }
        $found = ['Little hearts' => Motif::Hearts, 'Navy stripes' => Motif::Stripe, 'polka dots' => Motif::Dots, 'Robins' => Motif::Birds];
        foreach ($found as $name => $motif) {
            self::assertSame($motif, Motif::named($name), $name);
        }
        self::assertNull(Motif::named('Dusk'));
    }

    public function test_words_are_for_the_occasion_they_mention_or_for_any(): void
    {
        $for = static fn (string $text): array => array_column(Words::asTheySay($text)->occasions, 'value');
        self::assertSame(['birthday'], $for('Happy Birthday!'));
        self::assertSame(['christmas'], $for('merry christmas'));
        self::assertSame(['graduation'], $for('Hats off, graduate'));
        self::assertSame(['thank-you'], $for('Thank you so much'));
        self::assertTrue(Words::asTheySay('sunshine')->isForAny());
        self::assertTrue(Words::asTheySay('fallen for you')->isForAny(), 'a word within a word says nothing');
    }

    /** @return array<string, mixed> */
    private static function drawings(string $file): array
    {
        $read = json_decode((string) file_get_contents(dirname(__DIR__, 2)."/resources/drawings/$file.json"), true);

        return is_array($read) ? $read : [];
    }
}
