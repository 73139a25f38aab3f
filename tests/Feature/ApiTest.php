<?php

declare(strict_types=1);

use App\Jobs\PlanSeason;
use App\Models\Rep;
use App\Models\Role;
use App\Persistence\CatalogueMapper;
use Illuminate\Support\Facades\Queue;
use Illuminate\Support\Facades\Route;
use StoneDrill\Core\Exchange\CatalogueWriter;
use StoneDrill\Core\Exchange\Format;
use Tests\Core\DrillFixture;
use Tests\Feature\ApiFixture;

beforeEach(function (): void {
    $this->hall = $this->school();
    $this->head = $this->person($this->hall, Role::Head);
    $this->asks = function (
        string $method,
        string $path,
        array $abilities = ['read'],
        array $data = [],
    ): Illuminate\Testing\TestResponse {
        app('auth')->forgetGuards();

        return $this->withToken($this->head->createToken('test', $abilities)->plainTextToken)->json(
            $method,
            "/api/v1{$path}",
            $data,
        );
    };
    $this->rep = [
        'id' => '0b7e1f60-2222-4000-8000-000000000001', 'student' => 'ada-plover', 'attack' => 'wrist',
        'side' => 'mirrored', 'rung' => 2, 'outcome' => 'clean', 'answer' => 'gate',
    ];
});

it('answers each question as its document says', function (string $path, string $asked, int $status): void {
    $class = $this->hall
        ->classes()
        ->create([
            'at' => '2026-12-01T19:00:00Z',
            'code' => 'tuesday',
            'minutes' => 60,
            'places' => 8,
            'instructors' => 2,
            'ranks' => ['first'],
            'ages' => 'under-16',
            'named' => [$this->hall->students()->where('code', 'ada-plover')->value('id')],
        ]);
    $class->present()->attach($this->hall->students()->value('id'), ['school_id' => $this->hall->id]);
    ApiFixture::classAndTest($this->hall);
    $short = ['kind' => 'teach', 'minutes' => 90, 'locked' => true];
    $class->replicate()->fill(['code' => 'short', 'blocks' => [$short]])->save();
    $response = ($this->asks)('get', $asked)->assertStatus($status);

    expect(ApiFixture::faults($path, 'get', $status, (string) $response->getContent()))->toBe('');
})->with([
    ['/school', '/school', 200],
    ['/attacks', '/attacks', 200],
    ['/answers', '/answers', 200],
    ['/students', '/students', 200],
    ['/reps', '/reps', 200],
    ['/classes', '/classes', 200],
    ['/coverage', '/coverage', 200],
    ['/coverage', '/coverage?rank=first', 200],
    ['/coverage', '/coverage?rank=none', 422],
    ['/students/{code}/proofs', '/students/ada-plover/proofs', 200],
    ['/students/{code}/proofs', '/students/nobody/proofs', 404],
    ['/answers/{code}/check', '/answers/gate/check', 200],
    ['/answers/{code}/check', '/answers/gate/check?defender=child&attacker=large&rung=2', 200],
    ['/answers/{code}/check', '/answers/gate/check?defender=giant', 422],
    ['/answers/{code}/check', '/answers/nothing/check', 404],
    ['/attacks/{code}/situation', '/attacks/wrist/situation', 200],
    ['/attacks/{code}/situation', '/attacks/nothing/situation', 404],
    ['/fewest', '/fewest?rank=first', 200],
    ['/fewest', '/fewest?rank=first&cover=0.5', 200],
    ['/fewest', '/fewest', 422],
    ['/fewest', '/fewest?rank=first&cover=half', 422],
    ['/students/{code}/draw', '/students/ada-plover/draw?rung=3&seed=7', 200],
    ['/students/{code}/draw', '/students/ada-plover/draw?rung=99', 422],
    ['/students/{code}/draw', '/students/ada-plover/draw?seed=-1', 422],
    ['/students/{code}/draw', '/students/nobody/draw', 404],
    ['/students/{code}/ready', '/students/ada-plover/ready?rank=first', 200],
    ['/students/{code}/ready', '/students/ada-plover/ready', 422],
    ['/students/{code}/ready', '/students/nobody/ready?rank=first', 404],
    ['/classes/{code}/plan', '/classes/tuesday/plan', 200],
    ['/classes/{code}/plan', '/classes/short/plan', 422],
    ['/classes/{code}/plan', '/classes/nothing/plan', 404],
    ['/tests', '/tests', 200],
    ['/tests/{code}/season', '/tests/winter/season', 200],
    ['/tests/{code}/season', '/tests/nothing/season', 404],
]);

