<?php

use App\Http\Controllers\Api\ClassesController;
use App\Http\Controllers\Api\CurriculumController;
use App\Http\Controllers\Api\DocumentController;
use App\Http\Controllers\Api\PeopleController;
use App\Http\Controllers\Api\ReportsController;
use App\Http\Controllers\Api\RepsController;
use App\Http\Middleware\EndClosedAccounts;
use App\Http\Middleware\RaiseLimitsForImports;
use Illuminate\Support\Facades\Route;

// Programs, each with a token that reads, or records, or both. What it says of itself needs none.
Route::get('openapi.json', DocumentController::class)->name('api.document');

Route::middleware(['auth:sanctum', EndClosedAccounts::class, 'throttle:120,1,api:'])
    ->name('api.')
    ->group(function (): void {
        Route::middleware('ability:read')->group(function (): void {
            Route::get('school', [CurriculumController::class, 'school'])->name('school');
            Route::get('attacks', [CurriculumController::class, 'attacks'])->name('attacks');
            Route::get('answers', [CurriculumController::class, 'answers'])->name('answers');
            Route::get('coverage', [CurriculumController::class, 'coverage'])->name('coverage');
            Route::get('evidence', [CurriculumController::class, 'evidence'])->name('evidence');
            Route::get('students', [PeopleController::class, 'index'])->name('students');
            Route::get('students/{code}/proofs', [PeopleController::class, 'proofs'])
                ->name('proofs')
                ->where('code', '[a-z0-9-]{1,120}');
            Route::get('classes', [ClassesController::class, 'classes'])->name('classes');
            Route::get('tests', [ClassesController::class, 'tests'])->name('tests');
            Route::controller(ReportsController::class)
                ->where(['code' => '[a-z0-9-]{1,120}'])
                ->group(function (): void {
                    Route::get('answers/{code}/check', 'check')->name('check');
                    Route::get('attacks/{code}/situation', 'situation')->name('situation');
                    Route::get('fewest', 'fewest')->name('fewest');
                    Route::get('students/{code}/draw', 'draw')->name('draw');
                    Route::get('students/{code}/ready', 'ready')->name('ready');
                    Route::get('classes/{code}/plan', 'plan')->name('plan');
                    Route::get('tests/{code}/season', 'season')->name('season');
                });
            Route::get('reps', [RepsController::class, 'index'])->name('reps');
        });
        Route::post('reps', [RepsController::class, 'store'])
            ->name('reps.store')
            ->middleware(['ability:record', RaiseLimitsForImports::class]);
    });
