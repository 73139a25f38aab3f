<?php

declare(strict_types=1);

use App\Models\Rep;
use App\Models\Role;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Storage;

beforeEach(function (): void {
    Storage::fake();
    $this->hall = $this->school();
    $this->actingAs($this->person($this->hall, Role::Assistant));
    $this->bring = fn (string $text) => $this->post('/people/reps/check', ['file' => UploadedFile::fake()->createWithContent('reps.csv', $text)]);
    $this->head = "id,student,attack,side,rung,outcome,at,answer,faults,touched,seconds,stressor,source,replaces,reason\r\n";
    $this->line = fn (int $number, string $more = 'written,3,clean,2026-11-20T19:00:00+00:00,gate,leans back; looks down,arm,1.4,noise,seen,,'): string => sprintf("0b7e1f60-6666-4000-8000-%012d,ada-plover,wrist,%s\r\n", $number, $more);
});

it('looks first, then adds all of it, and the same file twice adds nothing', function (): void {
    $text = $this->head.($this->line)(1).($this->line)(2, 'mirrored,5,hit,2026-11-21T19:00:00+02:00,,,,,,home,,');
    $page = (string) ($this->bring)($text)->assertOk()->assertSee('2 reps would be added; 0 are here already.')->getContent();
    expect(Rep::count())->toBe(1);
    preg_match('#/people/reps/import/([A-Za-z0-9]{40})#', $page, $token);
    $this->post($token[0])->assertRedirect('/people/reps')->assertSessionHas('said', '2 reps added; 0 were here already.');

    expect(Rep::query()->findOrFail('0b7e1f60-6666-4000-8000-000000000001')->only('side', 'rung', 'outcome', 'faults', 'touched', 'seconds', 'stressor', 'source'))
        ->toBe(['side' => 'written', 'rung' => 3, 'outcome' => 'clean', 'faults' => ['leans back', 'looks down'], 'touched' => 'arm', 'seconds' => 1.4, 'stressor' => 'noise', 'source' => 'seen'])
        ->and(Rep::query()->findOrFail('0b7e1f60-6666-4000-8000-000000000002')->at->toIso8601String())->toBe('2026-11-21T17:00:00+00:00');
    ($this->bring)($text)->assertSee('0 reps would be added; 2 are here already.')->assertDontSee('Add 0');
    $this->post($token[0])->assertSessionHas('wrong');
});

it('brings back what it has saved', function (): void {
    ($this->bring)($this->head.($this->line)(1, 'written,3,late,2026-11-20T19:00:00+00:00,gate,"leans ""far"" back; =1+1",,,"dim, light",seen,,'));
    $this->hall->reps()->firstOrFail();
    $saved = $this->get('/people/reps.csv')->assertOk()->streamedContent();
    expect($saved)->toStartWith('id,student,attack')->and(substr_count($saved, "\r\n"))->toBe(2);
    ($this->bring)($saved)->assertSee('0 reps would be added; 1 are here already.');
});

it('takes a correction together with what it corrects, in any order', function (): void {
    $text = $this->head.($this->line)(2, 'written,3,hit,2026-11-20T19:00:00+00:00,,,,,,seen,0b7e1f60-6666-4000-8000-000000000001,seen wrongly').($this->line)(1);
    preg_match('#/people/reps/import/[A-Za-z0-9]{40}#', (string) ($this->bring)($text)->getContent(), $token);
    $this->post($token[0])->assertSessionHas('said');
    expect(Rep::query()->findOrFail('0b7e1f60-6666-4000-8000-000000000002')->only('replaces', 'reason'))->toBe(['replaces' => '0b7e1f60-6666-4000-8000-000000000001', 'reason' => 'seen wrongly']);
});

it('says of each line what is wrong, and adds nothing', function (string $text, array $said): void {
    ($this->bring)(str_starts_with($text, 'id') || str_starts_with($text, 'x') ? $text : $this->head.($this->line)(1).$text)->assertOk()->assertSeeInOrder($said)->assertDontSee('Add 1');
    expect(Rep::count())->toBe(1);
})->with([
    'a column of none' => ["id,colour\r\n", ['1', 'Found the column “colour”']],
    'columns that are missing' => ["id,student\r\n", ['these are missing: attack']],
    'no file of that kind' => ['x', ['Found the column “x”']],
    'a student of none' => ["0b7e1f60-6666-4000-8000-000000000003,nobody,wrist,written,3,clean,2026-11-20,,,,,,,,\r\n", ['3', 'Found the student “nobody”']],
    'no uuid' => ["seven,ada-plover,wrist,written,3,clean,2026-11-20,,,,,,,,\r\n", ['3', 'id field must be a valid UUID']],
    'an outcome of none' => ["0b7e1f60-6666-4000-8000-000000000003,ada-plover,wrist,written,3,won,2026-11-20,,,,,,,,\r\n", ['3', 'outcome']],
    'fields that are missing' => ["a,b\r\n", ['3', 'Found 2 fields, expected 15.']],
    'a day to come' => ["0b7e1f60-6666-4000-8000-000000000003,ada-plover,wrist,written,3,clean,2099-11-20,,,,,,,,\r\n", ['3', 'at field must be a date before']],
    'a correction of nothing' => ["0b7e1f60-6666-4000-8000-000000000003,ada-plover,wrist,written,3,clean,2026-11-20,,,,,,,0b7e1f60-6666-4000-8000-000000000009,why\r\n", ['which is neither here nor in the file']],
]);

it('refuses what is no file', function (): void {
    $this->post('/people/reps/check', [])->assertSessionHasErrors(['file' => 'Choose a file first.']);
});
