<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Role;
use App\Models\Student;
use App\Models\User;

final class StudentPolicy
{
    public function viewAny(User $user): bool
    {
        return $user->role->teaches();
    }

    /** Students see themselves alone, guardians the children entrusted to them. */
    public function view(User $user, Student $student): bool
    {
        return $user->sees($student);
    }

    /** The children that are entrusted to somebody. */
    public function viewOwn(User $user): bool
    {
        return $user->role === Role::Guardian;
    }

    public function create(User $user): bool
    {
        return $user->role->writesCurriculum();
    }

    public function update(User $user, Student $student): bool
    {
        return $user->role->writesCurriculum() && $user->school_id === $student->school_id;
    }

    /** Erasing cannot be undone. */
    public function delete(User $user, Student $student): bool
    {
        return $user->role->runsSchool() && $user->school_id === $student->school_id;
    }
}
