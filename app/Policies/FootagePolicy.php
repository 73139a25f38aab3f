<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Footage;
use App\Models\User;
use App\Persistence\CatalogueMapper;
use App\View\Home\HomeWeek;
use Carbon\CarbonImmutable;

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
        return ($this->view($user, $footage) || $this->isAtHome($user, $footage)) && ! $footage->isWithheld();
    }

    /** Whether it is on what the user, or a child of theirs, practises at home this week. */
    private function isAtHome(User $user, Footage $footage): bool
    {
        $students = $user->student === null ? $user->children : [$user->student];
        foreach ($user->school_id === $footage->school_id ? $students : [] as $student) {
            $week = new HomeWeek(
                $student->loadMissing('rank', 'school'),
                app(CatalogueMapper::class),
                CarbonImmutable::now(),
            );
            if ($week->shows($footage)) {
                return true;
            }
        }

        return false;
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
