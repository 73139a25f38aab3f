<?php

declare(strict_types=1);

namespace App\Providers;

use App\Auth\BenchTablet;
use App\Auth\LogSignIns;
use App\Http\Middleware\WatchRequests;
use App\Jobs\SchoolJobs;
use App\Mail\OutboxTransport;
use App\Models\User;
use App\Persistence\ProofBook;
use App\Persistence\ReadRevisions;
use App\Persistence\SecondWall;
use App\View\OwnWords;
use App\View\SpokenFor;
use Carbon\CarbonImmutable;
use Illuminate\Auth\Events\Authenticated;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Http\Middleware\TrustProxies;
use Illuminate\Support\Facades\Blade;
use Illuminate\Support\Facades\Date;
use Illuminate\Support\Facades\Event;
use Illuminate\Support\Facades\Mail;
use Illuminate\Support\Facades\Queue;
use Illuminate\Support\ServiceProvider;
use Illuminate\Translation\Translator;
use Illuminate\Validation\Rules\Password;
use Laravel\Sanctum\Events\TokenAuthenticated;
use PDO;
use StoneDrill\Core\Text;

final class AppServiceProvider extends ServiceProvider
{
    public function register(): void
    {
        $this->app->scoped(ReadRevisions::class);
        $this->app->scoped(ProofBook::class);
        $this->app->bind('db.connector.pgsql', SecondWall::class);
        // A web process keeps its connection: to make one, with its password, takes longer than most pages ask of it.
        if (PHP_SAPI === 'fpm-fcgi') {
            config([
                'database.connections.pgsql.options' => [
                    ...config('database.connections.pgsql.options'),
                    PDO::ATTR_PERSISTENT => true,
                ],
            ]);
        }
        $this->app->extend('translator', static function (Translator $translator): OwnWords {
            $own = new OwnWords($translator->getLoader(), $translator->getLocale(), SpokenFor::nouns(...));
            $own->setFallback($translator->getFallback());

            return $own;
        });
    }

    public function boot(): void
    {
        // Every write goes through a form request or the importer, which name the columns they write.
        Model::unguard();
        // Strict where it finds mistakes, never where it would stop an instructor.
        Model::shouldBeStrict(! $this->app->isProduction());
        Date::use(CarbonImmutable::class);
        Blade::stringable(static fn (Text $text): string => say($text));
        Blade::if('tablet', static fn (): bool => BenchTablet::isSignedIn(request()));
        Event::subscribe(LogSignIns::class);
        // Every line of the log about a request says of which school it is.
        Event::listen(static fn (Authenticated $event) => WatchRequests::tellSchool($event->user));
        Event::listen(static fn (TokenAuthenticated $event) => WatchRequests::tellSchool($event->token->tokenable));
        Queue::createPayloadUsing(SchoolJobs::mark(...));
        Mail::extend('outbox', static fn (): OutboxTransport => new OutboxTransport());
        Password::defaults(static fn (): Password => Password::min(User::MIN_PASSWORD));
        TrustProxies::at(config('app.trusted_proxies'));
    }
}
