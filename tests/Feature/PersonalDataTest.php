<?php

declare(strict_types=1);

use App\Jobs\SendPasswordReset;
use App\Models\Role;
use App\Models\Student;
use App\Models\User;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Queue;
use Illuminate\Support\Facades\Schema;
use Illuminate\Support\Facades\Storage;

beforeEach(function (): void {
    Storage::fake();
    $this->hall = $this->school();
    $this->head = $this->person($this->hall, Role::Head);
    $this->ada = $this->hall->students()->firstOrFail();
});

it('shows what is kept and why, to the student and who looks after the student', function (): void {
    $this->ada->update(['consent_by' => 'Grace Plover', 'consent_on' => '2026-01-02']);
    foreach (
        [$this->head, $this->person($this->hall, Role::Student), $this->person($this->hall, Role::Guardian)] as $user
    ) {
        $this->actingAs($user)
            ->get("/people/{$this->ada->id}/data")
            ->assertOk()
            ->assertSee('Ada Plover')
            ->assertSee('Grace Plover, 2 Jan 2026')
            ->assertSee('What is taught under 16 differs.');
    }
    $this->get("/people/{$this->ada->id}/data")->assertDontSee('Erase');
});

it('gives all of it as a file', function (): void {
    $this->person($this->hall, Role::Student);
    $this->ada->update(['height' => 1.65]);
    $class = $this->hall
        ->classes()
        ->create(['at' => '2026-12-01T19:00:00Z', 'minutes' => 60, 'places' => 8, 'instructors' => 2]);
    $class->present()->attach($this->ada->id, ['school_id' => $this->hall->id]);
    $file = $this->actingAs($this->head)
        ->get("/people/{$this->ada->id}/data.json")
        ->assertOk()
        ->json();

    expect($file['student'])
        ->toBe([
            'id' => 'ada-plover', 'name' => 'Ada Plover', 'rank' => 'First', 'born' => '2001-05-02', 'height' => 1.65,
            'flags' => ['no-fall'], 'consent' => null,
        ])
        ->and($file['account']['email'])->toBe("student-{$this->hall->id}@small.example")
        ->and($file['classes'])->toBe(['2026-12-01T19:00:00+00:00'])
        ->and($file['reps'])->toHaveCount(1)
        ->and($file['reps'][0]['attack'])->toBe('Wrist held across')
        ->and(array_column($file['log'], 'event'))->toBe(['updated']);
});

it('erases a student so that nothing of who it was is left anywhere, and the reps stay', function (): void {
    $student = $this->person($this->hall, Role::Student);
    $student->update(['name' => 'Ada Plover', 'email' => 'ada.plover@home.example']);
    $this->person($this->hall, Role::Guardian);
    $this->actingAs($this->head);
    $this->put("/people/{$this->ada->id}", [
        'name' => 'Ada Plover',
        'rank' => (string) $this->ada->rank_id,
        'height' => '1.61',
        'consent_by' => 'Grace Plover',
        'consent_on' => '2026-01-02',
    ]);
    $this->post('/school/invitations', [
        'name' => 'Ada Plover',
        'email' => 'other.plover@home.example',
        'role' => 'guardian',
        'children' => [(string) $this->ada->id],
    ]);
    $this->post('/password/forgotten', ['email' => $student->email]);
    (new SendPasswordReset($student->email))->handle();
    DB::table('jobs')->insert([
        'queue' => 'default',
        'payload' => json_encode(['data' => serialize(new SendPasswordReset($student->email))]),
        'attempts' => 0,
        'available_at' => 0,
        'created_at' => 0,
    ]);
    DB::table('sessions')->insert([
        'id' => 'ada',
        'user_id' => $student->id,
        'payload' => '',
        'last_activity' => time(),
    ]);
    $this->hall->attacks()->update(['needed_by_id' => $this->hall->ranks()->where('code', 'second')->value('id')]);
    $this->post('/tests', [
        'rank' => $this->hall->ranks()->where('code', 'second')->value('id'),
        'at' => '2026-12-20T10:00',
        'items' => 'list',
        'candidates' => [$this->ada->id],
    ])->assertSessionHasNoErrors();
    $test = $this->hall->tests()->firstOrFail();
    $others = ['one' => ['ada-plover' => ['wrist written'], 'other' => ['wrist written']], 'two' => ['ada-plover' => []]];
    DB::table('tests')->update(['drills' => json_encode($others)]);
    $this->post('/classes', [
        'at' => '2026-12-10T19:00',
        'minutes' => '60',
        'places' => '8',
        'instructors' => '2',
        'named' => [$this->ada->id],
    ])->assertSessionHasNoErrors();
    $this->put("/tests/{$test->id}/{$this->ada->id}/marks", [
        'marks' => $test->items
            ->map(
                fn ($item): array => [
                    'item' => $item->id,
                    'student' => $this->ada->id,
                    'attempt' => 1,
                    'outcome' => 'clean',
                    'remark' => 'Ada Plover was calm',
                ],
            )
            ->all(),
    ]);
    $this->post("/tests/{$test->id}/{$this->ada->id}/decision")->assertSessionHas('status');
    $this->ada
        ->awards()
        ->firstOrFail()
        ->update(['note' => 'Ada Plover at her best']);
    expect($this->get("/people/{$this->ada->id}/data.json")->json('tests.0.marks.0.remark'))->toBe(
        'Ada Plover was calm',
    );
    Storage::put("reps/{$this->hall->id}/x.csv", 'Ada Plover');
    Storage::put("imports/{$this->hall->id}/x.yaml", 'Ada Plover');
    $this->get('/wall?student='.$this->ada->id)->assertOk();
    Cache::put('page', 'Ada Plover');

    $this->from("/people/{$this->ada->id}/data")
        ->delete("/people/{$this->ada->id}/data", ['name' => 'Ada'])
        ->assertSessionHasErrors('name');
    expect($this->ada->fresh()->name)->toBe('Ada Plover');
    $this->delete("/people/{$this->ada->id}/data", ['name' => 'Ada Plover'])->assertRedirect('/people');

    // Every column of every table, as text.
    foreach (Schema::getTableListing(schemaQualified: false) as $table) {
        $rows = json_encode(DB::table($table)->get(), JSON_INVALID_UTF8_SUBSTITUTE | JSON_UNESCAPED_UNICODE);
        expect($rows)->not->toContain('Plover')->not->toContain('plover')->not->toContain('2001-05-02');
    }
    expect(json_decode((string) DB::table('tests')->value('drills'), true))->toEqual([
        'one' => ['other' => ['wrist written']],
        'two' => [],
    ]);
    expect(Cache::get('page'))->toBeNull()
        ->and(Storage::allFiles())->toBe([])
        ->and(User::query()->whereKey($student->id)->exists())->toBeFalse()
        ->and(DB::table('sessions')->where('id', 'ada')->exists())->toBeFalse()
        ->and($this->hall->reps()->count())->toBe(1 + $test->items->count())
        ->and($this->hall->reps()->first()->student->name)->toBe('Former student');
    $this->get("/people/{$this->ada->id}")->assertNotFound();
    foreach (
        [
            '/people', '/board', '/mat', '/record', '/school/log', '/school/outbox', '/people/reps.csv',
            '/school/export.yaml',
        ] as $page
    ) {
        $response = $this->get($page)->assertOk();
        expect(
            $response->baseResponse instanceof Symfony\Component\HttpFoundation\StreamedResponse
                ? $response->streamedContent()
                : (string) $response->getContent(),
        )->not->toContain('Plover');
    }
    expect($this->hall->log()->where('event', 'erased')->value('causer_id'))->toBe($this->head->id);
});

