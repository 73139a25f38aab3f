<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Solo;
use App\Models\User;

/** Whoever writes the curriculum writes basics and forms; whoever teaches marks them. */
final class SoloPolicy
{
    public function viewAny(User $user): bool
    {
        return $user->role->teaches();
    }

    public function view(User $user, Solo $solo): bool
    {
        return $user->role->teaches() && $user->school_id === $solo->school_id;
    }

    public function mark(User $user, Solo $solo): bool
    {
        return $this->view($user, $solo);
    }

    public function create(User $user): bool
    {
        return $user->role->writesCurriculum();
    }

    public function update(User $user, Solo $solo): bool
    {
        return $user->role->writesCurriculum() && $user->school_id === $solo->school_id;
    }

    public function delete(User $user, Solo $solo): bool
    {
        return $this->update($user, $solo);
    }
}
