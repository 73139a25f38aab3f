<?php

declare(strict_types=1);

use App\Models\LogEntry;
use App\Models\Rep;
use App\Models\Role;
use App\Models\School;
use App\Models\Tablet;
use App\Models\User;
use Illuminate\Support\Facades\Hash;
use Illuminate\Support\Str;

const PIN = '482913';

beforeEach(function (): void {
    $this->hall = $this->school();
    $this->head = $this->person($this->hall, Role::Head);
    $this->assistant = $this->person($this->hall, Role::Assistant);
    $this->assistant->update(['pin' => PIN]);
    // Signs the head in, makes a code and types it on this device.
    $this->pair = function (): void {
        $page = (string) $this->actingAs($this->head)
            ->post('/school/tablets', ['name' => 'Bench'])
            ->assertOk()
            ->getContent();
        preg_match('~class="code">([A-Z2-9 ]{14})<~', $page, $found);
        $this->post('/sign-out');
        $response = $this->post('/tablet', ['code' => strtolower($found[1])])
            ->assertRedirect('/tablet')
            ->assertSessionHasNoErrors();
        $this->code = $found[1];
        $this->withCookie('stone_drill_tablet', (string) $response->getCookie('stone_drill_tablet')?->getValue());
    };
    $this->unlock = fn (User $user, string $pin = PIN) => $this->post('/tablet/unlock', [
        'person' => (string) $user->id,
        'pin' => $pin,
    ]);
    $this->rep = fn (School $hall): array => [
        'id' => (string) Str::uuid(),
        'student_id' => $hall->students()->value('id'),
        'attack_id' => $hall->attacks()->where('code', 'wrist')->value('id'),
        'side' => 'written',
        'rung' => 1,
        'outcome' => 'clean',
        'at' => now()->toIso8601String(),
    ];
});

it('pairs a device by a code that works once and for a quarter of an hour', function (): void {
    ($this->pair)();

    $this->get('/sign-in')->assertRedirect('/tablet');
    $this->get('/tablet')->assertOk()
        ->assertSee('Who records?')
        ->assertSee($this->assistant->name)
        ->assertDontSee($this->head->name);
    expect(Tablet::query()->sole()->token)->not->toContain($this->code);
    $this->flushSession()->withCookie('stone_drill_tablet', '');
    $this->post('/tablet', ['code' => $this->code])->assertSessionHasErrors('code');

    $page = (string) $this->actingAs($this->head)
        ->post('/school/tablets', ['name' => 'Late'])
        ->getContent();
    preg_match('~class="code">([A-Z2-9 ]{14})<~', $page, $found);
    $this->post('/sign-out');
    $this->travel(16)->minutes();
    $this->post('/tablet', ['code' => $found[1]])->assertSessionHasErrors('code');
});

it('opens the mat with a PIN, and nothing else', function (): void {
    ($this->pair)();
    ($this->unlock)($this->assistant)->assertRedirect('/mat');
    $this->assertAuthenticatedAs($this->assistant);

    $this->get('/')->assertRedirect('/mat');
    $this->get('/mat')->assertOk()->assertSee('Change who records')->assertDontSee('href="/wall"', false);
    $this->get('/mat/kit')->assertOk()->assertJsonPath('recorder', $this->assistant->name);
    $this->get('/record')->assertOk();
    foreach (['/wall', '/people', '/account', '/board', '/people/'.$this->hall->students()->value('id')] as $page) {
        $this->get($page)->assertForbidden()
            ->assertSee('A bench tablet opens the Mat only.')
            ->assertDontSee('href="'.route('account').'"', false);
    }
    $this->put('/account/password', ['current_password' => 'x', 'password' => 'a long password'])->assertForbidden();
    $this->post('/sign-out')->assertRedirect('/tablet');
    $this->assertGuest();
});

it('says of each rep who recorded it, whoever has the tablet when it is sent', function (): void {
    ($this->pair)();
    ($this->unlock)($this->assistant);
    $by = $this->get('/mat/kit')->json('by');
    $first = ($this->rep)($this->hall);
    $this->postJson('/mat/reps', ['reps' => [$first]])
        ->assertOk()
        ->assertJson(['kept' => [$first['id']]]);
    $this->post('/sign-out');

    $other = $this->person($this->hall, Role::Instructor);
    $other->update(['pin' => '739104']);
    ($this->unlock)($other, '739104')->assertRedirect('/mat');
    // It waited on the tablet since the other one had it.
    $second = [...($this->rep)($this->hall), 'by' => $by];
    $this->postJson('/mat/reps', ['reps' => [$second, ($third = ($this->rep)($this->hall))]])->assertOk();

    $recorded = static fn (array $rep): ?int => Rep::query()->findOrFail($rep['id'])->recorded_by_id;
    expect([$recorded($first), $recorded($second), $recorded($third)])
        ->toBe([$this->assistant->id, $this->assistant->id, $other->id])
        ->and(LogEntry::query()->where('event', 'unlocked')->orderBy('id')->pluck('causer_id')->all())
        ->toBe([$this->assistant->id, $other->id]);
});

