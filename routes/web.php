<?php

use App\Http\Controllers\AnswerController;
use App\Http\Controllers\AttackController;
use App\Http\Controllers\AttackProofController;
use App\Http\Controllers\BoardController;
use App\Http\Controllers\CrossController;
use App\Http\Controllers\DrillListController;
use App\Http\Controllers\ExportController;
use App\Http\Controllers\FacetsController;
use App\Http\Controllers\FewestController;
use App\Http\Controllers\FirstStepsController;
use App\Http\Controllers\FloorController;
use App\Http\Controllers\HealthController;
use App\Http\Controllers\HoleController;
use App\Http\Controllers\HomeController;
use App\Http\Controllers\ImportController;
use App\Http\Controllers\LoadController;
use App\Http\Controllers\MatController;
use App\Http\Controllers\MoveController;
use App\Http\Controllers\PlacementController;
use App\Http\Controllers\RankController;
use App\Http\Controllers\RepController;
use App\Http\Controllers\RepSheetController;
use App\Http\Controllers\RungController;
use App\Http\Controllers\SchoolController;
use App\Http\Controllers\SessionController;
use App\Http\Controllers\SheetController;
use App\Http\Controllers\StudentController;
use App\Http\Controllers\VersionController;
use App\Http\Controllers\WaiverController;
use App\Http\Controllers\WallController;
use App\Http\Controllers\WorkbenchController;
use App\Http\Middleware\RaiseLimitsForImports;
use App\Http\Middleware\RedirectUnreadable;
use App\Models\Answer;
use App\Models\Attack;
use App\Models\DrillList;
use App\Models\Rank;
use App\Models\Rep;
use App\Models\Rung;
use App\Models\School;
use App\Models\Student;
use Illuminate\Support\Facades\Route;

Route::pattern('attack', '[1-9][0-9]{0,17}');
Route::pattern('answer', '[1-9][0-9]{0,17}');
Route::pattern('list', '[1-9][0-9]{0,17}');
Route::pattern('student', '[1-9][0-9]{0,17}');
Route::pattern('rank', '[1-9][0-9]{0,17}');
Route::pattern('rung', '[1-9][0-9]{0,17}');
Route::pattern('rep', '[0-9a-f]{8}(?:-[0-9a-f]{4}){3}-[0-9a-f]{12}');
Route::pattern('version', '[1-9][0-9]{0,8}');
Route::pattern('basic', '[a-z-]{1,40}');
Route::pattern('token', '[A-Za-z0-9]{40}');

// Asked by machines: without session, and before anybody signs in.
Route::get('/up', HealthController::class)->withoutMiddleware('web')->name('up');

Route::middleware('guest')->group(function (): void {
    Route::get('/sign-in', [SessionController::class, 'create'])->name('sign-in');
    // A whole hall behind one address signs in at once; one account takes five wrong tries.
    Route::post('/sign-in', [SessionController::class, 'store'])->middleware('throttle:120,1');
});

