<?php

namespace App\Safe;

use App\Frame\WorkRoom;
use Illuminate\Support\Facades\Route;

/** Everything as one file, and automatic copies. */
final class SafeRoom extends WorkRoom
{
    public function aboveKits(): void
    {
        Route::get('/safe', [SafeController::class, 'show'])->name('safe');
        Route::post('/safe/save', [SafeController::class, 'save']);
        Route::get('/safe/saved', [SafeController::class, 'saved']);
        Route::post('/safe/open', [SafeController::class, 'open']);
        Route::post('/safe/own', [SafeController::class, 'own']);
        Route::post('/safe/stop', [SafeController::class, 'stop']);
        Route::get('/safe/copies/{name}', [SafeController::class, 'copy']);
        Route::post('/safe/copies/{name}', [SafeController::class, 'openCopy']);
    }
}
