<?php

namespace App\People;

use App\Frame\WorkRoom;
use Illuminate\Support\Facades\Route;

/** Who gets which card, and when. */
final class PeopleRoom extends WorkRoom
{
    public function aboveKits(): void
    {
        Route::prefix('/people')->group(static function (): void {
            Route::get('/', [PeopleController::class, 'show'])->name('people');
            Route::post('/', [PeopleController::class, 'store']);
            Route::post('/ask', [PeopleController::class, 'ask']);
            Route::post('/read', [PeopleController::class, 'read']);
            Route::post('/keep', [PeopleController::class, 'keep']);
            Route::post('/post', [PeopleController::class, 'post']);
            Route::post('/post/limits', [PeopleController::class, 'limit']);
            Route::delete('/post/limits/{limit}', [PeopleController::class, 'dropLimit']);
            Route::get('/occasions', [OccasionsController::class, 'show'])->name('occasions');
            Route::post('/occasions', [OccasionsController::class, 'add']);
            Route::post('/occasions/{key}', [OccasionsController::class, 'store']);
            Route::delete('/occasions/{key}', [OccasionsController::class, 'destroy']);
            Route::get('/people.vcf', [PeopleController::class, 'vcards']);
            Route::get('/days.ics', [PeopleController::class, 'calendar']);
            Route::get('/send-by.ics', [PeopleController::class, 'sendBy']);
            Route::delete('/days/{day}', [PeopleController::class, 'dropDay']);
            Route::post('/days/{day}/card', [PeopleController::class, 'mean']);
            Route::delete('/days/{day}/card', [PeopleController::class, 'unmean']);
            Route::post('/days/{day}/given', [PeopleController::class, 'give']);
            Route::post('/{person}', [PeopleController::class, 'update'])->whereNumber('person');
            Route::delete('/{person}', [PeopleController::class, 'destroy'])->whereNumber('person');
            Route::post('/{person}/days', [PeopleController::class, 'addDay'])->whereNumber('person');
        });
    }
}
