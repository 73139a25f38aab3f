<?php

declare(strict_types=1);

use App\Http\Controllers\BoardController;
use App\Http\Controllers\ClassController;
use App\Http\Controllers\MatController;
use App\Http\Controllers\RepController;
use App\Http\Controllers\RepSheetController;
use App\Http\Controllers\SoloController;
use App\Http\Controllers\SoloMarkController;
use App\Http\Controllers\TestCandidateController;
use App\Http\Controllers\TestController;
use App\Http\Middleware\GiveMatKey;
use App\Http\Middleware\RaiseLimitsForImports;
use App\Models\Rep;
use App\Models\Solo;
use App\Models\Student;
use App\Models\Test;
use App\Models\TrainingClass;
use App\Persistence\Spreadsheet;
use Illuminate\Auth\Middleware\Authorize;
use Illuminate\Support\Facades\Route;
use StoneDrill\Core\Attack\Side;

// The week: classes, tests, basics, the board, the Mat and what is recorded.

Route::resource('classes', ClassController::class)
    ->parameters(['classes' => 'class'])
    ->middlewareFor('index', Authorize::using('viewAny', TrainingClass::class))
    ->middlewareFor(['create', 'store'], Authorize::using('create', TrainingClass::class))
    ->middlewareFor('show', [Authorize::using('view', 'class'), 'kept'])
    ->middlewareFor(['edit', 'update'], Authorize::using('update', 'class'))
    ->middlewareFor('destroy', Authorize::using('delete', 'class'));
Route::get('classes/{class}/done', [ClassController::class, 'done'])
    ->name('classes.done')
    ->can('view', 'class');
Route::get('classes/{class}/home', [ClassController::class, 'home'])
    ->name('classes.home')
    ->can('view', 'class');
Route::get('classes/{class}/sheet', [ClassController::class, 'sheet'])
    ->name('classes.sheet')
    ->can('view', 'class');
Route::put('classes/{class}/taught', [ClassController::class, 'taught'])
    ->name('classes.taught')
    ->can('update', 'class');
Route::post('classes/{class}/restore', [ClassController::class, 'restore'])
    ->name('classes.restore')
    ->can('update', 'class');
Route::put('classes/{class}/blocks', [ClassController::class, 'blocks'])
    ->name('classes.blocks')
    ->can('update', 'class');
Route::put('classes/{class}/attendance', [ClassController::class, 'attendance'])
    ->name('classes.attendance')
    ->can('attend', 'class');

Route::resource('tests', TestController::class)
    ->middlewareFor('index', Authorize::using('viewAny', Test::class))
    ->middlewareFor(['create', 'store'], Authorize::using('create', Test::class))
    ->middlewareFor('show', Authorize::using('view', 'test'))
    ->middlewareFor(['edit', 'update'], Authorize::using('update', 'test'))
    ->middlewareFor('destroy', Authorize::using('delete', 'test'));
Route::get('tests/{test}/season', [TestController::class, 'season'])
    ->name('tests.season')
    ->can('view', 'test');
Route::get('tests/{test}/sheet.pdf', [TestController::class, 'sheet'])
    ->name('tests.sheet')
    ->can('view', 'test');
Route::prefix('tests/{test}/{student}')
    ->name('tests.')
    ->controller(TestCandidateController::class)
    ->group(function (): void {
        Route::get('', 'show')->name('candidate')->can('view', 'test');
        Route::get('certificate.pdf', [TestController::class, 'certificate'])
            ->name('certificate')
            ->can('view', 'test');
        Route::put('marks', 'mark')->name('mark')->can('mark', 'test');
        Route::put('items/{testItem}', 'settle')->name('settle')->can('decide', 'test');
        Route::post('decision', 'decide')->name('decide')->can('decide', 'test');
        Route::delete('decision', 'reopen')->name('reopen')->can('decide', 'test');
    });

Route::get('basics.pdf', [SoloController::class, 'pdf'])
    ->name('basics.pdf')
    ->can('viewAny', Solo::class);
