<?php

declare(strict_types=1);

use App\Models\Role;
use App\Persistence\CatalogueMapper;
use App\View\Drill\Kit;
use App\View\Drill\KitPack;
use App\View\Wall\WallPage;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use StoneDrill\Core\Coverage\Coverage;

// bench/large asks the pages of 2,000 attacks; here are enough of them that nothing fits at once.
beforeEach(function (): void {
    $this->hall = $this->school();
    $first = $this->hall->attacks()->where('code', 'wrist')->firstOrFail();
    $row = collect($first->getAttributes())->except('id')->all();
    DB::table('attacks')->insert(
        array_map(
            fn (int $number): array => [
                ...$row,
                'code' => "wrist-{$number}",
                'title' => sprintf('Wrist %03d', $number),
                'prevalence' => 1 + ($number % 5),
            ],
            range(1, 1000),
        ),
    );
    $this->actingAs($this->head = $this->person($this->hall, Role::Head));
    $this->ada = $this->hall->students()->firstOrFail();
});

it('draws a page of a large wall, and leads on to the next', function (string $form): void {
    // Two ranks: 3,200 stones are 800 attacks of two sides.
    $page = (string) $this->get('/wall'.$form)
        ->assertOk()
        ->assertSee('Attacks 1 to 800 of 1,002, family by family.')
        ->assertSee('Wrist 798')
        ->assertDontSee('Wrist 850')
        ->assertSee('family=hug')
        ->getContent();
    expect(strlen($page))->toBeLessThan(2_000_000)->and($page)->toContain('page=2')->not->toContain('>Previous<');
    $this->get('/wall'.($form === '' ? '?' : $form.'&').'page=2')->assertOk()
        ->assertSee('Attacks 801 to 1,002 of 1,002')
        ->assertSee('Wrist 850')
        ->assertDontSee('Wrist 700');
    $this->get('/wall'.($form === '' ? '?' : $form.'&').'page=99')->assertOk()
        ->assertSee('Attacks 801 to 1,002');
})->with(['the drawing' => '', 'the table' => '?form=table']);

it('lists the heaviest holes of the page, and says how many are not listed', function (): void {
    $answer = $this->get('/wall/holes')->assertOk()->assertSee('lighter ones are not listed here');

    expect(substr_count((string) $answer->getContent(), 'class="moves d-block"'))->toBe(200)
        ->and(strlen((string) $answer->getContent()))->toBeLessThan(1_000_000);
});

it('writes all of it into a file', function (): void {
    expect(substr_count((string) $this->get('/wall.csv')->assertOk()->getContent(), "\n"))->toBeGreaterThan(2_000);
});

it('takes along for each what is wanted most, and nothing that nobody is drilled on', function (): void {
    $other = $this->hall->answers()->firstOrFail();
    $other->update(['mirrored' => true, 'pattern' => ['place' => null]]);
    $school = $this->hall->fresh();
    $mapper = app(CatalogueMapper::class);
    $rank = $school->ranks()->value('id');
    foreach (range(1, 30) as $number) {
        $school
            ->students()
            ->create(['code' => "s{$number}", 'name' => "Student {$number}", 'rank_id' => $rank, 'flags' => []]);
    }
    $kit = new Kit(
        $school,
        $mapper,
        app(App\Persistence\CoverageBook::class),
        CarbonImmutable::now(),
        Kit::of($school),
        [],
    );
    $pack = KitPack::of($school, $mapper, app(App\Persistence\CoverageBook::class), $kit->at, $kit->students)->toArray(
        $this->head,
    );
    $all = $kit->person($this->ada)->tickets(2);
    $taken = collect($pack['students'])->firstWhere('name', 'Ada Plover')['tickets'];
    $weights = array_map(fn ($ticket): float => $ticket->weight(), $all);
    rsort($weights);

    // 5,000 tickets among 31 people.
    expect(count($all))->toBeGreaterThan(1_900)
        ->and($taken)->toHaveCount(161)
        ->and(array_sum(array_map(fn (array $ticket): float => $ticket['weights'][1], $taken)))
        ->toEqualWithDelta(array_sum(array_slice($weights, 0, 161)), 0.1)
        ->and(array_keys($pack['answers']))->toBe([$other->id])
        ->and(strlen((string) json_encode($pack)))->toBeLessThan(2_000_000);
    foreach ($taken as $ticket) {
        expect($pack['cells'][$ticket['cell']]['title'])->toStartWith('Wrist');
    }
});

it('shows of a ladder and of a board what can be looked at', function (): void {
    $ladder = (string) $this->get("/people/{$this->ada->id}")
        ->assertOk()
        ->assertSee('The drawing shows the 200 that need it most, of 2,002.')
        ->assertSee('Wrist held across')
        ->getContent();
    $board = (string) $this->get('/board')->assertOk()->assertSee('2,002 lines: page 1 of 26')->getContent();

    expect(strlen($ladder))->toBeLessThan(2_000_000)
        ->and(strlen($board))->toBeLessThan(1_000_000)
        ->and(substr_count($board, 'data-attack='))->toBe(80);
    expect(substr_count((string) $this->get('/board?attacks=26')->assertOk()->getContent(), 'data-attack='))->toBe(2);
});

it('keeps both sides of an attack on one page', function (int $number): void {
    $cells = Coverage::of(app(CatalogueMapper::class)->curriculum($this->hall->fresh()))->cells;
    $page = WallPage::of($cells, 10, $number);
    $sides = array_count_values(array_map(fn ($cell): string => $cell->attack->id, $page->cells));

    expect($page->last)->toBe(7)->and($page->total)->toBe(1002);
    foreach (array_unique(array_map(fn ($cell) => $cell->attack, $page->cells), SORT_REGULAR) as $attack) {
        expect($sides[$attack->id])->toBe(count($attack->sides()));
    }
})->with([1, 4, 7]);

it('offers to find a name in each list of people that is longer than twenty', function (): void {
    $pages = [
        '/people' => 'people',
        '/record' => 'people',
        '/tests/create' => 'candidates',
        '/classes/CLASS' => 'everybody',
    ];
    $pages = array_combine(
        str_replace(
            'CLASS',
            (string) $this->hall
                ->classes()
                ->create([
                    'code' => 'tonight',
                    'at' => now()->addDay(),
                    'minutes' => 60,
                    'places' => 10,
                    'instructors' => 1,
                ])->id,
            array_keys($pages),
        ),
        $pages,
    );
    $add = fn (int $from, int $to) => array_map(
        fn (int $number) => $this->hall
            ->students()
            ->create([
                'code' => "s{$number}",
                'name' => "Student {$number}",
                'rank_id' => $this->ada->rank_id,
                'flags' => [],
            ]),
        range($from, $to),
    );
    $add($this->hall->students()->count() + 1, 20);
    foreach ($pages as $path => $list) {
        $this->get($path)->assertOk()->assertDontSee('Find a name');
    }
    $add(21, 21);
    foreach ($pages as $path => $list) {
        $this->get($path)->assertOk()
            ->assertSee('Find a name')
            ->assertSee("data-finds=\"{$list}\"", false)
            ->assertSee("id=\"{$list}\"", false);
    }
});
