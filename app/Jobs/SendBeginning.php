<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Auth\PendingSchool;
use App\Mail\BeginningMail;
use App\Models\User;
use Illuminate\Contracts\Queue\ShouldBeEncrypted;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Illuminate\Support\Facades\Mail;

/** Sends the link by which a school is started; or, where the email has an account, says so there and nowhere else. */
final class SendBeginning implements ShouldBeEncrypted, ShouldQueue
{
    use Queueable;

    public function __construct(public readonly PendingSchool $school) {}

    public function handle(): void
    {
        $email = $this->school->head['email'];
        $isTaken = User::query()->where('email', $email)->exists();
        Mail::to($email)->send(
            new BeginningMail(
                $this->school->head['name'],
                (string) $this->school->school['name'],
                $isTaken ? null : $this->school->link(),
            ),
        );
    }
}
