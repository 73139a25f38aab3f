<?php

use App\Http\BeyondLimits;
use App\Http\DatabaseGone;
use App\Http\Middleware\AskForWatchToken;
use App\Http\Middleware\KeepPage;
use App\Http\Middleware\KeepShare;
use App\Http\Middleware\KeepToSchool;
use App\Http\Middleware\KnownHosts;
use App\Http\Middleware\ReadFromReplica;
use App\Http\Middleware\RejectInvalidUtf8;
use App\Http\Middleware\RememberWrites;
use App\Http\Middleware\SecurityHeaders;
use App\Http\Middleware\SkipCookiesForHtmx;
use App\Http\Middleware\SkipSessionWriteForHtmx;
use App\Http\Middleware\WatchRequests;
use App\Http\RefusedByDatabase;
use App\View\Drill\MatKey;
use App\Watch\QueryLog;
use Illuminate\Auth\AuthenticationException;
use Illuminate\Database\QueryException;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Foundation\Configuration\Middleware;
use Illuminate\Http\Middleware\HandleCors;
use Illuminate\Http\Request;
use Illuminate\Routing\Middleware\SubstituteBindings;
use Laravel\Sanctum\Http\Middleware\CheckForAnyAbility;
use Symfony\Component\ErrorHandler\Error\FatalError;

return Application::configure(basePath: dirname(__DIR__))
    ->withRouting(
        web: __DIR__.'/../routes/web.php',
        api: __DIR__.'/../routes/api.php',
        commands: __DIR__.'/../routes/console.php',
        apiPrefix: 'api/v1',
    )
    ->withMiddleware(function (Middleware $middleware): void {
        // Same-origin application; see packages/standins/README.md.
        $middleware->remove(HandleCors::class);
        $middleware->prepend(WatchRequests::class);
        // After the proxies that are trusted have had their say, before anything makes a link.
        $middleware->append(KnownHosts::class);
        $middleware->append(SecurityHeaders::class);
        $middleware->append(RejectInvalidUtf8::class);
        $middleware->web(
            append: [KeepShare::class, KeepToSchool::class, SkipSessionWriteForHtmx::class, RememberWrites::class],
            prepend: [SkipCookiesForHtmx::class],
        );
        // Also where what an address names is not there any more.
        $middleware->prependToPriorityList(SubstituteBindings::class, SkipSessionWriteForHtmx::class);
        $middleware->api(append: [KeepShare::class, KeepToSchool::class]);
        // The mat's own script reads it.
        $middleware->encryptCookies(except: [MatKey::COOKIE]);
        $middleware->alias([
            'ability' => CheckForAnyAbility::class,
            'watch' => AskForWatchToken::class,
            'replica' => ReadFromReplica::class,
            'kept' => KeepPage::class,
        ]);
        // A program is told in its own language that its token does not hold.
        $middleware->redirectGuestsTo(
            static fn (Request $request): ?string => $request->is('api/*') ? null : '/sign-in',
        );
        $middleware->redirectUsersTo('/');
    })
    ->withExceptions(function (Exceptions $exceptions): void {
        // What the database says of a query holds the values it was asked with: names, addresses.
        $exceptions->report(static fn (QueryException $exception) => QueryLog::write($exception))->stop();
        $exceptions->shouldRenderJsonWhen(
            static fn (Request $request): bool => $request->is('api/*') || $request->expectsJson(),
        );
        $exceptions->dontFlash([
            'password', 'current_password', 'email_password', 'factor_password', 'code', 'pin', 'pin_password',
        ]);
        // A part of a page cannot become the sign-in page: the page itself says that nobody is signed in any more.
        $exceptions->render(
            fn (AuthenticationException $exception, Request $request) => $request->headers->has('HX-Request')
                ? response('', 401)
                : null,
        );
        $exceptions->render(
            fn (QueryException $exception, Request $request) => match (true) {
                DatabaseGone::isMeant($exception) => DatabaseGone::response($request),
                RefusedByDatabase::isMeant($exception) => RefusedByDatabase::response($request),
                default => null,
            },
        );
        $exceptions->render(
            fn (FatalError $error, Request $request) => BeyondLimits::isMeant($error)
                ? BeyondLimits::response($error, $request)
                : null,
        );
    })
    ->create();
