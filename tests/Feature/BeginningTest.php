<?php

declare(strict_types=1);

use App\Models\School;
use App\Models\SetupStep;
use App\Models\User;
use App\Persistence\CatalogueMapper;
use Illuminate\Support\Facades\Artisan;
use StoneDrill\Core\Curriculum\ContactPolicy;
use StoneDrill\Core\Curriculum\Hazard;
use StoneDrill\Core\Curriculum\PolicyLevel;
use Tests\Feature\AccountsFixture;
use Tests\Feature\BeginningFixture;

beforeEach(fn () => config(['installation.beginning' => 'open']));

it('starts a school with its head, and asks the next thing', function (): void {
    $this->get('/sign-in')->assertSee('Start your own school');
    $this->get('/begin')->assertOk()->assertSee('Your school');
    BeginningFixture::begin($this)->assertRedirect('/begin/doctrine');

    $user = User::query()->where('email', 'wren@brackenfold.example')->firstOrFail();
    $this->assertAuthenticatedAs($user);
    expect([$user->name, $user->role->value])->toBe(['Wren Aldous', 'head'])
        ->and([$user->school->name, $user->school->zone, $user->school->bearings, $user->school->setup])
        ->toBe(['Brackenfold Hall', 'Europe/Lisbon', 'degrees', SetupStep::Doctrine])
        ->and($user->school->rungs)->toHaveCount(7);
});

it('goes through all five steps to a wall with holes and three next steps', function (): void {
    BeginningFixture::begin($this);
    $this->get('/begin/doctrine')->assertOk()
        ->assertSeeInOrder(['Leave at once', 'Hit, then leave', 'Hold without hitting', 'Hit and hold'])
        ->assertSee('left foot step 315°');
    $this->put('/begin/doctrine', ['doctrine' => 'counter'])->assertRedirect('/begin/ranks');
    $this->get('/begin/ranks')->assertOk()->assertSee('Rank 6')->assertDontSee('Rank 7');
    $this->put('/begin/ranks', BeginningFixture::ranks(['Clay', 'Sand', 'Rock']))->assertRedirect('/begin/contact');
    $school = School::query()->where('name', 'Brackenfold Hall')->firstOrFail();
    $this->get('/begin/contact')->assertOk()->assertSee('below Rock')->assertSee('stopped short, free from Sand on');
    $this->put('/begin/contact', ['policy' => BeginningFixture::policy($school)])->assertRedirect('/begin/curriculum');
    $this->get('/begin/curriculum')->assertOk()->assertSee('Hit and leave')->assertSee('Start empty');
    $this->get('/school/starters/hit-and-leave')->assertOk()
        ->assertSee('30 new attacks')
        ->assertSee('25 new answers')
        ->assertSee('Its rank 6 of 6 becomes');
    $this->post('/school/starters/hit-and-leave', [
        'ranks' => ['r1' => 'clay', 'r2' => 'clay', 'r3' => 'sand', 'r4' => 'sand', 'r5' => 'rock', 'r6' => 'rock'],
    ])->assertRedirect('/wall');

    $this->get('/wall')->assertOk()
        ->assertSeeInOrder(['Next steps', 'The heaviest hole', 'Nobody trains here yet']);
    expect($school->fresh()->setup)->toBe(SetupStep::NextSteps)
        // What holds without a policy of one’s own is not written down as one.
        ->and($school->fresh()->policy)->toBeNull()
        ->and([$school->attacks()->count(), $school->answers()->count(), $school->ranks()->pluck('code')->all()])
        ->toBe([30, 25, ['clay', 'sand', 'rock']]);
    $this->delete('/school/next-steps')->assertRedirect('/wall');
    $this->get('/wall')->assertDontSee('Next steps');
});

it('is taken up again where it was left, on any device', function (): void {
    $user = BeginningFixture::begun();
    $this->actingAs($user)->put('/begin/doctrine', ['doctrine' => 'control']);
    $this->post('/sign-out');

    $this->post('/sign-in', ['email' => $user->email, 'password' => 'a long password'])->assertRedirect('/');
    $this->get('/')->assertRedirect('/begin/ranks');
    $this->get('/wall')->assertOk()->assertSee('Go on with setting up');
});

