<?php

declare(strict_types=1);

use App\Models\Role;
use App\Models\School;
use App\Models\Student;
use App\Persistence\Demo;
use App\Persistence\SeasonBook;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\Event;
use Illuminate\Support\Str;

beforeEach(function (): void {
    app(Demo::class)->load(CarbonImmutable::now());
    $this->hall = School::query()->where('name', 'Cinder Quay Hall')->firstOrFail();
    // Pictures that are still being made ready ask again by themselves.
    $this->hall
        ->hasMany(App\Models\Footage::class)
        ->update(['state' => 'ready', 'path' => 'none', 'bytes' => 1, 'width' => 1, 'height' => 1]);
    // The way to the test has been planned by its job.
    app(SeasonBook::class)->of($this->hall->tests()->with('school', 'rank')->firstOrFail());
    $this->head = $this->hall->users()->where('role', Role::Head)->firstOrFail();
    $this->student = $this->hall->users()->where('role', Role::Student)->firstOrFail();
    $person = "/people/{$this->student->student_id}";
    $class = $this->hall->classes()->where('at', '>=', now())->orderBy('at')->firstOrFail();
    $this->pages = [
        'head' => [
            '/wall',
            '/wall/ranks',
            '/attacks',
            '/attacks/'.$this->hall->attacks()->value('id'),
            '/answers',
            '/answers/'.$this->hall->answers()->value('id'),
            '/people',
            $person,
            "{$person}/log",
            '/board',
            "/classes/{$class->id}",
            '/evidence',
            '/school/settings',
            '/mat',
        ],
        'student' => ["{$person}/own", $person, "{$person}/home", "{$person}/log"],
    ];
    $this->rep = fn (Student $student, array $more = []) => $this->hall
        ->reps()
        ->create([
            'id' => (string) Str::uuid(),
            'student_id' => $student->id,
            'attack_id' => $this->hall->attacks()->value('id'),
            'side' => 'written',
            'rung' => 2,
            'outcome' => 'clean',
            'at' => now(),
            'mistakes' => [],
            'source' => 'seen',
            ...$more,
        ]);
    $this->drawn = 0;
    Event::listen('composing: *', fn (): int => $this->drawn++);
    /** @return array{string, bool} the page as it is sent, and whether any of it was drawn for that */
    $this->page = function (string $path, string $asks = ''): array {
        // A wall asks for its weak spots, and is kept once it has them.
        if (str_starts_with($path, '/wall') && auth()->user()->can('viewAny', App\Models\Answer::class)) {
            $this->get('/wall/holes')->assertOk();
        }
        $this->drawn = 0;
        $asked = array_filter(['Cache-Control' => $asks, 'HX-Request' => str_ends_with($path, '/log') ? 'true' : '']);
        $html = (string) $this->get($path, $asked)
            ->assertOk()
            ->getContent();

        $this->ids = preg_match_all('/name="id" value="([0-9a-f-]{36})"/', $html, $ids) > 0 ? $ids[1] : [];

        return [str_replace($this->ids, 'ID', $html), $this->drawn > 0];
    };
    $this->same = function (string $after): void {
        foreach ($this->pages as $who => $paths) {
            $this->actingAs($this->{$who}->fresh());
            foreach ($paths as $path) {
                [$sent] = ($this->page)($path);
                expect($sent)->toBe(($this->page)($path, 'no-cache')[0], "{$path} after {$after}");
                // It is kept from here on, until the next write.
                expect(($this->page)($path)[1])->toBeFalse("{$path} after {$after}");
            }
        }
    };
});

it('sends each main view again without drawing any of it', function (): void {
    foreach ($this->pages as $who => $paths) {
        $this->actingAs($this->{$who});
        foreach ($paths as $path) {
            ($this->page)($path);
            [$drawn, $isDrawn] = ($this->page)($path, 'no-cache');
            expect($isDrawn)->toBeTrue()
                ->and(($this->page)($path))->toBe([$drawn, false], $path);
        }
    }
});