Route::middleware(['auth', RedirectUnreadable::class])->group(function (): void {
    Route::get('/', HomeController::class)->name('home');
    Route::post('/sign-out', [SessionController::class, 'destroy'])->name('sign-out');

    Route::get('/wall', [WallController::class, 'show'])->name('wall')->can('viewAny', Attack::class);
    Route::get('/wall.svg', [WallController::class, 'svg'])->name('wall.svg')->can('viewAny', Attack::class);
    Route::get('/wall.csv', [WallController::class, 'csv'])->name('wall.csv')->can('viewAny', Attack::class);
    Route::get('/wall/ranks', [LoadController::class, 'index'])->name('load')->can('viewAny', Attack::class);
    Route::get('/wall/basics/{basic}', [LoadController::class, 'basic'])->name('basic')->can('viewAny', Attack::class);
    Route::get('/wall/cross', CrossController::class)->name('cross')->can('viewAny', Attack::class);
    Route::get('/wall/holes', [HoleController::class, 'index'])->name('holes')->can('viewAny', Attack::class);
    Route::get('/wall/fewest', FewestController::class)->name('fewest')->can('viewAny', Attack::class);
    Route::get('/wall/moves/{answer}', [MoveController::class, 'show'])->name('moves.show')->can('update', 'answer');
    Route::post('/wall/moves/{answer}', [MoveController::class, 'store'])->name('moves.store')->can('update', 'answer');

    Route::get('/attacks/facets', FacetsController::class)->name('attacks.facets')->can('create', Attack::class);
    Route::get('/attacks', [AttackController::class, 'index'])->name('attacks.index')->can('viewAny', Attack::class);
    Route::get('/attacks/create', [AttackController::class, 'create'])->name('attacks.create')->can('create', Attack::class);
    Route::post('/attacks', [AttackController::class, 'store'])->name('attacks.store')->can('create', Attack::class);
    Route::get('/attacks/{attack}', [AttackController::class, 'show'])->name('attacks.show')->can('view', 'attack');
    Route::get('/attacks/{attack}/edit', [AttackController::class, 'edit'])->name('attacks.edit')->can('update', 'attack');
    Route::put('/attacks/{attack}', [AttackController::class, 'update'])->name('attacks.update')->can('update', 'attack');
    Route::delete('/attacks/{attack}', [AttackController::class, 'destroy'])->name('attacks.destroy')->can('delete', 'attack');

    Route::post('/attacks/{attack}/workbench', WorkbenchController::class)->name('workbench')->can('create', Answer::class);
    Route::get('/attacks/{attack}/proof', AttackProofController::class)->name('attacks.proof')->can('view', 'attack');
    Route::get('/attacks/{attack}/first-steps', FirstStepsController::class)->name('first-steps')->can('view', 'attack');
    Route::get('/answers/{answer}/rank', [PlacementController::class, 'show'])->name('answers.rank')->can('update', 'answer');
    Route::put('/answers/{answer}/rank', [PlacementController::class, 'update'])->name('answers.place')->can('update', 'answer');
    Route::get('/answers/{answer}/floor', FloorController::class)->name('answers.floor')->can('view', 'answer');
    Route::get('/answers/{answer}/floor.svg', [SheetController::class, 'svg'])->name('answers.svg')->can('view', 'answer');
    Route::get('/answers/{answer}/sheet', [SheetController::class, 'show'])->name('answers.sheet')->can('view', 'answer');
    Route::get('/answers/{answer}/sheet.pdf', [SheetController::class, 'pdf'])->name('answers.pdf')->can('view', 'answer');
    Route::post('/answers/{answer}/waivers', [WaiverController::class, 'store'])->name('waivers.store')->can('update', 'answer');
    Route::delete('/answers/{answer}/waivers', [WaiverController::class, 'destroy'])->name('waivers.destroy')->can('update', 'answer');
    Route::post('/answers/{answer}/versions/{version}', VersionController::class)->name('versions.restore')->can('update', 'answer');
    Route::get('/answers', [AnswerController::class, 'index'])->name('answers.index')->can('viewAny', Answer::class);
    Route::get('/attacks/{attack}/answers/create', [AnswerController::class, 'create'])->name('answers.create')->can('create', Answer::class);
    Route::post('/attacks/{attack}/answers', [AnswerController::class, 'store'])->name('answers.store')->can('create', Answer::class);
    Route::get('/answers/{answer}', [AnswerController::class, 'show'])->name('answers.show')->can('view', 'answer');
    Route::get('/answers/{answer}/edit', [AnswerController::class, 'edit'])->name('answers.edit')->can('update', 'answer');
    Route::put('/answers/{answer}', [AnswerController::class, 'update'])->name('answers.update')->can('update', 'answer');
    Route::delete('/answers/{answer}', [AnswerController::class, 'destroy'])->name('answers.destroy')->can('delete', 'answer');

    Route::get('/drill-lists', [DrillListController::class, 'index'])->name('lists.index')->can('viewAny', DrillList::class);
    Route::get('/drill-lists/create', [DrillListController::class, 'create'])->name('lists.create')->can('create', DrillList::class);
    Route::post('/drill-lists', [DrillListController::class, 'store'])->name('lists.store')->can('create', DrillList::class);
    Route::get('/drill-lists/{list}', [DrillListController::class, 'show'])->name('lists.show')->can('view', 'list');
    Route::delete('/drill-lists/{list}', [DrillListController::class, 'destroy'])->name('lists.destroy')->can('delete', 'list');

    Route::get('/board', [BoardController::class, 'show'])->name('board')->can('viewAny', Student::class);
    Route::get('/board/mistakes', [BoardController::class, 'mistakes'])->name('board.mistakes')->can('viewAny', Student::class);

    Route::get('/people/reps', [RepSheetController::class, 'show'])->name('reps.file')->can('create', Rep::class);
    Route::get('/people/reps.csv', [RepSheetController::class, 'export'])->name('reps.export')->can('create', Rep::class);
    Route::post('/people/reps/check', [RepSheetController::class, 'check'])->name('reps.check')->middleware(RaiseLimitsForImports::class)->can('create', Rep::class);
    Route::post('/people/reps/import/{token}', [RepSheetController::class, 'store'])->name('reps.import')->middleware(RaiseLimitsForImports::class)->can('create', Rep::class);
    Route::get('/people', [StudentController::class, 'index'])->name('students.index')->can('viewAny', Student::class);
    Route::get('/people/create', [StudentController::class, 'create'])->name('students.create')->can('create', Student::class);
    Route::post('/people', [StudentController::class, 'store'])->name('students.store')->can('create', Student::class);
    Route::get('/people/{student}', [StudentController::class, 'show'])->name('students.show')->can('view', 'student');
    Route::get('/people/{student}/edit', [StudentController::class, 'edit'])->name('students.edit')->can('update', 'student');
    Route::put('/people/{student}', [StudentController::class, 'update'])->name('students.update')->can('update', 'student');

    Route::get('/mat', [MatController::class, 'show'])->name('mat')->can('create', Rep::class);
    Route::get('/mat/kit', [MatController::class, 'kit'])->name('mat.kit')->can('create', Rep::class);
    Route::post('/mat/outlook', [MatController::class, 'outlook'])->name('mat.outlook')->can('create', Rep::class);
    Route::post('/mat/reps', [MatController::class, 'store'])->name('mat.store')->can('create', Rep::class);

    Route::get('/record', [RepController::class, 'index'])->name('record')->can('create', Rep::class);
    Route::get('/record/{student}', [RepController::class, 'attacks'])->name('record.attacks')->can('create', Rep::class);
    Route::get('/record/{student}/{attack}/{side}', [RepController::class, 'create'])->name('record.outcome')->can('create', Rep::class);
    Route::get('/reps/{rep}/correct', [RepController::class, 'correct'])->name('reps.correct')->can('correct', 'rep');
    Route::post('/reps', [RepController::class, 'store'])->name('reps.store')->can('create', Rep::class);

    Route::get('/school', [SchoolController::class, 'show'])->name('school')->can('viewAny', Rank::class);
    Route::put('/school', [SchoolController::class, 'update'])->name('school.update')->can('update', School::class);
    Route::post('/school/ranks', [RankController::class, 'store'])->name('ranks.store')->can('create', Rank::class);
    Route::put('/school/ranks/{rank}', [RankController::class, 'update'])->name('ranks.update')->can('update', 'rank');
    Route::delete('/school/ranks/{rank}', [RankController::class, 'destroy'])->name('ranks.destroy')->can('delete', 'rank');
    Route::post('/school/rungs', [RungController::class, 'store'])->name('rungs.store')->can('create', Rung::class);
    Route::put('/school/rungs/{rung}', [RungController::class, 'update'])->name('rungs.update')->can('update', 'rung');
    Route::delete('/school/rungs/{rung}', [RungController::class, 'destroy'])->name('rungs.destroy')->can('delete', 'rung');
    Route::post('/school/import', [ImportController::class, 'check'])->name('import.check')->middleware(RaiseLimitsForImports::class)->can('import', School::class);
    Route::post('/school/import/{token}', [ImportController::class, 'store'])->name('import.store')->middleware(RaiseLimitsForImports::class)->can('import', School::class);
    Route::get('/school/export.{format}', ExportController::class)->name('export')->middleware(RaiseLimitsForImports::class)->whereIn('format', ['yaml', 'json'])->can('export', School::class);
});
