<?php

namespace Database\Demo;

use App\Models\Card;
use App\Models\Component;
use App\Models\Kit;
use App\Models\Taking;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use KeepShare\Core\Card\Card as CoreCard;
use KeepShare\Core\Kit\Component as CoreComponent;
use KeepShare\Core\Kit\GoodWriter;
use KeepShare\Core\Kit\Occasion;
use KeepShare\Core\Kit\SheetGood;
use KeepShare\Core\Outlook\ShareOut;
use KeepShare\Core\Table\Inventory;
use KeepShare\Core\Table\Preferences;

/** Years of kits, made by repeating the demo kit with other numbers. */
final class Years
{
    private const FRIENDS = 60;

    /** @var list<CoreCard>|null */
    private ?array $design = null;

    /** @var list<int> the kits that were made here: of no other is anything touched */
    private array $made = [];

    public function lay(int $kits = 120, int $components = 250, int $offcuts = 8_000): void
    {
        $today = CarbonImmutable::today();
        DB::transaction(function () use ($kits, $components, $offcuts, $today): void {
            for ($n = 1; $n <= $kits; $n++) {
                $this->kit("Kit of month $n", $components, $n > 1, $today->subMonths($kits - $n));
            }
            $this->offcuts($offcuts);
            $this->people();
        });
    }

    /** @param  CarbonImmutable|null  $month  in which its cards were made; null where it has none yet */
    public function kit(string $name, int $components, bool $isPutAway, ?CarbonImmutable $month = null): Kit
    {
        $kit = Kit::query()->create([
            'name' => $name,
            'unit' => 'in',
            'front_width' => 863_600,
            'front_height' => 1_117_600,
            'promised' => 10,
            'price_minor' => 3_000,
            'currency' => 'USD',
            'is_put_away' => $isPutAway,
            'bought_on' => $month?->format('Y-m-d'),
        ]);
        $this->made[] = $kit->id;
        $models = Demo::file('harbour-lanterns')->components;
        $rows = [];
        for ($i = 0; $i < $components; $i++) {
            $rows[] = self::row($kit, $models[$i % count($models)], $i);
        }
        foreach (array_chunk($rows, 500) as $chunk) {
            DB::table('components')->insert($chunk);
        }
        $this->unpack($kit, $models);
        if ($month !== null) {
            $this->cards($kit, $models, $month);
        }

        return $kit;
    }

    /**
     * The same ten cards from every kit, most of them given by now.
     *
     * @param  list<CoreComponent>  $models
     */
    private function cards(Kit $kit, array $models, CarbonImmutable $month): void
    {
        $this->design ??= ShareOut::of(Inventory::unpacked(Demo::file('harbour-lanterns'))->under(Preferences::cards(10)))->cards;
        $places = array_flip(array_map(static fn (CoreComponent $model): string => $model->id, $models));
        $ids = Component::query()->where('kit_id', $kit->id)->pluck('id', 'position');
        foreach ($this->design as $n => $card) {
            $isGiven = ($n + $kit->id) % 4 > 0;
            $id = DB::table('cards')->insertGetId([
                'kit_id' => $kit->id,
                'number' => $card->number,
                ...Card::keeps($card->sketch),
                'design' => null,
                'occasion' => $card->occasion->value,
                'front_width' => $card->front->width->units,
                'front_height' => $card->front->height->units,
                'fold' => $card->fold->value,
                'is_bonus' => $n > 7,
                'made_at' => $month->addDays(3 * $n)->format('Y-m-d H:i:s'),
                'minutes' => 12 + ($n * $kit->id) % 30,
                'stars' => 1 + ($n + $kit->id) % 5,
                'given_to' => $isGiven ? 'Friend '.($n * $kit->id) % self::FRIENDS : '',
                'given_on' => $isGiven ? $month->addDays(40)->format('Y-m-d') : null,
            ]);
            $takings = [];
            foreach ($card->takings as $taking) {
                $component = $ids->get($places[$taking->component]);
                $kept = array_diff_key(Taking::keeps($taking), ['treated' => true]);
                $takings[] = [...$kept, 'card_id' => $id, 'component_id' => $component];
            }
            DB::table('takings')->insert($takings);
        }
    }

    private function people(): void
    {
        for ($n = 0; $n < self::FRIENDS; $n++) {
            $person = DB::table('people')->insertGetId(['name' => "Friend $n", 'likes' => 'boats, lanterns, blue']);
            foreach ([Occasion::of('birthday'), Occasion::of('thank-you')] as $i => $occasion) {
                DB::table('days')->insert([
                    'person_id' => $person,
                    'occasion' => $occasion->value,
                    'month' => 1 + ($n + 5 * $i) % 12,
                    'day' => 1 + $n % 28,
                ]);
            }
        }
    }

    /** @return array<string, mixed> */
    private static function row(Kit $kit, CoreComponent $model, int $i): array
    {
        return [
            'kit_id' => $kit->id,
            'key' => "$model->id-$i",
            'kind' => $model->kind()->value,
            'name' => "$model->name $i",
            'details' => json_encode(GoodWriter::write($model->good, null)),
            'listed' => $model->count,
            'position' => $i,
            'is_counted' => true,
        ];
    }

    /** @param  list<CoreComponent>  $models */
    private function unpack(Kit $kit, array $models): void
    {
        $ledger = [];
        $sheets = [];
        foreach (Component::query()->where('kit_id', $kit->id)->orderBy('position')->get(['id', 'listed', 'position']) as $component) {
            $ledger[] = ['component_id' => $component->id, 'delta' => $component->listed, 'reason' => 'unpacked', 'note' => ''];
            $good = $models[$component->position % count($models)]->good;
            for ($number = 1; $good instanceof SheetGood && $number <= $component->listed; $number++) {
                $sheets[] = [
                    'component_id' => $component->id,
                    'number' => $number,
                    'width' => $good->size()->width->units,
                    'height' => $good->size()->height->units,
                    'is_whole' => true,
                    'state' => 'open',
                ];
            }
        }
        foreach (['ledger_entries' => $ledger, 'sheets' => $sheets] as $table => $rows) {
            foreach (array_chunk($rows, 500) as $chunk) {
                DB::table($table)->insert($chunk);
            }
        }
    }

    private function offcuts(int $count): void
    {
        $own = Component::query()->whereIn('kit_id', $this->made)->select('id');
        $ids = DB::table('sheets')->where('is_whole', true)->whereIn('component_id', $own)->orderBy('id')->limit($count)
            ->get(['id', 'component_id']);
        $rows = [];
        foreach ($ids as $i => $sheet) {
            $rows[] = [
                'component_id' => $sheet->component_id,
                'parent_id' => $sheet->id,
                'number' => 1,
                'width' => 203_200 + 3_175 * ($i % 64),
                'height' => 406_400,
                'is_whole' => false,
                'state' => 'open',
            ];
        }
        foreach (array_chunk($rows, 500) as $chunk) {
            DB::table('sheets')->insert($chunk);
        }
    }
}
