<?php

declare(strict_types=1);

use App\Actions\ImportCatalogue;
use App\Models\Role;
use App\Models\School;
use App\Models\SetupStep;
use App\Persistence\Demo;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\Event;
use Illuminate\Support\Str;
use StoneDrill\Core\Exchange\CatalogueReader;
use StoneDrill\Core\Exchange\Format;

beforeEach(function (): void {
    app(Demo::class)->load(CarbonImmutable::now());
    $this->hall = School::query()->where('name', 'Cinder Quay Hall')->firstOrFail();
    $this->actingAs($this->hall->users()->where('role', Role::Head)->firstOrFail());
    $this->student = $this->hall->students()->with('rank')->firstOrFail();
    $this->attack = $this->hall->attacks()->firstOrFail();
    $this->rep = fn (string $outcome) => $this->hall
        ->reps()
        ->create([
            'id' => (string) Str::uuid(),
            'student_id' => $this->student->id,
            'attack_id' => $this->attack->id,
            'side' => 'written',
            'rung' => $this->student->rank->goal_rung,
            'outcome' => $outcome,
            'at' => now(),
            'mistakes' => [],
            'source' => 'seen',
        ]);
    $this->drawn = 0;
    Event::listen(['composing: wall.show', 'composing: board.show'], fn (): int => $this->drawn++);
    /** @return array{string, int} a page as it is sent, and how often it was drawn for that */
    $this->page = function (string $path, string $asks = ''): array {
        $this->drawn = 0;

        return [
            (string) $this->get($path, array_filter(['Cache-Control' => $asks]))
                ->assertOk()
                ->getContent(),
            $this->drawn,
        ];
    };
    $this->wall = fn (string $query = '', string $asks = ''): array => ($this->page)("/wall{$query}", $asks);
    // What is kept is kept from the look on that finds its weak spots.
    $this->look = function (string $query = ''): string {
        $this->get('/wall/holes')->assertOk();
        ($this->wall)($query);

        return ($this->wall)($query)[0];
    };
    expect(
        $this->hall
            ->reps()
            ->where('student_id', $this->student->id)
            ->where('attack_id', $this->attack->id)
            ->count(),
    )->toBe(0);
});

it('sends the wall again after reps by which nobody holds anything else, with the same to see', function (): void {
    $before = ($this->look)();
    foreach (['hit', 'froze', 'clean'] as $outcome) {
        ($this->rep)($outcome);
        [$sent, $drawn] = ($this->wall)();
        expect([$sent, $drawn])->toBe([$before, 0], $outcome)
            // From here on it is known to be of these rows.
            ->and(($this->wall)())->toBe([$before, 0], $outcome)
            ->and(($this->wall)('', 'no-cache'))->toBe([$before, 1], $outcome);
    }
});

it('draws it anew as soon as somebody holds something else', function (): void {
    $before = ($this->look)();
    foreach (range(1, 3) as $_) {
        ($this->rep)('clean');
    }
    [$sent, $drawn] = ($this->wall)();

    expect($drawn)->toBe(1)->and($sent)->not->toBe($before);
    // As it is with nothing kept, once its weak spots are found again.
    $after = ($this->look)();
    cache()->flush();
    expect(($this->look)())->toBe($after);
});

it('draws it anew after whatever else is changed, and after five minutes', function (): void {
    $before = ($this->look)();
    $this->attack->update(['title' => 'Taken by the scarf']);
    [$sent, $drawn] = ($this->wall)();
    expect($drawn)->toBe(1)->and($sent)->not->toBe($before)->toContain('Taken by the scarf');

    ($this->look)();
    ($this->rep)('hit');
    $this->travel(6)->minutes();
    expect(($this->wall)()[1])->toBe(1);
});

it('tells of each try where one person is looked at', function (): void {
    $query = "?student={$this->student->id}";
    $before = ($this->look)($query);
    ($this->rep)('hit');
    [$sent, $drawn] = ($this->wall)($query);

    expect($drawn)->toBe(1)->and($sent)->not->toBe($before);
});

it('leaves out the first rep as a next step once there is one', function (): void {
    $school = School::query()->where('name', 'Lantern Pier')->firstOrFail();
    $file = explode("\nreps:", (string) file_get_contents(dirname(__DIR__).'/fixtures/small.yaml'));
    expect($file)->toHaveCount(2);
    app(ImportCatalogue::class)->import((new CatalogueReader())->read($file[0], Format::Yaml), $school);
    $school->update(['setup' => SetupStep::NextSteps]);
    $this->actingAs($school->users()->where('role', Role::Head)->firstOrFail());
    [$this->attack, $this->student] = [$school->attacks()->firstOrFail(), $school->students()->firstOrFail()];
    $this->hall = $school;
    $says = 'Nobody has been tried yet.';
    expect(($this->look)())->toContain($says);
    ($this->rep)('hit');
    expect(($this->wall)()[0])->not->toContain($says);
});

it('sends a board again likewise, and draws it anew as soon as anybody on it stands differently', function (): void {
    $board = fn (string $query = '', string $asks = ''): array => ($this->page)("/board{$query}", $asks);
    // The first look reads all that the demo brings.
    $board();
    // Whoever was hit so often fails, and does once more.
    array_map($this->rep, ['hit', 'hit', 'hit']);
    $queries = ['', '?sort=last', '?form=table'];
    $before = array_map(static fn (string $query): string => $board($query)[0], $queries);
    ($this->rep)('froze');
    foreach ($queries as $place => $query) {
        expect($board($query))->toBe([$before[$place], 0], $query)
            ->and($board($query))->toBe([$before[$place], 0], $query)
            ->and($board($query, 'no-cache'))->toBe([$before[$place], 1], $query);
    }
    foreach (range(1, 30) as $_) {
        ($this->rep)('clean');
    }
    foreach ($queries as $place => $query) {
        [$sent, $drawn] = $board($query);
        expect($drawn)->toBe(1)->and($sent)->not->toBe($before[$place]);
    }
});
