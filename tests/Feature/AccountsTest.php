<?php

declare(strict_types=1);

use App\Actions\ChangeAccount;
use App\Models\Invitation;
use App\Models\Role;
use App\Models\User;
use Illuminate\Support\Facades\DB;
use Tests\Feature\AccountsFixture;

beforeEach(function (): void {
    $this->hall = $this->school();
    $this->head = $this->person($this->hall, Role::Head);
});

it('invites by mail with a link that works once', function (): void {
    $this->actingAs($this->head)
        ->post('/school/invitations', ['name' => 'Ro Alder', 'email' => 'Ro@Alder.example', 'role' => 'instructor'])
        ->assertRedirect('/school/accounts');
    $this->get('/school/accounts')
        ->assertSee('An invitation is on its way to ro@alder.example.')
        ->assertSee('until 11 Dec');
    $mail = AccountsFixture::mail('ro@alder.example');
    expect($mail)->toContain('You are invited to Small Hall')->toContain('as Instructor');
    $this->get('/school/outbox')->assertSee('ro@alder.example');
    $this->post('/sign-out');

    $link = AccountsFixture::link($mail);
    $this->get($link)->assertOk()->assertSee('Join Small Hall')->assertSee('ro@alder.example');
    // Whose mail it was says what its email is.
    $this->post($link, [
        'name' => 'Ro Alder',
        'email' => 'somebody@else.example',
        'password' => 'a long password',
    ])->assertRedirect('/');
    $user = User::query()->where('email', 'ro@alder.example')->firstOrFail();
    $this->assertAuthenticatedAs($user);
    expect([$user->role, $user->school_id])->toBe([Role::Instructor, $this->hall->id])
        ->and(Invitation::count())->toBe(0);
    $this->post('/sign-out');

    $this->get($link)->assertStatus(410)->assertSee('This invitation does not work');
    $this->post($link, ['name' => 'Again', 'password' => 'a long password'])->assertStatus(302);
    expect(User::count())->toBe(2);
});

it('invites with a card where there is no mail', function (): void {
    $page = $this->actingAs($this->head)
        ->post('/school/invitations', [
            'name' => 'Bo',
            'email' => '',
            'role' => 'guardian',
            'children' => [(string) $this->hall->students()->value('id')],
        ])
        ->assertOk()
        ->assertSee('Invitation for Bo');
    preg_match('~class="code">([A-Z2-9 ]{14})<~', (string) $page->getContent(), $found);
    expect(DB::table('invitations')->value('token'))->not->toContain(str_replace(' ', '', $found[1]));
    $this->post('/sign-out');

    $this->post('/join', ['code' => 'AAAA AAAA AAAA'])->assertRedirect('/join')
        ->assertSessionHasErrors('code');
    $this->post('/join', ['code' => strtolower($found[1])])->assertRedirect();
    $code = str_replace(' ', '', $found[1]);
    $this->get("/join/{$code}")->assertOk()
        ->assertSee('Guardian');
    $this->post("/join/{$code}", [
        'name' => 'Bo',
        'email' => 'bo@home.example',
        'password' => 'a long password',
    ])->assertRedirect('/');

    $this->get('/')->assertRedirect('/children');
    $this->get('/children')->assertOk()->assertSee('Ada Plover');
    $this->get('/people/'.$this->hall->students()->value('id'))->assertOk();
    $this->get('/wall')->assertForbidden();
    $other = $this->hall
        ->students()
        ->create(['code' => 'cy', 'name' => 'Cy', 'rank_id' => $this->hall->ranks()->value('id'), 'flags' => []]);
    $this->get('/people/'.$other->id)->assertForbidden();
});

it('takes no invitation that is over, withdrawn, or of a student who has an account', function (string $what): void {
    $student = $this->hall->students()->firstOrFail();
    $this->actingAs($this->head)->post('/school/invitations', [
        'name' => 'Ada',
        'email' => 'ada@home.example',
        'role' => 'student',
        'student' => (string) $student->id,
    ]);
    $link = AccountsFixture::link(AccountsFixture::mail('ada@home.example'));
    match ($what) {
        'over' => $this->travel(8)->days(),
        'withdrawn' => $this->delete('/school/invitations/'.Invitation::query()->value('id')),
        'taken' => $this->person($this->hall, Role::Student),
    };
    $this->post('/sign-out');

    $this->post($link, ['name' => 'Ada', 'email' => 'ada@home.example', 'password' => 'a long password'])->assertStatus(
        410,
    );
    expect(User::query()->where('email', 'ada@home.example')->exists())->toBeFalse();
})->with(['over', 'withdrawn', 'taken']);

