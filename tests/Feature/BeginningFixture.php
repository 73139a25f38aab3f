<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\School;
use App\Models\User;

/** What the tests of Beginning share. */
final class BeginningFixture
{
    /** @return array<string, string> the first step as it is sent */
    public static function form(array $with = []): array
    {
        return ['name' => 'Brackenfold Hall', 'zone' => 'Europe/Lisbon', 'bearings' => 'degrees', 'person' => 'Wren Aldous', 'email' => 'wren@brackenfold.example', 'password' => 'a long password', ...$with];
    }

    /** A school of which the first step is done, with its head. */
    public static function begun(): User
    {
        return app(\App\Actions\BeginSchool::class)->begin(
            ['name' => 'Brackenfold Hall', 'zone' => 'UTC', 'bearings' => 'clock'],
            ['name' => 'Wren Aldous', 'email' => 'wren@brackenfold.example', 'password' => 'a long password'],
        )->fresh();
    }

    /** @param list<string> $names */
    public static function ranks(array $names): array
    {
        return ['ranks' => array_map(static fn (string $name): array => ['name' => $name, 'max_beats' => '5', 'goal_rung' => '3'], $names)];
    }

    /** @return array<string, mixed> the policy of a school as its table sends it, as it is */
    public static function policy(School $school): array
    {
        $table = new \App\View\Forms\PolicyTable(app(\App\Persistence\CatalogueMapper::class)->school($school), $school->ranks);
        $sent = [];
        foreach ($table->hazards() as $hazard) {
            foreach ($table->ages as $age) {
                foreach ($table::LEVELS as $level) {
                    $sent[$hazard->value][$age][$level->value] = $table->limit($hazard, $age, $level);
                }
            }
        }

        return $sent;
    }
}