it('is kept as soon as it was drawn, whatever was worked out and kept aside for that', function (): void {
    // As it is served: what is kept aside is written into the same database.
    config(['cache.default' => 'database']);
    app()->forgetInstance('cache.store');
    app()->forgetScopedInstances();
    foreach ($this->pages as $who => $paths) {
        $this->actingAs($this->{$who}->fresh());
        foreach ($paths as $path) {
            // What many tries teach has been read before; it is told of that reading.
            ($this->page)($path);
            ($this->rep)(Student::query()->findOrFail($this->student->student_id));
            [$drawn] = ($this->page)($path);
            [$sent, $isDrawn] = ($this->page)($path);
            expect($isDrawn)->toBeFalse($path)->and($sent)->toBe($drawn, $path);
        }
    }
});

it('shows every write at once, whatever it is of', function (): void {
    ($this->same)('nothing');
    $student = Student::query()->findOrFail($this->student->student_id);
    $class = $this->hall->classes()->where('at', '>=', now())->orderBy('at')->firstOrFail();
    $writes = [
        'a title' => fn () => $this->hall
            ->attacks()
            ->firstOrFail()
            ->update(['title' => 'Taken by the scarf']),
        'an answer' => fn () => $this->hall
            ->answers()
            ->firstOrFail()
            ->update(['title' => 'Out by the gate']),
        'a rank' => fn () => $this->hall
            ->ranks()
            ->firstOrFail()
            ->update(['name' => 'Shingle']),
        'a rung' => fn () => $this->hall
            ->rungs()
            ->firstOrFail()
            ->update(['name' => 'Told beforehand']),
        'a name' => fn () => $student->update(['name' => 'Somebody Else']),
        'a rep of theirs' => fn () => ($this->rep)($student),
        'a rep at home' => fn () => ($this->rep)($student, ['source' => 'home']),
        'a rep that comes late' => fn () => ($this->rep)($student, ['at' => now()->subDays(9)]),
        'a rep of another' => fn () => ($this->rep)($this->hall->students()->whereKeyNot($student->id)->firstOrFail()),
        'a rep of another attack' => fn () => ($this->rep)($student, [
            'attack_id' => $this->hall->attacks()->orderByDesc('id')->value('id'),
        ]),
        'a rep with an answer' => fn () => ($this->rep)($student, ['answer_id' => $this->hall->answers()->value('id')]),
        'a correction' => fn () => ($this->rep)($student, [
            'outcome' => 'hit',
            'replaces' => $this->hall
                ->reps()
                ->where('student_id', $student->id)
                ->where('attack_id', $this->hall->attacks()->value('id'))
                ->standing()
                ->firstOrFail()->id,
            'reason' => 'wrong button',
        ]),
        'who comes' => fn () => $class
            ->present()
            ->syncWithPivotValues($this->hall->students()->limit(5)->pluck('id')->all(), [
                'school_id' => $this->hall->id,
            ]),
        'a class' => fn () => $class->update(['cancelled_at' => now()]),
        'a mark' => fn () => $this->hall
            ->hasMany(App\Models\SoloMark::class)
            ->where('student_id', $student->id)
            ->firstOrFail()
            ->update(['mark' => 'rough', 'at' => now()]),
        'practice at home' => fn () => $this->hall->solos->each(
            fn (App\Models\Solo $solo) => $student
                ->practices()
                ->create([
                    'id' => (string) Str::uuid(),
                    'school_id' => $this->hall->id,
                    'solo_id' => $solo->id,
                    'at' => now(),
                ]),
        ),
        'an award' => fn () => $student
            ->awards()
            ->create([
                'school_id' => $this->hall->id,
                'rank_id' => $student->rank_id,
                'awarded_on' => now(),
                'note' => '',
            ]),
        'who sees it' => fn () => $this->head->update(['name' => 'Another Head']),
        'what it calls things' => fn () => $this->hall->update([
            'nouns' => ['attack' => ['one' => 'trouble', 'many' => 'troubles']],
        ]),
    ];
    foreach ($writes as $what => $write) {
        $write();
        ($this->same)($what);
    }
    $this->actingAs($this->student->fresh());
    expect(($this->page)($this->pages['student'][1])[0])->toContain('Somebody Else');
});

