<?php

use App\Http\Controllers\AboutController;
use App\Http\Controllers\ActController;
use App\Http\Controllers\AddController;
use App\Http\Controllers\ArrangeController;
use App\Http\Controllers\ArrangementController;
use App\Http\Controllers\CardController;
use App\Http\Controllers\CheckController;
use App\Http\Controllers\ClassController;
use App\Http\Controllers\CountController;
use App\Http\Controllers\CsvController;
use App\Http\Controllers\CutController;
use App\Http\Controllers\DesignCardController;
use App\Http\Controllers\FileController;
use App\Http\Controllers\GridController;
use App\Http\Controllers\KeepController;
use App\Http\Controllers\KitPostController;
use App\Http\Controllers\LooksController;
use App\Http\Controllers\MakeController;
use App\Http\Controllers\MaterialsController;
use App\Http\Controllers\NextCardController;
use App\Http\Controllers\OccasionsController;
use App\Http\Controllers\PairController;
use App\Http\Controllers\PeopleController;
use App\Http\Controllers\PhotographsController;
use App\Http\Controllers\PhotoPapersController;
use App\Http\Controllers\PhotoPiecesController;
use App\Http\Controllers\RecipeController;
use App\Http\Controllers\RecordController;
use App\Http\Controllers\SafeController;
use App\Http\Controllers\ShareOutController;
use App\Http\Controllers\ShelfController;
use App\Http\Controllers\SketchController;
use App\Http\Controllers\TabletController;
use App\Http\Controllers\TallyController;
use App\Http\Controllers\TasteController;
use App\Http\Controllers\UnpackController;
use App\Http\Middleware\HandleInertiaRequests;
use App\Http\Stages\Stages;
use App\Prints\CardExport;
use App\Prints\ClassExport;
use App\Prints\Exports;
use App\Prints\KitExport;
use App\Prints\RecipeExport;
use App\Prints\SheetExport;
use Illuminate\Foundation\Http\Middleware\ValidateCsrfToken;
use Illuminate\Session\Middleware\StartSession;
use Illuminate\Support\Facades\Route;
use Illuminate\View\Middleware\ShareErrorsFromSession;

