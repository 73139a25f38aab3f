<?php

declare(strict_types=1);

use App\Models\Role;
use Illuminate\Http\UploadedFile;

beforeEach(function (): void {
    $this->hall = $this->school();
    $this->actingAs($this->person($this->hall, Role::Instructor));
});

it('says of each line what it would do, and adds those that are right', function (): void {
    $rows = "Full name\tGrade\tSize (cm)\tDate of birth\n"
    ."Bo Linnet\tfirst\t172\t2001-05-02\n"
    ."Cy Wren\tSecond\t1,64\t3.4.2012\n"
    ."Di Finch\tsecond\t\t4/3/2012\n"
    ."ada plover\tFirst\t\t\n"
    ."Ed Crake\tThird\t\t\n"
    ."Flo Rail\tFirst\ttall\t\n"
    ."Gus Dunlin\tFirst\t\t31.2.2012\n"
    ."\tFirst\t\t\n"
    ."\t\t\t\n"
    ."bo linnet\tFirst\t\t\n";
    $this->post('/people/file/check', ['rows' => $rows])->assertOk()
        ->assertSee('3 new students.')
        ->assertSee('4 lines are left out; see why below.')
        ->assertSee('“Third” is none of your ranks: First, Second.')
        ->assertSee('“tall” is no stature.')
        ->assertSee('“31.2.2012” is no birth date.')
        ->assertSee('The name is missing.')
        ->assertSee('is here already and stays as it is')
        ->assertSee('Bo Linnet');
    expect($this->hall->students()->count())->toBe(1);

    $this->post('/people/file', [
        'rows' => $rows,
        'columns' => ['name' => '0', 'rank' => '1', 'height' => '2', 'born' => '3'],
        'day_first' => '1',
    ])
        ->assertRedirect('/people')
        ->assertSessionHas('status', '3 students added.');
    expect(
        $this->hall
            ->students()
            ->reorder('id')
            ->with('rank')
            ->get()
            ->map(
                fn ($student): array => [
                    $student->code,
                    $student->rank->name,
                    $student->height,
                    $student->born?->format('Y-m-d'),
                ],
            )
            ->slice(1)
            ->values()
            ->all(),
    )->toBe([
        ['bo-linnet', 'First', 1.72, '2001-05-02'],
        ['cy-wren', 'Second', 1.64, '2012-04-03'],
        ['di-finch', 'Second', null, '2012-03-04'],
    ]);
});

it('takes the columns that are chosen, and dates the other way round', function (): void {
    $rows = "a;b;c\nFirst;3/4/2012;Bo Linnet\n";
    $this->post('/people/file/check', ['rows' => $rows])->assertOk()
        ->assertSee('0 new students.');
    $this->post('/people/file', [
        'rows' => $rows,
        'columns' => ['name' => '2', 'rank' => '0', 'height' => '', 'born' => '1'],
        'day_first' => '0',
    ])->assertSessionHas('status', '1 student added.');

    expect($this->hall->students()->where('code', 'bo-linnet')->firstOrFail()->born?->format('Y-m-d'))->toBe(
        '2012-03-04',
    );
});

it('reads a file as spreadsheets write it', function (): void {
    $file = UploadedFile::fake()->createWithContent(
        'people.csv',
        mb_convert_encoding("name;rank;born\r\n\"Bö; Linnet\";First;2001-05-02\r\n", 'Windows-1252', 'UTF-8'),
    );
    $this->post('/people/file/check', ['file' => $file])->assertOk()
        ->assertSee('Bö; Linnet')
        ->assertSee('1 new student.');
});

it('gives its people as a file that it reads, and that no spreadsheet takes for a formula', function (): void {
    $this->hall
        ->students()
        ->firstOrFail()
        ->update(['name' => '=1+1', 'height' => 1.6]);
    $csv = $this->get('/people/file/people.csv')->assertOk()->streamedContent();

    expect($csv)->toBe("name,rank,height,born\r\n'=1+1,First,1.6,2001-05-02\r\n");
    $this->post('/people/file/check', ['rows' => $csv])->assertSee('is here already and stays as it is');
});

it('refuses plainly what is no list of people', function (array $fields, string $field): void {
    $this->from('/people/file')
        ->post('/people/file/check', $fields)
        ->assertRedirect('/people/file')
        ->assertSessionHasErrors($field);
})->with([
    'nothing' => [['rows' => ''], 'rows'],
    'a list' => [['rows' => ['x']], 'rows'],
    'a picture' => [fn (): array => ['file' => UploadedFile::fake()->create('people.png', 10)], 'file'],
    'a column that is none' => [['rows' => 'name', 'columns' => ['name' => 'x']], 'columns.name'],
]);

it('adds nobody from 50,000 lines, and says so', function (): void {
    $rows = "name,rank\n"
    .implode("\n", array_map(static fn (int $number): string => "P{$number},First", range(1, 50_000)));
    $this->from('/people/file')
        ->post('/people/file/check', ['rows' => $rows])
        ->assertRedirect('/people/file')
        ->assertSessionHasErrors('rows');
    $rows = "name,rank\n"
    .implode("\n", array_map(static fn (int $number): string => "P{$number},First", range(1, 2_001)));
    $this->post('/people/file/check', ['rows' => $rows])
        ->assertOk()
        ->assertSee('This has more than 2,000 lines.')
        ->assertDontSee('Add 2000 students');
    $this->post('/people/file', ['rows' => $rows])->assertSessionHasErrors('rows');

    expect($this->hall->students()->count())->toBe(1);
});

it('answers anything pasted plainly', function (string $rows): void {
    expect($this->post('/people/file/check', ['rows' => $rows])->getStatusCode())->toBeLessThan(400);
})->with([
    'one word' => 'x',
    'an open quotation mark' => "name,rank\n\"Bo,First",
    'merged cells' => "name,,rank\nBo,,First\n,,\n,Second",
    'signs' => "🧱\t=cmd\nx\ty",
    'a line of commas' => str_repeat(',', 5000)."\nx",
]);
