<?php

declare(strict_types=1);

namespace App\Auth;

use App\Jobs\LogRefusedSignIn;
use App\Models\User;
use Illuminate\Auth\Events\CurrentDeviceLogout;
use Illuminate\Auth\Events\Failed;
use Illuminate\Auth\Events\Lockout;
use Illuminate\Auth\Events\Login;
use Illuminate\Auth\Events\Logout;
use Illuminate\Contracts\Auth\Authenticatable;
use Illuminate\Events\Dispatcher;

/** Tells in the log of a school who signed in and out, and whose account was tried in vain. */
final readonly class LogSignIns
{
    public function subscribe(Dispatcher $events): void
    {
        $events->listen(Login::class, static fn (Login $event) => self::tell($event->user, 'signed-in'));
        $events->listen(
            CurrentDeviceLogout::class,
            static fn (CurrentDeviceLogout $event) => self::tell($event->user, 'signed-out'),
        );
        $events->listen(Logout::class, static fn (Logout $event) => self::tell($event->user, 'signed-out'));
        $events->listen(
            Failed::class,
            static fn (Failed $event) => self::tellLater((string) $event->credentials['email'], 'failed'),
        );
        $events->listen(
            Lockout::class,
            static fn (Lockout $event) => self::tellLater((string) $event->request->string('email'), 'locked'),
        );
    }

    private static function tellLater(string $email, string $event): void
    {
        LogRefusedSignIn::dispatch($email, (string) request()->ip(), $event);
    }

    private static function tell(?Authenticatable $user, string $event): void
    {
        if ($user instanceof User) {
            activity()->performedOn($user)->causedBy($user)->event($event)->log($event);
        }
    }
}
