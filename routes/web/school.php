<?php

declare(strict_types=1);

use App\Http\Controllers\Account\AccountsController;
use App\Http\Controllers\Account\InvitationController;
use App\Http\Controllers\Account\LogController;
use App\Http\Controllers\Account\OutboxController;
use App\Http\Controllers\Account\TabletsController;
use App\Http\Controllers\Account\TokenController;
use App\Http\Controllers\ExportController;
use App\Http\Controllers\ImportController;
use App\Http\Controllers\JobController;
use App\Http\Controllers\KindController;
use App\Http\Controllers\NextStepsController;
use App\Http\Controllers\RankController;
use App\Http\Controllers\RungController;
use App\Http\Controllers\SchoolController;
use App\Http\Controllers\SettingsController;
use App\Http\Controllers\StarterController;
use App\Http\Controllers\ZipController;
use App\Http\Middleware\RaiseLimitsForImports;
use App\Models\Kind;
use App\Models\LogEntry;
use App\Models\OutboxMail;
use App\Models\Rank;
use App\Models\Rung;
use App\Models\School;
use App\Models\Tablet;
use App\Models\User;
use Illuminate\Auth\Middleware\Authorize;
use Illuminate\Support\Facades\Route;

// The school itself: ranks and rungs, accounts, settings, files in and out.

Route::prefix('school')->group(function (): void {
    Route::get('', [SchoolController::class, 'show'])
        ->name('school')
        ->can('viewAny', Rank::class);
    Route::resource('ranks', RankController::class)
        ->only('store', 'update', 'destroy')
        ->middlewareFor('store', Authorize::using('create', Rank::class))
        ->middlewareFor('update', Authorize::using('update', 'rank'))
        ->middlewareFor('destroy', Authorize::using('delete', 'rank'));
    Route::resource('rungs', RungController::class)
        ->only('store', 'update', 'destroy')
        ->middlewareFor('store', Authorize::using('create', Rung::class))
        ->middlewareFor('update', Authorize::using('update', 'rung'))
        ->middlewareFor('destroy', Authorize::using('delete', 'rung'));
    Route::middleware([Authorize::using('import', School::class), RaiseLimitsForImports::class])->group(
        function (): void {
            Route::post('import', [ImportController::class, 'check'])->name('import.check');
            Route::post('import/{token}', [ImportController::class, 'store'])->name('import.store');
            Route::get('import/{token}', [ImportController::class, 'show'])->name('import.show');
        },
    );
    Route::get('accounts', [AccountsController::class, 'index'])
        ->name('accounts.index')
        ->can('viewAny', User::class);
    Route::get('accounts/{account}/edit', [AccountsController::class, 'edit'])
        ->name('accounts.edit')
        ->can('update', 'account');
    Route::put('accounts/{account}', [AccountsController::class, 'update'])
        ->name('accounts.update')
        ->can('update', 'account');
    Route::delete('accounts/{account}', [AccountsController::class, 'destroy'])
        ->name('accounts.destroy')
        ->can('delete', 'account');
    Route::post('accounts/{account}/restore', [AccountsController::class, 'restore'])
        ->name('accounts.restore')
        ->can('update', 'account');
    Route::put('second-factor', [AccountsController::class, 'secondFactor'])
        ->name('accounts.factor')
        ->can('update', School::class);
    Route::post('invitations', [InvitationController::class, 'store'])
        ->name('invitations.store')
        ->can('create', User::class);
    Route::delete('invitations/{invitation}', [InvitationController::class, 'destroy'])
        ->name('invitations.destroy')
        ->can('delete', 'invitation');
    Route::resource('tokens', TokenController::class)
        ->only('index', 'store', 'destroy')
        ->parameters(['tokens' => 'access'])
        ->middleware(Authorize::using('create', User::class));
    Route::resource('tablets', TabletsController::class)
        ->only('index', 'store', 'destroy')
        ->middlewareFor('index', Authorize::using('viewAny', Tablet::class))
        ->middlewareFor('store', Authorize::using('create', Tablet::class))
        ->middlewareFor('destroy', Authorize::using('delete', 'tablet'));
    Route::get('outbox', [OutboxController::class, 'index'])
        ->name('outbox')
        ->can('viewAny', OutboxMail::class);
    Route::get('outbox/{mail}', [OutboxController::class, 'show'])
        ->name('outbox.show')
        ->can('view', 'mail');
    Route::controller(JobController::class)
        ->middleware(Authorize::using('update', School::class))
        ->group(function (): void {
            Route::get('jobs', 'index')->name('jobs.index');
            Route::post('jobs/{job}/retry', 'retry')->name('jobs.retry')->whereUuid('job');
            Route::delete('jobs/{job}', 'destroy')->name('jobs.destroy')->whereUuid('job');
        });
    Route::get('log', [LogController::class, 'index'])
        ->name('log')
        ->can('viewAny', LogEntry::class);
    Route::get('log.csv', [LogController::class, 'csv'])
        ->name('log.csv')
        ->can('viewAny', LogEntry::class);
    Route::resource('kinds', KindController::class)
        ->except('show')
        ->middlewareFor('index', Authorize::using('viewAny', Kind::class))
        ->middlewareFor(['create', 'store'], Authorize::using('create', Kind::class))
        ->middlewareFor(['edit', 'update'], Authorize::using('update', 'kind'))
        ->middlewareFor('destroy', Authorize::using('delete', 'kind'));
    Route::prefix('settings')
        ->controller(SettingsController::class)
        ->middleware(Authorize::using('update', School::class))
        ->group(function (): void {
            Route::get('', 'show')->name('settings')->middleware('kept:teaching');
            foreach (SettingsController::SECTIONS as $section) {
                Route::put($section, $section)->name("settings.{$section}");
            }
            Route::delete('{section}', 'reset')
                ->name('settings.reset')
                ->whereIn('section', SettingsController::SECTIONS);
        });
    Route::get('starters/{starter}', [StarterController::class, 'show'])
        ->name('starters.show')
        ->can('import', School::class);
    Route::post('starters/{starter}', [StarterController::class, 'store'])
        ->name('starters.store')
        ->can('import', School::class);
    Route::delete('next-steps', [NextStepsController::class, 'destroy'])
        ->name('next-steps.destroy')
        ->can('update', School::class);
    Route::get('export.zip', ZipController::class)
        ->name('export.zip')
        ->middleware('replica')
        ->can('export', School::class);
    Route::get('export.{format}', ExportController::class)
        ->name('export')
        ->middleware(['replica', RaiseLimitsForImports::class])
        ->whereIn('format', ['yaml', 'json'])
        ->can('export', School::class);
});