it('reads back its own file after somebody was erased', function (): void {
    $this->actingAs($this->head)->delete("/people/{$this->ada->id}/data", ['name' => 'Ada Plover']);
    $file = (string) $this->get('/school/export.yaml')->getContent();
    $read = (new StoneDrill\Core\Exchange\CatalogueReader())->read($file, StoneDrill\Core\Exchange\Format::Yaml);
    app(App\Actions\ImportCatalogue::class)->import($read, $this->hall->fresh());

    expect(Student::query()->where('school_id', $this->hall->id)->count())->toBe(1)
        ->and($this->hall->reps()->count())->toBe(1)
        ->and($this->hall->students()->count())->toBe(0);
});

it('gives nobody under 16 an account without consent', function (): void {
    $this->ada->update(['born' => '2015-05-02']);
    $invite = [
        'name' => 'Ada',
        'email' => 'ada@home.example',
        'role' => 'student',
        'student' => (string) $this->ada->id,
    ];
    $this->actingAs($this->head)
        ->post('/school/invitations', $invite)
        ->assertSessionHasErrors([
            'student' => 'Under 16 an account needs the consent of a guardian. Enter it with the student first.',
        ]);

    $this->put("/people/{$this->ada->id}", [
        'name' => 'Ada Plover',
        'rank' => (string) $this->ada->rank_id,
        'born' => '2015-05-02',
        'consent_by' => 'Grace Plover',
    ])->assertSessionHasErrors('consent_on');
    $this->put("/people/{$this->ada->id}", [
        'name' => 'Ada Plover',
        'rank' => (string) $this->ada->rank_id,
        'born' => '2015-05-02',
        'consent_by' => 'Grace Plover',
        'consent_on' => '2026-01-02',
    ])->assertSessionHasNoErrors();
    $this->post('/school/invitations', $invite)->assertSessionHasNoErrors();

    // Withdrawn again before it was taken.
    $this->ada->fresh()->update(['consent_by' => null, 'consent_on' => null]);
    $link = Tests\Feature\AccountsFixture::link(Tests\Feature\AccountsFixture::mail('ada@home.example'));
    $this->post('/sign-out');
    $this->post($link, ['name' => 'Ada', 'password' => 'a long password'])->assertStatus(410);
});

it('lets nobody but a head erase anybody', function (): void {
    Queue::fake();
    $this->actingAs($this->person($this->hall, Role::Instructor))
        ->delete("/people/{$this->ada->id}/data", ['name' => 'Ada Plover'])
        ->assertForbidden();
    expect($this->ada->fresh()->name)->toBe('Ada Plover');
});
