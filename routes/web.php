<?php

use App\Http\Controllers\Account\AccountController;
use App\Http\Controllers\Account\AccountsController;
use App\Http\Controllers\Account\FactorSignInController;
use App\Http\Controllers\Account\ForgottenPasswordController;
use App\Http\Controllers\Account\InvitationController;
use App\Http\Controllers\Account\JoinController;
use App\Http\Controllers\Account\LogController;
use App\Http\Controllers\Account\OutboxController;
use App\Http\Controllers\Account\SecondFactorController;
use App\Http\Controllers\Account\TabletsController;
use App\Http\Controllers\Account\TokenController;
use App\Http\Controllers\AnswerController;
use App\Http\Controllers\AttackController;
use App\Http\Controllers\AttackProofController;
use App\Http\Controllers\Beginning\BeginningController;
use App\Http\Controllers\Beginning\ContactStepController;
use App\Http\Controllers\Beginning\CurriculumStepController;
use App\Http\Controllers\Beginning\DoctrineStepController;
use App\Http\Controllers\Beginning\RanksStepController;
use App\Http\Controllers\BoardController;
use App\Http\Controllers\CalendarController;
use App\Http\Controllers\ChildrenController;
use App\Http\Controllers\ClassController;
use App\Http\Controllers\CrossController;
use App\Http\Controllers\DrillListController;
use App\Http\Controllers\DrillListItemController;
use App\Http\Controllers\EvidenceController;
use App\Http\Controllers\ExportController;
use App\Http\Controllers\FacetsController;
use App\Http\Controllers\FewestController;
use App\Http\Controllers\FirstStepsController;
use App\Http\Controllers\FloorController;
use App\Http\Controllers\FootageController;
use App\Http\Controllers\FootageFileController;
use App\Http\Controllers\HoleController;
use App\Http\Controllers\HomeController;
use App\Http\Controllers\HomeSheetController;
use App\Http\Controllers\ImportController;
use App\Http\Controllers\JobController;
use App\Http\Controllers\KindController;
use App\Http\Controllers\LadderSvgController;
use App\Http\Controllers\LoadController;
use App\Http\Controllers\MatController;
use App\Http\Controllers\MoveController;
use App\Http\Controllers\NextStepsController;
use App\Http\Controllers\PeopleFileController;
use App\Http\Controllers\PersonalDataController;
use App\Http\Controllers\PlacementController;
use App\Http\Controllers\RankController;
use App\Http\Controllers\RepController;
use App\Http\Controllers\RepSheetController;
use App\Http\Controllers\RoseController;
use App\Http\Controllers\RungController;
use App\Http\Controllers\SchoolController;
use App\Http\Controllers\SessionController;
use App\Http\Controllers\SettingsController;
use App\Http\Controllers\SheetController;
use App\Http\Controllers\SoloController;
use App\Http\Controllers\SoloMarkController;
use App\Http\Controllers\StarterController;
use App\Http\Controllers\StudentController;
use App\Http\Controllers\TabletController;
use App\Http\Controllers\TestCandidateController;
use App\Http\Controllers\TestController;
use App\Http\Controllers\TrustController;
use App\Http\Controllers\VersionController;
use App\Http\Controllers\WaiverController;
use App\Http\Controllers\WallController;
use App\Http\Controllers\Watch\HealthController;
use App\Http\Controllers\Watch\MetricsController;
use App\Http\Controllers\Watch\UpController;
use App\Http\Controllers\WhenSvgController;
use App\Http\Controllers\WorkbenchController;
use App\Http\Controllers\ZipController;
use App\Http\Middleware\AskForSecondFactor;
use App\Http\Middleware\EndClosedAccounts;
use App\Http\Middleware\GiveMatKey;
use App\Http\Middleware\KeepTabletsToTheMat;
use App\Http\Middleware\RaiseLimitsForImports;
use App\Http\Middleware\RedirectUnreadable;
use App\Models\Answer;
use App\Models\Attack;
use App\Models\DrillList;
use App\Models\Kind;
use App\Models\LogEntry;
use App\Models\OutboxMail;
use App\Models\Rank;
use App\Models\Rep;
use App\Models\Rung;
use App\Models\School;
use App\Models\Solo;
use App\Models\Student;
use App\Models\Tablet;
use App\Models\Test;
use App\Models\TrainingClass;
use App\Models\User;
use App\Persistence\Spreadsheet;
use App\View\Evidence\EvidenceTable;
use Illuminate\Auth\Middleware\Authorize;
use Illuminate\Support\Facades\Route;
use StoneDrill\Core\Attack\Side;

