<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Footage;
use App\Models\User;

/** A picture or a clip is seen by whoever may see what it is of, and changed by whoever may change that. */
final class FootagePolicy
{
    public function view(User $user, Footage $footage): bool
    {
        return $user->can('view', $footage->of());
    }

    /** The file itself is kept back while somebody is on it for whom no guardian has agreed. */
    public function play(User $user, Footage $footage): bool
    {
        return $this->view($user, $footage) && ! $footage->isWithheld();
    }

    public function update(User $user, Footage $footage): bool
    {
        return $user->can('update', $footage->of());
    }

    public function delete(User $user, Footage $footage): bool
    {
        return $this->update($user, $footage);
    }
}
