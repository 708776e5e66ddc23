<?php

namespace Tests\Core\Support;

use Closure;
use KeepShare\Core\Kit\Component;
use KeepShare\Core\Kit\Kind;
use KeepShare\Core\Kit\Kit;
use KeepShare\Core\Kit\KitFile;
use Tools\Bench\RandomKit;
use Tools\Bench\RichKit;

/** Kits for tests: the demo's, and made-up ones from a seed. */
final class Kits
{
    public static function json(string $name): string
    {
        return (string) file_get_contents(dirname(__DIR__, 3)."/database/demo/$name.json");
    }

    public static function demo(string $name = 'harbour-lanterns'): Kit
    {
        return KitFile::read(self::json($name));
    }

    /** A demo kit without the components of some kinds. */
    public static function without(Kind ...$kinds): Kit
    {
        $kit = self::demo();

        return Kit::of($kit->name, $kit->unit, $kit->front, $kit->promised, $kit->price, array_values(array_filter(
            $kit->components,
            static fn (Component $component): bool => ! in_array($component->kind(), $kinds, true),
        )));
    }

    /**
     * The kit with other numbers of its components.
     *
     * @param  Closure(Component): int  $count  how many of each
     */
    public static function counting(Kit $kit, Closure $count): Kit
    {
        return Kit::of($kit->name, $kit->unit, $kit->front, $kit->promised, $kit->price, array_map(
            static fn (Component $one): Component => Component::of($one->id, $one->name, $one->good, $count($one)),
            $kit->components,
        ));
    }

    /** A made-up kit with many die cuts and stickers of all kinds. */
    public static function rich(int $seed): Kit
    {
        return RichKit::of($seed);
    }

    /** A small kit whose every count, size, face and colour comes from the seed. */
    public static function random(int $seed): Kit
    {
        return RandomKit::of($seed);
    }
}
