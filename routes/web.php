<?php

use App\Http\Controllers\ActController;
use App\Http\Controllers\CutController;
use App\Http\Controllers\KeepController;
use App\Http\Controllers\KitController;
use App\Http\Controllers\ShareOutController;
use App\Http\Controllers\ShelfController;
use Illuminate\Support\Facades\Route;

Route::get('/', [ShelfController::class, 'index'])->name('shelf');
Route::post('/kits', [ShelfController::class, 'store'])->name('kits.store');
Route::post('/undo', [ActController::class, 'undoOnShelf']);
Route::post('/redo', [ActController::class, 'redoOnShelf']);

Route::prefix('/kits/{kit}')->group(function (): void {
    Route::get('/', [KitController::class, 'show'])->name('kits.show');
    Route::get('/unpack', [KitController::class, 'unpack'])->name('kits.unpack');
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
