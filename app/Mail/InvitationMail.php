<?php

declare(strict_types=1);

namespace App\Mail;

use App\Models\Invitation;

/** Invites somebody to a school, with a link that works once. */
final class InvitationMail extends SchoolMail
{
    public function __construct(public readonly Invitation $invitation, public readonly string $link)
    {
        parent::__construct($invitation->school);
    }

    protected function name(): string
    {
        return 'invitation';
    }
}
