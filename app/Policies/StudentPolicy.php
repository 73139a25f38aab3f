<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Student;
use App\Models\User;

final class StudentPolicy
{
    public function viewAny(User $user): bool
    {
        return $user->role->teaches();
    }

    /** A student sees only herself. */
    public function view(User $user, Student $student): bool
    {
        return $user->school_id === $student->school_id
            && ($user->role->teaches() || $user->student_id === $student->id);
    }

    public function create(User $user): bool
    {
        return $user->role->writesCurriculum();
    }

    public function update(User $user, Student $student): bool
    {
        return $user->role->writesCurriculum() && $user->school_id === $student->school_id;
    }
}
