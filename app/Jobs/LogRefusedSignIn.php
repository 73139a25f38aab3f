<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Models\LogEntry;
use App\Models\User;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;

/**
 * Tells in the log of a school that somebody was refused at one of its accounts. A job looks for the account, so that
 * the answer to the one who tried takes as long whether there is one or not.
 */
final class LogRefusedSignIn implements ShouldQueue
{
    use Queueable;

    /** @param string $event key of what happened */
    public function __construct(
        public readonly string $email,
        public readonly string $address,
        public readonly string $event,
    ) {}

    public function handle(): void
    {
        $user = User::query()->where('email', User::sameEmail($this->email))->first();
        if ($user !== null) {
            activity()
                ->performedOn($user)
                ->causedByAnonymous()
                ->event($this->event)
                ->tap(fn (LogEntry $entry) => ($entry->address = $this->address))
                ->log($this->event);
        }
    }
}