it('lets every step be done again without losing the way', function (): void {
    $user = BeginningFixture::begun();
    $this->actingAs($user);
    $this->put('/begin/doctrine', ['doctrine' => 'control']);
    $this->put('/begin/ranks', BeginningFixture::ranks(['One', 'Two']));
    $this->put('/begin/school', ['name' => 'Other name', 'zone' => 'UTC', 'bearings' => 'directions'])->assertRedirect(
        '/begin/doctrine',
    );
    $this->put('/begin/doctrine', ['doctrine' => 'escape']);
    $this->put('/begin/ranks', BeginningFixture::ranks(['First', 'Second', 'Third']));

    expect($user->school->fresh()->only(['name', 'doctrine', 'bearings', 'setup']))
        ->toBe([
            'name' => 'Other name',
            'doctrine' => 'escape',
            'bearings' => 'directions',
            'setup' => SetupStep::Contact,
        ])
        ->and($user->school->ranks()->pluck('name')->all())->toBe(['First', 'Second', 'Third']);
});

it('makes rows of the number of ranks that is asked for, or of a list', function (): void {
    $this->actingAs(BeginningFixture::begun());

    // Goals from the second rung to the last of seven, beats from 4 to 8.
    $this->get('/begin/ranks?count=3')
        ->assertSeeInOrder(
            ['value="Rank 1"', 'value="4"', 'value="Rank 2"', 'value="6"', 'value="Rank 3"', 'value="8"'],
            false,
        )
        ->assertDontSee('Rank 4');
    $this->get('/begin/ranks?'.http_build_query(['list' => "Clay\r\n\n  Sand \nRock"]))->assertSeeInOrder(
        ['value="Clay"', 'value="Sand"', 'value="Rock"'],
        false,
    );
    $this->get('/begin/ranks?count=7')->assertSee('Rank 6')->assertDontSee('Rank 7');
});

it('refuses what it cannot read, and keeps what was typed', function (array $with, string $field): void {
    $this->from('/begin')
        ->post('/begin', BeginningFixture::form($with))
        ->assertRedirect('/begin')
        ->assertSessionHasErrors($field)
        ->assertSessionHasInput('person', 'Wren Aldous')
        ->assertSessionMissing('_old_input.password');
    expect(School::query()->count())->toBe(0);
})->with([
    'no name' => [['name' => ''], 'name'],
    'no email' => [['email' => 'nobody'], 'email'],
    'a short password' => [['password' => 'short'], 'password'],
    'a time zone that is none' => [['zone' => 'Moon/Base'], 'zone'],
    'directions that are none' => [['bearings' => 'runes'], 'bearings'],
]);

it('takes any name for a school', function (string $name): void {
    BeginningFixture::begin($this, ['name' => $name])->assertRedirect('/begin/doctrine');
    $this->get('/begin/school')->assertOk()->assertSee($name);
})->with(['emoji' => str_repeat('🧱', 200), 'right to left' => 'بيت الحجر', 'markup' => '<b>Hall</b> & "sons"']);

it('refuses ranks that are none', function (array $ranks, string $field): void {
    $this->actingAs(BeginningFixture::begun())->put('/begin/doctrine', ['doctrine' => 'escape']);

    $this->from('/begin/ranks')
        ->put('/begin/ranks', ['ranks' => $ranks])
        ->assertRedirect('/begin/ranks')
        ->assertSessionHasErrors($field);
})->with([
    'none' => [[], 'ranks'],
    'only empty names' => [[['name' => ' ', 'max_beats' => 4, 'goal_rung' => 2]], 'ranks'],
    'two of one name' => [
        [['name' => 'One', 'max_beats' => 4, 'goal_rung' => 2], ['name' => 'one', 'max_beats' => 4, 'goal_rung' => 2]],
        'ranks.1.name',
    ],
    'a rung that is not there' => [[['name' => 'One', 'max_beats' => 4, 'goal_rung' => 9]], 'ranks.0.goal_rung'],
    'beats beyond all' => [[['name' => 'One', 'max_beats' => 1000, 'goal_rung' => 2]], 'ranks.0.max_beats'],
    'too many' => [array_fill(0, 31, ['name' => 'R', 'max_beats' => 4, 'goal_rung' => 2]), 'ranks'],
]);