it('invites nobody in ways that lead nowhere, and keeps what was typed', function (array $with, string $field): void {
    $other = $this->school('Other Hall');
    $with = array_map(
        fn (mixed $value): mixed => match ($value) {
            'other' => (string) $other->students()->value('id'),
            'own' => strtoupper($this->head->email),
            default => $value,
        },
        $with,
    );
    $this->actingAs($this->head)
        ->from('/school/accounts')
        ->post('/school/invitations', ['name' => 'Ro', 'email' => 'ro@alder.example', 'role' => 'assistant', ...$with])
        ->assertRedirect('/school/accounts')
        ->assertSessionHasErrors($field)
        ->assertSessionHasInput('name');
    expect(Invitation::count())->toBe(0);
})->with([
    'no role' => [['role' => 'owner'], 'role'],
    'a student of nobody' => [['role' => 'student'], 'student'],
    'another school’s student' => [['role' => 'student', 'student' => 'other'], 'student'],
    'a guardian of nobody' => [['role' => 'guardian'], 'children'],
    'an email with an account' => [['email' => 'own'], 'email'],
]);

it('gives another role, ends the sessions, and tells it in the log', function (): void {
    $assistant = $this->person($this->hall, Role::Assistant);
    DB::table('sessions')->insert([
        'id' => 'theirs',
        'user_id' => $assistant->id,
        'payload' => '',
        'last_activity' => time(),
    ]);
    $this->actingAs($this->head)
        ->put("/school/accounts/{$assistant->id}", ['role' => 'instructor'])
        ->assertRedirect('/school/accounts');

    expect($assistant->fresh()->role)->toBe(Role::Instructor)
        ->and(DB::table('sessions')->where('user_id', $assistant->id)->exists())->toBeFalse();
    $entry = $this->hall->log()->where('event', 'updated')->firstOrFail();
    expect($entry->properties->all())
        ->toBe(['attributes' => ['role' => 'instructor'], 'old' => ['role' => 'assistant']])
        ->and([$entry->causer_id, $entry->address])->toBe([$this->head->id, '127.0.0.1']);
    $this->get('/school/log')->assertOk()->assertSee('Account “Assistant” changed');
    expect($this->get('/school/log.csv')->streamedContent())->toContain('role: assistant → instructor');
});

it('shows what can be changed of an account: nothing of a student’s role, nor of one that is closed', function (): void {
    $student = $this->hall->students()->firstOrFail();
    $theirs = $this->person($this->hall, Role::Student);
    $assistant = $this->person($this->hall, Role::Assistant);
    $this->actingAs($this->head)
        ->get("/school/accounts/{$theirs->id}/edit")
        ->assertOk()
        ->assertSee("This account is that of the student {$student->name}.")
        ->assertDontSee('name="role"', false)
        ->assertSee("Close account of {$theirs->name}");
    $page = $this->get("/school/accounts/{$assistant->id}/edit")->assertOk()->assertSee('Children of a guardian (0)');
    $page->assertDontSee('value="student"', false)->assertSee('value="guardian"', false);
    $this->from("/school/accounts/{$assistant->id}/edit")
        ->put("/school/accounts/{$assistant->id}", ['role' => 'student'])
        ->assertRedirect("/school/accounts/{$assistant->id}/edit");
    $this->delete("/school/accounts/{$assistant->id}");
    $this->get("/school/accounts/{$assistant->id}/edit")->assertNotFound();
});

it('closes an account and opens it again', function (): void {
    $instructor = $this->person($this->hall, Role::Instructor);
    $this->actingAs($this->head)
        ->delete("/school/accounts/{$instructor->id}")
        ->assertRedirect('/school/accounts');
    $this->get('/school/accounts')->assertSee('Closed accounts');
    $this->post('/sign-out');
    $this->post('/sign-in', ['email' => $instructor->email, 'password' => 'a long password'])->assertSessionHasErrors([
        'email' => 'Email or password is wrong.',
    ]);
    $this->post('/password/forgotten', ['email' => $instructor->email])->assertRedirect('/sign-in');
    expect(App\Models\OutboxMail::count())->toBe(0);

    $this->actingAs($this->head)->post("/school/accounts/{$instructor->id}/restore");
    $this->post('/sign-out');
    $this->post('/sign-in', ['email' => $instructor->email, 'password' => 'a long password'])->assertRedirect('/');
});

