<?php

declare(strict_types=1);

use App\Models\Rep;
use App\Models\Role;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Storage;
use StoneDrill\Core\Attack\Side;
use StoneDrill\Core\Proof\Outcome;
use StoneDrill\Core\Proof\Source;
use StoneDrill\Core\Proof\Touched;

beforeEach(function (): void {
    Storage::fake();
    $this->hall = $this->school();
    $this->actingAs($this->person($this->hall, Role::Assistant));
    $this->bring = fn (string $text) => $this->post('/people/reps/check', [
        'file' => UploadedFile::fake()->createWithContent('reps.csv', $text),
    ]);
    $this->head
        = "id,student,attack,side,rung,outcome,at,answer,mistakes,touched,seconds,stressor,source,replaces,reason\r\n";
    $this->line = fn (
        int $number,
        string $more = 'written,3,clean,2026-11-20T19:00:00+00:00,gate,leans back; looks down,arm,1.4,noise,seen,,',
    ): string => sprintf("0b7e1f60-6666-4000-8000-%012d,ada-plover,wrist,%s\r\n", $number, $more);
});

it('looks first, then adds all of it, and the same file twice adds nothing', function (): void {
    $text = $this->head.($this->line)(1).($this->line)(2, 'mirrored,5,hit,2026-11-21T19:00:00+02:00,,,,,,home,,');
    $page = (string) ($this->bring)($text)
        ->assertOk()
        ->assertSee('2 reps would be added. 0 are here already.')
        ->getContent();
    expect(Rep::count())->toBe(1);
    preg_match('#/people/reps/import/([A-Za-z0-9]{40})#', $page, $token);
    $this->post($token[0])->assertRedirect($token[0]);
    $this->get($token[0])->assertRedirect('/people/reps')
        ->assertSessionHas('status', '2 reps added; 0 were here already.');

    expect(
        Rep::query()
            ->findOrFail('0b7e1f60-6666-4000-8000-000000000001')
            ->only('side', 'rung', 'outcome', 'mistakes', 'touched', 'seconds', 'stressor', 'source'),
    )
        ->toBe([
            'side' => Side::Written, 'rung' => 3, 'outcome' => Outcome::Clean,
            'mistakes' => ['leans back', 'looks down'], 'touched' => Touched::Arm, 'seconds' => 1.4,
            'stressor' => 'noise', 'source' => Source::Seen,
        ])
        ->and(Rep::query()->findOrFail('0b7e1f60-6666-4000-8000-000000000002')->at->toIso8601String())
        ->toBe('2026-11-21T17:00:00+00:00');
    ($this->bring)($text)->assertSee('0 reps would be added. 2 are here already.')->assertDontSee('Add 0');
    $this->post($token[0])->assertRedirect($token[0]);
    $this->get($token[0])->assertSessionHas('error');
});

it('brings back what it has saved', function (): void {
    ($this->bring)(
        $this->head
            .($this->line)(
                1,
                'written,3,late,2026-11-20T19:00:00+00:00,gate,"leans ""far"" back; =1+1",,,"dim, light",seen,,',
            ),
    );
    $this->hall->reps()->firstOrFail();
    $saved = $this->get('/people/reps.csv')->assertOk()->streamedContent();
    expect($saved)->toStartWith('id,student,attack')->and(substr_count($saved, "\r\n"))->toBe(2);
    ($this->bring)($saved)->assertSee('0 reps would be added. 1 are here already.');
});

it('takes a correction together with what it corrects, in any order', function (): void {
    $text = $this->head
    .($this->line)(
        2,
        'written,3,hit,2026-11-20T19:00:00+00:00,,,,,,seen,0b7e1f60-6666-4000-8000-000000000001,seen wrongly',
    )
    .($this->line)(1);
    preg_match('#/people/reps/import/[A-Za-z0-9]{40}#', (string) ($this->bring)($text)->getContent(), $token);
    $this->post($token[0])->assertRedirect($token[0]);
    $this->get($token[0])->assertSessionHas('status');
    expect(Rep::query()->findOrFail('0b7e1f60-6666-4000-8000-000000000002')->only('replaces', 'reason'))->toBe([
        'replaces' => '0b7e1f60-6666-4000-8000-000000000001',
        'reason' => 'seen wrongly',
    ]);
});

