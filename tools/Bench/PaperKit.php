<?php

namespace Tools\Bench;

use KeepShare\Core\Colour\Colour;
use KeepShare\Core\Kit\Component;
use KeepShare\Core\Kit\Face;
use KeepShare\Core\Kit\Kit;
use KeepShare\Core\Kit\Motif;
use KeepShare\Core\Kit\Paper;
use KeepShare\Core\Measure\Size;
use KeepShare\Core\Measure\Unit;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** A kit with any number of double-faced papers, one sheet of each, in colours and motifs from a seed. */
final class PaperKit
{
    /**
     * @param  Kit  $kit  what else is in it, with more than enough of what is counted
     * @param  bool  $up  every print has an up
     */
    public static function like(Kit $kit, int $papers, int $seed, string $size = '6 x 6', bool $up = false): Kit
    {
        $random = new Randomizer(new Mt19937($seed));
        $hex = static fn (): Colour => Colour::fromHex(sprintf('#%06x', $random->getInt(0, 0xFFFFFF)));
        $motifs = Motif::cases();
        $face = static fn (string $name): Face => Face::printed(
            $name,
            $motifs[$random->getInt(0, count($motifs) - 1)],
            [$hex(), $hex(), $hex()],
            $random->getInt(0, 1) === 1,
            $up,
        );
        $components = [];
        foreach ($kit->components as $one) {
            if (! $one->kind()->isPrintedPaper()) {
                $components[] = $one->kind()->isSheets() ? $one : $one->counted(max(40, $one->count));
            }
        }
        for ($n = 1; $n <= $papers; $n++) {
            $paper = Paper::of(Size::said($size, Unit::Inch), $face("front $n"), $face("back $n"));
            $components[] = Component::of("paper-$n", "Paper $n", $paper, 1);
        }

        return Kit::of($kit->name, $kit->unit, $kit->front, $kit->promised, $kit->price, $components);
    }
}
