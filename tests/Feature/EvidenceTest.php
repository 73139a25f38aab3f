<?php

declare(strict_types=1);

use App\Jobs\ReadEvidence;
use App\Models\Role;
use App\Persistence\EvidenceBook;
use App\View\Texts;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Queue;
use Illuminate\Support\Str;
use Opis\JsonSchema\Validator;
use Tests\Feature\BoardFixture;

beforeEach(function (): void {
    $this->hall = $this->school();
    $this->actingAs($this->person($this->hall, Role::Assistant));
    // One that no rep of the small school names.
    $this->answer = $this->hall
        ->answers()
        ->firstOrFail()
        ->replicate()
        ->fill(['code' => 'again', 'title' => 'Gate again']);
    $this->answer->save();
    $this->bo = $this->hall
        ->students()
        ->create([
            'code' => 'bo',
            'name' => 'Bo Sandpiper',
            'rank_id' => $this->hall->ranks()->where('code', 'first')->value('id'),
            'flags' => [],
            'height' => 1.6,
        ]);
    $this->tall = $this->hall
        ->students()
        ->create([
            'code' => 'tall',
            'name' => 'Tall Heron',
            'rank_id' => $this->bo->rank_id,
            'flags' => [],
            'height' => 1.85,
        ]);
    /** So many tries of Bo's, the first number for their ids. */
    $this->tries = function (int $from, int $count, array $more = []): void {
        foreach (range($from, $from + $count - 1) as $number) {
            BoardFixture::boardRep($this->hall, $number, 'bo', now()->toImmutable()->subDays(2), [
                'answer_id' => $this->answer->id,
                ...$more,
            ]);
        }
    };
});

it('says that nothing can be told of few tries', function (): void {
    ($this->tries)(1, 7);
    $this->get('/evidence')->assertOk()->assertSee('Nothing can be told yet');
    $this->get("/answers/{$this->answer->id}/evidence")->assertOk()
        ->assertSee('Fewer than eight tries');
    $this->get("/answers/{$this->answer->id}")->assertOk()
        ->assertSee("/answers/{$this->answer->id}/evidence");
    $this->get('/answers')->assertOk()->assertSee('What the reps teach');
});

it('tells at the answer how it holds up, for whom, and where the floor disagrees', function (): void {
    ($this->tries)(1, 8, [
        'outcome' => 'hit',
        'mistakes' => '["steps short"]',
        'attacker_id' => $this->tall->id,
        'seconds' => 1.4,
    ]);
    ($this->tries)(20, 2);
    $page = $this->get("/answers/{$this->answer->id}/evidence")->assertOk();

    // 2 of 10 clean; of two days a weight of .977, with a half each: (.5 + 1.954) ÷ (1 + 9.772) = 22.8 %.
    $page
        ->assertSee('10 (2 clean, 0 half, 8 not)')
        ->assertSee('23 %')
        ->assertSee('steps short 80 %')
        ->assertSee('Median: 1.4 s.')
        ->assertSee('attacker taller by more than 10 cm')
        ->assertSee('The floor says that it works')
        ->assertSee('2 of 10 tries were clean');
    $this->get("/attacks/{$this->answer->attack_id}/evidence")->assertOk()
        ->assertSee('Gate again')
        ->assertSee('2 clean, 0 half, 8 not')
        ->assertSee('2 of 10 tries were clean');
    $this->get("/attacks/{$this->answer->attack_id}")->assertOk()
        ->assertSee("/attacks/{$this->answer->attack_id}/evidence");
    // The wall tells it where it was read: on the stone and below it.
    $this->get('/wall')->assertOk()
        ->assertSee('By the floor “Gate again” works; on the mat 2 of 10 tries at rung 2 were clean.')
        ->assertSee('the floor and the mat disagree')
        ->assertSee('>≠</text>', false);
    $this->get('/evidence')->assertOk()
        ->assertSee('Gate again')
        ->assertSee('The floor alone says so')
        ->assertSee('do not tell yet how fast proof fades')
        ->assertSee('Too few tries were timed');
    $csv = (string) $this->get('/evidence.csv')
        ->assertOk()
        ->assertHeader('content-type', 'text/csv; charset=utf-8')
        ->getContent();
    expect(explode("\r\n", $csv)[0])
        ->toBe('answer,side,rung,attacker,n,full,half,none,mean,low,high,above_alike,improvised,seconds')
        ->and($csv)->toContain("{$this->answer->code},written,2,,10,2,0,8,0.2279,")
        ->toContain("{$this->answer->code},written,2,larger,8,0,0,8,");
});