it('keeps a contact policy as its table says it', function (): void {
    $user = BeginningFixture::begun();
    $this->actingAs($user)->put('/begin/doctrine', ['doctrine' => 'escape']);
    $this->put('/begin/ranks', BeginningFixture::ranks(['Clay', 'Sand', 'Rock']));
    $policy = BeginningFixture::policy($user->school->fresh());
    $policy['choke']['all']['not-taught'] = 'rock';
    $policy['choke']['all']['stop-short'] = 'always';
    $policy['throat']['16']['not-taught'] = '';
    $this->put('/begin/contact', ['policy' => $policy])->assertRedirect('/begin/curriculum');

    $school = app(CatalogueMapper::class)->school($user->school->fresh());
    $read = ContactPolicy::of($school, ['clay', 'sand', 'rock']);
    expect($read->level(Hazard::Choke, 'sand'))->toBe(PolicyLevel::NotTaught)
        ->and($read->level(Hazard::Choke, 'rock'))->toBe(PolicyLevel::StopShort)
        ->and($read->level(Hazard::Choke, 'rock', 15))->toBe(PolicyLevel::NotTaught)
        ->and($read->level(Hazard::Throat, 'clay', 15))->toBe(PolicyLevel::Free)
        ->and($read->level(Hazard::Contact, 'clay'))->toBe(PolicyLevel::StopShort)
        ->and(BeginningFixture::policy($user->school->fresh()))->toBe($policy);
    $this->get('/begin/contact')->assertSee('not taught, stopped short from Rock on');
    $policy['choke']['all']['pads'] = 'obsidian';
    $this->put('/begin/contact', ['policy' => $policy])->assertSessionHasErrors('policy.choke.all.pads');
});

it('imports a file of one’s own as the last step', function (): void {
    $user = BeginningFixture::begun();
    $user->school->update(['setup' => SetupStep::Curriculum]);
    $this->actingAs($user);
    $token = preg_match(
        '~/school/import/(\w{40})~',
        (string) $this->post('/school/import', ['file' => Tests\Feature\SchoolFixture::catalogueFile()])->getContent(),
        $found,
    )
        ? $found[1]
        : '';
    $this->post("/school/import/{$token}");
    $this->get("/school/import/{$token}")->assertRedirect('/wall');

    expect($user->school->fresh()->setup)->toBe(SetupStep::NextSteps)
        ->and($user->school->attacks()->count())->toBe(2);
});

it('may begin empty, and tells to write an attack', function (): void {
    $user = BeginningFixture::begun();
    $user->school->update(['setup' => SetupStep::Curriculum]);
    app(App\Actions\SetRanks::class)->set($user->school, [['name' => 'Only', 'max_beats' => 4, 'goal_rung' => 2]]);
    $this->actingAs($user)->put('/begin/curriculum')->assertRedirect('/wall');

    $this->get('/wall')->assertSee('Your catalogue is empty.');
});

