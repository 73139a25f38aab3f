<?php

use App\Http\Controllers\Account\AccountController;
use App\Http\Controllers\Account\FactorSignInController;
use App\Http\Controllers\Account\ForgottenPasswordController;
use App\Http\Controllers\Account\JoinController;
use App\Http\Controllers\Account\SecondFactorController;
use App\Http\Controllers\Beginning\BeginningController;
use App\Http\Controllers\Beginning\ContactStepController;
use App\Http\Controllers\Beginning\CurriculumStepController;
use App\Http\Controllers\Beginning\DoctrineStepController;
use App\Http\Controllers\Beginning\RanksStepController;
use App\Http\Controllers\CalendarController;
use App\Http\Controllers\ChildrenController;
use App\Http\Controllers\HomeController;
use App\Http\Controllers\SessionController;
use App\Http\Controllers\TabletController;
use App\Http\Controllers\TrustController;
use App\Http\Controllers\Watch\HealthController;
use App\Http\Controllers\Watch\MetricsController;
use App\Http\Controllers\Watch\UpController;
use App\Http\Middleware\AskForSecondFactor;
use App\Http\Middleware\EndClosedAccounts;
use App\Http\Middleware\KeepTabletsToTheMat;
use App\Http\Middleware\RedirectUnreadable;
use App\Models\School;
use App\Models\Student;
use App\Models\User;
use Illuminate\Auth\Middleware\Authorize;
use Illuminate\Support\Facades\Route;

foreach (
    [
        'attack', 'answer', 'list', 'student', 'rank', 'rung', 'account', 'invitation', 'mail', 'kind', 'access',
        'tablet', 'class', 'item', 'test', 'testItem', 'solo', 'mark', 'footage',
    ] as $row
) {
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
Route::middleware('guest')
    ->controller(SessionController::class)
    ->group(function (): void {
        Route::get('sign-in', 'create')->name('sign-in');
        // A whole hall behind one address signs in at once; one account takes five wrong tries.
        Route::post('sign-in', 'store')->middleware('throttle:120,1,sign-in:');
    });
Route::middleware('guest')
    ->controller(FactorSignInController::class)
    ->group(function (): void {
        Route::get('sign-in/code', 'create')->name('sign-in.code');
        Route::post('sign-in/code', 'store')->middleware('throttle:120,1,factor:');
    });

Route::middleware('guest')->group(function (): void {
    // Looking for a code costs a try too: sixty bits are not guessed at this pace.
    Route::middleware('throttle:30,1,join:')
        ->controller(JoinController::class)
        ->group(function (): void {
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
    Route::middleware('throttle:20,1,forgotten:')
        ->controller(ForgottenPasswordController::class)
        ->group(function (): void {
            Route::get('password/forgotten', 'create')->name('password.request');
            Route::post('password/forgotten', 'store');
            Route::get('password/reset/{token}', 'edit')->name('password.edit');
            Route::put('password/reset', 'update')->name('password.update');
        });
});

// Asked by calendar programs, without a session.
Route::get('calendar/{token}.ics', [CalendarController::class, 'feed'])
    ->name('calendar')
    ->withoutMiddleware('web')
    ->middleware('throttle:60,1,calendar:');

Route::middleware('guest')
    ->controller(BeginningController::class)
    ->group(function (): void {
        Route::get('begin', 'create')->name('beginning.create');
        Route::post('begin', 'store')->middleware('throttle:20,60,begin:');
        Route::get('begin/mailed', 'mailed')->name('beginning.mailed');
        Route::get('begin/confirm', 'confirm')->name('beginning.confirm')->middleware('throttle:60,1,confirm:');
        Route::post('begin/confirm', 'begin')->middleware('throttle:60,1,confirm:');
    });

Route::middleware([
    'auth',
    EndClosedAccounts::class,
    KeepTabletsToTheMat::class,
    AskForSecondFactor::class,
    RedirectUnreadable::class,
])->group(function (): void {
    Route::get('/', HomeController::class)->name('home');
    Route::get('children', ChildrenController::class)->name('children')->can('viewOwn', Student::class);
    Route::prefix('account')
        ->controller(AccountController::class)
        ->middleware(Authorize::using('manageOwn', User::class))
        ->group(function (): void {
            Route::get('', 'show')->name('account');
            Route::put('password', 'password')->name('account.password')->middleware('throttle:20,1,password:');
            Route::put('email', 'email')->name('account.email')->middleware('throttle:20,1,email:');
            Route::put('pin', 'pin')
                ->name('account.pin')
                ->middleware([Authorize::using('setPin', User::class), 'throttle:20,1,own-pin:']);
            Route::post('calendar', [CalendarController::class, 'store'])->name('account.calendar');
            Route::delete('calendar', [CalendarController::class, 'destroy']);
            Route::get('email/confirm', 'confirmEmail')->name('account.email.confirm');
            Route::delete('sessions', 'endSession')->name('account.sessions');
        });
    Route::prefix('account/factor')
        ->name('factor.')
        ->controller(SecondFactorController::class)
        ->middleware([Authorize::using('manageOwn', User::class), 'throttle:30,1,own-factor:'])
        ->group(function (): void {
            Route::get('', 'show')->name('show');
            Route::post('', 'store')->name('store');
            Route::put('', 'update')->name('update');
            Route::delete('', 'destroy')->name('destroy');
            Route::post('recovery-codes', 'renew')->name('renew');
        });
    Route::post('sign-out', [SessionController::class, 'destroy'])->name('sign-out');

    Route::prefix('begin')
        ->name('beginning.')
        ->middleware(Authorize::using('begin', School::class))
        ->group(function (): void {
            foreach (
                [
                    'school' => BeginningController::class,
                    'doctrine' => DoctrineStepController::class,
                    'ranks' => RanksStepController::class,
                    'contact' => ContactStepController::class,
                    'curriculum' => CurriculumStepController::class,
                ] as $step => $controller
            ) {
                Route::get($step, [$controller, 'show'])->name($step);
                Route::put($step, [$controller, 'update']);
            }
        });

    foreach (['curriculum', 'week', 'people', 'school'] as $part) {
        require __DIR__."/web/{$part}.php";
    }
});