it(
    'reads anew when a try is added or corrected, and leaves out what was at home, broken off, or is another school’s',
    function (): void {
        ($this->tries)(1, 8);
        $page = fn () => $this->get("/answers/{$this->answer->id}/evidence")->assertOk();
        $page()->assertSee('8 (8 clean, 0 half, 0 not)');
        ($this->tries)(20, 1, ['source' => 'home']);
        ($this->tries)(21, 1, ['outcome' => 'stopped']);
        ($this->tries)(22, 1, [
            'outcome' => 'late',
            'replaces' => '0b7e1f60-8888-4000-8000-000000000003',
            'reason' => 'wrong button',
        ]);
        $page()->assertSee('8 (7 clean, 0 half, 1 not)');
        $other = $this->school('Other Hall');
        $this->actingAs($this->person($other, Role::Head))
            ->get('/evidence')
            ->assertOk()
            ->assertSee('Nothing can be told yet')
            ->assertDontSee('Bo Sandpiper');
        $this->get("/answers/{$this->answer->id}/evidence")->assertNotFound();
    },
);

it('lets the head use what was fitted with one press, and nobody else', function (): void {
    // At rung 5 the moment is not told: .31 s beyond the beats. At 6 neither is what comes, one of two families, which
    // is one bit: .51 s.
    $this->answer->update(['rank_id' => $this->hall->ranks()->where('code', 'second')->value('id')]);
    $beats = StoneDrill\Core\Technique\Beats::parse($this->answer->beats)->seconds();
    ($this->tries)(1, 20, ['rung' => 5, 'seconds' => $beats + 0.31]);
    ($this->tries)(30, 20, ['rung' => 6, 'seconds' => $beats + 0.51]);
    $this->get('/evidence')->assertOk()
        ->assertSee('by 40 timed tries. In use: 0.25 and 0.15 s.')
        ->assertDontSee('from now on');
    $head = $this->actingAs($this->person($this->hall, Role::Head));
    $head
        ->get('/evidence')
        ->assertOk()
        ->assertSee('Use 0.31 s and 0.20 s from now on')
        ->assertSee('name="reaction_base" value="0.31"', false)
        ->assertSee('name="reaction_per_bit" value="0.2"', false);
    $head
        ->put('/school/settings/times', ['reaction_base' => '0.31', 'reaction_per_bit' => '0.2'])
        ->assertSessionHasNoErrors();

    expect([
        $this->hall->fresh()->reaction_base,
        $this->hall->fresh()->reaction_per_bit,
        $this->hall->fresh()->half_life,
    ])->toBe([0.31, 0.2, 60.0]);
    $head->get('/evidence')->assertOk()->assertDontSee('from now on');
});