it('is drawn once for all who teach in a role, each of whom it names', function (): void {
    $accounts = fn (string $role): array => array_map(
        fn (string $name) => $this->hall
            ->users()
            ->create([
                'name' => "{$name} <{$role}>",
                'email' => "{$name}-{$role}@cinder-quay.example",
                'password' => 'saltmarsh',
                'role' => $role,
            ]),
        ['Aino', 'Bo'],
    );
    foreach (['head', 'instructor', 'assistant'] as $role) {
        [$first, $second] = $accounts($role);
        // Settings are for the head alone.
        $paths = array_diff(array_merge(...array_values($this->pages)), $role === 'head' ? [] : ['/school/settings']);
        foreach ($paths as $path) {
            $this->actingAs($first)->withSession(['_token' => ($tokens[] = Str::random(40))]);
            array_map(fn (): array => ($this->page)($path), range(1, 2));
            $this->actingAs($second)->withSession(['_token' => ($tokens[] = Str::random(40))]);
            [$sent, $isDrawn] = ($this->page)($path);
            expect($isDrawn)->toBeFalse("{$path} of another {$role}")
                ->and($sent)->toBe(($this->page)($path, 'no-cache')[0], "{$path} of another {$role}")
                ->and(str_contains($sent, $tokens[count($tokens) - 1]))->toBe(! str_ends_with($path, '/log'), $path)
                ->and($sent)
                ->not->toContain($tokens[count($tokens) - 2])
                ->not->toContain($first->email)
                ->not->toContain('Aino')
                ->not->toContain("\x1F");
            // The Mat names nobody, nor does a part of a page.
            expect(str_contains($sent, e($second->name)))
                ->toBe($path !== '/mat' && ! str_ends_with($path, '/log'), $path);
        }
    }
});

it('is kept for nobody where anything else was asked of who it was drawn for', function (string $asks): void {
    $asked = [
        'nothing' => fn ($user): string => $user->role->value
            .$user->school->name
            .$user->can('create', App\Models\Answer::class),
        'an email' => fn ($user): string => $user->email,
        'an id' => fn ($user): string => (string) auth()->id(),
        'whether there is one' => fn ($user): string => isset($user->student_id) ? 'a student' : 'nobody',
        'all of them' => fn ($user): string => (string) json_encode($user),
        'by its place' => fn ($user): string => $user['name'],
        'their tokens' => fn ($user): string => (string) $user->tokens()->count(),
    ];
    $times = 0;
    Illuminate\Support\Facades\Route::get('told', function () use ($asked, $asks, &$times) {
        $times++;

        return response('<p>'.$asked[$asks](auth()->user()).'</p>', 200, ['Content-Type' => 'text/html']);
    })->middleware(['web', 'auth', 'kept:teaching']);
    foreach (
        array_map(
            fn (string $name) => $this->hall
                ->users()
                ->create([
                    'name' => $name,
                    'email' => "{$name}@cinder-quay.example",
                    'password' => 'saltmarsh',
                    'role' => Role::Head,
                ]),
            ['Aino', 'Bo'],
        ) as $user
    ) {
        $this->actingAs($user);
        array_map(fn () => $this->get('/told')->assertOk(), range(1, 2));
    }
    // Once for both of them, or each time for each.
    expect($times)->toBe($asks === 'nothing' ? 1 : 4);
})->with(['nothing', 'an email', 'an id', 'whether there is one', 'all of them', 'by its place', 'their tokens']);

it('is drawn anew for somebody else, in a while, and for whoever reloads it', function (): void {
    $path = $this->pages['student'][1];
    $this->actingAs($this->head);
    ($this->page)($path);
    [$ofHead] = ($this->page)($path);
    $this->actingAs($this->student);
    [$ofStudent] = ($this->page)($path);
    expect($ofStudent)->not->toBe($ofHead)->toContain($this->student->name);

    $this->actingAs($this->head);
    expect(($this->page)($path)[1])->toBeFalse()->and(($this->page)($path, 'max-age=0')[1])->toBeTrue();
    $this->travel(6)->minutes();
    expect(($this->page)($path)[1])->toBeTrue();
});

