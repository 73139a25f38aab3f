<?php

declare(strict_types=1);

use App\Models\School;
use App\Persistence\Demo;
use App\Persistence\ReadRevisions;
use App\Persistence\Revision;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;

it('differs after any write to what a wall hangs on', function (
    string $table,
    array $values,
    bool $isCurriculum,
): void {
    $school = $this->school();
    [$all, $taught] = [Revision::of($school), Revision::ofCurriculum($school)];
    expect([Revision::of($school), Revision::ofCurriculum($school)])->toBe([$all, $taught]);

    DB::table($table)
        ->where($table === 'schools' ? 'id' : 'school_id', $school->id)
        ->limit(1)
        ->update($values);
    expect(Revision::of($school))->not->toBe($all)
        ->and(Revision::ofCurriculum($school) !== $taught)->toBe($isCurriculum);
})->with([
    ['schools', ['share' => 0.5], true],
    ['ranks', ['name' => 'Other'], true],
    ['rungs', ['pace' => 0.7], true],
    ['attacks', ['prevalence' => 1], true],
    ['answers', ['mirrored' => true], true],
    ['students', ['height' => 1.7], false],
    // Even what changes nothing is a write.
    ['attacks', ['prevalence' => 4], true],
]);

it('differs when something is added or taken away', function (): void {
    $school = $this->school();
    $seen = [Revision::of($school)];
    $student = $school
        ->students()
        ->create(['code' => 'bo', 'name' => 'Bo', 'rank_id' => $school->ranks()->value('id'), 'flags' => []]);
    $seen[] = Revision::of($school);
    $student->delete();
    $seen[] = Revision::of($school);
    DB::table('reps')->insert([
        'id' => '0b7e1f60-aaaa-4000-8000-000000000001',
        'school_id' => $school->id,
        'student_id' => $school->students()->value('id'),
        'attack_id' => $school->attacks()->value('id'),
        'side' => 'written',
        'rung' => 2,
        'outcome' => 'clean',
        'at' => now(),
    ]);
    $seen[] = Revision::of($school);
    $school->attacks()->where('code', 'hug')->delete();
    $seen[] = Revision::of($school);

    expect(count(array_unique($seen)))->toBeGreaterThanOrEqual(4)
        ->and($seen[1])->not->toBe($seen[0])
        ->and($seen[3])->not->toBe($seen[2])
        ->and($seen[4])->not->toBe($seen[3]);
});

it('does not care for another school', function (): void {
    $school = $this->school();
    $before = Revision::of($school);
    $other = $this->school('Other Hall');
    $other->attacks()->update(['prevalence' => 1]);

    expect(Revision::of($school))->toBe($before);
});

it('differs after a write to any table that a file of everything has rows of', function (): void {
    app(Demo::class)->load(CarbonImmutable::now());
    $school = School::query()->where('name', 'Cinder Quay Hall')->firstOrFail();
    $written = [];
    foreach (
        [
            'schools', 'ranks', 'rungs', 'kinds', 'attacks', 'answers', 'students', 'rank_awards', 'solos',
            'solo_marks', 'training_classes', 'class_attendance', 'tests', 'test_candidates', 'test_items',
            'test_marks', 'test_solos', 'footage',
        ] as $table
    ) {
        $rows = fn () => DB::table($table)->where($table === 'schools' ? 'id' : 'school_id', $school->id);
        $row = (array) $rows()->first();
        if ($row !== []) {
            [$all, $butReps] = [Revision::ofEverything($school), Revision::ofAllButReps($school)];
            expect([Revision::ofEverything($school), Revision::ofAllButReps($school)])->toBe(
                [$all, $butReps],
                "{$table} at rest",
            );
            // A row that is written again as it was is a write.
            $column = array_key_first(array_diff_key($row, ['id' => 0]));
            $rows()
                ->where(
                    array_filter(
                        $row,
                        static fn (mixed $value, string $name): bool => $name === 'id'
                            || (str_ends_with($name, '_id') && $value !== null),
                        ARRAY_FILTER_USE_BOTH,
                    ),
                )
                ->limit(1)
                ->update([$column => $row[$column]]);
            expect(Revision::ofEverything($school))->not->toBe($all, $table)
                ->and(Revision::ofAllButReps($school))->not->toBe($butReps, $table);
            $written[] = $table;
        }
    }
    expect(count($written))->toBeGreaterThan(11, implode(', ', $written));
});