it('tells on the ladder who is ready for more, and what to work on a rung lower', function (): void {
    ($this->tries)(1, 3);
    $page = "/people/{$this->bo->id}";
    $this->get($page)->assertOk()
        ->assertSee('Ready for more')
        ->assertSee('held at rung 2, never tried at 3')
        ->assertDontSee('a rung lower');
    ($this->tries)(10, 4);
    ($this->tries)(20, 3, ['rung' => 3, 'outcome' => 'hit', 'mistakes' => '["steps short", "looks down"]']);
    ($this->tries)(30, 1, ['rung' => 3, 'outcome' => 'hit', 'mistakes' => '["steps short"]']);
    ($this->tries)(40, 9, ['rung' => 3, 'source' => 'home', 'mistakes' => '["smiles"]']);
    $this->get($page)->assertOk()
        ->assertDontSee('Ready for more')
        ->assertSee('Three tries a rung lower')
        ->assertSee('fails at rung 3, held at 2: 3 tries there. Work on: steps short.');
});

it('tells on the board, in the plan of a class and on the page who is ready for another rung', function (): void {
    ($this->tries)(1, 3);
    $this->get('/board')->assertOk()->assertSee('ready for more: 1')->assertDontSee('a rung lower');
    $this->get('/evidence')->assertOk()
        ->assertSeeInOrder(['Who is ready for another rung', 'Bo Sandpiper', 'Wrist held across']);
    ($this->tries)(10, 4);
    ($this->tries)(20, 3, ['rung' => 3, 'outcome' => 'hit', 'mistakes' => '["steps short"]']);
    ($this->tries)(30, 1, ['rung' => 3, 'outcome' => 'hit']);
    $class = $this->hall
        ->classes()
        ->create([
            'code' => 'tonight',
            'at' => now()->addHour(),
            'minutes' => 60,
            'place' => '',
            'places' => 5,
            'instructors' => 1,
            'ranks' => ['first'],
        ]);

    $this->get('/board')->assertOk()->assertSee('1 a rung lower')->assertDontSee('ready for more');
    $this->get("/classes/{$class->id}")->assertOk()
        ->assertSee('Wrist held across: fails at rung 3, held at 2: 3 tries there. Work on: steps short.');
    $this->get("/classes/{$class->id}/sheet")->assertOk()
        ->assertSee('fails at rung 3');
    $this->get('/evidence')->assertOk()->assertSee("Wrist held across (3\u{a0}→\u{a0}2). Work on: steps short.");
    $csv = explode("\r\n", (string) $this->get('/evidence/moves.csv')->assertOk()->getContent());
    expect($csv[0])->toBe('student,attack,side,from,to,mistake')
        ->and($csv)->toContain('bo,wrist,written,3,2,"steps short"');
});

it('tells along time of everybody and of a group, in the table and for a spreadsheet', function (): void {
    $this->travelTo('2026-11-26 12:00:00');
    $other = $this->hall
        ->students()
        ->create([
            'code' => 'cy',
            'name' => 'Cy Dunlin',
            'rank_id' => $this->hall->ranks()->where('code', 'second')->value('id'),
            'flags' => [],
        ]);
    ($this->tries)(1, 8);
    ($this->tries)(20, 8, ['student_id' => $other->id, 'outcome' => 'hit']);
    // Tuesday, 24 November: eight of two each, 8 of 16 clean.
    $this->get('/evidence')->assertOk()
        ->assertSeeInOrder([
            'Along time', '23 Nov', '16', '2', '2: 50', 'of 16', '/evidence/weeks/2026-11-23/held',
        ]);
    $this->get('/evidence?group=second')->assertOk()
        ->assertSeeInOrder(['2: 0', 'of 8'])
        ->assertDontSee('/held');
    // What that is, when it is opened.
    $this->get('/evidence/weeks/2026-11-23/held?group=')
        ->assertOk()
        ->assertSee("Bo Sandpiper: Wrist held across (none\u{a0}→\u{a0}2)");
    foreach (['held?group=second', 'faded'] as $part) {
        $this->get("/evidence/weeks/2026-11-23/{$part}")->assertOk()
            ->assertDontSee('Bo Sandpiper');
    }
    foreach (['2026-11-24/held', '2026-01-05/held', 'monday/held', '2026-11-23/lost'] as $part) {
        $this->get("/evidence/weeks/{$part}")->assertNotFound();
    }
    $this->get('/evidence?group[]=second')->assertOk();
    $this->get('/evidence?group=no-such')->assertOk()
        ->assertSeeInOrder(['2: 50', 'of 16']);
    $csv = (string) $this->get('/evidence/weeks.csv')->assertOk()->getContent();
    expect($csv)->toContain(',2026-11-23,16,2,2,16,8,')
        ->toContain('second,2026-11-23,8,1,2,8,0,')
        ->toContain('first,2026-11-23,8,1,2,8,8,');
    foreach (['answers', 'disagree', 'fits', 'partners'] as $table) {
        $this->get("/evidence/{$table}.csv")->assertOk()
            ->assertHeader('content-type', 'text/csv; charset=utf-8');
    }
    $this->get('/evidence/passwords.csv')->assertNotFound();
});