it('takes a starter over into a school of its own without changing anything of it', function (): void {
    $school = $this->school();
    $head = $this->person($school, App\Models\Role::Head);
    $before = [
        $school->only(['name', 'doctrine', 'policy']),
        $school->ranks->toArray(),
        $school->attacks->toArray(),
        $school->answers->toArray(),
    ];
    $this->actingAs($head)->get('/school')->assertSee('Hold and control');
    $this->get('/school/starters/hold-and-control')->assertOk()->assertSee('First')->assertSee('Second');
    $this->post('/school/starters/hold-and-control', ['ranks' => ['r1' => 'second']])->assertRedirect('/wall');

    $after = $school->fresh();
    expect([
        $after->only(['name', 'doctrine', 'policy']),
        $after->ranks->toArray(),
        $after->attacks
            ->whereIn('code', ['wrist', 'hug'])
            ->values()
            ->toArray(),
        $after->answers->where('code', 'gate')->values()->toArray(),
    ])
        ->toBe($before)
        ->and([$after->attacks()->count(), $after->answers()->count(), $after->setup])->toBe([32, 25, null])
        ->and($after->attacks()->where('code', 'wrist-held')->firstOrFail()->needed_by_id)
        ->toBe($after->ranks()->where('code', 'second')->value('id'))
        ->and($after->answers()->where('code', 'fold-the-wrist-and-put-it-down')->firstOrFail()->doctrine?->value)
        ->toBe('control');
    // Once more, and nothing is left to add.
    $this->get('/school/starters/hold-and-control')->assertSee('Everything in it is here already');
    $this->from('/school')
        ->post('/school/starters/hold-and-control', ['ranks' => ['r1' => 'no-such']])
        ->assertSessionHasErrors('ranks.r1');
});

it('offers starters and files wherever a school is still empty, to whoever may bring them in', function (): void {
    $school = School::create(['name' => 'Brackenfold Hall', 'doctrine' => 'escape']);
    $pages = ['/wall', '/attacks', '/people', '/mat', '/record'];
    foreach (['head' => true, 'instructor' => false] as $role => $mayBring) {
        $this->actingAs($this->person($school, App\Models\Role::from($role)));
        foreach ($pages as $page) {
            $html = (string) $this->get($page)->assertOk()->getContent();
            foreach (['#starters', '#file'] as $part) {
                expect(str_contains($html, route('school').$part))->toBe($mayBring, "{$page}, {$part} to the {$role}");
            }
        }
    }
});

it('lets begin whom the installation lets', function (): void {
    config(['installation.beginning' => 'off']);
    $this->get('/sign-in')->assertDontSee('Start your own school');
    $this->get('/begin')->assertForbidden()->assertSee('No school can be started here');
    $this->post('/begin', BeginningFixture::form())->assertForbidden();

    config(['installation.beginning' => 'invited']);
    $this->get('/begin')->assertForbidden();
    Artisan::call('school:invite');
    $link = trim(Artisan::output());
    $this->get($link)->assertOk();
    $this->get($link.'x')->assertForbidden();
    // Asked with once more before it is used: the first to follow the mail has it.
    $this->post($link, BeginningFixture::form(['email' => 'late@brackenfold.example']));
    BeginningFixture::begin($this, [], $link)->assertRedirect('/begin/doctrine');
    $this->post('/sign-out');
    $this->get($link)->assertForbidden();
    $page = (string) $this->get(AccountsFixture::link(AccountsFixture::mail('late@brackenfold.example')))->getContent();
    preg_match('/name="with" value="([^"]+)"/', $page, $late);
    $this->post('/begin/confirm', ['with' => $late[1]])->assertForbidden();
    $this->post($link, BeginningFixture::form(['email' => 'second@brackenfold.example']))->assertForbidden();

    Artisan::call('school:invite');
    $this->travel(8)->days();
    $this->get(trim(Artisan::output()))->assertForbidden();
});

it('does the same on the command line', function (): void {
    $code = Artisan::call('school:create', [
        'name' => 'Brackenfold Hall', '--head' => 'Wren Aldous', '--email' => 'wren@brackenfold.example',
        '--password' => 'a long password', '--doctrine' => 'control', '--ranks' => 'Clay, Sand, Rock',
        '--starter' => 'hold-and-control',
    ]);
    $school = School::query()->where('name', 'Brackenfold Hall')->firstOrFail();

    expect($code)->toBe(0)
        ->and(Artisan::output())->toContain('“Brackenfold Hall” is ready')
        ->and($school->ranks()->pluck('name')->all())->toBe(['Clay', 'Sand', 'Rock'])
        ->and([$school->doctrine, $school->attacks()->count(), $school->answers()->count(), $school->setup])
        ->toBe(['control', 30, 24, SetupStep::NextSteps])
        // What the school means anyway is not said again with each answer.
        ->and($school->answers()->whereNotNull('doctrine')->count())->toBe(0);
    $this->post('/sign-in', ['email' => 'wren@brackenfold.example', 'password' => 'a long password'])->assertRedirect(
        '/',
    );
});

