<?php

declare(strict_types=1);

use App\Models\Role;
use App\Models\User;
use Illuminate\Support\Facades\Route;
use Tests\Feature\SignInFixture;

it('lets in who knows the password, and begins a new session', function (): void {
    $user = $this->person($this->school(), Role::Instructor);
    $this->get('/sign-in')->assertOk()->assertSee('Sign in');
    $before = session()->getId();

    $this->post('/sign-in', ['email' => $user->email, 'password' => 'a long password'])->assertRedirect('/');
    $this->assertAuthenticatedAs($user);
    expect(session()->getId())->not->toBe($before);
});

it('leads on to where one wanted to go', function (): void {
    $user = $this->person($this->school(), Role::Head);

    $this->get('/attacks')->assertRedirect('/sign-in');
    $this->post('/sign-in', ['email' => $user->email, 'password' => 'a long password'])->assertRedirect('/attacks');
});

it('keeps the email and not the password when one of them is wrong', function (): void {
    $user = $this->person($this->school(), Role::Head);

    $this->from('/sign-in')
        ->post('/sign-in', ['email' => $user->email, 'password' => 'wrong'])
        ->assertRedirect('/sign-in')
        ->assertSessionHasErrors(['email' => 'Email or password is wrong.'])
        ->assertSessionHasInput('email', $user->email)
        ->assertSessionMissing('_old_input.password');
    $this->assertGuest();
});

it('lets wait longer with each wrong try, and never for good', function (): void {
    $this->freezeSecond();
    $user = $this->person($this->school(), Role::Head);
    expect(array_map(fn (): ?int => SignInFixture::tried($this, $user->email, '10.0.0.1'), range(1, 6)))->toBe([
        null, null, null, null, null, 2,
    ]);
    // Whoever has waited tries again, and waits twice as long.
    $waits = array_map(function () use ($user): ?int {
        $wait = SignInFixture::tried($this, $user->email, '10.0.0.1');
        $this->travel($wait)->seconds();
        SignInFixture::tried($this, $user->email, '10.0.0.1');

        return $wait;
    }, range(1, 12));
    expect($waits)->toBe([2, 4, 8, 16, 32, 64, 128, 256, 512, 900, 900, 900]);

    $this->travel(900)->seconds();
    expect(SignInFixture::tried($this, $user->email, '10.0.0.1', 'a long password'))->toBeNull();
    $this->assertAuthenticatedAs($user);
});

it('gives twenty addresses hardly more tries than one', function (): void {
    $this->freezeSecond();
    $user = $this->person($this->school(), Role::Head);
    $looked = 0;
    foreach (range(1, 5) as $round) {
        foreach (range(1, 20) as $number) {
            $looked += SignInFixture::tried($this, $user->email, "10.0.1.{$number}") === null ? 1 : 0;
        }
    }

    // Each address has its first try, and nothing but that: one address alone has five.
    expect($looked)->toBe(20);
});

it('never locks out the owner of an account that others try', function (bool $wasHere): void {
    $this->freezeSecond();
    $user = $this->person($this->school(), Role::Head);
    if ($wasHere) {
        SignInFixture::tried($this, $user->email, '10.0.0.9', 'a long password');
        $this->post('/sign-out');
    }
    foreach (range(1, 30) as $number) {
        SignInFixture::tried($this, $user->email, '10.0.2.'.$number % 10);
    }
    if ($wasHere) {
        // Where the account was used before, there is room for slips as well.
        expect(SignInFixture::tried($this, $user->email, '10.0.0.9'))->toBeNull();
    }
    expect(SignInFixture::tried($this, $user->email, '10.0.0.9', 'a long password'))->toBeNull();
    $this->assertAuthenticatedAs($user);
})->with(['at an address that is new' => false, 'at one that is known' => true]);

it('knows a device by its cookie, wherever it is', function (): void {
    $this->freezeSecond();
    $user = $this->person($this->school(), Role::Head);
    $cookie = $this->post('/sign-in', ['email' => $user->email, 'password' => 'a long password'])->getCookie(
        'stone_drill_device',
    );
    $this->post('/sign-out');
    foreach (range(1, 10) as $try) {
        SignInFixture::tried($this, $user->email, '10.0.3.1');
    }
    expect(SignInFixture::tried($this, $user->email, '10.0.3.1'))->toBeGreaterThan(0);

    $this->withCookie('stone_drill_device', $cookie->getValue());
    expect(SignInFixture::tried($this, $user->email, '10.0.3.1'))->toBeNull()
        ->and(SignInFixture::tried($this, $user->email, '10.0.3.1', 'a long password'))->toBeNull()
        ->and($cookie->isHttpOnly())->toBeTrue();
});

