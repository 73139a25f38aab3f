<?php

declare(strict_types=1);

namespace App\Mail;

use App\Models\User;

/** A link by which somebody shows that a new email is theirs. */
final class EmailChangeMail extends SchoolMail
{
    public function __construct(public readonly User $user, public readonly string $link)
    {
        parent::__construct($user->school);
    }

    protected function name(): string
    {
        return 'email-change';
    }
}
