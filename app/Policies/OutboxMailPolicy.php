<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\OutboxMail;
use App\Models\User;

final class OutboxMailPolicy
{
    public function viewAny(User $user): bool
    {
        return $user->role->runsSchool();
    }

    public function view(User $user, OutboxMail $mail): bool
    {
        return $user->role->runsSchool() && $user->school->is($mail->school);
    }
}
