<?php

declare(strict_types=1);

use App\Actions\RecordReps;
use App\Jobs\FindHoles;
use App\Jobs\PlanSeason;
use App\Jobs\WarmSchool;
use App\Models\School;
use App\Models\User;
use App\Persistence\CatalogueMapper;
use App\Persistence\CoverageBook;
use App\Persistence\EvidenceBook;
use App\Persistence\WindowBook;
use App\View\Drill\Kit;
use Carbon\CarbonImmutable;
use Illuminate\Contracts\Console\Kernel as Console;
use Illuminate\Contracts\Http\Kernel;
use Illuminate\Http\Request;
use Illuminate\Routing\Route;
use Illuminate\Support\Defer\DeferredCallbackCollection;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/*
 * What the mat and the board cost in a school of 2,000 students with 1,000,000 reps, beside an empty page in the same
 * run; with several numbers of reps, one after the other in the same school. Called by bench/reps, which starts a
 * server and a database for it.
 */

require __DIR__.'/clock.php';

[$base, $people] = [$argv[1], (int) ($argv[2] ?? 2000)];
$sizes = array_map(intval(...), array_slice($argv, 3)) ?: [1_000_000];
sort($sizes);
$app = require dirname(__DIR__).'/bootstrap/app.php';
$app->make(Console::class)->bootstrap();
config(['session.driver' => 'array', 'cache.default' => 'array']);
$school = School::query()->where('name', 'Cinder Quay Hall')->firstOrFail();

