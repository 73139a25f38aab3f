<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\School;

/** What the tests of Permission share. */
final class PermissionFixture
{
    /** What of an address names a row of a school. */
    public const ROWS = ['{attack}', '{answer}', '{student}', '{rep}', '{rank}', '{list}', '{rung}'];

    public static function address(string $pattern, School $school): string
    {
        return strtr($pattern, [
            '{attack}' => $school->attacks()->where('code', 'wrist')->value('id'),
            '{answer}' => $school->answers()->value('id'),
            '{student}' => $school->students()->value('id'),
            '{rep}' => $school->reps()->value('id'),
            '{rank}' => $school->ranks()->value('id'),
            '{list}' => str_contains($pattern, '{list}') ? $school->drillLists()->firstOrCreate(['name' => 'Monday'])->id : '',
            '{rung}' => $school->rungs()->value('id'),
            '{token}' => str_repeat('a', 40),
            '{basic}' => 'step',
            '{waiver}' => 'no-exit',
            '{version}' => '1',
            '{side}' => 'written',
            '{format}' => 'yaml',
            '{starter}' => 'hit-and-leave',
        ]);
    }
}
