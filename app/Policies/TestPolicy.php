<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Test;
use App\Models\User;

/** Whoever writes the curriculum plans tests and decides them; whoever teaches may examine. */
final class TestPolicy
{
    public function viewAny(User $user): bool
    {
        return $user->role->teaches();
    }

    public function view(User $user, Test $test): bool
    {
        return $user->role->teaches() && $user->school_id === $test->school_id;
    }

    public function mark(User $user, Test $test): bool
    {
        return $this->view($user, $test);
    }

    public function create(User $user): bool
    {
        return $user->role->writesCurriculum();
    }

    public function update(User $user, Test $test): bool
    {
        return $user->role->writesCurriculum() && $user->school_id === $test->school_id;
    }

    public function decide(User $user, Test $test): bool
    {
        return $this->update($user, $test);
    }

    public function delete(User $user, Test $test): bool
    {
        return $this->update($user, $test);
    }
}
