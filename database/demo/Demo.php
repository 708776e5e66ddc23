<?php

namespace Database\Demo;

use App\Ledger\ImportKit;
use App\Models\Kit;
use App\Models\LedgerEntry;
use App\Models\LedgerReason;
use App\Models\Setting;
use App\Models\SheetState;
use Illuminate\Support\Facades\DB;
use KeepShare\Core\Kit\Kit as CoreKit;
use KeepShare\Core\Kit\KitFile;

/** Three invented kits and a stash, with a few things missing or bent, as in life. */
final readonly class Demo
{
    public function __construct(private ImportKit $import, private Circle $circle)
    {
    }

    public function lay(): void
    {
        DB::transaction(function (): void {
            $harbour = $this->import->write(self::file('harbour-lanterns'), false);
            $this->lose($harbour, 'gull', 'one was not in the bag');
            $this->bend($harbour, 'fish-scale', 'creased across the middle');
            $hills = $this->import->write(self::file('knitted-hills'), false);
            $this->lose($hills, 'mitten', 'the thumb is torn off');
            $orchard = $this->import->write(self::file('windfall-orchard'), false);
            $this->import->write(self::file('stash'), true);
            Kit::query()->whereKey([$harbour->id, $hills->id, $orchard->id])->update(['uses_stash' => true]);
            $this->circle->lay();
            Setting::put(Setting::SAMPLES, '1');
        });
    }

    /** The kit of a demo file: harbour-lanterns, knitted-hills, windfall-orchard or stash. */
    public static function file(string $name): CoreKit
    {
        return KitFile::read((string) file_get_contents(__DIR__."/$name.json"));
    }

    private function lose(Kit $kit, string $key, string $note): void
    {
        $component = $kit->components()->where('key', $key)->firstOrFail();
        LedgerEntry::query()->create(['component_id' => $component->id, 'delta' => -1, 'reason' => LedgerReason::Lost, 'note' => $note]);
    }

    private function bend(Kit $kit, string $key, string $note): void
    {
        $component = $kit->components()->where('key', $key)->firstOrFail();
        $component->sheets()->orderByDesc('number')->firstOrFail()->update(['state' => SheetState::Spoiled]);
        LedgerEntry::query()->create(['component_id' => $component->id, 'delta' => -1, 'reason' => LedgerReason::Damaged, 'note' => $note]);
    }
}
