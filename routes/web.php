<?php

declare(strict_types=1);

use App\Accounts\Ability;
use App\Http\Controllers\AccountController;
use App\Http\Controllers\AdultsController;
use App\Http\Controllers\AmendmentController;
use App\Http\Controllers\ArrivalRemarksController;
use App\Http\Controllers\ArrivingLabelController;
use App\Http\Controllers\BayController;
use App\Http\Controllers\BookingController;
use App\Http\Controllers\BookingFileController;
use App\Http\Controllers\BusController;
use App\Http\Controllers\BusLayoutController;
use App\Http\Controllers\BusPlanController;
use App\Http\Controllers\BusTripController;
use App\Http\Controllers\BusTripMarkController;
use App\Http\Controllers\CalculatorController;
use App\Http\Controllers\CarChoicesController;
use App\Http\Controllers\CardController;
use App\Http\Controllers\CaseController;
use App\Http\Controllers\ChangeOfPersonController;
use App\Http\Controllers\CheckController;
use App\Http\Controllers\ComparisonController;
use App\Http\Controllers\ConsentController;
use App\Http\Controllers\CorrectionController;
use App\Http\Controllers\DeclineController;
use App\Http\Controllers\DepartureController;
use App\Http\Controllers\EventCasesController;
use App\Http\Controllers\EventController;
use App\Http\Controllers\EventPlanController;
use App\Http\Controllers\FactController;
use App\Http\Controllers\FamilyController;
use App\Http\Controllers\FamilyLanguageController;
use App\Http\Controllers\FindingsController;
use App\Http\Controllers\FollowUpController;
use App\Http\Controllers\FormerAddressController;
use App\Http\Controllers\HandbookController;
use App\Http\Controllers\InsteadController;
use App\Http\Controllers\KitController;
use App\Http\Controllers\LabelController;
use App\Http\Controllers\LanguageController;
use App\Http\Controllers\LooksController;
use App\Http\Controllers\ManualController;
use App\Http\Controllers\ModelDrawingController;
use App\Http\Controllers\NameController;
use App\Http\Controllers\OrganisationController;
use App\Http\Controllers\PaperController;
use App\Http\Controllers\PeopleController;
use App\Http\Controllers\PhotoController;
use App\Http\Controllers\PracticeController;
use App\Http\Controllers\PracticeCopyController;
use App\Http\Controllers\PracticeSetController;
use App\Http\Controllers\PracticeWorkController;
use App\Http\Controllers\QuizController;
use App\Http\Controllers\RecallController;
use App\Http\Controllers\RecallExportController;
use App\Http\Controllers\RecallFeedController;
use App\Http\Controllers\RecallImportController;
use App\Http\Controllers\SearchController;
use App\Http\Controllers\SeatChoicesController;
use App\Http\Controllers\SeatController;
use App\Http\Controllers\SeatFollowUpController;
use App\Http\Controllers\SeatModelController;
use App\Http\Controllers\SeatModelFileController;
use App\Http\Controllers\SessionController;
use App\Http\Controllers\SheetController;
use App\Http\Controllers\StandInController;
use App\Http\Controllers\StepOrderController;
use App\Http\Controllers\TriedController;
use App\Http\Controllers\UndoController;
use App\Http\Controllers\UnitsController;
use App\Http\Controllers\VehicleController;
use App\Http\Controllers\VehiclePlaceController;
use App\Http\Controllers\VestController;
use App\Http\Controllers\VisitController;
use App\Http\Controllers\WalkInController;
use App\Http\Controllers\WelcomeController;
use App\Http\Middleware\AsksForAnAbility;
use App\Http\Middleware\LeavesSessionAlone;
use App\Http\Middleware\NeedsAnOpenEvent;
use Illuminate\Support\Facades\Route;

