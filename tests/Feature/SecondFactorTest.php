<?php

declare(strict_types=1);

use App\Models\Role;
use Carbon\CarbonImmutable;
use StoneDrill\StandIns\Totp\Totp;

beforeEach(function (): void {
    $this->freezeSecond();
    $this->user = $this->person($this->school(), Role::Head);
    // What an authenticator shows now.
    $this->code = fn (): string => Totp::ofSecret((string) $this->user->fresh()->totp_secret)->codeAt(
        CarbonImmutable::now()->getTimestamp(),
    );
    $this->turnOn = function (): array {
        $this->actingAs($this->user)
            ->post('/account/factor', ['factor_password' => 'a long password'])
            ->assertRedirect('/account/factor');
        preg_match_all(
            '~<code>(\w{5}-\w{5})</code>~',
            (string) $this->put('/account/factor', ['code' => ($this->code)()])
                ->assertOk()
                ->getContent(),
            $found,
        );
        $this->post('/sign-out');
        $this->travel(30)->seconds();

        return $found[1];
    };
});

it('is set up by who knows the password, and asked for once a code was right', function (): void {
    $this->actingAs($this->user)
        ->post('/account/factor', ['factor_password' => 'wrong'])
        ->assertSessionHasErrorsIn('factor', 'factor_password');
    expect($this->user->fresh()->totp_secret)->toBeNull();

    $this->post('/account/factor', ['factor_password' => 'a long password'])->assertRedirect('/account/factor');
    $this->actingAs($this->user->fresh())
        ->get('/account/factor')
        ->assertOk()
        ->assertSee('otpauth://totp/Stone%20Drill%3A', false)
        ->assertSee(substr((string) $this->user->fresh()->totp_secret, 0, 4));
    $this->put('/account/factor', ['code' => '000000'])
        ->assertRedirect('/account/factor')
        ->assertSessionHasErrors('code');
    expect($this->user->fresh()->totp_since)->toBeNull();

    $page = $this->put('/account/factor', ['code' => ($this->code)()])
        ->assertOk()
        ->assertSee('Your recovery codes');
    expect(preg_match_all('~<code>\w{5}-\w{5}</code>~', (string) $page->getContent()))->toBe(10)
        ->and($this->user->fresh()->totp_since)->not->toBeNull()
        // Neither the secret nor the codes stand in the database as they are.
        ->and(json_encode($this->user->fresh()->getAttributes()))
        ->not->toContain((string) $this->user->fresh()->totp_secret);
});

it('is asked for after the password, and nobody is in before', function (): void {
    ($this->turnOn)();
    $this->get('/sign-in/code')->assertRedirect('/sign-in');
    $this->post('/sign-in', ['email' => $this->user->email, 'password' => 'a long password'])->assertRedirect(
        '/sign-in/code',
    );
    $this->assertGuest();
    $this->get('/wall')->assertRedirect('/sign-in');

    $this->get('/sign-in/code')->assertOk();
    $this->from('/sign-in/code')
        ->post('/sign-in/code', ['code' => '123456'])
        ->assertRedirect('/sign-in/code')
        ->assertSessionHasErrors('code');
    $this->assertGuest();
    $this->post('/sign-in/code', ['code' => ($this->code)()])->assertRedirect();
    $this->assertAuthenticatedAs($this->user->fresh());
});

it('takes each code once', function (): void {
    $recovery = ($this->turnOn)();
    $in = function (string $code): bool {
        $this->post('/sign-in', ['email' => $this->user->email, 'password' => 'a long password']);
        $this->post('/sign-in/code', ['code' => $code]);
        $isIn = Illuminate\Support\Facades\Auth::check();
        $this->post('/sign-out');

        return $isIn;
    };
    $code = ($this->code)();

    expect([$in($code), $in($code), $in($recovery[0]), $in($recovery[0]), $in(' '.strtoupper($recovery[1]).' ')])
        ->toBe([true, false, true, false, true])
        ->and($this->user->fresh()->recovery_codes)->toHaveCount(8);
});

it('waits five minutes for a code, and no longer', function (): void {
    ($this->turnOn)();
    $this->post('/sign-in', ['email' => $this->user->email, 'password' => 'a long password']);
    $this->travel(301)->seconds();

    $this->post('/sign-in/code', ['code' => ($this->code)()])->assertRedirect('/sign-in');
    $this->assertGuest();
});

it('lets nobody guess twenty codes', function (): void {
    ($this->turnOn)();
    // Whoever guesses comes from elsewhere, and knows the password.
    $guess = function (string $code): ?string {
        $this->withServerVariables(['REMOTE_ADDR' => '10.0.0.9'])->post('/sign-in', [
            'email' => $this->user->email,
            'password' => 'a long password',
        ]);
        $this->post('/sign-in/code', ['code' => $code]);

        return session('errors')?->first('code');
    };
    $said = array_map(fn (int $number): ?string => $guess(sprintf('%06d', $number)), range(1, 20));
    $looked = array_filter(
        $said,
        static fn (?string $text): bool => str_starts_with((string) $text, 'This code is not right'),
    );

    expect(count($looked))->toBeLessThanOrEqual(6)->and(end($said))->toStartWith('Too many wrong attempts.');
});

it('is turned off, and its recovery codes renewed, by who knows the password', function (): void {
    $before = ($this->turnOn)();
    $this->actingAs($this->user->fresh());
    $this->delete('/account/factor', ['factor_password' => 'wrong'])->assertSessionHasErrorsIn(
        'factor',
        'factor_password',
    );
    preg_match_all(
        '~<code>(\w{5}-\w{5})</code>~',
        (string) $this->post('/account/factor/recovery-codes', ['factor_password' => 'a long password'])
            ->assertOk()
            ->getContent(),
        $found,
    );
    expect(array_intersect($before, $found[1]))->toBe([]);

    $this->delete('/account/factor', ['factor_password' => 'a long password'])->assertRedirect('/account');
    $this->post('/sign-out');
    $this->post('/sign-in', ['email' => $this->user->email, 'password' => 'a long password'])->assertRedirect('/');
    $this->assertAuthenticated();
});

it('is needed by heads where their school says so', function (): void {
    $this->actingAs($this->user)
        ->put('/school/second-factor', ['heads_need_totp' => '1'])
        ->assertRedirect('/school/accounts');

    $this->actingAs($this->user->fresh())->get('/wall')->assertRedirect('/account');
    $this->get('/account')->assertOk();
    $this->actingAs($this->person($this->user->school, Role::Instructor))->get('/wall')->assertOk();
    ($this->turnOn)();
    $this->actingAs($this->user->fresh())->get('/wall')->assertOk();
});