foreach (['attack', 'answer', 'list', 'student', 'rank', 'rung', 'account', 'invitation', 'mail', 'kind', 'access', 'tablet', 'class', 'item', 'test', 'testItem', 'solo', 'mark', 'footage'] as $row) {
    Route::pattern($row, '[1-9][0-9]{0,17}');
}
Route::pattern('rep', '[0-9a-f]{8}(?:-[0-9a-f]{4}){3}-[0-9a-f]{12}');
Route::pattern('version', '[1-9][0-9]{0,8}');
Route::pattern('basic', '[a-z-]{1,40}');
Route::pattern('waiver', '[a-z-]{1,40}');
Route::pattern('token', '[A-Za-z0-9]{40,64}');
Route::pattern('code', '[A-Za-z0-9]{12}');

// Asked by machines: without session, and before anybody signs in.
Route::withoutMiddleware('web')->group(function (): void {
    Route::get('up', UpController::class)->name('up');
    Route::middleware('watch')->group(function (): void {
        Route::get('health', HealthController::class)->name('health');
        Route::get('metrics', MetricsController::class)->name('metrics');
    });
});

// How a tablet comes to trust a network that is its own authority: read before anybody can sign in.
Route::get('trust', TrustController::class)->name('trust');

// Each way in counts for itself: without a name of its own a limit of Laravel counts all requests of an address.
Route::middleware('guest')->controller(SessionController::class)->group(function (): void {
    Route::get('sign-in', 'create')->name('sign-in');
    // A whole hall behind one address signs in at once; one account takes five wrong tries.
    Route::post('sign-in', 'store')->middleware('throttle:120,1,sign-in:');
});
Route::middleware('guest')->controller(FactorSignInController::class)->group(function (): void {
    Route::get('sign-in/code', 'create')->name('sign-in.code');
    Route::post('sign-in/code', 'store')->middleware('throttle:120,1,factor:');
});

Route::middleware('guest')->group(function (): void {
    // Looking for a code costs a try too: sixty bits are not guessed at this pace.
    Route::middleware('throttle:30,1,join:')->controller(JoinController::class)->group(function (): void {
        Route::get('join', 'create')->name('join.create');
        Route::post('join', 'find');
        Route::get('join/{code}', 'show')->name('join.show');
        Route::post('join/{code}', 'store');
    });
    Route::controller(TabletController::class)->group(function (): void {
        Route::get('tablet', 'show')->name('tablet');
        Route::post('tablet', 'pair')->middleware('throttle:30,1,pair:');
        Route::delete('tablet', 'leave');
        Route::post('tablet/unlock', 'unlock')->name('tablet.unlock')->middleware('throttle:60,1,unlock:');
    });
    Route::middleware('throttle:20,1,forgotten:')->controller(ForgottenPasswordController::class)->group(function (): void {
        Route::get('password/forgotten', 'create')->name('password.request');
        Route::post('password/forgotten', 'store');
        Route::get('password/reset/{token}', 'edit')->name('password.edit');
        Route::put('password/reset', 'update')->name('password.update');
    });
});

// Asked by calendar programs, without a session.
Route::get('calendar/{token}.ics', [CalendarController::class, 'feed'])->name('calendar')->withoutMiddleware('web')->middleware('throttle:60,1,calendar:');

