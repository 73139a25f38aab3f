<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Role;
use App\Models\TrainingClass;
use Illuminate\Support\Facades\DB;
use Tests\FeatureTestCase;

/** A school that plans classes, and what the tests of them do again and again. */
final class ClassesFixture
{
    public static function begin(FeatureTestCase $test): void
    {
        $test->hall = $test->school();
        $test->instructor = $test->person($test->hall, Role::Instructor);
        $test->form = fn (array $with = []): array => [
            ...[
                'at' => '2026-12-01T19:00', 'minutes' => '60', 'place' => 'Salt Hall', 'places' => '8',
                'instructors' => '2', 'ranks' => [],
            ],
            ...$with,
        ];
        $test->plan = function (array $with = []) use ($test): TrainingClass {
            $test->actingAs($test->instructor)->post('/classes', ($test->form)($with))->assertSessionHasNoErrors();

            return $test->hall->classes()->latest('id')->firstOrFail();
        };
        $test->add = function (int $count, string $rank = 'first') use ($test): void {
            foreach (range(1, $count) as $number) {
                $test->hall
                    ->students()
                    ->create([
                        'code' => "{$rank}-{$number}",
                        'name' => ucfirst($rank)." {$number}",
                        'rank_id' => $test->hall->ranks()->where('code', $rank)->value('id'),
                        'flags' => [],
                        'height' => 1.6 + $number / 100,
                    ]);
            }
        };
        $test->minutes = fn (TrainingClass $class): array => DB::table('training_classes')->find($class->id)
            ->blocks === null
            ? []
            : json_decode(DB::table('training_classes')->find($class->id)->blocks, true);
        $test->change = fn (TrainingClass $class, string $change, array $more = []) => $test->put(
            "/classes/{$class->id}/blocks",
            ['version' => $class->fresh()->version, 'change' => $change, ...$more],
        );
    }
}
