<?php

declare(strict_types=1);

use App\Models\Role;
use App\Models\School;
use App\Persistence\CatalogueMapper;
use App\Persistence\CoverageBook;
use App\Persistence\Demo;
use App\Persistence\PreparationBook;
use App\Persistence\WindowBook;
use App\View\Ladder\Brick;
use App\View\Ladder\ComingUp;
use App\View\Ladder\LadderDrawing;
use App\View\Ladder\LadderPicture;
use App\View\Ladder\LadderRow;
use App\View\Ladder\LadderSheet;
use Carbon\CarbonImmutable;
use StoneDrill\Core\Drill\Pool;
use StoneDrill\Core\Drill\Ticket;
use StoneDrill\Core\Proof\ProofState;

beforeEach(function (): void {
    app(Demo::class)->load(CarbonImmutable::now());
    $this->demo = School::where('name', 'Cinder Quay Hall')->firstOrFail();
    $this->mapper = app(CatalogueMapper::class);
    $this->catalogue = $this->mapper->curriculum($this->demo);
    $this->now = CarbonImmutable::now();
    $this->student = $this->demo->students()->with('rank')->orderBy('id')->firstOrFail();
    $this->windows = (new WindowBook($this->demo, $this->catalogue))->of([$this->student->id], $this->now)[
        $this->student->id
    ];
    $this->ladder = new LadderPicture(
        $this->catalogue,
        $this->mapper->student($this->student),
        $this->windows,
        $this->now,
    );
});

it('draws every side that the student needs once, in its family, whose sum is that of its rows', function (): void {
    $drawing = new LadderDrawing($this->ladder);
    $all = $held = 0;
    foreach ($drawing->families as $family) {
        // What stands beside the name of a family is counted from its rows.
        expect($family['all'])->toBe(count($family['rows']))
            ->and($family['held'])
            ->toBe(count(array_filter($family['rows'], static fn (array $row): bool => $row['state'] === 'holds')));
        [$all, $held] = [$all + $family['all'], $held + $family['held']];
    }

    expect($all)->toBe(count($this->ladder->rows))->and($held)->toBe($this->ladder->held());
});

it('fills bricks to the bound, ticks what holds, and keeps them within their row', function (): void {
    $drawing = new LadderDrawing($this->ladder);
    $sides = [];
    foreach ($this->ladder->rows as $side) {
        $sides[$side->attack->id.' '.$side->side->value] = $side;
    }
    foreach ($drawing->families as $family) {
        foreach ($family['rows'] as $row) {
            /** @var LadderRow $side */
            $side = $sides[$row['cell']];
            expect($row['bricks'])->toHaveCount(count($this->catalogue->ladder->rungs));
            foreach ($row['bricks'] as $place => $brick) {
                $of = $side->bricks[$place];
                // Bricks are 19 wide and 24 apart; 17 of it are filled when the bound is 1.
                expect($brick['x'])->toBe(24.0 * $place + 1)
                    ->and($brick['x'] + 19)->toBeLessThanOrEqual($drawing->width)
                    ->and($brick['fill'])->toEqualWithDelta(17 * $of->lower, 0.051)
                    ->and($brick['holds'])->toBe($of->state === ProofState::Holds)
                    ->and($brick['goal'])->toBe($of->rung === $this->student->rank->goal_rung);
            }
            $goal = array_values(array_filter($side->bricks, static fn (Brick $brick): bool => $brick->isGoal))[0];
            expect($row['fadesShort'])->toBe(
                $goal->state === ProofState::Holds ? (string) $goal->fadesOn?->format('j M') : '',
            );
        }
    }
});

it('draws one student from what the whole school draws them from, of whatever age', function (): void {
    $coverages = app(CoverageBook::class);
    $prepared = app(PreparationBook::class)->until($this->demo, $this->now);
    $pool = $coverages->pool($this->demo, $this->now, $prepared);
    $told = static fn (array $tickets): array => array_map(
        static fn (Ticket $ticket): array => [$ticket->cell->key->text, $ticket->weight()],
        $tickets,
    );
    $young = 0;
    foreach ($this->demo->students()->with('rank')->get() as $student) {
        $core = $this->mapper->student($student);
        $young += (int) $core->isYouthOn($this->now);
        expect($told($coverages->poolOf($this->demo, [$core], $this->now, $prepared)->tickets($core, 3, [])))->toBe(
            $told($pool->tickets($core, 3, [])),
            $student->name,
        );
    }
    expect($young)->toBeGreaterThan(0)
        ->toBeLessThan($this->demo->students->count());
});