it('signs out at once whoever’s account is closed while they are here', function (): void {
    $instructor = $this->person($this->hall, Role::Instructor);
    $this->actingAs($instructor)->get('/wall')->assertOk();
    app(ChangeAccount::class)->close($instructor->fresh());

    $this->actingAs($instructor->fresh())->get('/wall')->assertRedirect('/sign-in');
});

it('never loses its last head', function (): void {
    $second = User::create([
        'school_id' => $this->hall->id,
        'name' => 'Second',
        'email' => 'second@small.example',
        'password' => 'a long password',
        'role' => Role::Head,
    ]);
    $action = app(ChangeAccount::class);

    expect($action->close($second))->toBeTrue()
        ->and($action->giveRole($this->head, Role::Instructor))->toBeFalse()
        ->and($action->close($this->head))->toBeFalse()
        // One that is closed is no head who could sign in.
        ->and($this->head->fresh()->only(['role', 'closed_at']))->toBe(['role' => Role::Head, 'closed_at' => null]);
    $this->actingAs($this->head)
        ->delete("/school/accounts/{$this->head->id}")
        ->assertSessionHas(
            'error',
            'A school needs a head who can sign in. Make somebody else head first. Nothing was changed.',
        );
});

it('changes a password by who knows the present one, and signs out elsewhere', function (): void {
    DB::table('sessions')->insert([
        'id' => 'elsewhere',
        'user_id' => $this->head->id,
        'payload' => '',
        'last_activity' => time(),
    ]);
    $this->actingAs($this->head)
        ->put('/account/password', ['current_password' => 'wrong', 'password' => 'another long one'])
        ->assertSessionHasErrorsIn('password', 'current_password');
    $this->put('/account/password', [
        'current_password' => 'a long password',
        'password' => 'short',
    ])->assertSessionHasErrorsIn('password', 'password');
    $this->put('/account/password', [
        'current_password' => 'a long password',
        'password' => 'another long one',
    ])->assertRedirect('/account');

    expect(DB::table('sessions')->where('id', 'elsewhere')->exists())->toBeFalse()
        ->and(AccountsFixture::mail($this->head->email))->toContain('The password of your account was changed.');
    $this->post('/sign-out');
    $this->post('/sign-in', ['email' => $this->head->email, 'password' => 'another long one'])->assertRedirect('/');
});

it(
    'sends a link for a new password, which works once, and says the same of an email without account',
    function (): void {
        foreach ([$this->head->email, 'nobody@small.example'] as $email) {
            $this->post('/password/forgotten', ['email' => $email])->assertRedirect('/sign-in')
                ->assertSessionHas('status', __('session.reset-sent'));
        }
        expect(App\Models\OutboxMail::query()->pluck('recipient')->all())->toBe([$this->head->email]);
        $link = AccountsFixture::link(AccountsFixture::mail($this->head->email));
        $this->get($link)->assertOk()->assertSee('New password');
        preg_match('~reset/(\w+)~', $link, $found);
        $new = ['token' => $found[1], 'email' => $this->head->email, 'password' => 'another long one'];
        DB::table('sessions')->insert([
            'id' => 'elsewhere',
            'user_id' => $this->head->id,
            'payload' => '',
            'last_activity' => time(),
        ]);

        $this->from($link)
            ->put('/password/reset', [...$new, 'token' => str_repeat('a', 64)])
            ->assertSessionHasErrors('email');
        $this->put('/password/reset', $new)->assertRedirect('/sign-in');
        expect(DB::table('sessions')->where('id', 'elsewhere')->exists())->toBeFalse();
        $this->from($link)->put('/password/reset', $new)->assertSessionHasErrors('email');
        $this->post('/sign-in', ['email' => $this->head->email, 'password' => 'another long one'])->assertRedirect('/');
    },
);

it('does the same work for an email with and without account', function (): void {
    Illuminate\Support\Facades\Queue::fake();
    $queries = [];
    foreach ([$this->head->email, 'nobody@small.example'] as $email) {
        DB::flushQueryLog();
        DB::enableQueryLog();
        $this->post('/password/forgotten', ['email' => $email]);
        $queries[] = array_column(DB::getQueryLog(), 'query');
        DB::disableQueryLog();
    }
    expect($queries[0])->toBe($queries[1]);
    Illuminate\Support\Facades\Queue::assertPushed(App\Jobs\SendPasswordReset::class, 2);
});