it('says of each line what is wrong, and adds nothing', function (string $text, array $said): void {
    ($this->bring)(
        str_starts_with($text, 'id') || str_starts_with($text, 'x') ? $text : $this->head.($this->line)(1).$text,
    )
        ->assertOk()
        ->assertSeeInOrder($said)
        ->assertDontSee('Add 1');
    expect(Rep::count())->toBe(1);
})->with([
    'a column of none' => ["id,colour\r\n", ['1', 'Found the column “colour”']],
    'columns that are missing' => ["id,student\r\n", ['These columns are missing: attack']],
    'no file of that kind' => ['x', ['Found the column “x”']],
    'a student of none' => [
        "0b7e1f60-6666-4000-8000-000000000003,nobody,wrist,written,3,clean,2026-11-20,,,,,,,,\r\n",
        ['3', 'Found the student “nobody”'],
    ],
    'no uuid' => ["seven,ada-plover,wrist,written,3,clean,2026-11-20,,,,,,,,\r\n", ['3', 'Id must be a UUID such as']],
    'an outcome of none' => [
        "0b7e1f60-6666-4000-8000-000000000003,ada-plover,wrist,written,3,won,2026-11-20,,,,,,,,\r\n",
        ['3', 'outcome'],
    ],
    'fields that are missing' => ["a,b\r\n", ['3', 'Found 2 fields, expected 15.']],
    'a day to come' => [
        "0b7e1f60-6666-4000-8000-000000000003,ada-plover,wrist,written,3,clean,2099-11-20,,,,,,,,\r\n",
        ['3', 'A rep cannot be of a day to come.'],
    ],
    'a correction of nothing' => [
        "0b7e1f60-6666-4000-8000-000000000003,ada-plover,wrist,written,3,clean,2026-11-20,,,,,,,0b7e1f60-6666-4000-8000-000000000009,why\r\n",
        ['The rep that this one corrects is not in the log.'],
    ],
    'a date that can be read two ways' => [
        "0b7e1f60-6666-4000-8000-000000000003,ada-plover,wrist,written,3,clean,02.11.2026,,,,,,,,\r\n",
        ['3', '“02.11.2026” is not a date that can be read for certain'],
    ],
    'a day that is none' => [
        "0b7e1f60-6666-4000-8000-000000000003,ada-plover,wrist,written,3,clean,2026-02-30,,,,,,,,\r\n",
        ['3', 'not a date that can be read'],
    ],
    'a day in words' => [
        "0b7e1f60-6666-4000-8000-000000000003,ada-plover,wrist,written,3,clean,yesterday,,,,,,,,\r\n",
        ['3', 'not a date that can be read'],
    ],
    'two corrections of one rep' => [
        "0b7e1f60-6666-4000-8000-000000000003,ada-plover,wrist,written,3,hit,2026-11-20,,,,,,,0b7e1f60-6666-4000-8000-000000000001,why\r\n0b7e1f60-6666-4000-8000-000000000004,ada-plover,wrist,written,3,late,2026-11-20,,,,,,,0B7E1F60-6666-4000-8000-000000000001,why\r\n",
        ['4', 'Line 3 corrects the same rep'],
    ],
    'a correction without a reason' => [
        "0b7e1f60-6666-4000-8000-000000000003,ada-plover,wrist,written,3,hit,2026-11-20,,,,,,,0b7e1f60-6666-4000-8000-000000000001,\r\n",
        ['3', 'Say why the rep is corrected'],
    ],
    'a correction of another side' => [
        "0b7e1f60-6666-4000-8000-000000000003,ada-plover,wrist,mirrored,3,hit,2026-11-20,,,,,,,0b7e1f60-6666-4000-8000-000000000001,why\r\n",
        ['3', 'A correction keeps the student, the attack and its side.'],
    ],
    'one that corrects itself in capitals' => [
        "0b7e1f60-6666-4000-8000-00000000000a,ada-plover,wrist,written,3,hit,2026-11-20,,,,,,,0B7E1F60-6666-4000-8000-00000000000A,why\r\n",
        ['3', 'A rep cannot correct itself.'],
    ],
    'two that correct each other' => [
        "0b7e1f60-6666-4000-8000-000000000003,ada-plover,wrist,written,3,hit,2026-11-20,,,,,,,0b7e1f60-6666-4000-8000-000000000004,why\r\n0b7e1f60-6666-4000-8000-000000000004,ada-plover,wrist,written,3,late,2026-11-20,,,,,,,0b7e1f60-6666-4000-8000-000000000003,why\r\n",
        ['3', 'correct each other in a circle', '4', 'correct each other in a circle'],
    ],
    'an id twice' => [
        "0b7e1f60-6666-4000-8000-000000000001,ada-plover,wrist,written,3,clean,2026-11-20,,,,,,,,\r\n",
        ['3', 'Line 2 has the same id.'],
    ],
    'an id that was taken by another content' => [
        "0b7e1f60-0000-4000-8000-000000000001,ada-plover,wrist,written,3,hit,2026-11-20,,,,,,,,\r\n",
        ['3', 'in the log already, as clean at rung 2'],
    ],
    'an id whose rep was at another time, with other mistakes' => [
        "0b7e1f60-0000-4000-8000-000000000001,ada-plover,wrist,written,2,clean,2019-11-20,,leans back,,,,,,\r\n",
        [
            '3',
            'as clean at rung 2. What was sent now differs (another answer, other mistakes, another time) and is not recorded.',
        ],
    ],
    'a control character' => [
        "0b7e1f60-6666-4000-8000-000000000003,ada-plover,wrist,written,3,clean,2026-11-20,,,,,\"dim\x07 light\",,,\r\n",
        ['3', 'Found a control character in “stressor”'],
    ],
    'a line break within a field, and the line after it' => [
        "0b7e1f60-6666-4000-8000-000000000003,ada-plover,wrist,written,3,clean,2026-11-20,,,,,\"dim\nlight\",,,\r\n0b7e1f60-6666-4000-8000-000000000004,nobody,wrist,written,3,clean,2026-11-20,,,,,,,,\r\n",
        ['3', 'Found a control character in “stressor”', '5', 'Found the student “nobody”'],
    ],
    'everything at once' => [
        "seven,ada-plover,wrist,written,9,won,2026-11-20,,,,,,,,\r\n",
        ['3', 'UUID', 'no such rung', 'outcome'],
    ],
]);

