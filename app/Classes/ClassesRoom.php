<?php

namespace App\Classes;

use App\Files\ClassExport;
use App\Frame\Exports;
use App\Frame\StagePage;
use App\Frame\WorkRoom;
use Illuminate\Support\Facades\Route;

/** Cards prepared for several people. */
final class ClassesRoom extends WorkRoom
{
    public function pages(): array
    {
        return [
            StagePage::at('class', [ClassController::class, 'index'], 'For a class')->in('cut', 'cut'),
            StagePage::behind('class/{class}/look', [ClassController::class, 'show'])->in('cut'),
            StagePage::behind('class/{class}/pack', [ClassController::class, 'packing'])->in('cut'),
        ];
    }

    public function exports(): array
    {
        return [new ClassHandOut, new ClassLeader];
    }

    public function ofKit(): void
    {
        foreach (Exports::of(ClassExport::class) as $export) {
            Route::get("class/{class}/{$export->path()}", [ClassController::class, 'file'])->defaults('export', $export::class);
        }
        Route::post('/class', [ClassController::class, 'prepare']);
        Route::post('/class/{class}', [ClassController::class, 'update']);
        Route::delete('/class/{class}', [ClassController::class, 'destroy']);
        Route::post('/class/{class}/pack', [ClassController::class, 'pack']);
        Route::post('/class/{class}/lost', [ClassController::class, 'lose']);
    }
}