it('tells what to drill next, what fades soon and what one clean try would complete', function (): void {
    $coverages = app(CoverageBook::class);
    $pool = new Pool(
        $this->catalogue,
        $coverages->of($this->demo)->cells,
        $this->catalogue->forYouth(),
        $coverages->forYouth($this->demo)->cells,
        $this->now,
    );
    $core = $this->mapper->student($this->student);
    $coming = new ComingUp($this->ladder, $pool, $core, $this->windows, $this->now);

    // The three heaviest of all that may be drilled.
    $weights = [];
    foreach ($pool->tickets($core, $this->ladder->goal, $this->windows) as $ticket) {
        $weights[
            $ticket->cell->attack->title.($ticket->cell->side->value === 'mirrored' ? ' (mirrored)' : '')
        ] = $ticket->weight();
    }
    $shown = array_map(static fn (array $row): float => $weights[$row['title']], $coming->next);
    rsort($weights);
    expect($shown)->toBe(array_slice($weights, 0, 3));

    // What fades within 30 days, the first to fade first; nothing that is not held.
    $days = [];
    foreach ($this->ladder->rows as $row) {
        if ($row->atGoal === ProofState::Holds && $row->fadesOn !== null && $row->fadesOn <= $this->now->addDays(30)) {
            $days[] = $row->fadesOn->format('Y-m-d');
        }
    }
    sort($days);
    expect(array_column($coming->fading, 'day'))->toBe(
        array_map(static fn (string $day): string => (new DateTimeImmutable($day))->format('j M'), $days),
    );

    // One more clean try at the goal now would make it held, and it is not held yet.
    $titles = array_combine(
        array_map(static fn (LadderRow $row): string => $row->title(), $this->ladder->rows),
        $this->ladder->rows,
    );
    foreach ($coming->nearly as $title) {
        expect($titles[$title]->atGoal)->not->toBe(ProofState::Holds)
            ->and($titles[$title]->lowerAtGoal)->toBeLessThan(0.6);
    }
    expect($coming->nearly)->not->toBe([]);
});

it('shows the same to the student and to whoever teaches', function (): void {
    $this->actingAs($this->person($this->demo, Role::Head));
    $page = (string) $this->get("/people/{$this->student->id}")
        ->assertOk()
        ->getContent();
    $own = (string) $this->get("/people/{$this->student->id}/own")
        ->assertOk()
        ->getContent();
    $rungs = static function (string $html): string {
        preg_match('/<div class="rungs">(.*?)<div class="legend">/s', $html, $found);

        return (string) preg_replace('/\s+/', ' ', $found[1] ?? '');
    };

    expect($rungs($own))->not->toBe('')
        ->toBe($rungs($page))
        ->and($page)->toContain('Drill next')
        ->toContain('One clean try would complete')
        ->toContain('Fades within 30 days')
        // No name stands on end.
        ->and($rungs($page))->not->toContain('rotate');
});

it('is saved as a drawing that stands alone, in two columns that keep families together', function (): void {
    $this->actingAs($this->person($this->demo, Role::Assistant));
    $response = $this->get("/people/{$this->student->id}/ladder.svg")
        ->assertOk()
        ->assertHeader('content-type', 'image/svg+xml');
    $svg = simplexml_load_string((string) $response->getContent());
    $rims = $svg->xpath('//*[local-name()="rect"][@class="rim"]');
    $names = array_map(strval(...), $svg->xpath('//*[local-name()="text"]'));
    $drawing = new LadderDrawing($this->ladder);
    $sheet = new LadderSheet($drawing);

    // A brick for each rung of each row, and each row's name; nothing beyond the paper.
    expect($rims)->toHaveCount(7 * count($this->ladder->shown))
        ->and(array_diff(array_map(static fn (LadderRow $row): string => $row->title(), $this->ladder->shown), $names))
        ->toBe([])
        ->and((string) $response->getContent())->not->toContain('href=')
        ->not->toContain('<script');
    $columns = array_values(array_unique(array_column($sheet->rows, 'x')));
    $column = 330 + 7 * 24 + 56 + 20;
    expect($columns)->toEqual([20, 20 + $column])
        ->and($sheet->width)->toEqual(20 + 2 * $column)
        ->and(max(array_column($sheet->rows, 'y')))->toBeLessThan($sheet->height);
    // Rows of a family stand 20 below each other, the first 20 below its name.
    $place = 0;
    foreach ($drawing->families as $number => $family) {
        foreach (array_keys($family['rows']) as $row) {
            expect([$sheet->rows[$place]['x'], $sheet->rows[$place++]['y']])->toEqual([
                $sheet->heads[$number]['x'],
                $sheet->heads[$number]['y'] + 20 * ($row + 1),
            ]);
        }
    }
});