it('gives every session its own token, and says once what was done', function (): void {
    $path = "/people/{$this->student->student_id}";
    $tokens = [Str::random(40), Str::random(40)];
    $this->actingAs($this->head)->withSession(['_token' => $tokens[0]]);
    ($this->page)($path);
    ($this->page)($path);
    $this->withSession(['_token' => $tokens[1]]);
    [$html, $isDrawn] = ($this->page)($path);
    expect($isDrawn)->toBeFalse()
        ->and($html)->toContain($tokens[1])
        ->not->toContain($tokens[0])
        ->not->toContain("\x1F");

    $this->withSession(['status' => 'It is saved, this once', '_flash' => ['new' => [], 'old' => ['status']]])
        ->get($path)
        ->assertSee('It is saved, this once');
    $this->get($path)->assertDontSee('It is saved, this once');
});

it('keeps what tells of no rep while reps come in', function (): void {
    [$ladder, $week] = [$this->pages['student'][1], $this->pages['student'][2]];
    $this->actingAs($this->student);
    foreach ([$ladder, $week] as $path) {
        ($this->page)($path);
        ($this->page)($path);
        expect(($this->page)($path)[1])->toBeFalse();
    }
    ($this->rep)(Student::query()->findOrFail($this->student->student_id));
    expect(($this->page)($week)[1])->toBeFalse()->and(($this->page)($ladder)[1])->toBeTrue();
});

it('keeps the part of a ladder that a page asks for, until that student has another rep', function (): void {
    [$log, $isDrawn] = [$this->pages['student'][3], fn (): bool => ($this->page)($this->pages['student'][3])[1]];
    [$student, $others] = $this->hall
        ->students()
        ->get()
        ->partition(fn (Student $one): bool => $one->id === $this->student->student_id);
    $this->actingAs($this->student);
    expect([$isDrawn(), $isDrawn()])->toBe([true, false]);
    // Asked for by itself it is not kept, nor sent as it was kept.
    $this->drawn = 0;
    $this->get($log)->assertOk();
    expect($this->drawn)->toBeGreaterThan(0);
    ($this->rep)($others->first());
    expect($isDrawn())->toBeFalse();
    ($this->rep)($student->first());
    expect([$isDrawn(), $isDrawn()])->toBe([true, false]);
});

it(
    'keeps the page of an attack, and of an answer, while reps come in, whose number is told beside at once',
    function (): void {
        $one = $this->hall->answers()->orderBy('id')->firstOrFail();
        $student = Student::query()->findOrFail($this->student->student_id);
        $this->actingAs($this->head);
        $areDrawn = fn (): array => array_map(fn (string $path): bool => ($this->page)($path)[1], [
            "/attacks/{$one->attack_id}",
            "/answers/{$one->id}",
        ]);
        $counted = fn (string $path): int => preg_match(
            '/(\d+) reps? (?:is|are|name)/',
            (string) $this->get("{$path}/evidence")
                ->assertOk()
                ->getContent(),
            $found,
        ) === 1
            ? (int) $found[1]
            : -1;
        array_map(fn () => $areDrawn(), range(1, 2));
        [$ofAttack, $ofAnswer] = [$counted("/attacks/{$one->attack_id}"), $counted("/answers/{$one->id}")];
        expect($ofAttack)->toBeGreaterThanOrEqual(0)->and($ofAnswer)->toBeGreaterThanOrEqual(0);

        ($this->rep)($student, ['attack_id' => $one->attack_id]);
        expect($areDrawn())->toBe([false, false])
            ->and([$counted("/attacks/{$one->attack_id}"), $counted("/answers/{$one->id}")])
            ->toBe([$ofAttack + 1, $ofAnswer]);
        ($this->rep)($student, ['attack_id' => $one->attack_id, 'answer_id' => $one->id]);
        expect($areDrawn())->toBe([false, false])
            ->and([$counted("/attacks/{$one->attack_id}"), $counted("/answers/{$one->id}")])
            ->toBe([$ofAttack + 2, $ofAnswer + 1]);
        // What is taught changes them.
        $one->update(['title' => 'Out by the gate']);
        expect($areDrawn())->toBe([true, true]);
    },
);

