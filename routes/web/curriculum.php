<?php

declare(strict_types=1);

use App\Http\Controllers\AnswerController;
use App\Http\Controllers\AttackController;
use App\Http\Controllers\AttackHolesController;
use App\Http\Controllers\AttackProofController;
use App\Http\Controllers\CrossController;
use App\Http\Controllers\DrillListController;
use App\Http\Controllers\DrillListItemController;
use App\Http\Controllers\EvidenceController;
use App\Http\Controllers\FacetsController;
use App\Http\Controllers\FewestController;
use App\Http\Controllers\FirstStepsController;
use App\Http\Controllers\FloorController;
use App\Http\Controllers\FootageController;
use App\Http\Controllers\FootageFileController;
use App\Http\Controllers\HoleController;
use App\Http\Controllers\LoadController;
use App\Http\Controllers\MoveController;
use App\Http\Controllers\PlacementController;
use App\Http\Controllers\RoseController;
use App\Http\Controllers\SheetController;
use App\Http\Controllers\VersionController;
use App\Http\Controllers\WaiverController;
use App\Http\Controllers\WallController;
use App\Http\Controllers\WhenSvgController;
use App\Http\Controllers\WorkbenchController;
use App\Models\Answer;
use App\Models\Attack;
use App\Models\DrillList;
use App\View\Evidence\EvidenceTable;
use Illuminate\Auth\Middleware\Authorize;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Route;

// What a school teaches: its wall, attacks and answers, evidence, pictures and drill lists.

Route::middleware(Authorize::using('viewAny', Attack::class))->group(function (): void {
    Route::get('wall', [WallController::class, 'show'])
        ->name('wall')
        ->middleware(['replica', 'kept']);
    Route::get('wall.svg', [WallController::class, 'svg'])
        ->name('wall.svg')
        ->middleware('replica');
    Route::get('wall.csv', [WallController::class, 'csv'])
        ->name('wall.csv')
        ->middleware('replica');
    Route::get('wall/ranks', [LoadController::class, 'index'])
        ->name('load')
        ->middleware(['replica', 'kept:teaching']);
    Route::get('wall/basics/{basic}', [LoadController::class, 'basic'])->name('basic');
    Route::get('wall/rose', [RoseController::class, 'show'])
        ->name('rose')
        ->middleware('replica');
    Route::get('wall/rose.svg', [RoseController::class, 'svg'])
        ->name('rose.svg')
        ->middleware('replica');
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
Route::post('attacks/{attack}/workbench', WorkbenchController::class)
    ->name('attacks.workbench')
    ->can('create', Answer::class);
Route::get('attacks/{attack}/proof', AttackProofController::class)->name('attacks.proof')->can('view', 'attack');
Route::get('attacks/{attack}/evidence', [EvidenceController::class, 'attack'])
    ->name('attacks.evidence')
    ->can('view', 'attack');
Route::get('attacks/{attack}/when.svg', WhenSvgController::class)->name('attacks.when')->can('view', 'attack');
Route::get('attacks/{attack}/holes', AttackHolesController::class)
    ->name('attacks.holes')
    ->can('view', 'attack')
    // A page that is just being left asks for what was deleted on it.
    ->missing(
        static fn (Request $request): Response => $request->headers->has('HX-Request')
            ? response()->noContent()
            : abort(404),
    );
Route::get('attacks/{attack}/first-steps', FirstStepsController::class)
    ->name('attacks.first-steps')
    ->can('view', 'attack');

Route::get('evidence', [EvidenceController::class, 'index'])
    ->name('evidence')
    ->middleware('replica')
    ->can('viewAny', Answer::class)
    ->middleware('kept:evidence');
Route::get('evidence.csv', [EvidenceController::class, 'table'])
    ->name('evidence.csv')
    ->middleware('replica')
    ->can('viewAny', Answer::class);
Route::get('evidence/{table}.csv', [EvidenceController::class, 'table'])
    ->name('evidence.table')
    ->middleware('replica')
    ->whereIn('table', EvidenceTable::TABLES)
    ->can('viewAny', Answer::class);
Route::get('evidence/weeks/{week}/{way}', [EvidenceController::class, 'turns'])
    ->name('evidence.turns')
    ->middleware('replica')
    ->whereIn('way', ['held', 'faded'])
    ->can('viewAny', Answer::class);

Route::get('answers', [AnswerController::class, 'index'])
    ->name('answers.index')
    ->can('viewAny', Answer::class)
    ->middleware('kept:teaching');
Route::resource('attacks.answers', AnswerController::class)
    ->shallow()
    ->except('index')
    ->middlewareFor(
        ['create', 'store'],
        [Authorize::using('create', Answer::class), Authorize::using('view', 'attack')],
    )
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
    Route::controller(FootageController::class)
        ->prefix("{$place}/{{$of}}/footage")
        ->name("{$place}.footage.")
        ->group(static function () use ($of): void {
            Route::get('', 'index')->name('index')->can('view', $of);
            Route::get('create', 'create')->name('create')->can('update', $of);
            Route::post('', 'store')->name('store')->can('update', $of);
        });
}
Route::resource('footage', FootageController::class)
    ->only('show', 'update', 'destroy')
    ->middlewareFor('show', Authorize::using('view', 'footage'))
    ->middlewareFor('update', Authorize::using('update', 'footage'))
    ->middlewareFor('destroy', Authorize::using('delete', 'footage'));
Route::get('footage/{footage}/file', [FootageFileController::class, 'show'])
    ->name('footage.file')
    ->can('play', 'footage');
Route::get('footage/{footage}/thumbnail', [FootageFileController::class, 'thumbnail'])
    ->name('footage.thumbnail')
    ->can('play', 'footage');

Route::resource('drill-lists', DrillListController::class)
    ->only('index', 'create', 'store', 'show', 'destroy')
    ->parameters(['drill-lists' => 'list'])
    ->middlewareFor('index', Authorize::using('viewAny', DrillList::class))
    ->middlewareFor(['create', 'store'], Authorize::using('create', DrillList::class))
    ->middlewareFor('show', Authorize::using('view', 'list'))
    ->middlewareFor('destroy', Authorize::using('delete', 'list'));

Route::controller(DrillListItemController::class)
    ->name('drill-lists.')
    ->group(function (): void {
        Route::post('drill-lists/items', 'store')->name('items.store')->can('create', DrillList::class);
        Route::scopeBindings()
            ->middleware(Authorize::using('update', 'list'))
            ->group(function (): void {
                Route::put('drill-lists/{list}', 'rename')->name('rename');
                Route::post('drill-lists/{list}/copy', 'copy')->name('copy');
                Route::put('drill-lists/{list}/items/{item}', 'update')->name('items.update');
                Route::delete('drill-lists/{list}/items/{item}', 'destroy')->name('items.destroy');
            });
    });
