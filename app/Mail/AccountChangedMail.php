<?php

declare(strict_types=1);

namespace App\Mail;

use App\Models\User;
use Illuminate\Support\Facades\Mail;

/** Tells somebody that their account was changed, in case it was not them. */
final class AccountChangedMail extends SchoolMail
{
    /** @param string $what key of what was changed */
    public function __construct(public readonly User $user, public readonly string $what)
    {
        parent::__construct($user->school);
    }

    /** Tells it where mail works; what was changed is changed either way. */
    public static function tell(User $user, string $what, ?string $to = null): void
    {
        rescue(static fn () => Mail::to($to ?? $user->email)->send(new self($user, $what)));
    }

    protected function name(): string
    {
        return 'account-changed';
    }
}