it(
    'tells who was never attacked by anybody larger, there and in the plan of a class, and puts them with somebody larger',
    function (): void {
        foreach (['Cy Dunlin' => 1.62, 'Dee Knot' => 1.61] as $name => $height) {
            $alike[] = $this->hall
                ->students()
                ->create([
                    'code' => Str::slug($name),
                    'name' => $name,
                    'rank_id' => $this->bo->rank_id,
                    'flags' => [],
                    'height' => $height,
                ]);
        }
        $this->tall->update(['height' => 1.75]);
        ($this->tries)(1, 9, ['attacker_id' => $alike[0]->id]);
        $this->get('/evidence')->assertOk()
            ->assertSeeInOrder(['Who was attacked by whom', 'Bo Sandpiper', '9', 'Cy Dunlin 9', 'never']);
        $class = $this->hall
            ->classes()
            ->create([
                'code' => 'tonight',
                'at' => now()->addHour(),
                'minutes' => 5,
                'place' => '',
                'places' => 5,
                'instructors' => 1,
                'ranks' => ['first'],
                'blocks' => [['kind' => 'drill', 'minutes' => 5, 'locked' => true]],
            ]);
        $class
            ->present()
            ->attach([$this->bo->id, $this->tall->id, $alike[0]->id, $alike[1]->id], ['school_id' => $this->hall->id]);
        $page = (string) $this->get("/classes/{$class->id}")
            ->assertOk()
            ->assertSee('put with such a partner where that can be: Bo Sandpiper.')
            ->getContent();
        expect($page)->toMatch('/Bo Sandpiper and Tall Heron|Tall Heron and Bo Sandpiper/');
        ($this->tries)(20, 1, ['attacker_id' => $this->tall->id]);
        $this->get('/evidence')->assertOk()
            ->assertDontSee('<td>never</td>', false)
            ->assertSeeInOrder(['Cy Dunlin 9', 'Tall Heron 1', '<td>1</td>'], false);
        $this->get("/classes/{$class->id}")->assertOk()
            ->assertDontSee('put with such a partner');
    },
);

it('tells of fifty people at a time, by name, who is ready and who was attacked by whom', function (): void {
    foreach (range(1, 51) as $number) {
        $one = $this->hall
            ->students()
            ->create([
                'code' => (string) (1_000 - $number),
                'name' => sprintf('Person %02d', $number),
                'rank_id' => $this->bo->rank_id,
                'flags' => [],
            ]);
        ($this->tries)(10 * $number, 3, ['student_id' => $one->id, 'attacker_id' => $this->tall->id]);
    }
    $first = (string) $this->get('/evidence')->assertOk()
        ->assertSeeInOrder(['Person 01', 'Person 50', 'Page 1 of 2', 'Person 01', 'Tall Heron 3', 'Person 50'])
        ->assertDontSee('Person 51')
        ->getContent();
    expect(substr_count($first, 'Page 1 of 2'))->toBe(2)
        ->and(html_entity_decode($first))->toContain('/evidence?moves=2#moves')
        ->toContain('/evidence?partners=2#partners');
    // The one goes on, the other stays.
    $second = (string) $this->get('/evidence?partners=2')->assertOk()->assertSee('Page 2 of 2')->getContent();
    expect(substr_count($second, 'Person 51'))->toBe(1)
        ->and(substr_count($second, 'Person 01'))->toBe(1)
        ->and(html_entity_decode($second))->toContain('/evidence?partners=2&moves=2#moves');
    foreach (['99', '-1', 'x', '9999999999999999999'] as $page) {
        $this->get("/evidence?moves={$page}")->assertOk();
    }
});