it('means a moment without an offset in the school’s zone, and one with an offset as it says', function (
    string $at,
    string $stored,
): void {
    $this->hall->update(['zone' => 'Europe/Lisbon']);
    $text = $this->head
    .sprintf("0b7e1f60-6666-4000-8000-000000000001,ada-plover,wrist,written,3,clean,\"%s\",,,,,,,,\r\n", $at);
    preg_match(
        '#/people/reps/import/[A-Za-z0-9]{40}#',
        (string) ($this->bring)($text)->assertDontSee('cannot be read')->getContent(),
        $token,
    );
    $this->post($token[0])->assertRedirect($token[0]);
    $this->get($token[0])->assertSessionHas('status');

    expect(Rep::query()->findOrFail('0b7e1f60-6666-4000-8000-000000000001')->at->toIso8601ZuluString())->toBe($stored);
})->with([
    'summer there' => ['2026-07-01T19:00', '2026-07-01T18:00:00Z'],
    'winter there' => ['2026-01-15 19:00:30', '2026-01-15T19:00:30Z'],
    'a day' => ['2026-07-01', '2026-06-30T23:00:00Z'],
    'an offset' => ['2026-07-01T19:00+05:30', '2026-07-01T13:30:00Z'],
    'UTC' => ['2026-07-01T19:00Z', '2026-07-01T19:00:00Z'],
    'a part of a second' => ['2026-07-01T19:00:00,25+0100', '2026-07-01T18:00:00Z'],
]);

it('writes nothing that a spreadsheet might run, and reads it back as it was', function (string $text): void {
    $stream = fopen('php://memory', 'w+b');
    App\Persistence\Csv::line($stream, [$text, 'plain']);
    rewind($stream);
    [$written, $plain] = fgetcsv($stream, escape: '');

    expect($written)->toStartWith("'")
        ->and($plain)->toBe('plain')
        ->and(App\Persistence\Csv::plain($written))->toBe($text);
})->with([
    '=1+1', '+1', '-1', '@SUM(A1)', '＝1+1', '＋1', '－1', '＠x', '−1', "'=1", "''=1", '|cmd', '%x',
    'equals after a space' => "\u{A0}=1",
]);

it('refuses a file when something came in the way after it was looked at, and adds nothing', function (): void {
    $text = $this->head.($this->line)(1).($this->line)(2);
    preg_match('#/people/reps/import/[A-Za-z0-9]{40}#', (string) ($this->bring)($text)->getContent(), $token);
    $this->post('/reps', [
        'id' => '0b7e1f60-6666-4000-8000-000000000002',
        'student_id' => $this->hall->students()->value('id'),
        'attack_id' => $this->hall->attacks()->where('code', 'wrist')->value('id'),
        'side' => 'written',
        'rung' => 3,
        'outcome' => 'hit',
    ])->assertSessionHas('status');
    $this->post($token[0])->assertRedirect($token[0]);
    $this->get($token[0])->assertSessionHas(
        'error',
        'The school has changed since you looked at this file. Nothing was added. Look at it again.',
    );

    expect(Rep::count())->toBe(2);
});

it('names every line that is refused, however many there are', function (): void {
    ($this->bring)($this->head.str_repeat("seven,ada-plover,wrist,written,3,clean,2026-11-20,,,,,,,,\r\n", 130))
        ->assertSee('130 lines cannot be read.')
        ->assertSee('30 more lines: 102, 103,')
        ->assertSee(', 131.');
});

it('refuses what is no file', function (): void {
    $this->post('/people/reps/check', [])->assertSessionHasErrors(['file' => 'Choose a file first.']);
});
