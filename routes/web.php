<?php

use App\Files\CardExport;
use App\Files\FileController;
use App\Files\KitExport;
use App\Files\SheetExport;
use App\Frame\ActController;
use App\Frame\Exports;
use App\Frame\Rooms;
use Illuminate\Support\Facades\Route;

Route::post('/undo', [ActController::class, 'undoOnShelf']);
Route::post('/redo', [ActController::class, 'redoOnShelf']);
foreach (Rooms::all() as $room) {
    $room->aboveKits();
}
Route::prefix('/kits/{kit}')->group(static function (): void {
    foreach (Rooms::pages() as $page) {
        Route::get($page->path, $page->action)->name($page->routeName());
    }
    foreach (Exports::of(KitExport::class) as $export) {
        Route::get($export->path(), [FileController::class, 'ofKit'])->defaults('export', $export::class);
    }
    foreach (Exports::of(CardExport::class) as $export) {
        Route::get("cards/{card}/{$export->path()}", [FileController::class, 'ofCard'])->defaults('export', $export::class);
    }
    foreach (Exports::of(SheetExport::class) as $export) {
        Route::get("cut/{sheet}/{$export->path()}", [FileController::class, 'ofSheet'])->defaults('export', $export::class);
    }
    Route::post('/undo', [ActController::class, 'undo']);
    Route::post('/redo', [ActController::class, 'redo']);
    foreach (Rooms::all() as $room) {
        $room->ofKit();
    }
});

// What is at no address is not there, and is said so in the frame of the application.
Route::fallback(static fn () => abort(404));
