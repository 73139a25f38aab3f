<?php

declare(strict_types=1);

use App\Models\Role;
use App\Persistence\ReadRevisions;
use App\Persistence\Revision;
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
    app(App\Persistence\Demo::class)->load(Carbon\CarbonImmutable::now());
    $school = App\Models\School::query()->where('name', 'Cinder Quay Hall')->firstOrFail();
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

it('is told of each part what a plain look at its rows tells', function (string $part, array $tables): void {
    $school = $this->school('One');
    $this->person($school, Role::Head);
    $this->school('Another');
    $rows = array_merge(
        ...array_map(
            static fn (string $table): array => DB::table($table)
                ->where('school_id', $school->id)
                ->selectRaw('hashtidextended(ctid, xmin::text::bigint)::text as at')
                ->pluck('at')
                ->all(),
            $tables,
        ),
    );
    // They are longer together than PHP counts.
    $sum = DB::selectOne('select coalesce(sum(one::numeric), 0) as sum from unnest(?::text[]) as one', [
        '{'.implode(',', $rows).'}',
    ])->sum;

    expect(DB::selectOne('select part_at(?, ?) as at', [$part, $school->id])->at)->toBe(count($rows).'.'.$sum);
})->with([
    ['curriculum', ['ranks', 'rungs', 'kinds', 'attacks', 'answers']],
    ['students', ['students']],
    [
        'rest',
        [
            'rank_awards', 'solos', 'solo_marks', 'solo_practices', 'training_classes', 'class_attendance', 'tests',
            'test_candidates', 'test_items', 'test_marks', 'test_solos', 'footage', 'footage_students',
        ],
    ],
    ['around', ['users', 'guardianships', 'invitations', 'tablets', 'drill_lists', 'drill_list_items']],
]);

it('has one of a school that is gone', function (): void {
    $school = $this->school();
    $before = Revision::of($school);
    $gone = clone $school;
    DB::table('schools')->where('id', $school->id)->delete();
    expect(Revision::of($gone))->not->toBe($before)->and(Revision::of($gone))->toBe(Revision::of($gone));
});