Route::middleware('guest')->controller(BeginningController::class)->group(function (): void {
    Route::get('begin', 'create')->name('beginning.create');
    Route::post('begin', 'store')->middleware('throttle:20,60,begin:');
    Route::get('begin/mailed', 'mailed')->name('beginning.mailed');
    Route::get('begin/confirm', 'confirm')->name('beginning.confirm')->middleware('throttle:60,1,confirm:');
    Route::post('begin/confirm', 'begin')->middleware('throttle:60,1,confirm:');
});

Route::middleware(['auth', EndClosedAccounts::class, KeepTabletsToTheMat::class, AskForSecondFactor::class, RedirectUnreadable::class])->group(function (): void {
    Route::get('/', HomeController::class)->name('home');
    Route::get('children', ChildrenController::class)->name('children')->can('viewOwn', Student::class);
    Route::prefix('account')->controller(AccountController::class)->middleware(Authorize::using('manageOwn', User::class))->group(function (): void {
        Route::get('', 'show')->name('account');
        Route::put('password', 'password')->name('account.password')->middleware('throttle:20,1,password:');
        Route::put('email', 'email')->name('account.email')->middleware('throttle:20,1,email:');
        Route::put('pin', 'pin')->name('account.pin')->middleware([Authorize::using('setPin', User::class), 'throttle:20,1,own-pin:']);
        Route::post('calendar', [CalendarController::class, 'store'])->name('account.calendar');
        Route::delete('calendar', [CalendarController::class, 'destroy']);
        Route::get('email/confirm', 'confirmEmail')->name('account.email.confirm');
        Route::delete('sessions', 'endSession')->name('account.sessions');
    });
    Route::prefix('account/factor')->name('factor.')->controller(SecondFactorController::class)->middleware([Authorize::using('manageOwn', User::class), 'throttle:30,1,own-factor:'])->group(function (): void {
        Route::get('', 'show')->name('show');
        Route::post('', 'store')->name('store');
        Route::put('', 'update')->name('update');
        Route::delete('', 'destroy')->name('destroy');
        Route::post('recovery-codes', 'renew')->name('renew');
    });
    Route::post('sign-out', [SessionController::class, 'destroy'])->name('sign-out');

    Route::prefix('begin')->name('beginning.')->middleware(Authorize::using('begin', School::class))->group(function (): void {
        foreach ([
            'school' => BeginningController::class,
            'doctrine' => DoctrineStepController::class,
            'ranks' => RanksStepController::class,
            'contact' => ContactStepController::class,
            'curriculum' => CurriculumStepController::class,
        ] as $step => $controller) {
            Route::get($step, [$controller, 'show'])->name($step);
            Route::put($step, [$controller, 'update']);
        }
    });

    Route::middleware(Authorize::using('viewAny', Attack::class))->group(function (): void {
        Route::get('wall', [WallController::class, 'show'])->name('wall')->middleware(['replica', 'kept']);
        Route::get('wall.svg', [WallController::class, 'svg'])->name('wall.svg')->middleware('replica');
        Route::get('wall.csv', [WallController::class, 'csv'])->name('wall.csv')->middleware('replica');
        Route::get('wall/ranks', [LoadController::class, 'index'])->name('load')->middleware(['replica', 'kept:teaching']);
        Route::get('wall/basics/{basic}', [LoadController::class, 'basic'])->name('basic');
        Route::get('wall/rose', [RoseController::class, 'show'])->name('rose')->middleware('replica');
        Route::get('wall/rose.svg', [RoseController::class, 'svg'])->name('rose.svg')->middleware('replica');
        Route::get('wall/cross', CrossController::class)->name('cross')->middleware('replica');
        Route::get('wall/holes', HoleController::class)->name('holes');
        Route::get('wall/fewest', FewestController::class)->name('fewest')->middleware('replica');
    });

    Route::get('attacks/facets', FacetsController::class)->name('attacks.facets')->can('create', Attack::class);
    Route::resource('attacks', AttackController::class)
        ->middlewareFor('index', [Authorize::using('viewAny', Attack::class), 'kept:teaching'])
        ->middlewareFor(['create', 'store'], Authorize::using('create', Attack::class))
        ->middlewareFor('show', [Authorize::using('view', 'attack'), 'kept:teaching'])
        ->middlewareFor(['edit', 'update'], Authorize::using('update', 'attack'))
        ->middlewareFor('destroy', Authorize::using('delete', 'attack'));
    Route::post('attacks/{attack}/workbench', WorkbenchController::class)->name('attacks.workbench')->can('create', Answer::class);
    Route::get('attacks/{attack}/proof', AttackProofController::class)->name('attacks.proof')->can('view', 'attack');
    Route::get('attacks/{attack}/evidence', [EvidenceController::class, 'attack'])->name('attacks.evidence')->can('view', 'attack');
    Route::get('attacks/{attack}/when.svg', WhenSvgController::class)->name('attacks.when')->can('view', 'attack');
    Route::get('attacks/{attack}/first-steps', FirstStepsController::class)->name('attacks.first-steps')->can('view', 'attack');

    Route::get('evidence', [EvidenceController::class, 'index'])->name('evidence')->middleware('replica')->can('viewAny', Answer::class)->middleware('kept:evidence');
    Route::get('evidence.csv', [EvidenceController::class, 'table'])->name('evidence.csv')->middleware('replica')->can('viewAny', Answer::class);
    Route::get('evidence/{table}.csv', [EvidenceController::class, 'table'])->name('evidence.table')->middleware('replica')->whereIn('table', EvidenceTable::TABLES)->can('viewAny', Answer::class);

    Route::get('answers', [AnswerController::class, 'index'])->name('answers.index')->can('viewAny', Answer::class)->middleware('kept:teaching');
    Route::resource('attacks.answers', AnswerController::class)->shallow()->except('index')
        ->middlewareFor(['create', 'store'], [Authorize::using('create', Answer::class), Authorize::using('view', 'attack')])
        ->middlewareFor('show', [Authorize::using('view', 'answer'), 'kept:teaching'])
        ->middlewareFor(['edit', 'update'], Authorize::using('update', 'answer'))
        ->middlewareFor('destroy', Authorize::using('delete', 'answer'));
    Route::middleware(Authorize::using('view', 'answer'))->group(function (): void {
        Route::get('answers/{answer}/beside', [FloorController::class, 'beside'])->name('answers.beside');
        Route::get('answers/{answer}/field', [FloorController::class, 'field'])->name('answers.field');
        Route::get('answers/{answer}/field.svg', [FloorController::class, 'fieldSvg'])->name('answers.field.svg');
        Route::get('answers/{answer}/tape.pdf', [FloorController::class, 'tape'])->name('answers.tape');
        Route::get('answers/{answer}/bodies', [FloorController::class, 'bodies'])->name('answers.bodies');
        Route::get('answers/{answer}/evidence', [EvidenceController::class, 'answer'])->name('answers.evidence');
        Route::get('answers/{answer}/floor', FloorController::class)->name('answers.floor');
        Route::get('answers/{answer}/floor.svg', [SheetController::class, 'svg'])->name('answers.svg');
        Route::get('answers/{answer}/sheet', [SheetController::class, 'show'])->name('answers.sheet');
        Route::get('answers/{answer}/sheet.pdf', [SheetController::class, 'pdf'])->name('answers.pdf');
    });
    Route::middleware(Authorize::using('update', 'answer'))->group(function (): void {
        Route::singleton('answers.placement', PlacementController::class)->only('show', 'update');
        Route::resource('answers.moves', MoveController::class)->only('create', 'store');
        Route::resource('answers.waivers', WaiverController::class)->only('store', 'destroy');
        Route::post('answers/{answer}/versions/{version}', VersionController::class)->name('versions.restore');
    });

    foreach (['attacks' => 'attack', 'answers' => 'answer', 'basics' => 'solo'] as $place => $of) {
        Route::controller(FootageController::class)->prefix("{$place}/{{$of}}/footage")->name("{$place}.footage.")->group(static function () use ($of): void {
            Route::get('', 'index')->name('index')->can('view', $of);
            Route::get('create', 'create')->name('create')->can('update', $of);
            Route::post('', 'store')->name('store')->can('update', $of);
        });
    }
    Route::resource('footage', FootageController::class)->only('show', 'update', 'destroy')
        ->middlewareFor('show', Authorize::using('view', 'footage'))
        ->middlewareFor('update', Authorize::using('update', 'footage'))
        ->middlewareFor('destroy', Authorize::using('delete', 'footage'));
    Route::get('footage/{footage}/file', [FootageFileController::class, 'show'])->name('footage.file')->can('play', 'footage');
    Route::get('footage/{footage}/thumbnail', [FootageFileController::class, 'thumbnail'])->name('footage.thumbnail')->can('play', 'footage');

    Route::resource('drill-lists', DrillListController::class)->only('index', 'create', 'store', 'show', 'destroy')->parameters(['drill-lists' => 'list'])
        ->middlewareFor('index', Authorize::using('viewAny', DrillList::class))
        ->middlewareFor(['create', 'store'], Authorize::using('create', DrillList::class))
        ->middlewareFor('show', Authorize::using('view', 'list'))
        ->middlewareFor('destroy', Authorize::using('delete', 'list'));

    Route::controller(DrillListItemController::class)->name('drill-lists.')->group(function (): void {
        Route::post('drill-lists/items', 'store')->name('items.store')->can('create', DrillList::class);
        Route::scopeBindings()->middleware(Authorize::using('update', 'list'))->group(function (): void {
            Route::put('drill-lists/{list}', 'rename')->name('rename');
            Route::post('drill-lists/{list}/copy', 'copy')->name('copy');
            Route::put('drill-lists/{list}/items/{item}', 'update')->name('items.update');
            Route::delete('drill-lists/{list}/items/{item}', 'destroy')->name('items.destroy');
        });
    });

    Route::resource('classes', ClassController::class)->parameters(['classes' => 'class'])
        ->middlewareFor('index', Authorize::using('viewAny', TrainingClass::class))
        ->middlewareFor(['create', 'store'], Authorize::using('create', TrainingClass::class))
        ->middlewareFor('show', [Authorize::using('view', 'class'), 'kept'])
        ->middlewareFor(['edit', 'update'], Authorize::using('update', 'class'))
        ->middlewareFor('destroy', Authorize::using('delete', 'class'));
    Route::get('classes/{class}/done', [ClassController::class, 'done'])->name('classes.done')->can('view', 'class');
    Route::get('classes/{class}/sheet', [ClassController::class, 'sheet'])->name('classes.sheet')->can('view', 'class');
    Route::put('classes/{class}/taught', [ClassController::class, 'taught'])->name('classes.taught')->can('update', 'class');
    Route::post('classes/{class}/restore', [ClassController::class, 'restore'])->name('classes.restore')->can('update', 'class');
    Route::put('classes/{class}/blocks', [ClassController::class, 'blocks'])->name('classes.blocks')->can('update', 'class');
    Route::put('classes/{class}/attendance', [ClassController::class, 'attendance'])->name('classes.attendance')->can('attend', 'class');

    Route::resource('tests', TestController::class)
        ->middlewareFor('index', Authorize::using('viewAny', Test::class))
        ->middlewareFor(['create', 'store'], Authorize::using('create', Test::class))
        ->middlewareFor('show', Authorize::using('view', 'test'))
        ->middlewareFor(['edit', 'update'], Authorize::using('update', 'test'))
        ->middlewareFor('destroy', Authorize::using('delete', 'test'));
    Route::get('tests/{test}/season', [TestController::class, 'season'])->name('tests.season')->can('view', 'test');
    Route::get('tests/{test}/sheet.pdf', [TestController::class, 'sheet'])->name('tests.sheet')->can('view', 'test');
    Route::prefix('tests/{test}/{student}')->name('tests.')->controller(TestCandidateController::class)->group(function (): void {
        Route::get('', 'show')->name('candidate')->can('view', 'test');
        Route::get('certificate.pdf', [TestController::class, 'certificate'])->name('certificate')->can('view', 'test');
        Route::put('marks', 'mark')->name('mark')->can('mark', 'test');
        Route::put('items/{testItem}', 'settle')->name('settle')->can('decide', 'test');
        Route::post('decision', 'decide')->name('decide')->can('decide', 'test');
        Route::delete('decision', 'reopen')->name('reopen')->can('decide', 'test');
    });

    Route::get('basics.pdf', [SoloController::class, 'pdf'])->name('basics.pdf')->can('viewAny', Solo::class);
    Route::resource('basics', SoloController::class)->parameters(['basics' => 'solo'])
        ->middlewareFor('index', Authorize::using('viewAny', Solo::class))
        ->middlewareFor(['create', 'store'], Authorize::using('create', Solo::class))
        ->middlewareFor('show', Authorize::using('view', 'solo'))
        ->middlewareFor(['edit', 'update'], Authorize::using('update', 'solo'))
        ->middlewareFor('destroy', Authorize::using('delete', 'solo'));
    Route::prefix('basics/{solo}')->name('basics.')->controller(SoloMarkController::class)->middleware(Authorize::using('mark', 'solo'))->group(function (): void {
        Route::post('marks', 'many')->name('marks');
        Route::get('students/{student}', 'show')->name('student')->can('view', 'student');
        Route::post('students/{student}', 'store')->name('mark')->can('view', 'student');
        Route::delete('students/{student}/{mark}', 'destroy')->name('unmark')->can('view', 'student');
    });

    Route::get('board', [BoardController::class, 'show'])->name('board')->middleware('replica')->can('viewAny', Student::class)->middleware('kept');
    Route::get('board.svg', [BoardController::class, 'svg'])->name('board.svg')->middleware('replica')->can('viewAny', Student::class);
    Route::get('board/progress', [BoardController::class, 'progress'])->name('board.progress')->can('viewAny', Student::class);
    Route::get('board/mistakes', [BoardController::class, 'mistakes'])->name('board.mistakes')->middleware('replica')->can('viewAny', Student::class);

    Route::middleware(Authorize::using('create', Rep::class))->group(function (): void {
        Route::get('people/reps', [RepSheetController::class, 'show'])->name('reps.file');
        Route::get('people/reps.{sheet}', [RepSheetController::class, 'export'])->name('reps.export')->middleware('replica')->whereIn('sheet', Spreadsheet::FORMATS);
        Route::post('people/reps/check', [RepSheetController::class, 'check'])->name('reps.check')->middleware(RaiseLimitsForImports::class);
        Route::post('people/reps/import/{token}', [RepSheetController::class, 'store'])->name('reps.import')->middleware(RaiseLimitsForImports::class);
        Route::get('people/reps/import/{token}', [RepSheetController::class, 'imported'])->name('reps.imported');

        Route::get('mat', [MatController::class, 'show'])->name('mat')->middleware([GiveMatKey::class, 'kept:teaching']);
        Route::get('mat/kit', [MatController::class, 'kit'])->name('mat.kit');
        Route::get('mat/plans', [MatController::class, 'plans'])->name('mat.plans');
        Route::post('mat/forecast', [MatController::class, 'forecast'])->name('mat.forecast');
        Route::post('mat/reps', [MatController::class, 'store'])->name('mat.reps.store');
        Route::put('mat/tests/{test}/marks', [MatController::class, 'mark'])->name('mat.marks')->can('mark', 'test');
        Route::put('mat/classes/{class}/attendance', [MatController::class, 'attendance'])->name('mat.attendance')->can('attend', 'class');

        Route::get('record', [RepController::class, 'index'])->name('record');
        Route::get('record/{student}', [RepController::class, 'attacks'])->name('record.attacks')->can('view', 'student');
        Route::get('record/{student}/{attack}/{side}', [RepController::class, 'create'])->name('record.outcome')
            ->can('view', 'student')->can('view', 'attack')->whereIn('side', array_column(Side::cases(), 'value'));
        Route::post('reps', [RepController::class, 'store'])->name('reps.store');
    });
    Route::get('reps/{rep}/correct', [RepController::class, 'correct'])->name('reps.correct')->can('correct', 'rep');
    Route::prefix('people/file')->controller(PeopleFileController::class)->middleware(Authorize::using('create', Student::class))->group(function (): void {
        Route::get('', 'show')->name('people.file');
        Route::post('check', 'check')->name('people.check');
        Route::post('', 'store')->name('people.import');
        Route::get('people.{sheet}', 'export')->name('people.export')->middleware('replica')->whereIn('sheet', Spreadsheet::FORMATS);
    });
    Route::get('people/{student}/ladder.svg', LadderSvgController::class)->name('students.ladder.svg')->can('view', 'student');
    Route::get('people/{student}/own', [StudentController::class, 'own'])->name('students.own')->can('view', 'student')->middleware('kept');
    Route::controller(HomeSheetController::class)->name('home.')->middleware(Authorize::using('view', 'student'))->group(function (): void {
        Route::get('people/{student}/home', 'show')->name('show')->middleware('kept:home');
        Route::get('people/{student}/home.pdf', 'pdf')->name('pdf');
        Route::post('people/{student}/home', 'store')->name('store');
    });
    Route::get('people/{student}/data', [PersonalDataController::class, 'show'])->name('data.show')->can('view', 'student');
    Route::get('people/{student}/data.json', [PersonalDataController::class, 'export'])->name('data.export')->middleware('replica')->can('view', 'student');
    Route::delete('people/{student}/data', [PersonalDataController::class, 'destroy'])->name('data.erase')->can('delete', 'student');
    Route::resource('people', StudentController::class)->except('destroy')->parameters(['people' => 'student'])->names('students')
        ->middlewareFor('index', [Authorize::using('viewAny', Student::class), 'kept'])
        ->middlewareFor(['create', 'store'], Authorize::using('create', Student::class))
        ->middlewareFor('show', [Authorize::using('view', 'student'), 'kept'])
        ->middlewareFor(['edit', 'update'], Authorize::using('update', 'student'));

    Route::prefix('school')->group(function (): void {
        Route::get('', [SchoolController::class, 'show'])->name('school')->can('viewAny', Rank::class);
        Route::resource('ranks', RankController::class)->only('store', 'update', 'destroy')
            ->middlewareFor('store', Authorize::using('create', Rank::class))
            ->middlewareFor('update', Authorize::using('update', 'rank'))
            ->middlewareFor('destroy', Authorize::using('delete', 'rank'));
        Route::resource('rungs', RungController::class)->only('store', 'update', 'destroy')
            ->middlewareFor('store', Authorize::using('create', Rung::class))
            ->middlewareFor('update', Authorize::using('update', 'rung'))
            ->middlewareFor('destroy', Authorize::using('delete', 'rung'));
        Route::middleware([Authorize::using('import', School::class), RaiseLimitsForImports::class])->group(function (): void {
            Route::post('import', [ImportController::class, 'check'])->name('import.check');
            Route::post('import/{token}', [ImportController::class, 'store'])->name('import.store');
            Route::get('import/{token}', [ImportController::class, 'show'])->name('import.show');
        });
        Route::get('accounts', [AccountsController::class, 'index'])->name('accounts.index')->can('viewAny', User::class);
        Route::put('accounts/{account}', [AccountsController::class, 'update'])->name('accounts.update')->can('update', 'account');
        Route::delete('accounts/{account}', [AccountsController::class, 'destroy'])->name('accounts.destroy')->can('delete', 'account');
        Route::post('accounts/{account}/restore', [AccountsController::class, 'restore'])->name('accounts.restore')->can('update', 'account');
        Route::put('second-factor', [AccountsController::class, 'secondFactor'])->name('accounts.factor')->can('update', School::class);
        Route::post('invitations', [InvitationController::class, 'store'])->name('invitations.store')->can('create', User::class);
        Route::delete('invitations/{invitation}', [InvitationController::class, 'destroy'])->name('invitations.destroy')->can('delete', 'invitation');
        Route::resource('tokens', TokenController::class)->only('index', 'store', 'destroy')->parameters(['tokens' => 'access'])->middleware(Authorize::using('create', User::class));
        Route::resource('tablets', TabletsController::class)->only('index', 'store', 'destroy')
            ->middlewareFor('index', Authorize::using('viewAny', Tablet::class))
            ->middlewareFor('store', Authorize::using('create', Tablet::class))
            ->middlewareFor('destroy', Authorize::using('delete', 'tablet'));
        Route::get('outbox', [OutboxController::class, 'index'])->name('outbox')->can('viewAny', OutboxMail::class);
        Route::get('outbox/{mail}', [OutboxController::class, 'show'])->name('outbox.show')->can('view', 'mail');
        Route::controller(JobController::class)->middleware(Authorize::using('update', School::class))->group(function (): void {
            Route::get('jobs', 'index')->name('jobs.index');
            Route::post('jobs/{job}/retry', 'retry')->name('jobs.retry')->whereUuid('job');
            Route::delete('jobs/{job}', 'destroy')->name('jobs.destroy')->whereUuid('job');
        });
        Route::get('log', [LogController::class, 'index'])->name('log')->can('viewAny', LogEntry::class);
        Route::get('log.csv', [LogController::class, 'csv'])->name('log.csv')->can('viewAny', LogEntry::class);
        Route::resource('kinds', KindController::class)->except('show')
            ->middlewareFor('index', Authorize::using('viewAny', Kind::class))
            ->middlewareFor(['create', 'store'], Authorize::using('create', Kind::class))
            ->middlewareFor(['edit', 'update'], Authorize::using('update', 'kind'))
            ->middlewareFor('destroy', Authorize::using('delete', 'kind'));
        Route::prefix('settings')->controller(SettingsController::class)->middleware(Authorize::using('update', School::class))->group(function (): void {
            Route::get('', 'show')->name('settings')->middleware('kept:teaching');
            foreach (['general', 'doctrine', 'bodies', 'weights', 'times', 'scope', 'policy', 'names', 'words'] as $section) {
                Route::put($section, $section)->name("settings.{$section}");
            }
            Route::delete('{section}', 'reset')->name('settings.reset')->whereIn('section', ['general', 'doctrine', 'bodies', 'weights', 'times', 'scope', 'policy', 'names', 'words']);
        });
        Route::get('starters/{starter}', [StarterController::class, 'show'])->name('starters.show')->can('import', School::class);
        Route::post('starters/{starter}', [StarterController::class, 'store'])->name('starters.store')->can('import', School::class);
        Route::delete('next-steps', [NextStepsController::class, 'destroy'])->name('next-steps.destroy')->can('update', School::class);
        Route::get('export.zip', ZipController::class)->name('export.zip')->middleware('replica')->can('export', School::class);
        Route::get('export.{format}', ExportController::class)->name('export')
            ->middleware(['replica', RaiseLimitsForImports::class])->whereIn('format', ['yaml', 'json'])->can('export', School::class);
    });
});
