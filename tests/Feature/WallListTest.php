<?php

declare(strict_types=1);

use App\Models\Role;
use App\Models\School;
use App\Persistence\Demo;
use App\Persistence\HoleBook;
use App\View\Wall\Stone;
use App\View\Wall\StoneState;
use Carbon\CarbonImmutable;
use StoneDrill\Core\Coverage\HoleKind;
use Tests\Feature\WallFixture;

beforeEach(function (): void {
    app(Demo::class)->load(CarbonImmutable::now());
    $this->hall = School::where('name', 'Cinder Quay Hall')->firstOrFail();
    $this->actingAs($this->person($this->hall, Role::Head));
    // Weak spots are among the holes once every answer was run.
    app(HoleBook::class)->of($this->hall);
    $this->wall = WallFixture::wallAt($this->hall, '');
});

it('draws a hole in the course that needs it, and above it nothing but the gap', function (): void {
    $order = $this->wall->catalogue->rankOrder();
    $columns = [];
    foreach ($this->wall->picture->stones as $stone) {
        $columns[$stone->place->column][$stone->place->course] = $stone->state;
    }
    $begun = 0;
    foreach ($columns as $states) {
        ksort($states);
        // At most once is it drawn as a hole or a crack; whatever follows is faint until something is laid.
        $begins = array_keys(array_filter($states, static fn (StoneState $state): bool => $state->begins()));
        expect(count($begins))->toBeLessThanOrEqual(1);
        foreach ($begins as $course) {
            $begun++;
            foreach (array_slice($states, $course + 1, null, true) as $state) {
                expect($state)->toBeIn([StoneState::Hole, StoneState::Cracked, StoneState::Laid, StoneState::Carried]);
            }
        }
    }
    $needed = array_filter($this->wall->coverage->cells, static function ($cell) use ($order): bool {
        $need = $order[$cell->attack->need->rank ?? ''] ?? null;

        return $need !== null && ($cell->laidAt === null || $order[$cell->laidAt] > $need);
    });
    expect($begun)->toBe(count($needed))->toBeGreaterThan(10);
});

it(
    'numbers holes first and weak spots after, and lets the drawing, the list by rank and the list say the same number',
    function (): void {
        $rows = $this->wall->holes->rows;
        expect(array_column($rows, 'number'))->toBe(range(1, count($rows)));
        $drawn = [HoleKind::Open, HoleKind::Fails, HoleKind::Late, HoleKind::OneSided];
        $isDrawn = array_map(static fn (array $row): bool => in_array($row['hole']->kind, $drawn, true), $rows);
        $sorted = $isDrawn;
        rsort($sorted);
        expect($isDrawn)->toBe($sorted)->and(array_column($rows, 'isDrawn'))->toBe($isDrawn);

        // Each part is by weight.
        foreach ([true, false] as $part) {
            $weights = array_map(
                static fn (array $row): float => $row['hole']->weight,
                array_filter($rows, static fn (array $row): bool => $row['isDrawn'] === $part),
            );
            $heaviest = $weights;
            rsort($heaviest);
            expect(array_values($weights))->toBe($heaviest);
        }

        $numbers = [];
        foreach ($rows as $row) {
            if ($row['isDrawn']) {
                $numbers[$row['number']] = $row['hole']->attack;
            }
        }
        $attacks = $this->hall->attacks->pluck('code', 'id');
        foreach ($this->wall->picture->byRank() as $course) {
            foreach ($course['rows'] as $stone) {
                if ($stone->label->number !== null) {
                    expect($attacks[(int) basename($stone->label->url)])->toBe($numbers[$stone->label->number]);
                }
            }
        }
    },
);

it('lists by rank each side once where it begins', function (): void {
    $listed = array_map(
        static fn (Stone $stone): int => $stone->place->column,
        array_merge(...array_column($this->wall->picture->byRank(), 'rows')),
    );
    $first = [];
    foreach ($this->wall->picture->stones as $stone) {
        if ($stone->state === StoneState::Laid || $stone->state->begins()) {
            $first[] = $stone->place->column;
        }
    }
    sort($listed);
    sort($first);
    expect($listed)->toBe($first)->and(count(array_unique($listed)))->toBeLessThanOrEqual(count($this->wall->cells));
});

it('folds combinations that nobody catalogued into one line a facet', function (): void {
    $facets = $this->wall->holes->facets();
    expect(array_sum(array_map(count(...), $facets)))->toBe(count($this->wall->holes->uncatalogued));
    $page = (string) $this->get('/wall/holes')->assertOk()->getContent();
    foreach ($facets as $facet => $holes) {
        expect(substr_count($page, "<summary>{$facet}: ".count($holes).' combination'))->toBe(1);
    }
});

it('says of every hole what to do first, to whoever may', function (): void {
    $page = (string) $this->get('/wall/holes')->assertOk()->getContent();
    $rows = $this->wall->holes->rows;
    expect(preg_match_all('/First,\s*<a/', $page))->toBe(count($rows))->toBeGreaterThan(100);

    $this->actingAs($this->person($this->hall, Role::Assistant));
    expect(preg_match_all('/First,\s*<a/', (string) $this->get('/wall/holes')->assertOk()->getContent()))->toBe(0);
});