it('tells what the command line tells of the same school', function (): void {
    $this->travelTo('2026-12-04T18:30:00Z');
    ApiFixture::classAndTest($this->hall);
    $file = sys_get_temp_dir().'/api-'.bin2hex(random_bytes(4)).'.json';
    file_put_contents($file, (new CatalogueWriter())->write(
        app(CatalogueMapper::class)->everything($this->hall->fresh()),
        Format::Json,
    ));
    foreach ([
        '/answers/gate/check?defender=small&rung=2' => ['check', ['--answer' => 'gate', '--defender' => 'small', '--rung' => '2']],
        '/attacks/wrist/situation' => ['situation', ['--attack' => 'wrist']],
        '/fewest?rank=first&cover=0.4' => ['fewest', ['--rank' => 'first', '--cover' => '0.4']],
        '/students/ada-plover/draw?rung=3&seed=7' => [
            'draw', ['--student' => 'ada-plover', '--rung' => '3', '--seed' => '7', '--at' => now()->toIso8601String()],
        ],
        '/fewest?rank=first&cover=0' => ['fewest', ['--rank' => 'first', '--cover' => '0']],
        '/students/ada-plover/draw?rung=3&seed=0' => [
            'draw', ['--student' => 'ada-plover', '--rung' => '3', '--seed' => '0', '--at' => now()->toIso8601String()],
        ],
        '/students/ada-plover/ready?rank=first' => [
            'ready', ['--student' => 'ada-plover', '--rank' => 'first', '--at' => now()->toIso8601String()],
        ],
        '/classes/monday/plan' => ['plan', ['--class' => 'monday']],
        '/tests/winter/season' => ['season', ['--test' => 'winter', '--at' => now()->toIso8601String()]],
    ] as $asked => [$verb, $options]) {
        [$code, $told] = DrillFixture::drill(['command' => $verb, 'file' => $file, '--json' => true, ...$options]);
        expect($code)->toBeLessThan(2, $told)
            ->and(($this->asks)('get', $asked)->assertOk()->json())
            ->toEqual(json_decode($told, true), $asked);
    }
    unlink($file);
});

it('says how far the way to a test is planned, and when that has failed', function (): void {
    ApiFixture::classAndTest($this->hall);
    $id = $this->hall->tests()->where('code', 'winter')->value('id');
    Queue::fake();
    $waiting = ($this->asks)('get', '/tests/winter/season')->assertStatus(202)->assertHeader('Retry-After', '5');
    expect(ApiFixture::faults('/tests/{code}/season', 'get', 202, (string) $waiting->getContent()))->toBe('');
    Queue::assertPushed(PlanSeason::class);

    (new PlanSeason($id))->failed(null);
    $failed = ($this->asks)('get', '/tests/winter/season')->assertStatus(503);
    expect(ApiFixture::faults('/tests/{code}/season', 'get', 503, (string) $failed->getContent()))->toBe('');
    // Whoever asks again has it tried again.
    ($this->asks)('get', '/tests/winter/season')->assertStatus(202);
    app()->call([new PlanSeason($id), 'handle']);
    ($this->asks)('get', '/tests/winter/season')->assertOk()->assertJsonPath('candidates.0.student', 'ada-plover');
});

it('tells everything that a school may set, as the document and the file have it', function (): void {
    $this->hall->update([
        'leaving' => 'free', 'half_life' => 45, 'reaction_base' => 0.3, 'credit_arm' => 1, 'test_pass' => 75.5,
        'test_repeats' => 2,
        'tolerance' => 0.04, 'effect_times' => ['folded' => 2], 'latest' => 8, 'turning' => 90,
        'force' => ['hazards' => ['neck' => 4]], 'test_untried' => ['none' => 1], 'class_habits' => ['teach' => 5],
        'nouns' => ['rung' => ['one' => 'step', 'many' => 'steps']], 'scope' => ['posture' => ['standing']],
        'hole_factors' => ['open' => 2], 'aliases' => ['verbs' => ['slam' => 'shove']], 'zone' => 'Europe/Lisbon',
        'policy' => [['hazard' => 'choke', 'under' => 16, 'rank' => null, 'level' => 'not-taught']],
    ]);
    $response = ($this->asks)('get', '/school')->assertOk();
    $file = json_decode((string) file_get_contents(base_path('docs/schema/stone-drill-1.schema.json')), true);

    expect(ApiFixture::faults('/school', 'get', 200, (string) $response->getContent()))->toBe('')
        ->and(array_keys($response->json('school')))
        ->toEqualCanonicalizing(array_keys($file['properties']['school']['properties']))
        ->and(array_keys(ApiFixture::document()['components']['schemas']['School']['properties']))
        ->toEqualCanonicalizing(array_keys($file['properties']['school']['properties']));
});