// What cannot be a number or an id of ours is not there, and never asked of the database.
Route::patterns(
    array_fill_keys(['event', 'visit', 'model', 'list', 'import', 'layout', 'item', 'person', 'copy'], '[0-9]{1,18}')
    + ['place' => '[123][LCR]'] + array_fill_keys(['token', 'family'], '[A-Za-z0-9_-]{20,80}')
    + ['sheet' => '[0-9a-z-]{20,120}']
    + array_fill_keys(
        ['booking', 'file', 'check', 'fact', 'photo', 'attempt', 'set', 'trip'],
        '[0-9a-fA-F]{8}(?:-[0-9a-fA-F]{4}){3}-[0-9a-fA-F]{12}',
    ),
);

Route::post('/language', LanguageController::class)->name('language');
Route::post('/units', UnitsController::class)->name('units');

// Open to whoever has a class's link: the request itself asks whose a drill is.
Route::middleware('throttle:class')->group(static function (): void {
    Route::get('/practice/classes/{set}', [PracticeSetController::class, 'show'])->name('practice.class.show');
    Route::post('/practice/classes/{set}/{item}', [PracticeSetController::class, 'begin'])->middleware('throttle:120,1')
        ->name('practice.class.begin');
    Route::get('/practice/{attempt}', [PracticeController::class, 'show'])->name('practice.show');
    Route::post('/practice/{attempt}/looks', [PracticeWorkController::class, 'look'])->name('practice.look');
    Route::post('/practice/{attempt}/names', [PracticeWorkController::class, 'name'])->name('practice.name');
    Route::post('/practice/{attempt}/mends', [PracticeWorkController::class, 'mend'])->name('practice.mend');
    Route::post('/practice/{attempt}/asides', [PracticeWorkController::class, 'aside'])->name('practice.aside');
    Route::post('/practice/{attempt}/end', [PracticeWorkController::class, 'end'])->name('practice.end');
});

Route::middleware('guest')->group(static function (): void {
    Route::get('/sign-in', [SessionController::class, 'create'])->name('login');
    Route::post('/sign-in', [SessionController::class, 'store'])->name('sessions.store');
    Route::get('/sign-in/second', [SessionController::class, 'second'])->name('sessions.second');
    Route::post('/sign-in/second', [SessionController::class, 'confirm'])->name('sessions.confirm');
});

// By a link that a coordinator gave, or a family got; by a PIN on a device that several share: each asks for itself who may.
Route::middleware('throttle:60,1')->group(static function (): void {
    Route::get('/welcome/{token}', [WelcomeController::class, 'show'])->name('welcome');
    Route::post('/welcome/{token}', [WelcomeController::class, 'store'])->name('welcome.store');
    Route::get('/family/{family}', [FamilyController::class, 'show'])->name('family');
    Route::post('/family/{family}', [FamilyController::class, 'store'])->name('family.store');
    Route::get('/sheet/{sheet}', [SheetController::class, 'taken'])->name('sheet');
    Route::get('/sheet/{sheet}/calendar', [SheetController::class, 'takenCalendar'])->name('sheet.calendar');
    Route::get('/change', [ChangeOfPersonController::class, 'show'])->name('change');
    Route::post('/change', [ChangeOfPersonController::class, 'store'])->name('change.store');
});

// One's own, whatever one may do here.
Route::middleware('auth')->group(static function (): void {
    Route::post('/sign-out', [SessionController::class, 'destroy'])->name('sessions.destroy');
    Route::get('/account', [AccountController::class, 'show'])->name('account');
    Route::get('/account/record', [AccountController::class, 'record'])->name('account.record');
    Route::get('/account/record.csv', [AccountController::class, 'export'])->name('account.export');
    Route::post('/account', [AccountController::class, 'update'])->name('account.update');
    Route::post('/account/second', [AccountController::class, 'begin'])->name('account.second');
    Route::put('/account/second', [AccountController::class, 'confirm'])->name('account.second.confirm');
    Route::delete('/account/second', [AccountController::class, 'end'])->name('account.second.end');
});

