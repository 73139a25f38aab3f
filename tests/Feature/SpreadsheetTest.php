<?php

declare(strict_types=1);

use App\Models\Rep;
use App\Models\Role;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Str;
use Tests\Feature\Workbook;

beforeEach(function (): void {
    $this->hall = $this->school();
    $this->actingAs($this->person($this->hall, Role::Head));
    $this->rep = fn (array $with = []): array => [
        ...[
            'id' => (string) Str::uuid(),
            'student' => $this->hall->students()->value('code'),
            'attack' => 'wrist',
            'side' => 'written',
            'rung' => '2',
            'outcome' => 'clean',
            'at' => '2026-11-20T19:00:00+00:00',
        ],
        ...$with,
    ];
});

it('reads a workbook with merged cells, empty lines and dates in three notations', function (): void {
    $book = Workbook::of(
        [
            ['Name', 'Rank', 'Stature', 'Born'],
            ['Bo Linnet', 'First', 1.72, 'date:2001-05-02'],
            ['Cy Wren', 'First', 164, '3.4.2012'],
            [],
            ['', 'First', '', ''],
            ['Di Finch', 'second', '1,58', '4/3/2012'],
        ],
        ['A3:A5'],
    );
    $page = $this->post('/people/file/check', ['file' => $book])
        ->assertOk()
        ->assertSee('3 new students.')
        ->assertSee('1 line is left out');
    $page->assertSeeInOrder([
        'Bo Linnet', '1.72', '2001-05-02', 'Cy Wren', '1.64', '2012-04-03', 'The name is missing', 'Di Finch', '1.58',
        '2012-03-04',
    ]);

    // What was read stands in the field of the page, and goes on from there.
    preg_match('~<textarea[^>]*>(.*?)</textarea>~s', (string) $page->getContent(), $rows);
    $this->post('/people/file', [
        'rows' => html_entity_decode($rows[1]),
        'columns' => ['name' => '0', 'rank' => '1', 'height' => '2', 'born' => '3'],
        'day_first' => '1',
    ])->assertSessionHas('status', '3 students added.');
});

it('refuses what is no workbook, or too much of one, plainly', function (Closure $file, string $said): void {
    foreach (['/people/file', '/people/reps'] as $page) {
        $this->from($page)
            ->post("{$page}/check", ['file' => $file()])
            ->assertRedirect($page);
        expect(session('errors')->first('file'))->toContain($said);
    }
})->with([
    'an archive of something else' => [
        fn (): UploadedFile => UploadedFile::fake()->createWithContent('a.xlsx', "PK\x03\x04 and nothing"),
        'cannot be read',
    ],
    'a broken sheet' => [fn (): UploadedFile => Workbook::packed('<sheetData><row><c><v>1'), 'cannot be read'],
    'a bomb' => [fn (): UploadedFile => Workbook::packed(str_repeat(' ', 101_000_000)), 'unpacks to more than 100 MB'],
    'too many lines' => [
        fn (): UploadedFile => Workbook::packed(
            '<sheetData>'.str_repeat('<row><c><v>1</v></c></row>', 60_001).'</sheetData>',
        ),
        'more than 60,000 lines',
    ],
]);

it('adds nobody from a workbook of 50,000 lines, and says so', function (): void {
    $book = Workbook::packed(
        '<sheetData><row><c t="inlineStr"><is><t>name</t></is></c></row>'
            .str_repeat('<row><c t="inlineStr"><is><t>Bo</t></is></c></row>', 50_000)
            .'</sheetData>',
    );

    $this->post('/people/file/check', ['file' => $book])->assertOk()
        ->assertSee('This has more than 2,000 lines.');
    expect($this->hall->students()->count())->toBe(1);
});

it('never runs what an entity of a sheet asks for', function (): void {
    $book = Workbook::packed(
        '<sheetData><row><c t="inlineStr"><is><t>name &e;</t></is></c></row></sheetData>',
        '<?xml version="1.0"?><!DOCTYPE x [<!ENTITY e SYSTEM "file:///etc/passwd">]>',
    );

    expect((string) $this->post('/people/file/check', ['file' => $book])->getContent())->not->toContain('root:');
});