it('says what the school teaches and who trains, and no more of them than it takes', function (): void {
    expect(($this->asks)('get', '/attacks')->json('attacks.0.id'))->toBe('wrist')
        ->and(($this->asks)('get', '/answers')->json('answers.0.title'))->toBe('Gate')
        ->and(($this->asks)('get', '/students')->json('students'))
        ->toBe([['id' => 'ada-plover', 'name' => 'Ada Plover', 'rank' => 'first']])
        ->and(($this->asks)('get', '/students/ada-plover/proofs')->json('proofs.0.attack'))->toBe('wrist')
        // Both sides of the wrist by 4 / 2, the answer on one of them.
        ->and(($this->asks)('get', '/coverage?rank=first')->json('covered'))->toBe(0.5);
});

it('takes reps, each once, and says of each what became of it', function (): void {
    $response = ($this->asks)(
        'post',
        '/reps',
        ['record'],
        [
            'reps' => [
                $this->rep,
                [...$this->rep, 'id' => '0b7e1f60-2222-4000-8000-000000000002', 'attack' => 'zebra'],
                [...$this->rep, 'rung' => 3],
                'x',
            ],
        ],
    )->assertOk();

    expect(ApiFixture::faults('/reps', 'post', 200, (string) $response->getContent()))->toBe('')
        ->and($response->json('kept'))->toBe([$this->rep['id']])
        ->and(array_column($response->json('refused'), 'field'))->toBe(['attack_id', 'id', 'id'])
        ->and(Rep::query()->findOrFail($this->rep['id'])->recorded_by_id)->toBe($this->head->id);
    ($this->asks)('post', '/reps', ['record'], ['reps' => [$this->rep]])->assertJson(['kept' => [$this->rep['id']]]);
    expect(Rep::count())->toBe(2)
        ->and(($this->asks)('get', '/reps')->json('reps.*.id'))->toContain($this->rep['id']);
    expect(
        ApiFixture::faults(
            '/reps',
            'post',
            422,
            (string) ($this->asks)('post', '/reps', ['record'], ['reps' => 'x'])
                ->assertStatus(422)
                ->getContent(),
        ),
    )->toBe('');
});

it('gives of a rep all that it takes', function (): void {
    $rep = [
        ...$this->rep,
        'outcome' => 'scraped', 'touched' => 'body', 'seconds' => 1.4, 'stressor' => 'noise', 'mistakes' => ['short'],
        'attacked_by' => 'instructor', 'rules' => 3, 'at' => '2026-11-20T19:00:00+00:00',
    ];
    ($this->asks)('post', '/reps', ['record'], ['reps' => [$rep]])->assertJson(['kept' => [$rep['id']]]);
    $response = ($this->asks)('get', '/reps');
    $given = array_column($response->json('reps'), null, 'id')[$rep['id']];

    expect(array_intersect_key($given, $rep))->toEqualCanonicalizing($rep)
        ->and(ApiFixture::faults('/reps', 'get', 200, (string) $response->getContent()))->toBe('');
});

it('gives reps page by page', function (): void {
    $row = Rep::query()->firstOrFail()->getAttributes();
    foreach (range(1, 250) as $number) {
        Illuminate\Support\Facades\DB::table('reps')->insert([
            ...$row,
            'id' => sprintf('0b7e1f60-3333-4000-8000-%012d', $number),
        ]);
    }
    $first = ($this->asks)('get', '/reps');
    $second = ($this->asks)('get', '/reps?cursor='.$first->json('next'));

    expect($first->json('reps'))->toHaveCount(200)
        ->and($second->json('reps'))->toHaveCount(51)
        ->and($second->json('next'))->toBeNull()
        ->and(array_unique([...$first->json('reps.*.id'), ...$second->json('reps.*.id')]))->toHaveCount(251);
});

it('lets in nobody without a token, and nobody beyond what it may', function (string $method, string $path): void {
    $spec = preg_replace('~/students/[^/]+/~', '/students/{code}/', $path);
    $other = $method === 'post' ? ['read'] : ['record'];
    app('auth')->forgetGuards();
    $without = $this->json($method, "/api/v1{$path}")->assertStatus(401);
    expect(ApiFixture::faults($spec, $method, 401, (string) $without->getContent()))->toBe('');
    // Who is signed in in a browser has no token by that.
    $this->actingAs($this->head, 'web')
        ->json($method, "/api/v1{$path}")
        ->assertStatus(401);
    auth('web')->logout();
    $beyond = ($this->asks)($method, $path, $other)->assertStatus(403);
    expect(ApiFixture::faults($spec, $method, 403, (string) $beyond->getContent()))->toBe('');
})->with([
    ['get', '/school'], ['get', '/attacks'], ['get', '/answers'], ['get', '/coverage'], ['get', '/students'],
    ['get', '/students/ada-plover/proofs'], ['get', '/reps'], ['get', '/classes'], ['post', '/reps'],
]);

