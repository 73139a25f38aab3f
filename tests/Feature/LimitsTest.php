<?php

declare(strict_types=1);

use App\Http\BeyondLimits;
use App\Http\RefusedByDatabase;
use App\Models\Role;
use Illuminate\Http\Request;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Route;
use Symfony\Component\ErrorHandler\Error\FatalError;

beforeEach(function (): void {
    $this->hall = $this->school();
    $this->actingAs($this->head = $this->person($this->hall, Role::Head));
    $this->gate = $this->hall->answers()->firstOrFail();
    $this->form = ['title' => 'Gate', 'rank' => (string) $this->gate->rank_id, 'beats' => 'leave 6', 'version' => '1'];
});

it('takes a version that nobody can have read for one that is overtaken', function (string $version): void {
    $this->put("/answers/{$this->gate->id}", [...$this->form, 'version' => $version])
        ->assertRedirect("/answers/{$this->gate->id}/edit")
        ->assertSessionHas('overtaken');
    $this->put("/answers/{$this->gate->id}/placement", [
        'rank' => (string) $this->gate->rank_id,
        'version' => $version,
    ])->assertStatus(302);

    expect($this->gate->fresh()->beats)->not->toContain('leave 6'."\n\n")
        ->and($this->gate->fresh()->version)->toBe(1);
})->with(['2147483648', '9223372036854775807']);

it('refuses beats that are longer as they are stored than an answer may be', function (): void {
    $this->put("/answers/{$this->gate->id}", [
        ...$this->form,
        'beats' => str_repeat("RH palm chin\n", 5000),
    ])->assertSessionHasErrors('beats');
    expect(session('errors')->first('beats'))->toContain('at most 500 in one answer');
});

it('records what a device says in odd figures, or says why not', function (array $change, bool $isKept): void {
    $rep = [
        'id' => '0B7E1F60-2222-4000-8000-00000000000A',
        'student_id' => $this->hall->students()->value('id'),
        'attack_id' => $this->hall->attacks()->value('id'),
        'side' => 'written',
        'rung' => 4,
        'outcome' => 'clean',
        ...$change,
    ];
    $answer = $this->postJson('/mat/reps', ['reps' => [$rep]])
        ->assertOk()
        ->json();

    expect(count($answer['kept']))->toBe($isKept ? 1 : 0)
        ->and(count($answer['refused']))->toBe($isKept ? 0 : 1);
})->with([
    'hardly any time' => [['seconds' => '1e-400'], true],
    'more time than there is' => [['seconds' => '1e400'], false],
    'beyond time' => [['at' => '294277-01-01T00:00:00Z'], false],
    'a year of five digits' => [['at' => '99999-01-01'], false],
    'a rung in words' => [['rung' => 'four'], false],
    'a list for a rung' => [['rung' => [4]], false],
]);

it('refuses more ranks than a ladder has, in one word', function (): void {
    $file = "format: stone-drill/1\nschool: {name: X, doctrine: escape}\nranks:\n"
    .implode(
        '',
        array_map(
            fn (int $number): string => "  - {id: r{$number}, name: R, max_beats: 4, goal_rung: 2}\n",
            range(1, 33_000),
        ),
    );
    $this->post('/school/import', ['file' => UploadedFile::fake()->createWithContent('x.yaml', $file)])->assertOk()
        ->assertSee('33,000 ranks')
        ->assertSee('at most 100');
});

it('says which limit a request has met', function (string $met, string $said): void {
    $error = new FatalError($met, 0, ['type' => E_ERROR, 'file' => __FILE__, 'line' => 1]);
    $limit = (string) ini_get('memory_limit');
    expect(BeyondLimits::isMeant($error))->toBeTrue();
    $answer = BeyondLimits::response($error, Request::create('/'));
    ini_set('memory_limit', $limit);
    set_time_limit(0);

    expect($answer->getStatusCode())->toBe(413)->and($answer->getContent())->toContain($said);
})->with([
    ['Allowed memory size of 268435456 bytes exhausted', 'more memory than a request may have ('],
    ['Maximum execution time of 60 seconds exceeded', 'longer than a request may ('],
]);

it('answers what the database refuses as what it is', function (): void {
    Route::get('/too-large', fn () => DB::transaction(fn () => DB::select('select 2147483648::int')));

    $this->get('/too-large')->assertStatus(422)->assertSee('Nothing was changed');
    $this->getJson('/too-large')
        ->assertStatus(422)
        ->assertJsonStructure(['message']);
    expect(
        RefusedByDatabase::isMeant(new Illuminate\Database\QueryException('pgsql', '', [], new PDOException('x'))),
    )->toBeFalse();
});
