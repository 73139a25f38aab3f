<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Answer;
use App\Models\Attack;
use App\Models\User;

/** Attacks and answers: everybody who teaches reads them, instructors write them. */
abstract class CurriculumPolicy
{
    public function viewAny(User $user): bool
    {
        return $user->role->teaches();
    }

    public function view(User $user, Attack|Answer $row): bool
    {
        return $user->role->teaches() && $user->school_id === $row->school_id;
    }

    public function create(User $user): bool
    {
        return $user->role->writesCurriculum();
    }

    public function update(User $user, Attack|Answer $row): bool
    {
        return $user->role->writesCurriculum() && $user->school_id === $row->school_id;
    }

    public function delete(User $user, Attack|Answer $row): bool
    {
        return $this->update($user, $row);
    }
}