it('gives a program the same, as the description of the interface has it', function (): void {
    ($this->tries)(1, 8, ['attacker_id' => $this->tall->id, 'seconds' => 1.2]);
    ($this->tries)(20, 8, ['rung' => 3, 'outcome' => 'hit']);
    $told = json_decode(
        (string) json_encode(app(Texts::class)->sayAll(app(EvidenceBook::class)->of($this->hall)->document())),
    );
    $description = json_decode((string) file_get_contents(base_path('docs/api/openapi.json')));
    $result = (new Validator())->validate($told, $description->components->schemas->Evidence);

    expect($told->moves)->not->toBe([])
        ->and($told->partners)->not->toBe([])
        ->and($result->isValid())->toBeTrue((string) json_encode($result->error()?->args()));
});

it('has a job read the many reps of a large school, and shows the last reading meanwhile', function (): void {
    ($this->tries)(1, 8);
    DB::table('rep_counts')
        ->where('school_id', $this->hall->id)
        ->update(['count' => 30_000]);
    Queue::fake();
    $this->get('/evidence')->assertOk()->assertSee('The tries are being read.')->assertDontSee('Gate again');
    $this->get("/answers/{$this->answer->id}/evidence")->assertOk()
        ->assertSee('The tries are being read.');
    $this->get('/evidence.csv')->assertStatus(503)->assertHeader('Retry-After', '10');
    Queue::assertPushed(ReadEvidence::class, fn (ReadEvidence $job): bool => $job->schoolId === $this->hall->id);
    (new ReadEvidence($this->hall->id))->handle(app(EvidenceBook::class));
    $this->get('/evidence')->assertOk()->assertSee('Gate again')->assertSee('As of ');

    Queue::fake();
    ($this->tries)(20, 1);
    $this->get('/evidence')->assertOk()
        ->assertSee('8 (8 clean, 0 half, 0 not)')
        ->assertSee('Newer tries appear here within a few minutes.');
    Queue::assertNothingPushed();
    $this->get('/evidence.csv')->assertOk();
    (new ReadEvidence($this->hall->id))->handle(app(EvidenceBook::class));
    $this->get('/evidence')->assertOk()->assertSee('9 (9 clean, 0 half, 0 not)');
});

it('lets nobody wait for what has come within the hour, and has files wait', function (int $count, bool $waits): void {
    ($this->tries)(1, 8);
    $this->get('/evidence')->assertOk();
    ($this->tries)(20, 1);
    DB::table('rep_counts')
        ->where('school_id', $this->hall->id)
        ->update(['count' => $count]);
    Queue::fake();
    $this->travel(6)->minutes();
    [$old, $new] = ['8 (8 clean, 0 half, 0 not)', '9 (9 clean, 0 half, 0 not)'];
    foreach (
        ['/evidence', "/answers/{$this->answer->id}/evidence", "/attacks/{$this->answer->attack_id}/evidence"] as $path
    ) {
        $page = $this->get($path)->assertOk();
        $waits
            ? $page->assertDontSee('As of ')->assertSee('9 clean')
            : $page->assertSee('As of ')->assertDontSee('9 clean');
    }
    Queue::assertPushed(ReadEvidence::class, $waits ? 0 : 1);
    expect((string) $this->get('/evidence.csv')->assertOk()->getContent())->toContain(',9,9,0,0,');
    $this->get('/evidence')->assertOk()->assertSee($new);

    // What the school has set is used at once.
    ($this->tries)(22, 1);
    $this->get('/evidence')->assertSee('In use: 60 days');
    $this->hall->update(['half_life' => 45]);
    DB::table('rep_counts')
        ->where('school_id', $this->hall->id)
        ->update(['count' => $count + 1]);
    $this->get('/evidence')->assertOk()->assertSee('In use: 45 days');

    // After an hour nobody is shown what was.
    ($this->tries)(21, 1);
    $this->travel(61)->minutes();
    DB::table('rep_counts')
        ->where('school_id', $this->hall->id)
        ->update(['count' => $count + 2]);
    $this->get('/evidence')->assertOk()->assertSee('11 (11 clean, 0 half, 0 not)')->assertDontSee($old);
})->with(['of 1,001' => [1_001, false], 'of 1,000' => [1_000, true]]);

