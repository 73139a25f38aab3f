<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Invitation;
use App\Models\User;

final class InvitationPolicy
{
    public function delete(User $user, Invitation $invitation): bool
    {
        return $user->role->runsSchool() && $user->school_id === $invitation->school_id;
    }
}
