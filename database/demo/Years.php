<?php

namespace Database\Demo;

use App\Models\Component;
use App\Models\Kit;
use Illuminate\Support\Facades\DB;
use KeepShare\Core\Kit\Component as CoreComponent;
use KeepShare\Core\Kit\GoodWriter;
use KeepShare\Core\Kit\SheetGood;

/** Years of kits, made by saying the demo kit over and over with other numbers. */
final class Years
{
    public function lay(int $kits, int $components, int $offcuts): void
    {
        DB::transaction(function () use ($kits, $components, $offcuts): void {
            for ($n = 1; $n <= $kits; $n++) {
                $this->kit("Kit of month $n", $components, $n > 1);
            }
            $this->offcuts($offcuts);
        });
    }

    public function kit(string $name, int $components, bool $isPutAway): Kit
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
        ]);
        $models = Demo::file('harbour-lanterns')->components;
        $rows = [];
        for ($i = 0; $i < $components; $i++) {
            $rows[] = self::row($kit, $models[$i % count($models)], $i);
        }
        foreach (array_chunk($rows, 500) as $chunk) {
            DB::table('components')->insert($chunk);
        }
        $this->unpack($kit, $models);

        return $kit;
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
        $ids = DB::table('sheets')->where('is_whole', true)->orderBy('id')->limit($count)->get(['id', 'component_id']);
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
