<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Mail\PasswordResetMail;
use App\Models\User;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Illuminate\Support\Facades\Mail;
use Illuminate\Support\Facades\Password;

/** Sends a link for a new password where an email belongs to an account that is open. */
final class SendPasswordReset implements ShouldQueue
{
    use Queueable;

    public function __construct(public readonly string $email) {}

    public function handle(): void
    {
        Password::sendResetLink(['email' => User::sameEmail($this->email), 'closed_at' => null], static function (
            User $user,
            string $token,
        ): void {
            Mail::to($user->email)->send(
                new PasswordResetMail($user, route('password.edit', ['token' => $token, 'email' => $user->email])),
            );
            activity()->performedOn($user)->event('reset-sent')->log('reset-sent');
        });
    }
}
