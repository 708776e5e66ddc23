<?php

namespace Tools\Commands;

use Illuminate\Console\Command;
use KeepShare\Core\Look\BadReference;
use KeepShare\Core\Look\FindPieces;
use KeepShare\Core\Look\PieceTable;
use KeepShare\Core\Look\Reference;
use KeepShare\Core\Measure\Length;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tools\Bench\DrawnTable;

/** Draws tables of thirty pieces from seeds, photographs them, and counts how many are found as they were drawn. */
final class PiecesBenchCommand extends Command
{
    protected $signature = 'bench:pieces
        {--tables=27 : how many tables}';

    protected $description = 'Count how many pieces of drawn tables are found with their sizes';

    private const GROUNDS = [0xF2F0EA, 0xB59572, 0x8F9396, 0x3C4650, 0x181818, 0x6D8FB0, 0x4F7A5C, 0xC94F4F, 0xE6D9C0];

    private const COLOURS = [
        0x2B6B5A, 0xD9942E, 0xB03040, 0x3A5F8A, 0xF6F2E8, 0x54306A, 0x222222, 0x7FB069, 0xE8A0B0, 0x9A9A9A, 0xFFFFFF,
    ];

    /** 1/32 in, in millimetres. */
    private const NEAR = 0.8;

    public function handle(): int
    {
        $rows = [];
        $sums = [0, 0, 0];
        for ($seed = 0; $seed < max(1, (int) $this->option('tables')); $seed++) {
            $ground = self::GROUNDS[$seed % count(self::GROUNDS)];
            [$lean, $noise] = [[0.02, 0.06, 0.1, 0.11][$seed % 4], [3.0, 5.0, 8.0][$seed % 3]];
            $one = $this->read($seed, $ground, $lean, $noise);
            $rows[] = [sprintf('#%06x', $ground), $lean, $noise, ...$one];
            $sums = array_map(static fn (int $sum, int $more): int => $sum + $more, $sums, $one);
        }
        $this->table(['ground', 'lean', 'noise', 'pieces', 'within 1/32 in', 'marked to be looked at'], $rows);
        $this->line("$sums[1] of $sums[0] pieces are found within 1/32 in; $sums[2] are marked to be looked at.");

        return 0;
    }

    /** @return array{int, int, int} how many pieces, how many right, how many doubted */
    private function read(int $seed, int $ground, float $lean, float $noise): array
    {
        $random = new Randomizer(new Mt19937($seed));
        $table = new DrawnTable(FindPieces::SIDE);
        // A white card base, or a blue one where white would not be visible.
        $base = in_array($ground, [0xF2F0EA, 0xE6D9C0], true) ? 0x2B4A66 : 0xFFFDF8;
        $table->rectangle(68, 86, 107.95, 139.7, $base, $random->getInt(-3, 3));
        $truth = [];
        foreach ([145, 178, 211, 244, 277] as $x) {
            foreach ([25, 62, 99, 136, 173, 205] as $y) {
                $truth[] = $this->draw($table, $x, $y, DrawnTable::colourOn($ground, self::COLOURS, $random), $random);
            }
        }
        $by = Reference::sheet(Length::inches(4, 1, 4), Length::inches(5, 1, 2));
        try {
            return $this->compared($table->read($by, $ground, $lean, $noise, $seed), $truth);
        } catch (BadReference) {
            return [count($truth), 0, 0];
        }
    }

    /** @return array{float, float} its width and height */
    private function draw(DrawnTable $table, int $x, int $y, int $colour, Randomizer $random): array
    {
        $kind = $random->getInt(0, 3);
        if ($kind === 0) {
            $across = (float) $random->getInt(6, 26);
            $table->round($x, $y, $across, $colour);

            return [$across, $across];
        }
        if ($kind === 1) {
            [$width, $height] = [(float) $random->getInt(8, 26), (float) $random->getInt(6, 20)];
            $table->rectangle($x, $y, $width, $height, $colour, $random->getInt(-20, 20));

            return [max($width, $height), min($width, $height)];
        }

        return $table->star($x, $y, $random->getInt(6, 15), $colour, $random->getInt(-40, 40));
    }

    /**
     * @param  list<array{float, float}>  $truth
     * @return array{int, int, int}
     */
    private function compared(PieceTable $table, array $truth): array
    {
        $squared = $table->squared();
        $found = [];
        $doubted = 0;
        foreach (array_keys($table->pieces) as $number) {
            if ($number !== $table->reference->piece) {
                $measured = $table->measured($number, $squared);
                $found[$number] = [$measured->width, $measured->height];
                $doubted += $table->doubts($number, $measured) === [] ? 0 : 1;
            }
        }
        $right = 0;
        foreach ($truth as $is) {
            $number = self::nearest($found, $is);
            if ($number !== null) {
                unset($found[$number]);
                $right++;
            }
        }

        return [count($truth), $right, $doubted];
    }

    /**
     * @param  array<int, array{float, float}>  $found
     * @param  array{float, float}  $is
     */
    private static function nearest(array $found, array $is): ?int
    {
        $best = null;
        $least = self::NEAR;
        foreach ($found as $number => [$width, $height]) {
            $off = min(
                max(abs($width - $is[0]), abs($height - $is[1])),
                max(abs($width - $is[1]), abs($height - $is[0])),
            );
            [$best, $least] = $off <= $least ? [$number, $off] : [$best, $least];
        }

        return $best;
    }
}