it('shows nothing of another school', function (): void {
    $other = $this->school('Other Hall');
    $other
        ->students()
        ->firstOrFail()
        ->update(['code' => 'other-person', 'name' => 'Other Person']);

    ApiFixture::classAndTest($other);
    foreach (['/classes/monday/plan', '/tests/winter/season'] as $path) {
        ($this->asks)('get', $path)->assertNotFound();
    }
    foreach (['/school', '/students', '/reps', '/classes', '/tests'] as $path) {
        expect((string) ($this->asks)('get', $path)->getContent())->not->toContain('other-person')
            ->not->toContain('Other Hall');
    }
    ($this->asks)('get', '/students/other-person/proofs')->assertNotFound();
    expect(
        ($this->asks)('post', '/reps', ['record'], ['reps' => [[...$this->rep, 'student' => 'other-person']]])->json(
            'refused.0.field',
        ),
    )->toBe('student_id');
});

it('ends tokens with the password, the role and the account, and when they are revoked', function (string $how): void {
    $token = $this->head->createToken('test', ['read'])->plainTextToken;
    App\Models\User::create([
        'school_id' => $this->hall->id,
        'name' => 'Second',
        'email' => 'second@small.example',
        'password' => 'a long password',
        'role' => Role::Head,
    ]);
    match ($how) {
        'password' => $this->actingAs($this->head)->put('/account/password', [
            'current_password' => 'a long password',
            'password' => 'another long one',
        ]),
        'role' => app(App\Actions\ChangeAccount::class)->giveRole($this->head, Role::Instructor),
        'account' => app(App\Actions\ChangeAccount::class)->close($this->head),
        'revoked' => $this->actingAs($this->head)
            ->delete('/school/tokens/'.$this->head->tokens()->value('id'))
            ->assertRedirect('/school/tokens'),
    };
    app('auth')->forgetGuards();

    $this->withToken($token)->getJson('/api/v1/school')->assertStatus(401);
})->with(['password', 'role', 'account', 'revoked']);

it('makes a token that is shown once', function (): void {
    $page = (string) $this->actingAs($this->head)
        ->post('/school/tokens', ['name' => 'Board in the hall', 'abilities' => ['read']])
        ->assertOk()
        ->getContent();
    preg_match('~\d+\|stone_drill_\w+~', $page, $found);
    $this->get('/school/tokens')->assertOk()->assertSee('Board in the hall')->assertDontSee($found[0]);
    $this->post('/school/tokens', ['name' => 'x', 'abilities' => ['everything']])->assertSessionHasErrors(
        'abilities.0',
    );
    app('auth')->forgetGuards();

    $this->withToken($found[0])->getJson('/api/v1/school')->assertOk()->assertJsonPath('school.name', 'Small Hall');
});

it('serves its document, which knows every route and nothing else', function (): void {
    $this->getJson('/api/v1/openapi.json')->assertOk()->assertHeader('Content-Type', 'application/json');
    $document = ApiFixture::document();
    $routes = collect(Route::getRoutes()->getRoutes())
        ->filter(
            fn ($route): bool => str_starts_with($route->uri(), 'api/v1/')
                && ! str_ends_with($route->uri(), 'openapi.json'),
        )
        ->map(fn ($route): string => strtolower($route->methods()[0]).' '.substr($route->uri(), strlen('api/v1')))
        ->values()
        ->all();
    $known = [];
    foreach ($document['paths'] as $path => $methods) {
        foreach (array_keys($methods) as $method) {
            $known[] = "{$method} {$path}";
        }
    }

    expect($document['openapi'])->toBe('3.1.0')->and($known)->toEqualCanonicalizing($routes);
});

it('gives classes with who came, and says which are called off', function (): void {
    $class = $this->hall
        ->classes()
        ->create([
            'at' => '2026-12-01T19:00:00Z',
            'minutes' => 45,
            'place' => 'Loft',
            'places' => 8,
            'pads' => 3,
            'instructors' => 2,
        ]);
    $class->present()->attach($this->hall->students()->value('id'), ['school_id' => $this->hall->id]);
    $this->hall
        ->classes()
        ->create([
            'at' => '2026-12-03T19:00:00Z',
            'minutes' => 60,
            'places' => 8,
            'instructors' => 2,
            'cancelled_at' => now(),
        ]);

    expect(($this->asks)('get', '/classes')->json('classes.*.cancelled'))->toBe([true, false])
        ->and(($this->asks)('get', '/classes')->json('classes.1'))
        ->toBe([
            'id' => $class->code,
            'at' => '2026-12-01T19:00:00+00:00',
            'minutes' => 45,
            'place' => 'Loft',
            'places' => 8,
            'pads' => 3,
            'instructors' => 2,
            'ranks' => [],
            'ages' => null,
            'students' => [],
            'present' => ['ada-plover'],
            'cancelled' => false,
        ]);
});