it('says on the command line what is wrong, and starts nothing', function (array $with, string $said): void {
    $code = Artisan::call('school:create', [
        'name' => 'Brackenfold Hall',
        '--head' => 'Wren Aldous',
        '--email' => 'wren@brackenfold.example',
        '--password' => 'a long password',
        ...$with,
    ]);

    expect($code)->toBe(1)
        ->and(Artisan::output())->toContain($said)
        ->and(School::query()->count())->toBe(0);
})->with([
    [['--email' => 'wren'], 'email'],
    [['--doctrine' => 'dance'], 'must be one of the choices'],
    [['--password' => 'short'], 'at least 10'],
    [['--starter' => 'everything'], 'must be one of the choices'],
]);

it('answers lists where words are meant, and words where lists are', function (): void {
    $user = BeginningFixture::begun();
    $user->school->update(['setup' => SetupStep::Curriculum]);
    app(App\Actions\SetRanks::class)->set($user->school, [['name' => 'Only', 'max_beats' => 4, 'goal_rung' => 2]]);
    $this->actingAs($user);
    foreach (
        [
            ['/begin/school', ['name' => ['x'], 'zone' => ['x'], 'bearings' => ['x']]],
            ['/begin/doctrine', ['doctrine' => ['x']]],
            ['/begin/ranks', ['ranks' => 'x']],
            [
                '/begin/ranks',
                ['ranks' => [['name' => 'One', 'max_beats' => ['x'], 'goal_rung' => ['x']], 'x', ['name' => ['x']]]],
            ],
            ['/begin/contact', ['policy' => 'x']],
            [
                '/begin/contact',
                ['policy' => ['choke' => 'x', 'fall' => ['all' => 'x'], 'neck' => ['all' => ['pads' => ['x']]]]],
            ],
        ] as [$path, $fields]
    ) {
        expect($this->from($path)->put($path, $fields)->getStatusCode())->toBe(302, $path);
        $this->get($path)->assertOk();
    }
    foreach (['/begin/ranks?list[]=x', '/begin/ranks?count[]=3', '/join?code[]=x', '/begin?once[]=x'] as $path) {
        expect($this->get($path)->getStatusCode())->toBeLessThan(500, $path);
    }
    $this->post('/sign-out');
    expect($this->post('/join', ['code' => ['x']])->getStatusCode())->toBe(302)
        ->and(
            $this->from('/begin')
                ->post('/begin', ['name' => ['x'], 'email' => ['x'], 'password' => ['x'], 'person' => ['x']])
                ->getStatusCode(),
        )
        ->toBe(302);
    $this->get('/begin')->assertOk();
});

it('says nothing of whether an email has an account, but to whoever reads its mail', function (string $typed): void {
    User::create([
        'school_id' => $this->school()->id,
        'name' => 'Taken',
        'email' => 'taken@small.example',
        'password' => 'a long password',
        'role' => 'head',
    ]);
    $pages = [];
    foreach ([$typed, 'free@small.example'] as $email) {
        $this->flushSession();
        $this->post('/begin', BeginningFixture::form(['email' => $email]))->assertRedirect('/begin/mailed')
            ->assertSessionHasNoErrors();
        $pages[] = str_replace(
            [strtolower($email), (string) csrf_token()],
            ['', ''],
            (string) $this->get('/begin/mailed')->assertOk()->getContent(),
        );
    }

    expect($pages[0])->toBe($pages[1])
        ->and(School::count())->toBe(1)
        ->and(AccountsFixture::mail('taken@small.example'))->toContain('has an account already')
        ->not->toContain('/begin/confirm')
        ->and(AccountsFixture::mail('free@small.example'))->toContain('/begin/confirm?with=');
})->with(['taken@small.example', 'TAKEN@small.example']);