it('tells a rep from everything else', function (): void {
    $school = $this->school();
    $before = [Revision::ofEverything($school), Revision::ofAllButReps($school), Revision::ofCurriculum($school)];
    DB::table('reps')->insert([
        'id' => '0b7e1f60-aaaa-4000-8000-000000000002',
        'school_id' => $school->id,
        'student_id' => $school->students()->value('id'),
        'attack_id' => $school->attacks()->value('id'),
        'side' => 'written',
        'rung' => 2,
        'outcome' => 'clean',
        'at' => now(),
    ]);

    expect(Revision::ofEverything($school))->not->toBe($before[0])
        ->and([Revision::ofAllButReps($school), Revision::ofCurriculum($school)])->toBe([$before[1], $before[2]]);
});

it('asks what each kind of row is at once in a request', function (): void {
    $school = $this->school();
    DB::connection()->forgetRecordModificationState();
    app(ReadRevisions::class)->begin();
    $asked = [];
    DB::listen(function ($query) use (&$asked): void {
        $asked[] = [substr_count($query->sql, "'curriculum'"), substr_count($query->sql, "'students'")];
    });
    $taught = Revision::ofCurriculum($school);
    $all = Revision::of($school);
    expect([Revision::ofCurriculum($school), Revision::of($school)])->toBe([$taught, $all])
        ->and($asked)->toBe([[1, 0], [0, 1]]);

    app(ReadRevisions::class)->begin();
    expect(Revision::of($school))->toBe($all)
        ->and(Revision::ofCurriculum($school))->toBe($taught)
        ->and(array_slice($asked, 2))->toBe([[1, 1]]);
});

const PARTS = [
    'curriculum' => ['ranks', 'rungs', 'kinds', 'attacks', 'answers'],
    'students' => ['students'],
    'rest' => [
        'rank_awards', 'solos', 'solo_marks', 'solo_practices', 'training_classes', 'class_attendance', 'tests',
        'test_candidates', 'test_items', 'test_marks', 'test_solos', 'footage', 'footage_students',
    ],
    'around' => ['users', 'guardianships', 'invitations', 'tablets', 'drill_lists', 'drill_list_items'],
];

/** @return array<string, string> what each part of each school is at, by the id of the school and the part */
function partsAt(): array
{
    $at = [];
    foreach (DB::table('schools')->orderBy('id')->pluck('id') as $school) {
        foreach (array_keys(PARTS) as $part) {
            $at["{$school} {$part}"] = DB::selectOne('select part_at(?, ?) as at', [$part, $school])->at;
        }
    }

    return $at;
}

it('is told of a write to any table of a part, and of nothing else', function (): void {
    app(Demo::class)->load(CarbonImmutable::now());
    $school = School::query()->where('name', 'Cinder Quay Hall')->firstOrFail();
    $this->school('Another');
    $written = 0;
    foreach (PARTS as $part => $tables) {
        foreach ($tables as $table) {
            $before = partsAt();
            $rows = DB::table($table)->where('school_id', $school->id);
            $count = $rows->clone()->update(['school_id' => $school->id]);
            expect(array_keys(array_diff_assoc(partsAt(), $before)))
                ->toBe($count === 0 ? [] : ["{$school->id} {$part}"], $table);
            $written += $count === 0 ? 0 : 1;
        }
    }
    expect($written)->toBeGreaterThan(15);
});