DB::statement(
    "insert into students (school_id, code, name, rank_id, flags, created_at, updated_at) select ?, 'b'||n, 'Bench '||lpad(n::text, 5, '0'), (select id from ranks where school_id = ? order by position offset n % 6 limit 1), '[]', now(), now() from generate_series(1, ?) n",
    [$school->id, $school->id, $people - $school->students()->count()],
);
$had = 0;
foreach ($sizes as $count) {
    DB::statement('analyze');
    DB::statement('set enable_nestloop = off');
    // What a row sets off would take most of the time: it is set aside, and done for all at once.
    DB::statement('alter table reps disable trigger user');
    DB::statement(
        "insert into reps (id, school_id, student_id, attack_id, side, rung, outcome, at, recorded_at, mistakes, answer_id, attacker_id, seconds)
        select gen_random_uuid(), ?, s.id, a.id, case when n % 3 = 0 then 'mirrored' else 'written' end, 1 + n % 7, (array['clean','clean','clean','scraped','late','hit'])[1 + n % 6], now() - (random() * 700) * interval '1 day', now(),
            case when n % 6 > 3 then json_build_array((array['steps short','looks down','lets go','leans back','too close'])[1 + n / 7 % 5]) else '[]' end, a.answer, case when n % 4 > 0 then o.id end, case when n % 9 = 0 then 1 + random() * 3 end
        from generate_series(?::int, ?::int) n
        join (select id, row_number() over (order by id) - 1 as place from students where school_id = ?) s on s.place = (n * 7919::bigint) % ?
        join (select id, row_number() over (order by id) - 1 as place from students where school_id = ?) o on o.place = (n * 7919::bigint + 1 + n / 4 % 9) % ?
        join (select id, (select min(id) from answers where attack_id = attacks.id) as answer, row_number() over (order by id) - 1 as place from attacks where school_id = ?) a on a.place = (n * 104729::bigint / 7) % ?",
        [
            $school->id,
            $had + 1,
            $count,
            $school->id,
            $people,
            $school->id,
            $people,
            $school->id,
            $school->attacks()->count(),
        ],
    );
    DB::statement(
        'insert into proof_windows (school_id, student_id, attack_id, side) select distinct school_id, student_id, attack_id, side from reps on conflict (school_id, student_id, attack_id, side) do update set is_stale = true',
    );
    DB::statement(
        "insert into rep_mistakes (school_id, rep_id, at, attack_id, student_id, answer_id, mistake) select r.school_id, r.id, r.at, r.attack_id, r.student_id, r.answer_id, m.mistake from reps r cross join lateral json_array_elements_text(r.mistakes) as m(mistake) where r.mistakes::text <> '[]' and not exists (select 1 from rep_mistakes k where k.school_id = r.school_id and k.rep_id = r.id)",
    );
    DB::statement(
        "insert into rep_weeks (school_id, week, attack_id, answer_id, side, rung, tries, clean) select school_id, date_trunc('week', at at time zone 'UTC')::date, attack_id, coalesce(answer_id, 0), side, rung, count(*), count(*) filter (where outcome = 'clean') from reps group by 1, 2, 3, 4, 5, 6 on conflict (school_id, week, attack_id, answer_id, side, rung) do update set tries = excluded.tries, clean = excluded.clean",
    );
    DB::statement(
        "insert into mistake_weeks (school_id, week, of, whose, mistake, times) select m.school_id, date_trunc('week', m.at at time zone 'UTC')::date, o.of, o.whose, m.mistake, count(*) from rep_mistakes m cross join lateral (values ('attack', m.attack_id), ('student', m.student_id), ('answer', m.answer_id)) as o(of, whose) where o.whose is not null group by 1, 2, 3, 4, 5 on conflict (school_id, of, week, whose, mistake) do update set times = excluded.times",
    );
    DB::statement('update rep_counts c set count = (select count(*) from reps where school_id = c.school_id)');
    DB::statement(
        'insert into student_reps (student_id, school_id, count, last_at) select student_id, school_id, count(*), max(at) from reps group by student_id, school_id on conflict (student_id) do update set count = excluded.count, last_at = excluded.last_at',
    );
    DB::statement(
        "insert into partner_counts (school_id, student_id, attacker_id, tries) select school_id, student_id, attacker_id, count(*) from reps where attacker_id is not null and source <> 'home' and outcome <> 'stopped' group by school_id, student_id, attacker_id on conflict (school_id, student_id, attacker_id) do update set tries = excluded.tries",
    );
    DB::statement('alter table reps enable trigger user');
    DB::statement('set enable_nestloop = on');
    DB::statement('analyze');
    printf(
        "%s reps of %s students\n",
        number_format($school->reps()->count()),
        number_format($school->students()->count()),
    );

    $mapper = $app->make(CatalogueMapper::class);
    $curriculum = $mapper->curriculum($school);
    $students = $school->students()->where('code', 'like', 'b%')->limit(30)->pluck('id')->all();
    $start = hrtime(true);
    foreach (array_chunk($school->students()->pluck('id')->all(), 100) as $chunk) {
        (new WindowBook($school, $curriculum))->of($chunk, CarbonImmutable::now());
    }
    printf("every window worked out once                    %8.0f ms\n", (hrtime(true) - $start) / 1e6);
    $reference = reference();

    $user = User::query()->where('email', 'head@cinder-quay.example')->firstOrFail();
    $page = static function (string $path) use ($app, $user, $base): void {
        Auth::guard()->setUser($user->fresh());
        // Drawn anew each time, as if somebody reloaded it.
        $response = $app
            ->make(Kernel::class)
            ->handle(Request::create($base.$path, server: ['HTTP_CACHE_CONTROL' => 'no-cache']));
        $response->getStatusCode() === 200 || throw new RuntimeException("{$path}: {$response->getStatusCode()}");
        $app->make(DeferredCallbackCollection::class)->invoke();
    };
    $work = static function (object $job) use ($app): void {
        $app->call([$job, 'handle']);
        $app->make(DeferredCallbackCollection::class)->invoke();
    };
    $empty = middle(static fn () => $page('/drill-lists'), 15);
    $say = static function (string $name, float $time) use ($empty, $reference): void {
        printf(
            "%-62s %8.1f ms   %5.1f × an empty page   %5.1f × reference\n",
            $name,
            $time,
            $time / $empty,
            $time / $reference,
        );
    };
    $say('an empty page', $empty);
    $say('the board of a group of 30', middle(static fn () => $page('/board?rank=slate'), 15));
    $say('the ladder of a student', middle(static fn () => $page('/people/'.$students[3]), 15));
    $log = new RecordReps($school, $user);
    $attack = $school->attacks()->value('id');
    $record = static fn (): bool => $log->record([
        'id' => (string) Str::uuid(),
        'student_id' => $students[array_rand($students)],
        'attack_id' => $attack,
        'side' => 'written',
        'rung' => 3,
        'outcome' => 'clean',
    ])->stored;
    $afterRep = static function (string $path) use ($record, $page): float {
        $times = array_map(static function () use ($record, $page, $path): float {
            $record();

            return milliseconds(static fn () => $page($path), 1);
        }, range(1, 7));
        sort($times);

        return $times[3];
    };
    // As where somebody does the jobs: the wall comes at once, and its weak spots as soon as they are worked out.
    DB::table('jobs')->delete();
    $say('the wall with nothing kept', milliseconds(static fn () => $page('/wall'), 1));
    $say(
        'its weak spots, by their job',
        milliseconds(static fn () => $work(new FindHoles($school->id)), 1),
    );
    // From here on they are worked out where they are asked for.
    config(['queue.default' => 'sync']);
    $say('the wall after a rep has come, with its weak spots', $afterRep('/wall'));
    $say('the wall when nothing has changed', middle(static fn () => $page('/wall'), 5));
    $say('mistakes of twelve weeks', middle(static fn () => $page('/board/mistakes'), 5));
    $say('one rep recorded', middle($record, 31));
    $kit = new Kit(
        $school,
        $mapper,
        $app->make(CoverageBook::class),
        CarbonImmutable::now(),
        $school->students()->with('rank')->findMany($students),
        [],
    );
    $say(
        'the next draw for 30 people, all read anew',
        middle(static function () use ($app, $school, $mapper, $students): void {
            $kit = new Kit(
                $school,
                $mapper,
                $app->make(CoverageBook::class),
                CarbonImmutable::now(),
                $school->students()->with('rank')->findMany($students),
        [],
            );
            foreach ($kit->students as $student) {
                StoneDrill\Core\Drill\Draw::of($kit->person($student)->tickets(4))->next(7);
            }
        }, 9),
    );
    $say(
        'the same with the curriculum at hand',
        middle(static function () use ($kit): void {
            foreach ($kit->students as $student) {
                StoneDrill\Core\Drill\Draw::of($kit->person($student)->tickets(4))->next(7);
            }
        }, 9),
    );
    // As for the wall: what takes long to find comes with a later kit.
    config(['queue.default' => 'database']);
    DB::table('jobs')->delete();
    Cache::clear();
    $app->forgetScopedInstances();
    array_map(static fn (Route $route) => $route->flushController(), $app->make('router')->getRoutes()->getRoutes());
    $say('the kit of the mat with nothing kept', milliseconds(static fn () => $page('/mat/kit'), 1));
    $say(
        'a school made ready, by its job',
        milliseconds(static fn () => $work(new WarmSchool($school->id)), 1),
    );
    $say(
        'the way to its test, planned by its job',
        milliseconds(
            static fn () => $school
                ->tests()
                ->pluck('id')
                ->each(static fn (int $test) => $work(new PlanSeason($test))),
            1,
        ),
    );
    config(['queue.default' => 'sync']);
    $say('the kit of the mat, 120 people, after a rep', $afterRep('/mat/kit'));
    $say(
        'classes and tests for the mat for the first time in five minutes',
        milliseconds(static fn () => $page('/mat/plans'), 1),
    );
    $say('the same after a rep', $afterRep('/mat/plans'));

    config(['queue.default' => 'database']);
    DB::table('jobs')->delete();
    CarbonImmutable::setTestNow(CarbonImmutable::now()->addMinutes(65));
    foreach (['the wall' => '/wall', 'the kit of the mat, 120 people,' => '/mat/kit'] as $name => $path) {
        $app->forgetScopedInstances();
        $say("{$name} for the first time in an hour", milliseconds(static fn () => $page($path), 1));
    }
    CarbonImmutable::setTestNow();
    $app->forgetScopedInstances();
    Cache::clear();
    $say(
        'a school made ready for class, by its job, with nothing kept',
        milliseconds(static fn () => $work(new WarmSchool($school->id)), 1),
    );
    foreach (['the wall' => '/wall', 'the kit of the mat' => '/mat/kit'] as $name => $path) {
        $app->forgetScopedInstances();
        $say("{$name} then", milliseconds(static fn () => $page($path), 1));
    }

    $start = hrtime(true);
    $book = $app->make(EvidenceBook::class);
    $book->of($school);
    printf("what the reps teach, read by its job               %8.0f ms\n", (hrtime(true) - $start) / 1e6);
    $say('its page then', middle(static fn () => $page('/evidence'), 5));

    foreach (
        [
            'windows of a group'
                => 'select * from proof_windows where school_id = 1 and student_id in ('.implode(', ', $students).')',
            'stale windows'
                => 'select distinct student_id, attack_id from proof_windows where school_id = 1 and is_stale and student_id in ('
                .implode(', ', $students)
                .')',
            'reps of a student' => "select * from reps where school_id = 1 and student_id = {$students[3]} order by at desc, id desc",
            'reps of a pair' => "select * from reps where school_id = 1 and (student_id, attack_id) in (values ({$students[3]}::bigint, {$attack}::bigint))",
        ] as $name => $sql
    ) {
        printf(
            "\n-- %s\n%s\n",
            $name,
            implode(
                "\n",
                array_map(
                    static fn (object $row): string => current((array) $row),
                    DB::select('explain (costs off) '.$sql),
                ),
            ),
        );
    }
    $had = $count;
}
