<?php

declare(strict_types=1);

namespace App\Persistence;

use App\Models\School;
use StoneDrill\Core\Curriculum\Ladder;
use StoneDrill\Core\Curriculum\Rung;

/** Gives a school that has no rungs yet the built-in ones, to which ranks and reps can then point. */
final readonly class StandardLadder
{
    public static function ensure(School $school): void
    {
        if ($school->rungs()->doesntExist()) {
            $school->rungs()->createMany(array_map(self::columns(...), Ladder::builtIn()->rungs));
            $school->unsetRelation('rungs');
        }
    }

    /** @return array<string, mixed> the columns that a rung fills */
    public static function columns(Rung $rung): array
    {
        return [
            'number' => $rung->id,
            'name' => $rung->name,
            'pace' => $rung->pace,
            'attack_told' => $rung->attackTold,
            'moment_told' => $rung->momentTold,
            'resistance' => $rung->resistance,
            'follow_ups' => $rung->followUps,
            'stressors' => $rung->stressors,
        ];
    }
}
