<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\TrainingClass;
use App\Models\User;

/** Whoever writes the curriculum plans classes; whoever teaches sees them and says who came. */
final class TrainingClassPolicy
{
    public function viewAny(User $user): bool
    {
        return $user->role->teaches();
    }

    public function view(User $user, TrainingClass $class): bool
    {
        return $user->role->teaches() && $user->school_id === $class->school_id;
    }

    public function attend(User $user, TrainingClass $class): bool
    {
        return $this->view($user, $class);
    }

    public function create(User $user): bool
    {
        return $user->role->writesCurriculum();
    }

    public function update(User $user, TrainingClass $class): bool
    {
        return $user->role->writesCurriculum() && $user->school_id === $class->school_id;
    }

    public function delete(User $user, TrainingClass $class): bool
    {
        return $this->update($user, $class);
    }
}