it('changes an email once its new owner has followed the link, signed in', function (): void {
    $this->actingAs($this->head)
        ->put('/account/email', ['email' => 'new@small.example', 'email_password' => 'wrong'])
        ->assertSessionHasErrorsIn('email', 'email_password');
    $this->put('/account/email', [
        'email' => 'New@small.example',
        'email_password' => 'a long password',
    ])->assertRedirect('/account');
    $link = AccountsFixture::link(AccountsFixture::mail('new@small.example'));
    expect($this->head->fresh()->email)->not->toBe('new@small.example');

    $other = $this->person($this->hall, Role::Assistant);
    $this->actingAs($other)->get($link)->assertSessionHas('error');
    $this->actingAs($this->head)
        ->get($link.'0')
        ->assertSessionHas('error');
    $before = $this->head->email;
    $this->actingAs($this->head->fresh())->get($link)->assertRedirect('/account')->assertSessionHas('status');
    expect($this->head->fresh()->email)->toBe('new@small.example')
        ->and(AccountsFixture::mail($before))->toContain('The email of your account was changed.');
    // Once more, and it is another account than it was for.
    $this->actingAs($this->head->fresh())->get($link)->assertSessionHas('error');
});

it('lists where somebody is signed in, and ends one of them', function (): void {
    foreach (
        ['one' => 'Mozilla/5.0 (X11; Linux) Firefox/130', 'two' => 'Mozilla/5.0 (iPhone) Safari'] as $id => $agent
    ) {
        DB::table('sessions')->insert([
            'id' => $id,
            'user_id' => $this->head->id,
            'ip_address' => '10.0.0.1',
            'user_agent' => $agent,
            'payload' => '',
            'last_activity' => time(),
        ]);
    }
    $this->actingAs($this->head)
        ->get('/account')
        ->assertOk()
        ->assertSee('Firefox, Linux')
        ->assertSee('Safari, iPhone')
        ->assertDontSee('value="one"', false);
    $this->delete('/account/sessions', ['session' => hash('sha256', 'one')])->assertRedirect('/account');
    expect(DB::table('sessions')->pluck('id')->all())->toBe(['two']);
    $this->delete('/account/sessions');
    expect(DB::table('sessions')->count())->toBe(0);
});

it('tells in the log who signed in and who was refused', function (): void {
    $this->post('/sign-in', ['email' => $this->head->email, 'password' => 'wrong']);
    $this->post('/sign-in', ['email' => 'nobody@small.example', 'password' => 'wrong']);
    $this->post('/sign-in', ['email' => $this->head->email, 'password' => 'a long password']);
    $this->post('/sign-out');

    expect(
        $this->hall
            ->log()
            ->whereIn('event', ['failed', 'signed-in', 'signed-out'])
            ->orderBy('id')
            ->pluck('address', 'event')
            ->all(),
    )
        ->toBe(['signed-out' => '127.0.0.1', 'signed-in' => '127.0.0.1', 'failed' => '127.0.0.1'])
        ->and($this->hall->log()->where('event', 'failed')->value('causer_id'))->toBeNull();
});

it('tells what was before and after of everything that is written', function (): void {
    $this->actingAs($this->head);
    $attack = $this->hall->attacks()->where('code', 'wrist')->firstOrFail();
    $student = $this->hall->students()->firstOrFail();
    $this->put('/school/ranks/'.$this->hall->ranks()->value('id'), [
        'name' => 'Renamed',
        'max_beats' => 4,
        'goal_rung' => 2,
    ]);
    $this->put("/people/{$student->id}", ['name' => 'Ada P.', 'rank' => (string) $student->rank_id, 'height' => '1.7']);
    $this->delete('/attacks/'.$this->hall->attacks()->where('code', 'hug')->value('id'));
    $told = $this->hall
        ->log()
        ->get()
        ->map(
            fn ($entry): string => class_basename((string) $entry->subject_type)
                ." {$entry->event} "
                .json_encode($entry->properties['attributes'] ?? []),
        )
        ->implode("\n");

    expect($told)->toContain('Rank updated {"name":"Renamed"}')
        ->toContain('Student updated {"name":"Ada P.","height":1.7')
        ->toContain('Attack deleted');
    $this->get('/school/log')->assertOk()
        ->assertSee('Rank “Renamed” changed')
        ->assertSee('Attack “Hug from behind” deleted');
    expect($told)->not->toContain('password')->and($attack->exists)->toBeTrue();
});

