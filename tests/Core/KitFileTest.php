<?php

namespace Tests\Core;

use KeepShare\Core\Kit\BadKit;
use KeepShare\Core\Kit\Kind;
use KeepShare\Core\Kit\KitFile;
use KeepShare\Core\Kit\Paper;
use KeepShare\Core\Kit\Price;
use KeepShare\Core\Measure\Unit;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\Kits;

final class KitFileTest extends TestCase
{
    public function test_reads_a_kit_with_every_kind(): void
    {
        $kit = KitFile::read(Kits::json('harbour-lanterns'));

        self::assertSame('Harbour Lanterns', $kit->name);
        self::assertSame('4 1/4 × 5 1/2', $kit->front->format(Unit::Inch));
        self::assertSame([3450, 'USD'], [$kit->price?->minor, $kit->price?->currency]);
        $kinds = array_unique(array_map(static fn ($component) => $component->kind()->value, $kit->components));
        self::assertSame([], array_diff(array_column(Kind::cases(), 'value'), $kinds));
        $wave = $kit->components[0]->good;
        self::assertInstanceOf(Paper::class, $wave);
        self::assertSame(['Wave', 'Sea glass'], [$wave->faces()[0]->name, $wave->faces()[1]->name]);
        self::assertSame([true, false], [$wave->faces()[0]->directional, $wave->faces()[1]->directional]);
    }

    #[DataProvider('files')]
    public function test_what_is_written_reads_back_the_same(string $name): void
    {
        $kit = KitFile::read(Kits::json($name));

        self::assertEquals($kit, KitFile::read(KitFile::write($kit)));
    }

    /** @return list<array{string}> */
    public static function files(): array
    {
        return [['harbour-lanterns'], ['knitted-hills'], ['stash']];
    }

    /** @return iterable<string, array{string, mixed, string}> a place in the file, a value put there, what is said */
    public static function faults(): iterable
    {
        yield 'another format' => ['format', 'keepshare/cut-plan', 'format: expected "keepshare/kit"'];
        yield 'a later version' => ['version', 2, 'version: this Keep Share reads version 1'];
        yield 'an unknown unit' => ['unit', 'ell', 'unit: expected one of in, mm'];
        yield 'no name' => ['name', null, 'name: is missing'];
        yield 'negative count' => ['components.0.count', -3, 'components[0].count: -3 is less than none'];
        yield 'count in words' => ['components.0.count', 'two', 'components[0].count: expected a whole number'];
        yield 'a thousand sheets' => ['components.0.count', 1000, 'components[0].count: 1000 is more than'];
        yield 'unreadable length' => [
            'components.0.size.width',
            'six-ish',
            'components[0].size.width: "six-ish" is not a measure',
        ];
        yield 'paper wider than 24 in' => [
            'components.0.size.width',
            '24 1/16',
            'components[0].size.width: 24 1/16 in is longer than 24 in',
        ];
        yield 'paper of no height' => ['components.0.size.height', 0, 'components[0].size.height: is 0'];
        yield 'duplicate id' => ['components.5.id', 'wave', 'components[5].id: "wave" is the id of components[0] already'];
        yield 'bad id' => ['components.5.id', '<b>', 'components[5].id: expected a lower-case letter'];
        yield 'unknown kind' => ['components.3.kind', 'glue', 'components[3].kind: expected one of paper, panel, cardstock'];
        yield 'one face only' => ['components.0.faces', [], 'components[0].faces: a paper has two faces'];
        yield 'bad colour' => ['components.0.faces.1.colours.0', 'teal', 'components[0].faces[1].colours[0]: "teal" is not a colour'];
        yield 'misspelt field' => ['components.0.faces.1.bussy', true, 'components[0].faces[1].bussy: is not a field'];
        yield 'bad price' => ['price.amount', '12.345', 'price.amount: "12.345" is not a price in USD'];
        yield 'components no list' => ['components', ['a' => 1], 'components: expected a list'];
    }

    #[DataProvider('faults')]
    public function test_refuses_whole_with_the_place_and_the_reason(string $place, mixed $value, string $said): void
    {
        $data = json_decode(Kits::json('harbour-lanterns'), true);
        self::assertIsArray($data);
        data_set_at($data, explode('.', $place), $value);

        try {
            KitFile::read((string) json_encode($data));
            self::fail('It was read.');
        } catch (BadKit $bad) {
            self::assertStringContainsString($said, implode("\n", $bad->faults));
        }
    }

    public function test_names_every_component_that_is_wrong(): void
    {
        $data = json_decode(Kits::json('harbour-lanterns'), true);
        self::assertIsArray($data);
        data_set_at($data, ['components', '0', 'count'], -1);
        data_set_at($data, ['components', '7', 'name'], '');

        try {
            KitFile::read((string) json_encode($data));
            self::fail('It was read.');
        } catch (BadKit $bad) {
            self::assertSame(
                [
                    'components[0].count: -1 is less than none. A count starts at 0.',
                    'components[7].name: expected a text.',
                ],
                $bad->faults,
            );
        }
    }

    public function test_refuses_what_is_no_json_and_what_is_too_large(): void
    {
        foreach (['{"format"', 'just text', "\x00\xff\xfe", str_repeat('x', 10_000_000), '[]', '3'] as $noise) {
            try {
                KitFile::read($noise);
                self::fail('It was read.');
            } catch (BadKit $bad) {
                self::assertCount(1, $bad->faults);
            }
        }
    }

    public function test_prices_know_their_currency(): void
    {
        self::assertSame(1890, Price::parse('18.90', 'EUR')->minor);
        self::assertSame(1850, Price::parse('18.5', 'EUR')->minor);
        self::assertSame(1800, Price::parse('1800', 'JPY')->minor);
        self::assertSame('18.90', Price::of(1890, 'EUR')->amount());
        self::assertSame('1800', Price::of(1800, 'JPY')->amount());
        self::assertSame(
            [233, 265, 2, 1],
            [
                Price::of(2800, 'USD')->over(12)->minor,
                Price::of(3450, 'USD')->over(13)->minor,
                Price::of(3, 'USD')->over(2)->minor,
                Price::share(100, 1, 100),
            ],
            'to the nearest coin, half a coin up',
        );
        foreach (['KWD', 'BHD', 'TND', 'USD', 'JPY'] as $currency) {
            foreach ([12_500, 1_234_567, 5, 0] as $minor) {
                $price = Price::of($minor, $currency);
                self::assertEquals($price, Price::typed($price->amount(), $currency), "$minor $currency as it is written");
            }
        }
        self::assertSame(1_234_500, Price::typed('1,234.500', 'KWD')->minor);
    }
}

/**
 * @param  array<array-key, mixed>  $data
 * @param  non-empty-list<string>  $path
 */
function data_set_at(array &$data, array $path, mixed $value): void
{
    $at = &$data;
    foreach ($path as $key) {
        if (! is_array($at)) {
            throw new \LogicException('There is nothing at '.implode('.', $path));
        }
        $at = &$at[$key];
    }
    $at = $value;
}