it('is told of each way to write, and no table of a school is left out but what is told by its reps', function (): void {
    $told = DB::table('information_schema.triggers')
        ->where('action_statement', 'like', '%note_changed_rows%')
        ->orderBy('event_object_table')
        ->get(['event_object_table', 'event_manipulation', 'action_statement'])
        ->mapToGroups(fn ($one): array => [
            $one->event_object_table => "{$one->event_manipulation} {$one->action_statement}",
        ])
        ->map(fn ($ways) => $ways->sort()->values()->all())
        ->all();
    $expected = [];
    foreach (PARTS as $part => $tables) {
        foreach ($tables as $table) {
            $expected[$table] = array_map(
                static fn (string $way): string => "{$way} EXECUTE FUNCTION note_changed_rows('{$part}')",
                ['DELETE', 'INSERT', 'UPDATE'],
            );
        }
    }
    ksort($expected);
    $others = DB::table('information_schema.columns')
        ->where('table_schema', 'public')
        ->where('column_name', 'school_id')
        ->whereNotIn('table_name', array_keys($expected))
        ->orderBy('table_name')
        ->pluck('table_name')
        ->all();

    expect($told)->toBe($expected)
        // A further table belongs to a part, or here: reps and what is kept of them, and what no page keeps.
        ->and($others)
        ->toBe([
            'activity_log', 'answer_versions', 'mistake_weeks', 'outbox', 'partner_counts', 'proof_windows',
            'rep_counts', 'rep_mistakes', 'rep_weeks', 'reps', 'reps_corrected_elsewhere', 'row_changes',
            'student_reps',
        ]);
});

it('is the same after what was noted is folded, and is never what it was', function (): void {
    $school = $this->school();
    $seen = [];
    foreach (['One', 'Two', 'One'] as $name) {
        $school->ranks()->limit(1)->update(['name' => $name]);
        $seen[] = Revision::ofCurriculum($school);
    }
    expect(array_unique($seen))->toHaveCount(3);
    // A write folds by itself once in a while: there are some to fold in any case.
    DB::table('row_changes')->insert(
        array_map(
            static fn (int $salt): array => ['school_id' => $school->id, 'part' => 'curriculum', 'salt' => $salt],
            range(0, count(PARTS)),
        ),
    );
    $before = partsAt();
    $notes = fn (): int => DB::table('row_changes')->where('school_id', $school->id)->count();
    expect($notes())->toBeGreaterThan(count(PARTS));
    foreach (range(1, 2) as $_) {
        Artisan::call('stone-drill:tidy');
        expect(partsAt())->toBe($before)->and($notes())->toBeLessThanOrEqual(count(PARTS));
    }
    $school->ranks()->limit(1)->update(['name' => 'Three']);
    expect(array_keys(array_diff_assoc(partsAt(), $before)))->toBe(["{$school->id} curriculum"]);

    DB::table('schools')->where('id', $school->id)->delete();
    expect($notes())->toBeGreaterThan(0);
    Artisan::call('stone-drill:tidy');
    expect($notes())->toBe(0);
});

it('keeps few notes of many writes, each of which is told', function (): void {
    $school = $this->school();
    $notes = fn (): int => DB::table('row_changes')->where('school_id', $school->id)->count();
    $before = partsAt();
    $seen = [];
    // One of a hundred folds: that none of 1,500 does happens once in three millions.
    foreach (range(1, 1_500) as $time) {
        $school->ranks()->limit(1)->update(['name' => "Rank {$time}"]);
        $seen[] = DB::selectOne('select part_at(?, ?) as at', ['curriculum', $school->id])->at;
    }

    expect($notes())->toBeLessThan(1_500)
        ->and(array_unique($seen))->toHaveCount(1_500)
        ->and(array_keys(array_diff_assoc(partsAt(), $before)))->toBe(["{$school->id} curriculum"]);
});

it('has what a school had before from the release before, and gives it back', function (): void {
    $school = $this->school();
    $migration = require database_path('migrations/2026_12_01_000044_note_what_has_changed.php');
    $now = Revision::of($school);
    $migration->down();
    $before = Revision::of($school);
    expect($before)->not->toBe($now);
    $school->ranks()->limit(1)->update(['name' => 'Other']);
    expect(Revision::of($school))->not->toBe($before);
    $migration->up();
    // Each part begins with a note of its own.
    expect(array_unique(partsAt()))->toHaveCount(count(PARTS))->not->toContain('0');
});

it('has one of a school that is gone', function (): void {
    $school = $this->school();
    $before = Revision::of($school);
    $gone = clone $school;
    DB::table('schools')->where('id', $school->id)->delete();
    expect(Revision::of($gone))->not->toBe($before)->and(Revision::of($gone))->toBe(Revision::of($gone));
});