it('shows the mail that this installation does not send, to whoever asked for it', function (): void {
    $this->get('/begin/mailed')->assertRedirect('/begin');
    $this->post('/begin', BeginningFixture::form());
    $this->get('/begin/mailed')->assertSee('This installation sends no mail.')->assertDontSee('/begin/confirm');
    $this->get('/begin/mailed?mail=1')
        ->assertSee('Start Brackenfold Hall')
        ->assertSee('<a href="'.url('/begin/confirm'), false);
    config(['mail.default' => 'array']);
    $this->get('/begin/mailed')->assertDontSee('sends no mail');
});

it('starts a school once by the link of a mail, for a day, and by no other', function (): void {
    $this->post('/begin', BeginningFixture::form());
    $link = AccountsFixture::link(AccountsFixture::mail('wren@brackenfold.example'));
    parse_str((string) parse_url($link, PHP_URL_QUERY), $query);
    // What waits says nothing to whoever reads the cache.
    expect(School::count())->toBe(0);
    $this->get($link)->assertOk()->assertSee('Start Brackenfold Hall')->assertSee('wren@brackenfold.example');
    foreach (['', 'x', str_repeat('a', 3000), substr($query['with'], 0, -3), strrev($query['with'])] as $other) {
        $this->get('/begin/confirm?'.http_build_query(['with' => $other]))
            ->assertStatus(410)
            ->assertSee('This link does not work any more');
        $this->post('/begin/confirm', ['with' => $other])->assertStatus(410);
    }
    $this->get('/begin/confirm?with[]=x')->assertStatus(410);

    $this->post('/begin/confirm', ['with' => $query['with']])->assertRedirect('/begin/doctrine');
    $this->post('/sign-out');
    $this->post('/sign-in', ['email' => 'wren@brackenfold.example', 'password' => 'a long password'])->assertRedirect(
        '/',
    );
    $this->post('/sign-out');
    $this->post('/begin/confirm', ['with' => $query['with']])->assertStatus(410);

    $this->post('/begin', BeginningFixture::form(['email' => 'other@brackenfold.example']));
    $this->travel(25)->hours();
    $this->get(AccountsFixture::link(AccountsFixture::mail('other@brackenfold.example')))->assertStatus(410);
    expect(School::count())->toBe(1);
});

it('says of each attack of a starter what becomes of it', function (): void {
    $user = BeginningFixture::begun();
    $user->school->update(['setup' => null]);
    app(App\Actions\SetRanks::class)->set($user->school, [['name' => 'Only', 'max_beats' => 4, 'goal_rung' => 2]]);
    $this->actingAs($user)
        ->post('/school/starters/attacks-only', ['ranks' => []])
        ->assertRedirect('/wall');
    [$first, $second] = $user->school->attacks()->limit(2)->get()->all();
    // One is another attack now, one is gone.
    $first->update(['title' => 'Ours', 'others' => 'ally']);
    $second->delete();

    $this->get('/school/starters/attacks-only')->assertOk()
        ->assertSee('yours already; it stays as it is')
        ->assertSee('your “Ours” has the same id and is another attack')
        ->assertSee('1 new attack');
});

it('counts each way in for itself', function (): void {
    foreach (range(1, 25) as $try) {
        $this->post('/sign-in', ['email' => "nobody{$try}@small.example", 'password' => 'wrong']);
        $this->post('/tablet', ['code' => 'AAAA']);
    }

    $this->post('/begin', BeginningFixture::form())->assertRedirect('/begin/mailed');
    // Of schools alone twenty are started in an hour.
    foreach (range(2, 20) as $try) {
        $this->post('/begin', BeginningFixture::form(['email' => "wren{$try}@brackenfold.example"]))->assertRedirect(
            '/begin/mailed',
        );
    }
    $this->post('/begin', BeginningFixture::form(['email' => 'wren21@brackenfold.example']))->assertTooManyRequests();
    $this->get('/join')->assertOk();
});