it('draws a wall anew only where a rep changes something of it, and tells the time each time', function (): void {
    $bodies = 0;
    Event::listen('composing: wall.body', function () use (&$bodies): void {
        $bodies++;
    });
    $this->actingAs($this->head);
    $this->travelTo(now()->startOfHour()->addMinutes(10));
    $student = Student::query()->findOrFail($this->student->student_id);
    $attack = $this->hall
        ->attacks()
        ->whereNotIn('id', $student->reps()->select('attack_id'))
        ->firstOrFail();
    ($this->page)('/wall', 'no-cache');
    $drawn = [];
    foreach (['hit', ...array_fill(0, 6, 'clean')] as $outcome) {
        $this->travel(1)->minutes();
        ($this->rep)($student, [
            'attack_id' => $attack->id,
            'rung' => $student->rank->goal_rung,
            'outcome' => $outcome,
            'at' => now()->subSecond(),
        ]);
        $bodies = 0;
        [$html] = ($this->page)('/wall', 'no-cache');
        $drawn[] = $bodies > 0;
        expect($html)->toContain(school_time(now(), 'H:i'))->not->toContain("\x1F");
        Illuminate\Support\Facades\Cache::flush();
        expect(($this->page)('/wall', 'no-cache')[0])->toBe($html, "after {$outcome}");
    }
    expect($drawn)->toContain(true)->toContain(false);
});

it('keeps what was read of many tries for a while, and says as of when that was', function (): void {
    $rep = fn () => ($this->rep)(Student::query()->findOrFail($this->student->student_id));
    $this->actingAs($this->head);
    array_map(fn (): array => ($this->page)('/evidence'), range(1, 2));
    $rep();
    [$html, $isDrawn] = ($this->page)('/evidence');
    expect($isDrawn)->toBeFalse()
        ->and($html)->toContain('As of '.school_time(now(), 'j M, H:i'));

    // Of few tries each is told at once.
    Illuminate\Support\Facades\DB::table('rep_counts')
        ->where('school_id', $this->hall->id)
        ->update(['count' => 900]);
    array_map(fn (): array => ($this->page)('/evidence'), range(1, 2));
    $rep();
    [$html, $isDrawn] = ($this->page)('/evidence');
    expect($isDrawn)->toBeTrue()->and($html)->not->toContain('As of ');
});

it('gives the key of a device with a page of the mat that was drawn before', function (): void {
    $this->actingAs($this->head);
    $keys = array_map(
        fn (): ?string => $this->get('/mat')->assertOk()->getCookie(App\View\Drill\MatKey::COOKIE, false)?->getValue(),
        range(1, 3),
    );
    expect(($this->page)('/mat')[1])->toBeFalse()
        ->and($keys[0])->toMatch('/^[0-9a-f]{64}$/')
        ->and(array_unique($keys))->toHaveCount(1);
});

it(
    'gives each form an id that no page had before, so that nothing that is sent is taken for what was',
    function (): void {
        $this->actingAs($this->student);
        $seen = [];
        foreach ([true, false, false, false] as $isDrawn) {
            expect(($this->page)($this->pages['student'][2])[1])->toBe($isDrawn)
                ->and($this->ids)->not->toBe([]);
            array_push($seen, ...$this->ids);
        }
        expect(array_unique($seen))->toHaveCount(count($seen));
    },
);

it('keeps neither what somebody may not see nor what tells of work that goes on', function (): void {
    $attack = $this->hall->attacks()->firstOrFail();
    $this->actingAs($this->student);
    $this->get('/board')->assertForbidden();
    $this->get('/board')->assertForbidden();

    $this->actingAs($this->head);
    ($this->page)("/attacks/{$attack->id}");
    ($this->page)("/attacks/{$attack->id}");
    expect(($this->page)("/attacks/{$attack->id}")[1])->toBeFalse();
    App\Models\Footage::query()->create([
        'school_id' => $this->hall->id,
        'attack_id' => $attack->id,
        'state' => 'waiting',
        'type' => 'jpeg',
        'sent' => str_repeat('0', 64),
        'path' => '',
    ]);
    ($this->page)("/attacks/{$attack->id}");
    ($this->page)("/attacks/{$attack->id}");
    [$html, $isDrawn] = ($this->page)("/attacks/{$attack->id}");
    expect($html)->toContain('hx-trigger="every 2s"')->and($isDrawn)->toBeTrue();
});