// Every address below asks for an ability; what is forgotten here is closed.
Route::middleware(['auth', AsksForAnAbility::class])->group(static function (): void {
    Route::middleware(Ability::Read->asked())->group(static function (): void {
        Route::get('/', [EventController::class, 'show'])->name('event');
        Route::get('/events/live', [EventController::class, 'live'])->middleware(LeavesSessionAlone::class)->name('event.live');
        Route::permanentRedirect('/yard', '/');
        Route::get('/shelf/{rest?}', [FormerAddressController::class, 'seats'])->where('rest', '.*');
        Route::get('/finders/{rest?}', [FormerAddressController::class, 'calculators'])->where('rest', '.*');
        Route::get('/events', [EventPlanController::class, 'index'])->name('events.index');
        Route::post('/events/{event}/choose', [EventPlanController::class, 'choose'])->name('events.choose');
        Route::get('/search', [SearchController::class, 'index'])->name('search');
        Route::get('/kit', [KitController::class, 'show'])->name('kit');
        Route::get('/findings', [FindingsController::class, 'index'])->name('findings');
        Route::get('/findings/checks', [FindingsController::class, 'checks'])->name('findings.checks');
        Route::get('/visits/{visit}/car', [VehicleController::class, 'show'])->name('visits.car');
        Route::get('/visits/{visit}/sheet', [SheetController::class, 'show'])->name('visits.sheet');
        Route::get('/visits/{visit}/sheet.pdf', [SheetController::class, 'pdf'])->middleware('throttle:30,1')->name('visits.pdf');
        Route::get('/visits/{visit}/calendar', [SheetController::class, 'calendar'])->name('visits.calendar');
        Route::get('/seats', [SeatModelController::class, 'index'])->name('seats.index');
        Route::get('/seats/seats.{form}', [SeatModelFileController::class, 'show'])->whereIn('form', ['csv', 'json'])->name('seats.export');
        Route::get('/seats/{model}', [SeatModelController::class, 'show'])->name('seats.show');
        Route::get('/stand-ins/labels', [StandInController::class, 'labels'])->name('stand-ins.labels');
        Route::get('/stand-ins/manual', [StandInController::class, 'manual'])->name('stand-ins.manual');
        Route::get('/recalls', RecallController::class)->name('recalls');
        Route::get('/recalls/{list}/export.{form}', RecallExportController::class)
            ->whereIn('form', ['csv', 'json'])
            ->name('recalls.export');
        Route::get('/handbook', HandbookController::class)->middleware(LeavesSessionAlone::class)->name('handbook');
        Route::get('/bus', [BusController::class, 'index'])->name('bus.index');
        Route::get('/bus/vest', VestController::class)->name('bus.vest');
        Route::get('/bus/trips', [BusTripController::class, 'index'])->name('bus.trips');
        Route::get('/bus/trips/{trip}', [BusTripController::class, 'show'])->name('bus.trips.show');
        Route::get('/checks/{check}/practices', [ComparisonController::class, 'check'])->name('checks.practices');
        Route::get('/checks/{check}/case', CaseController::class)->name('checks.case');
        Route::get('/checks/{check}/log', [FactController::class, 'index'])->name('checks.log');
        Route::get('/photos/{photo}', [PhotoController::class, 'show'])
            ->middleware(LeavesSessionAlone::class)
            ->name('photos.show');
    });

    Route::middleware(Ability::Learn->asked())->group(static function (): void {
        Route::get('/calculators', [CalculatorController::class, 'index'])->name('calculators.index');
        Route::get('/calculators/flight/sheet', [CalculatorController::class, 'sheet'])->name('calculators.sheet');
        Route::get(
            '/calculators/{calculator}',
            [CalculatorController::class, 'show'],
        )->middleware(LeavesSessionAlone::class)->name('calculators.show');
        Route::get('/calculators/{calculator}/practices', [ComparisonController::class, 'calculator'])->name('calculators.practices');
        Route::get('/practices/file', [ComparisonController::class, 'create'])->name('practices.file');
        Route::post('/practices/file', [ComparisonController::class, 'store'])->middleware('throttle:60,1')->name('practices.compare');
        Route::get('/practice', [PracticeController::class, 'index'])->name('practice');
        Route::post('/practice', [PracticeController::class, 'store'])->middleware('throttle:60,1')->name('practice.store');
        Route::get('/practice/quiz/{kind}', QuizController::class)->name('practice.quiz');
        Route::get('/practice/order', StepOrderController::class)->name('practice.order');
    });

    Route::middleware(Ability::Record->asked())->group(static function (): void {
        Route::get('/events/{event}/bookings', [BookingController::class, 'index'])->name('bookings');
        Route::post('/events/{event}/bookings', [BookingController::class, 'store'])->name('bookings.store');
        Route::get('/events/{event}/bookings/list', [BookingController::class, 'list'])->name('bookings.list');
        Route::post('/events/{event}/bookings/remind', [BookingController::class, 'remind'])->name('bookings.remind');
        Route::post('/events/{event}/bookings/file', [BookingFileController::class, 'store'])->name('bookings.file.store');
        Route::get('/events/{event}/bookings/file/{file}', [BookingFileController::class, 'show'])->name('bookings.file');
        Route::put('/events/{event}/bookings/file/{file}', [BookingFileController::class, 'update'])->name('bookings.file.take');
        Route::post('/bookings/{booking}/arrive', [BookingController::class, 'arrive'])->name('bookings.arrive');
        Route::post('/bookings/{booking}/link', [BookingController::class, 'link'])->name('bookings.link');
        Route::post('/bookings/{booking}/cancel', [BookingController::class, 'cancel'])->name('bookings.cancel');
        Route::get('/stand-ins/mail', [StandInController::class, 'mail'])->name('stand-ins.mail');
        Route::get('/arrive', [VisitController::class, 'create'])->middleware(NeedsAnOpenEvent::class)->name('visits.create');
        Route::get('/arrive/before', [SearchController::class, 'before'])->middleware(LeavesSessionAlone::class)
            ->name('visits.before');
        Route::get('/arrive/seats', [SeatChoicesController::class, 'show'])->name('visits.seats');
        Route::get('/arrive/cars', [CarChoicesController::class, 'show'])->name('visits.cars');
        Route::get('/arrive/label', ArrivingLabelController::class)->name('visits.label');
        Route::post('/arrive/remarks', ArrivalRemarksController::class)->middleware(LeavesSessionAlone::class)->name('visits.remarks');
        Route::post('/arrive/seats', [SeatChoicesController::class, 'store'])->name('visits.look');
        Route::post('/visits', [VisitController::class, 'store'])->middleware(NeedsAnOpenEvent::class)->name('visits.store');
        Route::post('/kit', [KitController::class, 'store'])->name('kit.store');
        Route::post('/visits/{visit}/bay', [BayController::class, 'store'])->name('visits.bay');
        Route::post('/visits/{visit}/technician', [BayController::class, 'update'])->name('visits.technician');
        Route::post('/visits/{visit}/car', [VehicleController::class, 'store'])->name('visits.seat');
        Route::put('/visits/{visit}/car', [VehiclePlaceController::class, 'update'])->name('visits.layout');
        Route::post('/visits/{visit}/car/{place}', [VehiclePlaceController::class, 'store'])->name('visits.place');
        Route::post('/visits/{visit}/adults', AdultsController::class)->name('visits.adults');
        Route::get('/visits/{visit}/consent', [ConsentController::class, 'show'])->name('visits.consent');
        Route::post('/visits/{visit}/consent', [ConsentController::class, 'store'])->name('visits.consent.store');
        Route::get('/paper', [PaperController::class, 'show'])->name('paper');
        Route::post('/checks/{check}/paper', [PaperController::class, 'store'])->name('checks.paper');
        Route::post('/visits/{visit}/language', FamilyLanguageController::class)->name('visits.language');
        Route::get('/checks/{check}/label', [LabelController::class, 'show'])->name('checks.label');
        Route::post('/checks/{check}/label', [LabelController::class, 'store'])->name('checks.label.store');
        Route::get('/checks/{check}/seat', [SeatController::class, 'show'])->name('checks.seat');
        Route::post('/checks/{check}/seat', [SeatController::class, 'store'])->name('checks.seat.store');
        Route::get('/checks/{check}/instead', [InsteadController::class, 'show'])->name('checks.instead');
        Route::post('/checks/{check}/instead', [InsteadController::class, 'store']);
        Route::get('/checks/{check}/manual', [ManualController::class, 'show'])->name('checks.manual');
        Route::post('/checks/{check}/manual', [ManualController::class, 'store']);
        Route::post('/calculators/{calculator}/check', [WalkInController::class, 'store'])->middleware(NeedsAnOpenEvent::class)
            ->name('calculators.check');
        Route::get('/bus/plan', BusPlanController::class)->name('bus.plan');
        Route::post('/bus/plan', BusPlanController::class)->middleware('throttle:60,1');
        Route::get('/bus/layouts/new', [BusLayoutController::class, 'create'])->name('bus.layouts.create');
        Route::post('/bus/layouts', [BusLayoutController::class, 'save'])->name('bus.layouts.store');
        Route::get('/bus/layouts/{layout}/edit', [BusLayoutController::class, 'edit'])->name('bus.layouts.edit');
        Route::post('/bus/layouts/{layout}', [BusLayoutController::class, 'save'])->name('bus.layouts.update');
        Route::post('/bus/layouts/{layout}/roster', [BusLayoutController::class, 'keep'])->name('bus.layouts.roster');
        Route::post('/bus/layouts/{layout}/use', [BusLayoutController::class, 'retire'])->name('bus.layouts.use');
        Route::post('/bus/trips', [BusTripController::class, 'store'])->middleware('throttle:60,1')->name('bus.trips.store');
        Route::post('/bus/trips/{trip}/again', [BusTripController::class, 'again'])->name('bus.trips.again');
        Route::post('/bus/trips/{trip}/initials', [BusTripController::class, 'initials'])->name('bus.trips.initials');
        Route::post('/bus/trips/{trip}/marks', BusTripMarkController::class)->name('bus.trips.mark');
        Route::post('/bus/checks', [BusController::class, 'store'])->middleware(NeedsAnOpenEvent::class)->name('bus.checks.store');
        Route::get('/checks/{check}/card/{performer}', [CardController::class, 'show'])->name('checks.card');
        Route::get('/checks/{check}/{phase}/{station}', [CheckController::class, 'show'])->name('checks.show');
        Route::post('/checks/{check}/facts/{station}', [FactController::class, 'store'])->name('facts.store');
        Route::post('/checks/{check}/looks/{station}', [LooksController::class, 'store'])->name('looks.store');
        Route::post('/checks/{check}/undo/{station}', [UndoController::class, 'store'])->name('undo.store');
        Route::post('/checks/{check}/photos/{station}', [PhotoController::class, 'store'])->name('photos.store');
        Route::delete('/photos/{photo}', [PhotoController::class, 'destroy'])->name('photos.destroy');
        Route::post('/checks/{check}/tries/{station}', [TriedController::class, 'store'])->name('tries.store');
        Route::post('/checks/{check}/names/{station}', [NameController::class, 'store'])->name('names.store');
        Route::post('/checks/{check}/declines/{station}', [DeclineController::class, 'store'])->name('declines.store');
        Route::post('/checks/{check}/card/{performer}', [CardController::class, 'store'])->name('card.store');
    });

    Route::middleware(Ability::Sign->asked())->group(static function (): void {
        Route::get('/visits/{visit}/departure', [DepartureController::class, 'show'])->name('visits.departure');
        Route::post('/visits/{visit}/departure', [DepartureController::class, 'store'])->middleware('throttle:20,1');
        Route::get('/checks/{check}/amend', [AmendmentController::class, 'show'])->name('checks.amend');
        Route::post('/checks/{check}/amend', [AmendmentController::class, 'store']);
        Route::get('/follow-ups', [SeatFollowUpController::class, 'index'])->name('follow-ups');
        Route::post('/follow-ups/{check}/{about}', [SeatFollowUpController::class, 'update'])->whereIn('about', ['outgrown', 'expires'])
            ->name('follow-ups.told');
        Route::post('/recalls/{list}/follow-ups/{check}', [FollowUpController::class, 'update'])->name('recalls.told');
        Route::post('/bus/trips/{trip}/signature', [BusTripController::class, 'sign'])->name('bus.trips.sign');
    });

    Route::middleware(Ability::Publish->asked())->group(static function (): void {
        Route::get('/seats/new', [SeatModelController::class, 'create'])->name('seats.create');
        Route::post('/seats', [SeatModelController::class, 'store'])->name('seats.store');
        Route::post('/seats/drawing', ModelDrawingController::class)->middleware(LeavesSessionAlone::class)->name('seats.drawing');
        Route::post('/seats/file', [SeatModelFileController::class, 'store'])->name('seats.import');
        Route::get('/seats/{model}/edit', [SeatModelController::class, 'edit'])->name('seats.edit');
        Route::post('/seats/{model}/corrections/{fact}', [CorrectionController::class, 'store'])->name('seats.correct');
        Route::post('/recalls/imports', [RecallImportController::class, 'store'])->name('recalls.imports.store');
        Route::get(
            '/recalls/imports/{import}',
            [RecallImportController::class, 'show'],
        )->middleware(LeavesSessionAlone::class)->name('recalls.imports.show');
        Route::put('/recalls/imports/{import}', [RecallImportController::class, 'update'])->name('recalls.imports.update');
        Route::delete('/recalls/imports/{import}', [RecallImportController::class, 'destroy'])->name('recalls.imports.destroy');
        Route::post('/recalls/feed', [RecallFeedController::class, 'store'])->name('recalls.feed');
    });

    Route::middleware(Ability::Teach->asked())->group(static function (): void {
        Route::get('/practice/classes/new', [PracticeSetController::class, 'create'])->name('practice.class.create');
        Route::post('/practice/classes', [PracticeSetController::class, 'store'])->name('practice.class.store');
        Route::get('/practice/classes/{set}/sheet', [PracticeSetController::class, 'sheet'])->name('practice.class.sheet');
        Route::post('/practice/classes/{set}/together', [PracticeSetController::class, 'together'])->name('practice.class.together');
    });

    Route::middleware(Ability::Manage->asked())->group(static function (): void {
        Route::get('/events/new', [EventPlanController::class, 'create'])->name('events.create');
        Route::post('/events', [EventPlanController::class, 'store'])->name('events.store');
        Route::get('/events/capacity', [EventPlanController::class, 'capacity'])->middleware(LeavesSessionAlone::class)
            ->name('events.capacity');
        Route::get('/events/{event}/edit', [EventPlanController::class, 'edit'])->name('events.edit');
        Route::put('/events/{event}', [EventPlanController::class, 'update'])->name('events.update');
        Route::get('/events/{event}/cases.jsonl', EventCasesController::class)->name('events.cases');
        Route::post('/events/{event}/open', [EventPlanController::class, 'open'])->name('events.open');
        Route::post('/events/{event}/close', [EventPlanController::class, 'close'])->name('events.close');
        Route::get('/practices', [PracticeCopyController::class, 'index'])->name('practices.index');
        Route::get('/practices/new', [PracticeCopyController::class, 'create'])->name('practices.create');
        Route::post('/practices', [PracticeCopyController::class, 'store'])->name('practices.store');
        Route::get('/practices/{copy}/edit', [PracticeCopyController::class, 'edit'])->name('practices.edit');
        Route::put('/practices/{copy}', [PracticeCopyController::class, 'update'])->name('practices.update');
        Route::put('/kit', [KitController::class, 'update'])->name('kit.minima');
        Route::get('/findings/findings.csv', [FindingsController::class, 'file'])->name('findings.file');
        Route::post('/findings/hand-on', [FindingsController::class, 'handOn'])->name('findings.hand-on');
        Route::get('/people', [PeopleController::class, 'index'])->name('people');
        Route::post('/people', [PeopleController::class, 'store'])->name('people.store');
        Route::put('/people/{person}', [PeopleController::class, 'update'])->name('people.update');
        Route::put('/organisation', [OrganisationController::class, 'update'])->name('organisation.update');
        Route::post('/people/{person}/link', [PeopleController::class, 'link'])->name('people.link');
        Route::post('/checks/{check}/drill', [PracticeSetController::class, 'ofCheck'])->name('practice.class.check');
    });
});

// What is not there is said in the reader's language too.
Route::fallback(static fn() => abort(404));