it('tells an import in one entry', function (): void {
    expect($this->hall->log()->where('event', 'imported')->sole()->properties['attributes']['attacks'])
        ->toBe(['added' => 2])
        ->and($this->hall->log()->where('event', 'created')->where('subject_type', App\Models\Attack::class)->exists())
        ->toBeFalse();
});

it('goes on without mail where the mail server does not answer, and says so', function (): void {
    // A server that nobody runs.
    config([
        'mail.default' => 'smtp',
        'mail.mailers.smtp' => ['transport' => 'smtp', 'host' => '127.0.0.1', 'port' => 1, 'timeout' => 1],
    ]);
    $this->actingAs($this->head)
        ->post('/school/invitations', ['name' => 'Ro', 'email' => 'ro@alder.example', 'role' => 'assistant'])
        ->assertOk()
        ->assertSee('The mail could not be sent')
        ->assertSee('Invitation for Ro')
        ->assertSee('class="code"', false);
    expect(Invitation::count())->toBe(1);
    $this->put('/account/email', ['email' => 'new@small.example', 'email_password' => 'a long password'])
        ->assertRedirect('/account')
        ->assertSessionHasErrorsIn('email', 'email');
    $this->put('/account/password', ['current_password' => 'a long password', 'password' => 'another long one'])
        ->assertRedirect('/account')
        ->assertSessionHas('status');
    expect(Illuminate\Support\Facades\Hash::check('another long one', $this->head->fresh()->password))->toBeTrue();
});

it('lets two heads who remove each other at once not both go', function (): void {
    $second = User::create([
        'school_id' => $this->hall->id,
        'name' => 'Second',
        'email' => 'second@small.example',
        'password' => 'a long password',
        'role' => Role::Head,
    ]);
    $locked = [];
    DB::listen(function ($query) use (&$locked): void {
        if (str_contains($query->sql, 'for update')) {
            $locked[] = $query->sql;
        }
    });
    $action = app(ChangeAccount::class);

    // The school’s own row is held before anybody looks who is left: the second waits, and finds the first gone.
    expect([$action->close($second), $action->close($this->head)])->toBe([true, false])
        ->and($locked)->toHaveCount(2)
        ->and($locked[0])->toContain('from "schools"')
        ->and(User::query()->where('role', Role::Head)->whereNull('closed_at')->count())->toBe(1);
});

it('lets a head in again whom nobody of the school can help', function (): void {
    $hall = $this->school();
    $head = $this->person($hall, Role::Head);
    $other = $this->person($hall, Role::Assistant);
    $head->update([
        'totp_secret' => 'JBSWY3DPEHPK3PXP',
        'totp_since' => now(),
        'recovery_codes' => ['x'],
        'closed_at' => now(),
    ]);
    Illuminate\Support\Facades\DB::table('sessions')->insert([
        'id' => 'old',
        'user_id' => $head->id,
        'payload' => '',
        'last_activity' => now()->getTimestamp(),
    ]);
    $this->artisan('account:rescue', ['email' => 'nobody@small.example', '--password' => 'long enough for it'])
        ->expectsOutputToContain('There is no account with this email.')
        ->assertFailed();
    $this->artisan('account:rescue', ['email' => $head->email, '--password' => 'short'])->assertFailed();
    expect($head->fresh()->totp_since)->not->toBeNull();

    $this->artisan('account:rescue', ['email' => $head->email])
        ->expectsQuestion('New password', 'long enough for it')
        ->expectsOutputToContain('the second factor is off')
        ->assertSuccessful();
    expect($head->fresh()->only('totp_secret', 'totp_since', 'recovery_codes', 'closed_at'))
        ->toBe(['totp_secret' => null, 'totp_since' => null, 'recovery_codes' => null, 'closed_at' => null])
        ->and(Illuminate\Support\Facades\DB::table('sessions')->count())->toBe(0);
    $this->post('/sign-in', ['email' => $head->email, 'password' => 'long enough for it'])->assertRedirect('/');
    $logged = $hall->log()->count();
    $this->artisan('account:rescue', [
        'email' => $other->email,
        '--password' => 'long enough for it',
        '--head' => true,
    ])->assertSuccessful();
    expect($other->fresh()->role)->toBe(Role::Head)
        ->and($hall->log()->count())->toBeGreaterThan($logged);
});
