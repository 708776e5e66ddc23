<?php

use App\Http\Controllers\AboutController;
use App\Http\Controllers\ActController;
use App\Http\Controllers\AddController;
use App\Http\Controllers\CountController;
use App\Http\Controllers\CsvController;
use App\Http\Controllers\CutController;
use App\Http\Controllers\KeepController;
use App\Http\Controllers\KitController;
use App\Http\Controllers\KitPostController;
use App\Http\Controllers\PairController;
use App\Http\Controllers\ShareOutController;
use App\Http\Controllers\ShelfController;
use Illuminate\Support\Facades\Route;

Route::get('/', [ShelfController::class, 'index'])->name('shelf');
Route::post('/kits', [ShelfController::class, 'store'])->name('kits.store');
Route::post('/kit-post', [KitPostController::class, 'store']);
Route::get('/packing-list/{token}', [CsvController::class, 'show'])->name('csv.show');
Route::post('/packing-list/{token}/columns', [CsvController::class, 'map']);
Route::post('/packing-list/{token}', [CsvController::class, 'store']);
Route::post('/kits/new', [AboutController::class, 'create']);
Route::post('/undo', [ActController::class, 'undoOnShelf']);
Route::post('/redo', [ActController::class, 'redoOnShelf']);

Route::prefix('/kits/{kit}')->group(function (): void {
    Route::get('/', [KitController::class, 'show'])->name('kits.show');
    Route::get('/unpack', [KitController::class, 'unpack'])->name('kits.unpack');
    Route::get('/add', [AddController::class, 'show'])->name('kits.add');
    Route::get('/add/read', [AddController::class, 'read']);
    Route::post('/add', [AddController::class, 'store']);
    Route::get('/about', [AboutController::class, 'show'])->name('kits.about');
    Route::post('/about', [AboutController::class, 'update']);
    Route::get('/export', [AboutController::class, 'export']);
    Route::post('/duplicate', [AboutController::class, 'duplicate']);
    Route::post('/put-away', [AboutController::class, 'putAway']);
    Route::delete('/', [AboutController::class, 'destroy']);
    Route::get('/count', [CountController::class, 'show'])->name('kits.count');
    Route::post('/count', [CountController::class, 'allThere']);
    Route::post('/count/{component}', [CountController::class, 'store']);
    Route::post('/move/{component}', [CountController::class, 'move']);
    Route::get('/pair', [PairController::class, 'show'])->name('kits.pair');
    Route::post('/palettes', [PairController::class, 'store']);
    Route::delete('/palettes/{palette}', [PairController::class, 'destroy']);
    Route::post('/palettes/{palette}/card', [PairController::class, 'draw']);
    Route::get('/share-out', [ShareOutController::class, 'show'])->name('kits.share-out');
    Route::post('/share-out', [ShareOutController::class, 'store']);
    Route::post('/share-out/stop', [ShareOutController::class, 'stop']);
    Route::get('/cut', [CutController::class, 'show'])->name('kits.cut');
    Route::post('/cut/{sheet}', [CutController::class, 'store']);
    Route::get('/keep', [KeepController::class, 'show'])->name('kits.keep');
    Route::post('/keep', [KeepController::class, 'store']);
    Route::post('/keep/stop', [KeepController::class, 'stop']);
    Route::get('/tally', [KitController::class, 'tally'])->name('kits.tally');
    Route::post('/undo', [ActController::class, 'undo']);
    Route::post('/redo', [ActController::class, 'redo']);
});
