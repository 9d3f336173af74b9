<?php

declare(strict_types=1);

use App\Http\Controllers\BayController;
use App\Http\Controllers\CarController;
use App\Http\Controllers\CardController;
use App\Http\Controllers\CarPlaceController;
use App\Http\Controllers\CaseController;
use App\Http\Controllers\CheckController;
use App\Http\Controllers\CorrectionController;
use App\Http\Controllers\DeclineController;
use App\Http\Controllers\DepartureController;
use App\Http\Controllers\FactController;
use App\Http\Controllers\FinderController;
use App\Http\Controllers\FollowUpController;
use App\Http\Controllers\HandbookController;
use App\Http\Controllers\LabelController;
use App\Http\Controllers\ModelDrawingController;
use App\Http\Controllers\NameController;
use App\Http\Controllers\RecallController;
use App\Http\Controllers\RecallExportController;
use App\Http\Controllers\RecallFeedController;
use App\Http\Controllers\RecallImportController;
use App\Http\Controllers\SeatController;
use App\Http\Controllers\SessionController;
use App\Http\Controllers\SheetController;
use App\Http\Controllers\ShelfController;
use App\Http\Controllers\ShelfFileController;
use App\Http\Controllers\StandInController;
use App\Http\Controllers\UndoController;
use App\Http\Controllers\UnitsController;
use App\Http\Controllers\VisitController;
use App\Http\Controllers\WalkInController;
use App\Http\Controllers\YardController;
use App\Http\Middleware\LeavesSessionAlone;
use App\Models\Day;
use Illuminate\Contracts\View\View;
use Illuminate\Support\Facades\Route;

Route::middleware('guest')->group(static function (): void {
    Route::get('/sign-in', [SessionController::class, 'create'])->name('login');
    Route::post('/sign-in', [SessionController::class, 'store'])->middleware('throttle:20,1')->name('sessions.store');
});

Route::middleware('auth')->group(static function (): void {
    Route::post('/sign-out', [SessionController::class, 'destroy'])->name('sessions.destroy');
    Route::post('/units', UnitsController::class)->name('units');

    Route::get('/', YardController::class)->name('yard');
    Route::get('/arrive', [VisitController::class, 'create'])->name('visits.create');
    Route::post('/visits', [VisitController::class, 'store'])->name('visits.store');
    Route::post('/visits/{visit}/bay', [BayController::class, 'store'])->name('visits.bay');
    Route::get('/visits/{visit}/car', [CarController::class, 'show'])->name('visits.car');
    Route::post('/visits/{visit}/car', [CarController::class, 'store'])->name('visits.seat');
    Route::put('/visits/{visit}/car', [CarPlaceController::class, 'update'])->name('visits.layout');
    Route::post('/visits/{visit}/car/{place}', [CarPlaceController::class, 'store'])->name('visits.place');
    Route::get('/visits/{visit}/sheet', SheetController::class)->name('visits.sheet');
    Route::get('/visits/{visit}/departure', [DepartureController::class, 'show'])->name('visits.departure');
    Route::post('/visits/{visit}/departure', [DepartureController::class, 'store'])->middleware('throttle:20,1');

    Route::get('/shelf', [ShelfController::class, 'index'])->name('shelf');
    Route::get('/shelf/new', [ShelfController::class, 'create'])->name('shelf.create');
    Route::post('/shelf', [ShelfController::class, 'store'])->name('shelf.store');
    Route::post('/shelf/drawing', ModelDrawingController::class)->middleware(LeavesSessionAlone::class)->name('shelf.drawing');
    Route::post('/shelf/file', [ShelfFileController::class, 'store'])->name('shelf.import');
    Route::get('/shelf/shelf.{form}', [ShelfFileController::class, 'show'])->whereIn('form', ['csv', 'json'])->name('shelf.export');
    Route::get('/shelf/{model}', [ShelfController::class, 'show'])->name('shelf.show');
    Route::get('/shelf/{model}/edit', [ShelfController::class, 'edit'])->name('shelf.edit');
    Route::post('/shelf/{model}/corrections/{fact}', [CorrectionController::class, 'store'])->name('shelf.correct');
    Route::get('/checks/{check}/label', [LabelController::class, 'show'])->name('checks.label');
    Route::post('/checks/{check}/label', [LabelController::class, 'store'])->name('checks.label.store');
    Route::get('/stand-ins/labels', [StandInController::class, 'labels'])->name('stand-ins.labels');
    Route::get('/stand-ins/manual', [StandInController::class, 'manual'])->name('stand-ins.manual');
    Route::get('/checks/{check}/seat', [SeatController::class, 'show'])->name('checks.seat');
    Route::post('/checks/{check}/seat', [SeatController::class, 'store'])->name('checks.seat.store');

    Route::get('/recalls', RecallController::class)->name('recalls');
    Route::post('/recalls/imports', [RecallImportController::class, 'store'])->name('recalls.imports.store');
    Route::get('/recalls/imports/{import}', [RecallImportController::class, 'show'])->middleware(LeavesSessionAlone::class)->name('recalls.imports.show');
    Route::put('/recalls/imports/{import}', [RecallImportController::class, 'update'])->name('recalls.imports.update');
    Route::delete('/recalls/imports/{import}', [RecallImportController::class, 'destroy'])->name('recalls.imports.destroy');
    Route::post('/recalls/feed', [RecallFeedController::class, 'store'])->name('recalls.feed');
    Route::get('/recalls/{list}/export.{form}', RecallExportController::class)->whereIn('form', ['csv', 'json'])->name('recalls.export');
    Route::post('/recalls/{list}/follow-ups/{check}', [FollowUpController::class, 'update'])->name('recalls.told');

    Route::get('/handbook', HandbookController::class)->middleware(LeavesSessionAlone::class)->name('handbook');
    Route::get('/finders', [FinderController::class, 'index'])->name('finders.index');
    Route::get('/finders/{finder}', [FinderController::class, 'show'])->middleware(LeavesSessionAlone::class)->name('finders.show');
    Route::post('/finders/{finder}/check', [WalkInController::class, 'store'])->name('finders.check');

    // What bin/bench answer compares with: one query, one line of Blade.
    Route::get('/bare', static fn(): View => view('pages.bare', ['day' => Day::current()]));

    Route::get('/checks/{check}/case', CaseController::class)->name('checks.case');
    Route::get('/checks/{check}/log', [FactController::class, 'index'])->name('checks.log');
    Route::get('/checks/{check}/card/{hands}', [CardController::class, 'show'])->name('checks.card');
    Route::get('/checks/{check}/{track}/{station}', [CheckController::class, 'show'])->name('checks.show');
    Route::post('/checks/{check}/facts/{station}', [FactController::class, 'store'])->name('facts.store');
    Route::post('/checks/{check}/undo/{station}', [UndoController::class, 'store'])->name('undo.store');
    Route::post('/checks/{check}/names/{station}', [NameController::class, 'store'])->name('names.store');
    Route::post('/checks/{check}/declines/{station}', [DeclineController::class, 'store'])->name('declines.store');
    Route::post('/checks/{check}/card/{hands}', [CardController::class, 'store'])->name('card.store');
});
