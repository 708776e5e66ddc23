<?php

namespace Tests\Core;

use KeepShare\Core\Kit\BadKit;
use KeepShare\Core\Kit\KitFile;
use Opis\JsonSchema\Validator;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\Kits;

/** The published schema and the reader agree. */
final class KitSchemaTest extends TestCase
{
    /** @return array<string, array{string}> */
    public static function good(): array
    {
        $docs = dirname(__DIR__, 2).'/docs/formats';

        return [
            'the example' => [(string) file_get_contents("$docs/kit.example.json")],
            'the demo' => [Kits::json('harbour-lanterns')],
            'the metric demo' => [Kits::json('knitted-hills')],
            'the stash' => [Kits::json('stash')],
            'what is written' => [KitFile::write(Kits::demo())],
            'a made-up kit' => [KitFile::write(Kits::random(1))],
        ];
    }

    #[DataProvider('good')]
    public function test_good_files_pass_both(string $json): void
    {
        self::assertTrue(self::passes($json));
        self::assertNotSame([], KitFile::read($json)->components);
    }

    /** @return array<string, array{string, string}> */
    public static function bad(): array
    {
        return [
            'version' => ['"version": 1', '"version": 2'],
            'count' => ['"count": 2', '"count": -2'],
            'motif' => ['"motif": "sprig"', '"motif": "tartan"'],
            'colour' => ['"#fbefe9"', '"pink"'],
            'unknown field' => ['"busy": true', '"bussy": true'],
            'a sentiment without words' => ['"words": "watching you grow", ', ''],
            'no length' => ['"length": "40"', '"length": "long"'],
            'bad id' => ['"id": "pot"', '"id": "Flower Pot"'],
        ];
    }

    #[DataProvider('bad')]
    public function test_bad_files_pass_neither(string $what, string $with): void
    {
        $json = str_replace($what, $with, self::good()['the example'][0], $found);
        self::assertGreaterThan(0, $found);
        self::assertFalse(self::passes($json));

        $this->expectException(BadKit::class);
        KitFile::read($json);
    }

    private static function passes(string $json): bool
    {
        $schema = (string) file_get_contents(dirname(__DIR__, 2).'/docs/formats/kit.schema.json');

        return (new Validator)->validate(json_decode($json), $schema)->isValid();
    }
}
