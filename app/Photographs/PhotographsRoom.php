<?php

namespace App\Photographs;

use App\Frame\StagePage;
use App\Frame\WorkRoom;
use Illuminate\Support\Facades\Route;

/** Pieces and papers read from photographs. */
final class PhotographsRoom extends WorkRoom
{
    public function pages(): array
    {
        return [
            StagePage::at('photographs', [PhotographsController::class, 'index'], 'From photographs')->in('unpack', 'add'),
            StagePage::behind('photographs/{photograph}/look', [PhotographsController::class, 'show'])->in('unpack'),
        ];
    }

    public function ofKit(): void
    {
        Route::post('/photographs/pieces', [PhotographsController::class, 'bringPieces']);
        Route::post('/photographs/papers', [PhotographsController::class, 'bringPapers']);
        Route::post('/photographs/{photograph}/stop', [PhotographsController::class, 'stop']);
        Route::delete('/photographs/{photograph}', [PhotographsController::class, 'leave']);
        Route::get('/photographs/{photograph}/{n}.jpg', [PhotographsController::class, 'picture'])
            ->where('n', '[0-9]{1,3}')->name('photographs.picture');
        Route::get('/photographs/{photograph}/{n}-{version}.jpg', [PhotographsController::class, 'face'])
            ->where(['n' => '[0-9]{1,3}', 'version' => '[0-9a-f]{8}'])->name('photographs.face');
        Route::post('/photographs/{photograph}/pieces', [PhotoPiecesController::class, 'edit']);
        Route::post('/photographs/{photograph}/pieces/keep', [PhotoPiecesController::class, 'keep']);
        Route::post('/photographs/{photograph}/papers', [PhotoPapersController::class, 'edit']);
        Route::post('/photographs/{photograph}/papers/keep', [PhotoPapersController::class, 'keep']);
    }
}
