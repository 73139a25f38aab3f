<?php

declare(strict_types=1);

use App\Http\Controllers\HomeSheetController;
use App\Http\Controllers\LadderSvgController;
use App\Http\Controllers\PeopleFileController;
use App\Http\Controllers\PersonalDataController;
use App\Http\Controllers\StudentController;
use App\Models\Student;
use App\Persistence\Spreadsheet;
use Illuminate\Auth\Middleware\Authorize;
use Illuminate\Support\Facades\Route;

// Students: their pages, files and what they do at home.

Route::prefix('people/file')
    ->controller(PeopleFileController::class)
    ->middleware(Authorize::using('create', Student::class))
    ->group(function (): void {
        Route::get('', 'show')->name('people.file');
        Route::post('check', 'check')->name('people.check');
        Route::post('', 'store')->name('people.import');
        Route::get('people.{sheet}', 'export')
            ->name('people.export')
            ->middleware('replica')
            ->whereIn('sheet', Spreadsheet::FORMATS);
    });
Route::get('people/{student}/ladder.svg', LadderSvgController::class)
    ->name('students.ladder.svg')
    ->can('view', 'student');
Route::get('people/{student}/own', [StudentController::class, 'own'])
    ->name('students.own')
    ->can('view', 'student')
    ->middleware('kept');
Route::get('people/{student}/log', [StudentController::class, 'log'])
    ->name('students.log')
    ->can('view', 'student')
    ->middleware('kept:reps,part');
Route::controller(HomeSheetController::class)
    ->name('home.')
    ->middleware(Authorize::using('view', 'student'))
    ->group(function (): void {
        Route::get('people/{student}/home', 'show')->name('show')->middleware('kept:home');
        Route::get('people/{student}/home.pdf', 'pdf')->name('pdf');
        Route::post('people/{student}/home', 'store')->name('store');
    });
Route::get('people/{student}/data', [PersonalDataController::class, 'show'])
    ->name('data.show')
    ->can('view', 'student');
Route::get('people/{student}/data.json', [PersonalDataController::class, 'export'])
    ->name('data.export')
    ->middleware('replica')
    ->can('view', 'student');
Route::delete('people/{student}/data', [PersonalDataController::class, 'destroy'])
    ->name('data.erase')
    ->can('delete', 'student');
Route::resource('people', StudentController::class)
    ->except('destroy')
    ->parameters(['people' => 'student'])
    ->names('students')
    ->middlewareFor('index', [Authorize::using('viewAny', Student::class), 'kept'])
    ->middlewareFor(['create', 'store'], Authorize::using('create', Student::class))
    ->middlewareFor('show', [Authorize::using('view', 'student'), 'kept'])
    ->middlewareFor(['edit', 'update'], Authorize::using('update', 'student'));