it('says the same of an account that does not exist, after the same work', function (): void {
    $user = $this->person($this->school(), Role::Head);
    $hashes = [];
    Illuminate\Support\Facades\Hash::partialMock()
        ->shouldReceive('check')
        ->andReturnUsing(function (string $password, string $hash) use (&$hashes): bool {
            $hashes[] = password_get_info($hash);

            return password_verify($password, $hash);
        });
    foreach ([$user->email, 'nobody@small.example'] as $email) {
        $this->post('/sign-in', ['email' => $email, 'password' => 'wrong'])->assertSessionHasErrors([
            'email' => 'Email or password is wrong.',
        ]);
    }

    expect($hashes)->toHaveCount(2)->and($hashes[0])->toBe($hashes[1])->and($hashes[0]['algoName'])->toBe('bcrypt');
});

it('takes any text for an email without breaking', function (string $email): void {
    $this->post('/sign-in', ['email' => $email, 'password' => 'wrong'])
        ->assertStatus(302)
        ->assertSessionHasErrors('email');
})->with([
    'twenty long signs' => str_repeat('ﷺ', 20),
    'as long as it may be' => str_repeat('ﷺ', 200),
    'quotes and stars' => "'*%_\\",
    'a line' => "a\nb",
]);

it('stores no password as it was typed', function (): void {
    $user = $this->person($this->school(), Role::Head);

    expect(User::query()->whereKey($user->id)->toBase()->value('password'))->toStartWith('$2y$')
        ->not->toContain('a long password')
        ->and($user->toArray())->not->toHaveKey('password');
});

it('does not put the door into a part of a page', function (): void {
    $this->post('/attacks/1/workbench', ['beats' => 'leave 6'], ['HX-Request' => 'true'])
        ->assertStatus(401)
        ->assertContent('');
});

it('signs out', function (): void {
    $this->actingAs($this->person($this->school(), Role::Head))->post('/sign-out')->assertRedirect('/sign-in');
    $this->assertGuest();
});

it('sends a policy that lets nothing foreign and nothing inline run', function (): void {
    $policy = (string) $this->get('/sign-in')
        ->assertHeader('X-Content-Type-Options', 'nosniff')
        ->assertHeader('X-Frame-Options', 'DENY')
        ->headers->get('Content-Security-Policy');

    expect($policy)->toContain("script-src 'self'")
        ->not->toContain('unsafe-inline')
        ->not->toContain('unsafe-eval')
        ->not->toContain('http');
});

it('sends cookies that scripts and other sites cannot use', function (): void {
    config(['session.secure' => true]);
    $cookie = collect($this->get('/sign-in')->headers->getCookies())->firstWhere(
        fn ($cookie) => $cookie->getName() === 'stone_drill_session',
    );

    expect($cookie->isHttpOnly())->toBeTrue()
        ->and($cookie->isSecure())->toBeTrue()
        ->and($cookie->getSameSite())->toBe('lax');
});

it('says in its own look what went wrong', function (int $status, string $title): void {
    Route::get('/break', fn () => abort($status));

    $this->get('/break')->assertStatus($status)->assertSee($title)->assertSee('First page');
})->with([
    [403, 'You may not open this page'], [404, 'Page not found'], [419, 'This page is too old'],
    [429, 'Too many requests'], [500, 'Something went wrong'], [503, 'Not available now'],
    [405, 'This address shows no page'], [418, 'Request not understood'], [502, 'Something went wrong'],
]);

it('shows no trace of the code when something breaks', function (): void {
    config(['app.debug' => false]);
    Route::get('/break', fn () => throw new RuntimeException('the secret reason'));

    $this->get('/break')->assertStatus(500)->assertDontSee('the secret reason')->assertDontSee('.php');
});

it('lets a part of a page change nothing in the session', function (): void {
    $school = $this->school();
    config(['session.driver' => 'database']);
    $this->actingAs($this->person($school, App\Models\Role::Head))->get('/wall')->assertOk();
    $before = Illuminate\Support\Facades\DB::table('sessions')->get();
    expect($before)->toHaveCount(1);

    // The session is the same row, and it is as it was.
    $this->withCookie(config('session.cookie'), $before[0]->id)
        ->get('/wall/holes', ['HX-Request' => 'true'])
        ->assertOk()
        ->assertCookieMissing(config('session.cookie'))
        ->assertCookieMissing('XSRF-TOKEN');
    $this->get('/wall')->assertCookie(config('session.cookie'));
    expect(Illuminate\Support\Facades\DB::table('sessions')->pluck('payload', 'id')->all())->toBe([
        $before[0]->id => $before[0]->payload,
    ]);
});

it('lets a whole hall behind one address sign in within a minute', function (): void {
    $answers = array_map(
        fn (int $number): int => $this->post('/sign-in', [
            'email' => "somebody{$number}@example.org",
            'password' => '',
        ])->getStatusCode(),
        range(1, 121),
    );

    // The hundred and twenty-first is one too many.
    expect(array_count_values($answers))->toBe([302 => 120, 429 => 1]);
});
