<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Answer;
use App\Models\User;

final class AnswerPolicy
{
    public function viewAny(User $user): bool
    {
        return $user->role->teaches();
    }

    public function view(User $user, Answer $answer): bool
    {
        return $user->role->teaches() && $user->school_id === $answer->school_id;
    }

    public function create(User $user): bool
    {
        return $user->role->writesCurriculum();
    }

    public function update(User $user, Answer $answer): bool
    {
        return $user->role->writesCurriculum() && $user->school_id === $answer->school_id;
    }

    public function delete(User $user, Answer $answer): bool
    {
        return $this->update($user, $answer);
    }
}
