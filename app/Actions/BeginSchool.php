<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Role;
use App\Models\School;
use App\Models\SetupStep;
use App\Models\User;
use App\Persistence\StandardLadder;
use Illuminate\Support\Facades\DB;
use StoneDrill\Core\Curriculum\Doctrine;

/** Starts a school with its first head. */
final readonly class BeginSchool
{
    /**
     * @param array<string, mixed>                                $school columns: name, zone, bearings
     * @param array{name: string, email: string, password: string} $head
     */
    public function begin(array $school, array $head): User
    {
        return DB::transaction(static function () use ($school, $head): User {
            $begun = School::create([
                'doctrine' => Doctrine::Escape->value,
                ...$school,
                'setup' => SetupStep::Doctrine,
            ]);
            StandardLadder::ensure($begun);

            return User::create([...$head, 'school_id' => $begun->id, 'role' => Role::Head]);
        });
    }
}
