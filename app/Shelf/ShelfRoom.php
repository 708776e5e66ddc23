<?php

namespace App\Shelf;

use App\Frame\StagePage;
use App\Frame\WorkRoom;
use Illuminate\Support\Facades\Route;

/** All kits, and the ways to bring in one. */
final class ShelfRoom extends WorkRoom
{
    public function pages(): array
    {
        return [
            StagePage::at('about', [AboutController::class, 'show'], 'About the kit')->in('unpack', 'check'),
        ];
    }

    public function exports(): array
    {
        return [new KitJson];
    }

    public function aboveKits(): void
    {
        Route::get('/', [ShelfController::class, 'index'])->name('shelf');
        Route::get('/how-to-write-a-list', [ShelfController::class, 'writing'])->name('writing');
        Route::post('/kits', [ShelfController::class, 'store'])->name('kits.store');
        Route::post('/kits/look', [ShelfController::class, 'look'])->withoutMiddleware(self::SESSION);
        Route::post('/kits/list', [ShelfController::class, 'begin']);
        Route::post('/kits/new', [AboutController::class, 'create']);
        Route::post('/paper', [AboutController::class, 'paper']);
        Route::post('/kit-post', [KitPostController::class, 'store']);
        Route::get('/packing-list/{token}', [CsvController::class, 'show'])->name('csv.show');
        Route::post('/packing-list/{token}/columns', [CsvController::class, 'map']);
        Route::post('/packing-list/{token}', [CsvController::class, 'store']);
        Route::get('/tablet', [TabletController::class, 'show'])->name('tablet');
        Route::post('/tablet/code', [TabletController::class, 'code']);
        Route::post('/tablet/close', [TabletController::class, 'close']);
        Route::get('/in/{code}', [TabletController::class, 'enter']);
        Route::get('/now', [TabletController::class, 'now'])->withoutMiddleware(self::SESSION);
    }

    public function ofKit(): void
    {
        Route::post('/about', [AboutController::class, 'update']);
        Route::post('/duplicate', [AboutController::class, 'duplicate']);
        Route::post('/put-away', [AboutController::class, 'putAway']);
        Route::delete('/', [AboutController::class, 'destroy']);
    }
}