Route::get('/', [ShelfController::class, 'index'])->name('shelf');
Route::post('/kits', [ShelfController::class, 'store'])->name('kits.store');
Route::get('/photos/{photo}.jpg', [LooksController::class, 'photo'])->name('photos.show');
Route::get('/gave', [TallyController::class, 'all'])->name('gave');
Route::get('/cards', [RecordController::class, 'all'])->name('cards');
Route::get('/card-photos/{photo}.jpg', [RecordController::class, 'photo'])->name('card-photos.show');
Route::prefix('/people')->group(function (): void {
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
Route::get('/safe', [SafeController::class, 'show'])->name('safe');
Route::post('/safe/save', [SafeController::class, 'save']);
Route::get('/safe/saved', [SafeController::class, 'saved']);
Route::post('/safe/open', [SafeController::class, 'open']);
Route::post('/safe/stop', [SafeController::class, 'stop']);
Route::get('/safe/copies/{name}', [SafeController::class, 'copy']);
Route::post('/safe/copies/{name}', [SafeController::class, 'openCopy']);
Route::get('/tablet', [TabletController::class, 'show'])->name('tablet');
Route::post('/tablet/code', [TabletController::class, 'code']);
Route::post('/tablet/close', [TabletController::class, 'close']);
Route::get('/in/{code}', [TabletController::class, 'enter']);
Route::get('/now', [TabletController::class, 'now'])->withoutMiddleware([
    StartSession::class,
    ShareErrorsFromSession::class,
    ValidateCsrfToken::class,
    HandleInertiaRequests::class,
]);
Route::post('/kit-post', [KitPostController::class, 'store']);
Route::get('/packing-list/{token}', [CsvController::class, 'show'])->name('csv.show');
Route::post('/packing-list/{token}/columns', [CsvController::class, 'map']);
Route::post('/packing-list/{token}', [CsvController::class, 'store']);
Route::post('/paper', [AboutController::class, 'paper']);
Route::post('/kits/new', [AboutController::class, 'create']);
Route::post('/undo', [ActController::class, 'undoOnShelf']);
Route::post('/redo', [ActController::class, 'redoOnShelf']);

Route::prefix('/kits/{kit}')->group(function (): void {
    Route::get('/', [UnpackController::class, 'open'])->name('kits.show');
    foreach (Stages::all() as $stage) {
        foreach ($stage->pages() as $page) {
            Route::get($page->path, $page->action)->name($page->routeName());
        }
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
    foreach (Exports::of(RecipeExport::class) as $export) {
        Route::get("recipes/{recipe}/{$export->path()}", [RecipeController::class, 'file'])->defaults('export', $export::class);
    }
    Route::get('/recipes/{recipe}/templates/{letter}-{n}.svg', [RecipeController::class, 'template'])
        ->where(['letter' => '[A-Z]{1,2}', 'n' => '[0-9]{1,3}'])->name('kits.recipes.template');
    foreach (Exports::of(ClassExport::class) as $export) {
        Route::get("class/{class}/{$export->path()}", [ClassController::class, 'file'])->defaults('export', $export::class);
    }
    Route::post('/class', [ClassController::class, 'prepare']);
    Route::post('/class/{class}', [ClassController::class, 'update']);
    Route::delete('/class/{class}', [ClassController::class, 'destroy']);
    Route::post('/class/{class}/pack', [ClassController::class, 'pack']);
    Route::post('/class/{class}/lost', [ClassController::class, 'lose']);
    Route::post('/recipes', [RecipeController::class, 'keep']);
    Route::post('/recipes/read', [RecipeController::class, 'read']);
    Route::post('/recipes/make', [RecipeController::class, 'make']);
    Route::post('/recipes/make/stop', [RecipeController::class, 'stop']);
    Route::post('/recipes/make/keep', [RecipeController::class, 'keepMade']);
    Route::post('/recipes/{recipe}', [RecipeController::class, 'rename']);
    Route::delete('/recipes/{recipe}', [RecipeController::class, 'destroy']);
    Route::post('/recipes/{recipe}/lay', [RecipeController::class, 'lay']);
    Route::post('/tally/record', [RecordController::class, 'read']);
    Route::post('/tally/cards/{card}', [RecordController::class, 'store'])->scopeBindings();
    Route::post('/tally/cards/{card}/photo', [RecordController::class, 'keepPhoto'])->scopeBindings();
    Route::delete('/tally/cards/{card}/photo', [RecordController::class, 'dropPhoto'])->scopeBindings();
    Route::post('/tally/stash-price', [TallyController::class, 'price']);
    Route::get('/tally/materials.md', [MaterialsController::class, 'markdown']);
    Route::get('/tally/materials.txt', [MaterialsController::class, 'text']);
    Route::get('/tally/materials.pdf', [MaterialsController::class, 'pdf']);
    Route::get('/add/read', [AddController::class, 'read']);
    Route::post('/add', [AddController::class, 'store']);
    Route::post('/add/list', [AddController::class, 'storeList']);
    // Asked with every key that is pressed, as are the sketches below.
    Route::post('/add/read-list', [AddController::class, 'readList'])->withoutMiddleware([
        StartSession::class,
        ShareErrorsFromSession::class,
        ValidateCsrfToken::class,
        HandleInertiaRequests::class,
    ]);
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
    Route::post('/check/{component}', [CheckController::class, 'store']);
    Route::delete('/check/{component}', [CheckController::class, 'destroy']);
    Route::post('/about', [AboutController::class, 'update']);
    Route::post('/duplicate', [AboutController::class, 'duplicate']);
    Route::post('/put-away', [AboutController::class, 'putAway']);
    Route::delete('/', [AboutController::class, 'destroy']);
    Route::post('/count', [CountController::class, 'allThere']);
    Route::post('/count/{component}', [CountController::class, 'store']);
    Route::post('/move/{component}', [CountController::class, 'move']);
    Route::post('/looks/{component}/photo', [LooksController::class, 'read']);
    Route::post('/looks/{component}', [LooksController::class, 'store']);
    Route::post('/palettes', [PairController::class, 'store']);
    Route::delete('/palettes/{palette}', [PairController::class, 'destroy']);
    Route::post('/palettes/{palette}/card', [PairController::class, 'draw']);
    Route::post('/share-out', [ShareOutController::class, 'store']);
    Route::post('/share-out/frontier', [ShareOutController::class, 'frontier']);
    Route::post('/share-out/stop', [ShareOutController::class, 'stop']);
    Route::post('/share-out/next', [NextCardController::class, 'store']);
    Route::post('/share-out/next/stop', [NextCardController::class, 'stop']);
    Route::post('/share-out/read', [ShareOutController::class, 'read']);
    Route::post('/share-out/keep', [ShareOutController::class, 'keep']);
    Route::prefix('/share-out/solutions/{solution}')->scopeBindings()->group(function (): void {
        Route::post('/accept', [ShareOutController::class, 'accept']);
        Route::post('/leave', [ShareOutController::class, 'leave']);
        Route::post('/take-up', [ShareOutController::class, 'takeUp']);
        Route::post('/forget', [ShareOutController::class, 'forget']);
        Route::post('/put-back', [GridController::class, 'putBack']);
    });
    Route::prefix('/grid')->group(function (): void {
        Route::get('/why', [GridController::class, 'why']);
        foreach (['more', 'swap', 'pin', 'use', 'move', 'add', 'duplicate', 'leaner', 'aside', 'remove', 'way'] as $act) {
            Route::post("/$act", [GridController::class, $act]);
        }
    });
    Route::prefix('/cards/{card}')->scopeBindings()->group(function (): void {
        Route::post('/waive', [CardController::class, 'waive']);
        Route::post('/sketch', [DesignCardController::class, 'sketch']);
        Route::post('/turn', [DesignCardController::class, 'turn']);
        Route::post('/frame', [DesignCardController::class, 'frame']);
        Route::post('/fold', [DesignCardController::class, 'fold']);
        Route::post('/measure', [DesignCardController::class, 'measure']);
        Route::post('/fill', [DesignCardController::class, 'fill']);
        Route::post('/quantity', [DesignCardController::class, 'quantity']);
        Route::post('/treat', [DesignCardController::class, 'treat']);
        Route::post('/copies', [DesignCardController::class, 'copies']);
        Route::post('/occasion', [DesignCardController::class, 'occasion']);
        Route::post('/keep', [DesignCardController::class, 'keep']);
        Route::post('/notes', [DesignCardController::class, 'notes']);
        Route::post('/arrange', [ArrangeController::class, 'arrange']);
        Route::post('/piece', [ArrangeController::class, 'piece']);
        Route::post('/add-piece', [ArrangeController::class, 'add']);
        Route::post('/swap-piece', [ArrangeController::class, 'swap']);
    });
    Route::post('/arrange/many', [ArrangeController::class, 'many']);
    Route::post('/taste', [TasteController::class, 'store']);
    Route::post('/mute', [TasteController::class, 'mute']);
    Route::post('/sketches/enable', [TasteController::class, 'sketch']);
    // Asked with every key that is pressed: it keeps nothing, and must not race with the session of an act.
    Route::post('/sketches/draw', [SketchController::class, 'draw'])->withoutMiddleware([
        StartSession::class,
        ShareErrorsFromSession::class,
        ValidateCsrfToken::class,
        HandleInertiaRequests::class,
    ]);
    Route::post('/arrangements/draw', [ArrangementController::class, 'draw'])->withoutMiddleware([
        StartSession::class,
        ShareErrorsFromSession::class,
        ValidateCsrfToken::class,
        HandleInertiaRequests::class,
    ]);
    Route::post('/arrangements', [ArrangementController::class, 'store']);
    Route::post('/arrangements/{arrangement}', [ArrangementController::class, 'update']);
    Route::delete('/arrangements/{arrangement}', [ArrangementController::class, 'destroy']);
    Route::post('/sketches', [SketchController::class, 'store']);
    Route::post('/sketches/{sketch}', [SketchController::class, 'update']);
    Route::delete('/sketches/{sketch}', [SketchController::class, 'destroy']);
    Route::post('/cut/better', [CutController::class, 'better']);
    Route::post('/cut/better/stop', [CutController::class, 'stop']);
    Route::get('/cut/pieces/{taking}/spoiled', [CutController::class, 'proposePieceSpoiled']);
    Route::post('/cut/pieces/{taking}/spoiled', [CutController::class, 'pieceSpoiled']);
    Route::post('/cut/labels', [CutController::class, 'printLabels']);
    Route::post('/cut/{sheet}', [CutController::class, 'store']);
    Route::post('/cut/{sheet}/once', [CutController::class, 'once']);
    Route::post('/cut/{sheet}/motor', [CutController::class, 'motor']);
    Route::post('/cut/{sheet}/for/{card}', [CutController::class, 'forCard'])->withoutScopedBindings();
    Route::get('/cut/{sheet}/wrong', [CutController::class, 'proposeWrong']);
    Route::post('/cut/{sheet}/wrong', [CutController::class, 'wrong']);
    Route::post('/make/back', [MakeController::class, 'stepBack']);
    Route::post('/make/pace', [MakeController::class, 'forgetPace']);
    Route::post('/make/{card}', [MakeController::class, 'done']);
    Route::post('/make/{card}/mend', [MakeController::class, 'mend']);
    Route::post('/keep', [KeepController::class, 'store']);
    Route::post('/keep/apart', [KeepController::class, 'apart']);
    Route::post('/keep/stop', [KeepController::class, 'stop']);
    Route::post('/keep/price/{component}', [KeepController::class, 'price']);
    Route::post('/keep/use', [KeepController::class, 'use']);
    Route::post('/keep/gather', [KeepController::class, 'gather']);
    Route::post('/keep/put-away', [KeepController::class, 'putAway']);
    Route::get('/keep/becomes', [KeepController::class, 'becomes']);
    Route::post('/keep/take', [KeepController::class, 'take']);
    Route::post('/keep/turn', [KeepController::class, 'turn']);
    Route::post('/keep/turn/stop', [KeepController::class, 'stopTurning']);
    Route::post('/keep/turn/take', [KeepController::class, 'takeTurned']);
    Route::post('/keep/back/{sheet}', [KeepController::class, 'turnBack']);
    Route::post('/keep/throw', [KeepController::class, 'throwAway']);
    Route::post('/keep/middle/{taking}', [KeepController::class, 'cutMiddle']);
    Route::post('/undo', [ActController::class, 'undo']);
    Route::post('/redo', [ActController::class, 'redo']);
});

// What is at no address is not there, and is said so in the frame of the application.
Route::fallback(static fn () => abort(404));