it('gives people and reps as workbooks that it reads, without a formula in them', function (): void {
    $this->hall
        ->students()
        ->firstOrFail()
        ->update(['name' => '=1+1']);
    $rep = ($this->rep)();
    $this->post('/people/reps/check', [
        'file' => UploadedFile::fake()->createWithContent(
            'r.csv',
            implode(',', array_keys($rep))."\n".implode(',', $rep),
        ),
    ])->assertOk();
    Rep::query()->insert([
        'id' => $rep['id'],
        'school_id' => $this->hall->id,
        'student_id' => $this->hall->students()->value('id'),
        'attack_id' => $this->hall->attacks()->where('code', 'wrist')->value('id'),
        'side' => 'written',
        'rung' => 2,
        'outcome' => 'clean',
        'at' => $rep['at'],
        'mistakes' => '["-late"]',
        'source' => 'seen',
    ]);

    foreach (
        [
            '/people/file/people.xlsx' => ['/people/file/check', 'is here already'],
            '/people/reps.xlsx' => ['/people/reps/check', '2 are here already'],
        ] as $export => [$check, $said]
    ) {
        $content = $this->get($export)
            ->assertOk()
            ->assertHeader('content-type', 'application/vnd.openxmlformats-officedocument.spreadsheetml.sheet')
            ->streamedContent();
        $path = (string) tempnam(sys_get_temp_dir(), 'book');
        file_put_contents($path, $content);
        $zip = new ZipArchive();
        $zip->open($path);
        expect((string) $zip->getFromName('xl/worksheets/sheet1.xml'))->not->toContain('<f>')->toContain('&#039;');
        unlink($path);
        $this->post($check, ['file' => UploadedFile::fake()->createWithContent('back.xlsx', $content)])->assertOk()
            ->assertSee($said);
    }
});

it('lets columns of reps be chosen where their heads say nothing', function (): void {
    $rep = ($this->rep)();
    $csv = "Number,Person,Which,Way,Step,Result,Colour,When\n"
        ."{$rep['id']},{$rep['student']},wrist,written,2,clean,red,{$rep['at']}\n";
    $page = $this->post('/people/reps/check', ['file' => UploadedFile::fake()->createWithContent('r.csv', $csv)])
        ->assertOk()
        ->assertSee('Found the column “Number”')
        ->assertSee('Which column holds what');
    preg_match('/name="kept" value="([A-Za-z0-9]{40})"/', (string) $page->getContent(), $kept);
    $columns = [
        'id' => '0', 'student' => '1', 'attack' => '2', 'side' => '3', 'rung' => '4', 'outcome' => '5', 'at' => '',
    ];

    $this->post('/people/reps/check', ['kept' => $kept[1], 'columns' => $columns])->assertOk()
        ->assertSee('These columns are missing: at.');
    $page = $this->post('/people/reps/check', ['kept' => $kept[1], 'columns' => [...$columns, 'at' => '7']])
        ->assertOk()
        ->assertSee('1 rep would be added.');
    preg_match('~people/reps/import/([A-Za-z0-9]{40})~', (string) $page->getContent(), $token);
    $this->post("/people/reps/import/{$token[1]}")->assertRedirect();
    expect(Rep::query()->findOrFail($rep['id'])->rung)->toBe(2);

    // The same column twice, one that is none, and a file that is gone.
    $this->post('/people/reps/check', ['kept' => $kept[1], 'columns' => [...$columns, 'at' => '5']])->assertOk()
        ->assertSee('These columns are missing');
    $this->post('/people/reps/check', ['kept' => $kept[1], 'columns' => ['id' => '999']])->assertSessionHasErrors(
        'columns.id',
    );
    $this->post('/people/reps/check', ['kept' => str_repeat('b', 40), 'columns' => $columns])->assertSessionHasErrors(
        'file',
    );
    // Nobody reaches the file of another school.
    $this->actingAs($this->person($this->school('Other Hall'), Role::Head))
        ->post('/people/reps/check', ['kept' => $kept[1], 'columns' => $columns])
        ->assertSessionHasErrors('file');
});