it('shows nothing any more once it is revoked', function (): void {
    ($this->pair)();
    ($this->unlock)($this->assistant);
    $tablet = Tablet::query()->sole();
    $this->get('/mat')->assertOk();
    $tablet->delete();

    $this->get('/mat')->assertRedirect('/sign-in');
    $this->assertGuest();
    $this->getJson('/mat/kit')->assertUnauthorized();
    $this->get('/tablet')->assertOk()->assertSee('Pair this device');
    ($this->unlock)($this->assistant)->assertRedirect('/tablet');
    $this->assertGuest();
});

it('lets a head revoke it from the school', function (): void {
    ($this->pair)();
    $this->actingAs($this->head)
        ->get('/school/tablets')
        ->assertOk()
        ->assertSee('Bench')
        ->assertSee('since they have a PIN: '.$this->assistant->name);
    $this->delete('/school/tablets/'.Tablet::query()->value('id'))->assertRedirect('/school/tablets');

    expect(Tablet::count())->toBe(0)
        ->and(LogEntry::query()->where('event', 'deleted')->where('subject_type', Tablet::class)->exists())->toBeTrue();
});

it('holds a PIN that is guessed twenty times, and no one else up', function (): void {
    ($this->pair)();
    $looked = 0;
    for ($guess = 0; $guess < 20; $guess++) {
        $errors = ($this->unlock)($this->assistant, sprintf('%06d', $guess))
            ->assertSessionHasErrors('pin')
            ->getSession()
            ->get('errors')
            ->first('pin');
        $looked += $errors === 'Name or PIN is wrong.' ? 1 : 0;
    }
    // Five at once; then each waits longer than the one before.
    expect($looked)->toBe(5)
        ->and(LogEntry::query()->where('event', 'locked')->count())->toBeGreaterThan(0);
    ($this->unlock)($this->assistant)->assertSessionHasErrors('pin');
    $this->assertGuest();

    $other = $this->person($this->hall, Role::Instructor);
    $other->update(['pin' => PIN]);
    ($this->unlock)($other)->assertRedirect('/mat');
    $this->post('/sign-out');
    $this->travel(2)->minutes();
    ($this->unlock)($this->assistant)->assertRedirect('/mat');
});

it('lets in nobody who may not, and tells no more of it', function (string $who): void {
    ($this->pair)();
    $person = match ($who) {
        'closed' => tap($this->assistant)->update(['closed_at' => now()]),
        'no PIN' => $this->head,
        'a student' => tap($this->person($this->hall, Role::Student))->update(['pin' => PIN]),
        'another school' => tap($this->person($this->school('Other Hall'), Role::Head))->update(['pin' => PIN]),
        'nobody' => (new User())->forceFill(['id' => 987_654]),
    };

    $errors = ($this->unlock)($person)->assertSessionHasErrors('pin')->getSession()->get('errors');
    expect($errors->first('pin'))->toBe('Name or PIN is wrong.');
    $this->assertGuest();
})->with(['closed', 'no PIN', 'a student', 'another school', 'nobody']);

it('sets a PIN with the password, and none that is guessed first', function (): void {
    $this->actingAs($this->assistant);
    foreach (['123456', '987654', '111111', '121212', '12345', '1234567', 'abcdef'] as $pin) {
        $this->put('/account/pin', ['pin' => $pin, 'pin_password' => 'a long password'])->assertSessionHasErrorsIn(
            'pin',
            'pin',
        );
    }
    $this->put('/account/pin', ['pin' => '739104', 'pin_password' => 'wrong'])->assertSessionHasErrorsIn(
        'pin',
        'pin_password',
    );
    expect(Hash::check(PIN, (string) $this->assistant->refresh()->pin))->toBeTrue();
    $this->assistant->update(['password' => 'a long password']);
    $this->put('/account/pin', ['pin' => '739104', 'pin_password' => 'a long password'])->assertSessionHasNoErrors();
    expect(Hash::check('739104', (string) $this->assistant->refresh()->pin))->toBeTrue();
    $this->put('/account/pin', ['pin' => '', 'pin_password' => 'a long password']);
    expect($this->assistant->refresh()->pin)->toBeNull()
        ->and(LogEntry::query()->where('event', 'pin')->count())->toBe(2)
        ->and((string) json_encode(LogEntry::all()))->not->toContain('$2y$');
});

it('tells times by the clock of the school', function (): void {
    $this->hall->update(['zone' => 'Asia/Kolkata']);
    $rep = [...($this->rep)($this->hall), 'at' => '2026-11-24T20:15:00Z'];
    $this->actingAs($this->head)
        ->postJson('/mat/reps', ['reps' => [$rep]])
        ->assertOk();

    $this->get("/people/{$rep['student_id']}/log")->assertOk()
        ->assertSeeTextInOrder(['25 Nov,', '01:45'])
        ->assertSee('recorded by '.$this->head->name);
});
