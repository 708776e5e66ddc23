<?php

namespace Tests\Feature\Card;

use App\Journal\Act;
use App\Models\Kit;
use App\Models\Sheet;
use KeepShare\Core\Fold\FoldKind;
use KeepShare\Core\Kit\Occasions;
use KeepShare\Core\Sketch\Sketches;
use PHPUnit\Framework\Attributes\DataProvider;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Feature\FeatureTestCase;

/**
 * Whatever is done to cards and sheets, in any order: the table balances, the pages open, and undo brings everything
 * back.
 */
final class DesignPropertiesTest extends FeatureTestCase
{
    /** @return array<string, array{int}> */
    public static function seeds(): array
    {
        return ['one' => [1], 'two' => [2]];
    }

    #[DataProvider('seeds')]
    public function test_any_run_of_acts_balances_and_is_undone(int $seed): void
    {
        $random = new Randomizer(new Mt19937($seed));
        $kit = $this->harbour();
        $this->shareOut($kit, 8, true);
        $before = $this->records($kit);
        $acts = Act::query()->count();
        $done = 0;
        for ($n = 0; $n < 30; $n++) {
            $had = Act::query()->where('is_undone', false)->count();
            $this->something($random, $kit);
            $now = Act::query()->where('is_undone', false)->count();
            self::assertLessThanOrEqual($had + 1, $now, 'one act at a time');
            if ($now > $had) {
                $done++;
                $this->assertInBalance($kit, true);
            }
        }
        self::assertGreaterThan(10, $done, 'most of what was tried could be done');
        foreach ($kit->cards()->get() as $card) {
            $page = $this->props("/kits/$kit->id/cards/$card->id");
            self::assertSame($card->toSketch()->isBare(), $page['parts'] === []);
            foreach ($page['cuts'] as $cut) {
                self::assertNotSame('', $cut['size']);
            }
        }
        $this->props("/kits/$kit->id/share-out");
        $this->props("/kits/$kit->id/cut");

        while (Act::query()->where('is_undone', false)->count() > $acts) {
            $this->act($kit, 'undo')->assertSessionHasNoErrors();
        }
        self::assertSame($before, $this->records($kit), 'undo brings back every record as it was');
    }

    /** One act of the card's page or the cutting table. It may be refused. */
    private function something(Randomizer $random, Kit $kit): void
    {
        $cards = $kit->cards()->with('takings')->get();
        $card = $cards[$random->getInt(0, $cards->count() - 1)] ?? self::fail('There is no card.');
        $sketches = array_keys(Sketches::all());
        $parts = array_values(array_filter($card->toSketch()->parts, static fn ($part): bool => $part->measures() !== []));
        $part = $parts[$random->getInt(0, count($parts) - 1)];
        $open = Sheet::query()->where('state', 'open')->whereHas('plan')->pluck('id')->all();
        [$path, $with] = match ($random->getInt(0, 9)) {
            0, 1 => ['sketch', ['sketch' => $sketches[$random->getInt(0, count($sketches) - 1)]]],
            2 => ['turn', []],
            3 => ['frame', ['frame' => ['', '0', '1/4', '3'][$random->getInt(0, 3)]]],
            4 => ['fold', ['fold' => FoldKind::cases()[$random->getInt(0, 10)]->value]],
            5, 6 => [
                'measure',
                [
                    'part' => $part->id,
                    'measure' => array_key_first($part->measures()),
                    'value' => '1/8',
                    'steps' => $random->getInt(-6, 6),
                ],
            ],
            7 => ['copies', ['copies' => $random->getInt(1, 2)]],
            8 => ['occasion', ['occasion' => Occasions::all()[$random->getInt(0, 9)]->value]],
            default => ['', []],
        };
        if ($path !== '') {
            $this->act($kit, "cards/$card->id/$path", $with);

            return;
        }
        if ($open !== []) {
            $sheet = $open[$random->getInt(0, count($open) - 1)];
            [$act, $said] = match ($random->getInt(0, 3)) {
                0 => ["cut/$sheet/wrong", ['at' => '1 1/8']],
                1 => ["cut/$sheet/wrong", ['spoiled' => true]],
                2 => ["cut/$sheet", []],
                default => ["cut/$sheet/once", []],
            };
            $this->act($kit, $act, $said);
        }
    }
}