Route::resource('basics', SoloController::class)
    ->parameters(['basics' => 'solo'])
    ->middlewareFor('index', Authorize::using('viewAny', Solo::class))
    ->middlewareFor(['create', 'store'], Authorize::using('create', Solo::class))
    ->middlewareFor('show', Authorize::using('view', 'solo'))
    ->middlewareFor(['edit', 'update'], Authorize::using('update', 'solo'))
    ->middlewareFor('destroy', Authorize::using('delete', 'solo'));
Route::prefix('basics/{solo}')
    ->name('basics.')
    ->controller(SoloMarkController::class)
    ->middleware(Authorize::using('mark', 'solo'))
    ->group(function (): void {
        Route::post('marks', 'many')->name('marks');
        Route::get('students/{student}', 'show')->name('student')->can('view', 'student');
        Route::post('students/{student}', 'store')->name('mark')->can('view', 'student');
        Route::delete('students/{student}/{mark}', 'destroy')->name('unmark')->can('view', 'student');
    });

Route::get('board', [BoardController::class, 'show'])
    ->name('board')
    ->middleware('replica')
    ->can('viewAny', Student::class)
    ->middleware('kept');
Route::get('board.svg', [BoardController::class, 'svg'])
    ->name('board.svg')
    ->middleware('replica')
    ->can('viewAny', Student::class);
Route::get('board/progress', [BoardController::class, 'progress'])
    ->name('board.progress')
    ->can('viewAny', Student::class);
Route::get('board/mistakes', [BoardController::class, 'mistakes'])
    ->name('board.mistakes')
    ->middleware('replica')
    ->can('viewAny', Student::class);

Route::middleware(Authorize::using('create', Rep::class))->group(function (): void {
    Route::get('people/reps', [RepSheetController::class, 'show'])->name('reps.file');
    Route::get('people/reps.{sheet}', [RepSheetController::class, 'export'])
        ->name('reps.export')
        ->middleware('replica')
        ->whereIn('sheet', Spreadsheet::FORMATS);
    Route::post('people/reps/check', [RepSheetController::class, 'check'])
        ->name('reps.check')
        ->middleware(RaiseLimitsForImports::class);
    Route::post('people/reps/import/{token}', [RepSheetController::class, 'store'])
        ->name('reps.import')
        ->middleware(RaiseLimitsForImports::class);
    Route::get('people/reps/import/{token}', [RepSheetController::class, 'imported'])->name('reps.imported');

    Route::get('mat', [MatController::class, 'show'])
        ->name('mat')
        ->middleware([GiveMatKey::class, 'kept:teaching']);
    Route::get('mat/kit', [MatController::class, 'kit'])->name('mat.kit');
    Route::get('mat/plans', [MatController::class, 'plans'])->name('mat.plans');
    Route::post('mat/forecast', [MatController::class, 'forecast'])->name('mat.forecast');
    Route::post('mat/reps', [MatController::class, 'store'])->name('mat.reps.store');
    Route::put('mat/tests/{test}/marks', [MatController::class, 'mark'])
        ->name('mat.marks')
        ->can('mark', 'test');
    Route::put('mat/classes/{class}/attendance', [MatController::class, 'attendance'])
        ->name('mat.attendance')
        ->can('attend', 'class');

    Route::get('record', [RepController::class, 'index'])->name('record');
    Route::get('record/{student}', [RepController::class, 'attacks'])
        ->name('record.attacks')
        ->can('view', 'student');
    Route::get('record/{student}/{attack}/{side}', [RepController::class, 'create'])
        ->name('record.outcome')
        ->can('view', 'student')
        ->can('view', 'attack')
        ->whereIn('side', array_column(Side::cases(), 'value'));
    Route::post('reps', [RepController::class, 'store'])->name('reps.store');
});
Route::get('reps/{rep}/correct', [RepController::class, 'correct'])
    ->name('reps.correct')
    ->can('correct', 'rep');
