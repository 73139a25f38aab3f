<?php

declare(strict_types=1);

namespace App\Mail;

use App\Models\User;

/** Tells somebody that their account was changed, in case it was not them. */
final class AccountChangedMail extends SchoolMail
{
    /** @param string $what key of what was changed */
    public function __construct(public readonly User $user, public readonly string $what)
    {
        parent::__construct($user->school);
    }

    protected function name(): string
    {
        return 'account-changed';
    }
}