it('has every figure in its tables for a spreadsheet, as the command line tells it', function (): void {
    $this->answer->update(['rank_id' => $this->hall->ranks()->where('code', 'second')->value('id')]);
    $beats = StoneDrill\Core\Technique\Beats::parse($this->answer->beats)->seconds();
    ($this->tries)(1, 20, [
        'rung' => 5,
        'seconds' => $beats + 0.31,
        'outcome' => 'hit',
        'attacker_id' => $this->tall->id,
    ]);
    ($this->tries)(30, 20, ['rung' => 6, 'seconds' => $beats + 0.51]);
    $document = app(Texts::class)->sayAll(app(EvidenceBook::class)->of($this->hall)->document());
    /** @return list<array<string, string>> */
    $table = fn (string $name): array => array_map(
        static fn (array $line): array => array_combine(str_getcsv(explode("\r\n", $name)[0], escape: ''), $line),
        array_map(
            static fn (string $line): array => str_getcsv($line, escape: ''),
            array_slice(array_filter(explode("\r\n", $name)), 1),
        ),
    );
    $read = fn (string $path): array => $table((string) $this->get($path)->assertOk()->getContent());

    $answers = $read('/evidence/answers.csv');
    expect(
        array_map(
            static fn (array $row): array => [$row['answer'], (int) $row['rung'], (int) $row['n'], (int) $row['full']],
            array_filter($answers, static fn (array $row): bool => $row['attacker'] === ''),
        ),
    )
        ->toBe(
            array_map(
                static fn (array $one): array => [$one['answer'], $one['rung'], $one['n'], $one['full']],
                $document['answers'],
            ),
        )
        ->and(array_column($read('/evidence/disagree.csv'), 'n'))
        ->toBe(array_map(strval(...), array_column($document['disagree'], 'n')));
    $fits = array_column($read('/evidence/fits.csv'), null, 'figure');
    // .31 s where the moment is not told, .20 more for one bit, as the tries were made.
    expect([
        (float) $fits['reaction']['value'],
        (float) $fits['reaction_per_bit']['value'],
        (int) $fits['reaction']['n'],
    ])
        ->toBe([0.31, 0.2, 40])
        ->and([(float) $fits['half_life']['in_use'], (float) $fits['reaction']['in_use']])->toBe([60.0, 0.25]);
    expect($read('/evidence/partners.csv'))->toBe([
        ['defender' => 'bo', 'attacker' => 'tall', 'n' => '20', 'defender_never_larger' => '0'],
    ]);
    $weeks = $read('/evidence/weeks.csv');
    expect(
        array_sum(
            array_map(
                static fn (array $row): int => $row['group'] === '' ? (int) $row['rung_tries'] : 0,
                $weeks,
            ),
        ),
    )
        ->toBe(array_sum(array_column($document['weeks'], 'tries')))
        ->and(array_values(array_unique(array_column($weeks, 'group'))))
        ->toBe(['', ...array_column($document['groups'], 'rank')]);
});
