<?php

namespace App\Unpack;

use App\Frame\Stage;
use App\Frame\StagePage;
use App\Frame\WorkRoom;
use App\Models\Component;
use App\Models\Kit;
use App\Models\LedgerEntry;
use App\Models\LedgerReason;
use Illuminate\Support\Facades\Route;
use KeepShare\Core\Kit\Kind;

/** What came in the box, beside its packing list. */
final class UnpackRoom extends WorkRoom implements Stage
{
    public function key(): string
    {
        return 'unpack';
    }

    public function label(): string
    {
        return 'Unpack';
    }

    public function pages(): array
    {
        return [
            StagePage::at('unpack', [UnpackController::class, 'show'], 'Look'),
            StagePage::at('count', [CountController::class, 'show'], 'Count'),
            StagePage::at('add', [AddController::class, 'show'], 'Add lines'),
            StagePage::at('check', [CheckController::class, 'show'], 'Check lines'),
            StagePage::behind('looks/{component}', [LooksController::class, 'show']),
        ];
    }

    public function counts(Kit $kit): array
    {
        $isCounted = static fn (Kind $kind): bool => ! $kind->isEndless() && ! $kind->isByLength();
        $lines = Component::query()->where('kit_id', $kit->id)->whereIn('kind', array_filter(Kind::cases(), $isCounted));
        $changes = LedgerEntry::query()
            ->whereIn('component_id', $lines->clone()->select('id'))
            ->whereIn('reason', LedgerReason::ofCounting());

        return [
            'listed' => $lines->clone()->selectRaw('sum(listed)'),
            'delta' => $changes->selectRaw('sum(delta)'),
            'counted' => Component::query()->where('kit_id', $kit->id)->where('is_counted', true)->selectRaw('count(*)'),
            'uncounted' => Component::query()->where('kit_id', $kit->id)->where('is_counted', false)->selectRaw('count(*)'),
        ];
    }

    public function figure(Kit $kit, array $counted): string
    {
        ['listed' => $listed, 'delta' => $delta] = $counted;
        if ($listed === 0 && $delta === 0) {
            return 'nothing yet';
        }
        if ($delta === 0 && $counted['counted'] === 0) {
            return "$listed listed";
        }

        return sprintf('%d of %d here%s', $listed + $delta, $listed, $counted['uncounted'] === 0 ? ', counted' : '');
    }

    public function isOfStash(): bool
    {
        return true;
    }

    public function aboveKits(): void
    {
        Route::get('/photos/{photo}.jpg', [LooksController::class, 'photo'])->name('photos.show');
    }

    public function ofKit(): void
    {
        Route::get('/', [UnpackController::class, 'open'])->name('kits.show');
        Route::get('/add/read', [AddController::class, 'read']);
        Route::post('/add', [AddController::class, 'store']);
        Route::post('/add/list', [AddController::class, 'storeList']);
        // It is asked for with every key, as sketches are.
        Route::post('/add/read-list', [AddController::class, 'readList'])->withoutMiddleware(self::SESSION);
        Route::post('/check/{component}', [CheckController::class, 'store']);
        Route::delete('/check/{component}', [CheckController::class, 'destroy']);
        Route::post('/count', [CountController::class, 'allThere']);
        Route::post('/count/{component}', [CountController::class, 'store']);
        Route::post('/move/{component}', [CountController::class, 'move']);
        Route::post('/looks/{component}/photo', [LooksController::class, 'read']);
        Route::post('/looks/{component}', [LooksController::class, 'store']);
    }
}
