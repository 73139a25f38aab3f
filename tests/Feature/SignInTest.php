<?php

declare(strict_types=1);

use App\Models\Role;
use App\Models\User;
use Illuminate\Support\Facades\Route;

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

it('keeps the address and not the password when they do not belong together', function (): void {
    $user = $this->person($this->school(), Role::Head);

    $this->from('/sign-in')->post('/sign-in', ['email' => $user->email, 'password' => 'wrong'])
        ->assertRedirect('/sign-in')->assertSessionHasErrors(['email' => 'This address and this password do not belong together.'])
        ->assertSessionHasInput('email', $user->email)->assertSessionMissing('_old_input.password');
    $this->assertGuest();
});

it('closes the door for a while after five wrong tries', function (): void {
    $user = $this->person($this->school(), Role::Head);
    foreach (range(1, 5) as $try) {
        $this->post('/sign-in', ['email' => $user->email, 'password' => 'wrong'.$try]);
    }

    $this->post('/sign-in', ['email' => $user->email, 'password' => 'a long password'])->assertSessionHasErrors('email');
    expect(session('errors')->first('email'))->toContain('Too many tries');
    $this->assertGuest();
});

it('stores no password as it was typed', function (): void {
    $user = $this->person($this->school(), Role::Head);

    expect(User::query()->whereKey($user->id)->toBase()->value('password'))->toStartWith('$2y$')->not->toContain('a long password')
        ->and($user->toArray())->not->toHaveKey('password');
});

it('does not put the door into a part of a page', function (): void {
    $this->post('/attacks/1/workbench', ['beats' => 'leave 6'], ['HX-Request' => 'true'])->assertStatus(401)->assertContent('');
});

it('signs out', function (): void {
    $this->actingAs($this->person($this->school(), Role::Head))->post('/sign-out')->assertRedirect('/sign-in');
    $this->assertGuest();
});

it('sends a policy that lets nothing foreign and nothing inline run', function (): void {
    $policy = (string) $this->get('/sign-in')->assertHeader('X-Content-Type-Options', 'nosniff')->assertHeader('X-Frame-Options', 'DENY')->headers->get('Content-Security-Policy');

    expect($policy)->toContain("script-src 'self'")->not->toContain('unsafe-inline')->not->toContain('unsafe-eval')->not->toContain('http');
});

it('sends cookies that scripts and other sites cannot use', function (): void {
    config(['session.secure' => true]);
    $cookie = collect($this->get('/sign-in')->headers->getCookies())->firstWhere(fn ($cookie) => $cookie->getName() === 'stone_drill_session');

    expect($cookie->isHttpOnly())->toBeTrue()->and($cookie->isSecure())->toBeTrue()->and($cookie->getSameSite())->toBe('lax');
});

it('says in its own look what went wrong', function (int $status, string $title): void {
    Route::get('/break', fn () => abort($status));

    $this->get('/break')->assertStatus($status)->assertSee($title)->assertSee('To the beginning');
})->with([[403, 'Not yours to open'], [404, 'Nothing lies here'], [419, 'The page was open too long'], [429, 'Too many tries'], [500, 'Something broke'], [503, 'Back in a moment']]);

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
    $this->withCookie(config('session.cookie'), $before[0]->id)->get('/wall/holes', ['HX-Request' => 'true'])->assertOk()->assertCookieMissing(config('session.cookie'))->assertCookieMissing('XSRF-TOKEN');
    $this->get('/wall')->assertCookie(config('session.cookie'));
    expect(Illuminate\Support\Facades\DB::table('sessions')->pluck('payload', 'id')->all())->toBe([$before[0]->id => $before[0]->payload]);
});

it('lets a whole hall behind one address sign in within a minute', function (): void {
    $answers = array_map(fn (int $number): int => $this->post('/sign-in', ['email' => "somebody{$number}@example.org", 'password' => ''])->getStatusCode(), range(1, 121));

    // The hundred and twenty-first is one too many.
    expect(array_count_values($answers))->toBe([302 => 120, 429 => 1]);
});
