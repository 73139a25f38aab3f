<?php

declare(strict_types=1);

use App\Models\Rep;
use App\Models\Role;
use App\Models\User;
use Carbon\CarbonImmutable;
use StoneDrill\Core\Proof\Source;

beforeEach(function (): void {
    $this->hall = $this->school();
    $this->ada = $this->hall->students()->firstOrFail();
    $this->own = User::create([
        'school_id' => $this->hall->id,
        'student_id' => $this->ada->id,
        'name' => 'Ada',
        'email' => 'ada@small.example',
        'password' => 'a long password',
        'role' => Role::Student,
    ]);
    $this->actingAs($this->own);
    $this->page = "/people/{$this->ada->id}/own";
    $this->home = "/people/{$this->ada->id}/home";
});

it('leads students to a page of their own, and guardians to that of a child', function (): void {
    $this->hall
        ->classes()
        ->create([
            'at' => now()->addDay(),
            'minutes' => 60,
            'place' => 'Loft',
            'places' => 8,
            'instructors' => 1,
            'ranks' => ['first'],
        ]);
    $this->hall
        ->classes()
        ->create([
            'at' => now()->addHour(),
            'minutes' => 60,
            'place' => 'Elsewhere',
            'places' => 8,
            'instructors' => 1,
            'ranks' => ['second'],
        ]);
    $test = $this->hall->tests()->create(['rank_id' => $this->ada->rank_id, 'at' => now()->addDays(9)]);
    $test->candidates()->attach($this->ada->id, ['school_id' => $this->hall->id]);
    $this->get('/')->assertRedirect($this->page);
    $this->get($this->page)->assertOk()
        ->assertSee('Drill next')
        ->assertSee('Wrist held across')
        ->assertSee('Loft')
        ->assertDontSee('Elsewhere')
        ->assertSee('Test for First')
        ->assertSee('% to pass today')
        ->assertSee('0 of 2 held')
        ->assertSee('Practise');
    $guardian = $this->person($this->hall, Role::Guardian);
    $guardian->entrust([$this->ada->id]);
    $this->actingAs($guardian)->get('/children')->assertSee($this->page);
    $this->get($this->page)->assertOk();
    $guardian->entrust([]);
    $this->actingAs($guardian->fresh())->get($this->page)->assertForbidden();
});

it('tells what fades and what one clean try would complete', function (): void {
    $rep = fn (int $number, int $days): Rep => $this->hall
        ->reps()
        ->create([
            'id' => sprintf('0b7e1f60-4444-4000-8000-%012d', $number),
            'student_id' => $this->ada->id,
            'attack_id' => $this->hall->attacks()->where('code', 'wrist')->value('id'),
            'side' => 'written',
            'rung' => 2,
            'outcome' => 'clean',
            'at' => now()->subDays($days),
            'mistakes' => [],
            'source' => 'seen',
        ]);
    // With the one there is: one more at a time, until the page says that the next would be enough.
    for (
        $number = 1;
        $number < 9 && ! str_contains((string) $this->get($this->page)->getContent(), '<p>Wrist held across</p>');
        $number++
    ) {
        $rep($number, 0);
    }
    $this->get($this->page)->assertSee('<p>Wrist held across</p>', false)->assertSee('Nothing.');
    $rep(50, 0);
    $this->get($this->page)
        ->assertDontSee('<p>Wrist held across</p>', false)
        ->assertSeeInOrder(['Fades within 30 days', 'Wrist held across', 'Next']);
});

it('gives a sheet for the week that stays as it is, and notes what was done', function (): void {
    $page = (string) $this->get($this->home)
        ->assertOk()
        ->assertSee('Gate')
        ->assertSee('left foot step 9')
        ->assertSee('leans back')
        ->assertSee('I did it')
        ->getContent();
    preg_match('/name="id" value="([0-9a-f-]{36})"/', $page, $id);
    $this->post($this->home, ['id' => $id[1], 'answer' => 'gate'])->assertSessionHas(
        'status',
        '“Gate” is noted. It shows in the log, and proves nothing.',
    );
    $this->post($this->home, ['id' => $id[1], 'answer' => 'gate'])->assertRedirect($this->home);
    $rep = $this->hall->reps()->findOrFail($id[1]);

    expect([$rep->source, $rep->rung, $rep->student_id])->toBe([Source::Home, 1, $this->ada->id])
        ->and($this->hall->reps()->where('source', 'home')->count())->toBe(1);
    $this->get($this->home)->assertSee('1 × this week');
    $this->get("/people/{$this->ada->id}/log")->assertSee('at home');
    $this->get("{$this->home}.pdf")->assertOk()
        ->assertHeader('content-type', 'application/pdf');
    $this->post($this->home, ['id' => $id[1], 'answer' => 'zebra'])->assertSessionHas(
        'error',
        'This is not on the sheet of this week any more.',
    );
    $this->post($this->home, ['id' => 'x', 'answer' => ''])->assertSessionHasErrors(['id', 'answer']);
    $this->travelTo(CarbonImmutable::now()->addWeek());
    $this->get($this->home)->assertDontSee('× this week');
});

it('names nobody else to a student or a guardian', function (): void {
    $this->hall
        ->students()
        ->create(['code' => 'bo', 'name' => 'Bo Secretly', 'rank_id' => $this->ada->rank_id, 'flags' => []]);
    foreach ([$this->page, $this->home, "/people/{$this->ada->id}"] as $page) {
        $this->get($page)->assertOk()->assertDontSee('Bo Secretly');
    }
});
