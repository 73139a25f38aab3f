<?php

declare(strict_types=1);

use App\Models\School;
use App\Persistence\CatalogueMapper;
use App\Persistence\Demo;
use App\Persistence\ProofBook;
use App\View\Forms\AttackForm;
use App\View\Forms\BeatsCheck;
use App\View\Ladder\LadderDrawing;
use App\View\Ladder\LadderPicture;
use App\View\Ladder\LadderRow;
use App\View\Wall\Stone;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use StoneDrill\Core\Attack\Side;
use StoneDrill\Core\Coverage\Coverage;
use StoneDrill\Core\Proof\Windows;
use Tests\Feature\PicturesFixture;

it('lays every stone in its course', function (): void {
    $wall = PicturesFixture::wallOf($this->school());

    expect(PicturesFixture::column($wall, 0))
        ->toBe(['laid', 'carried']) // the wrist as written, answered at First
        ->and(PicturesFixture::column($wall, 1))
        ->toBe(['hole first', 'hole']) // mirrored, needed by First
        ->and(PicturesFixture::column($wall, 2))
        ->toBe(['ahead', 'hole first']) // the hug, needed by Second
        ->and($wall->courses)->toHaveCount(2)
        ->and($wall->courses[0]['name'])->toBe('Second')
        ->and(array_column($wall->courses[1]['notes'], 'text'))->toBe(['50 % works', '50 % taught'])
        ->and(array_column($wall->families, 'name'))->toBe(['Grabs', 'Hugs'])
        ->and(array_column($wall->columns, 'name'))->toBe(['Wrist held across', 'Hug from behind']);
});

it('numbers holes as the list does', function (): void {
    $school = $this->school();
    $holes = Coverage::of(app(CatalogueMapper::class)->curriculum($school))->holes;
    $numbers = array_filter(
        array_map(fn (Stone $stone): ?int => $stone->label->number, PicturesFixture::wallOf($school)->stones),
    );
    sort($numbers);

    expect($numbers)->toBe(range(1, count($holes)));
});

it('lets no stone lie on another, nor outside the wall', function (): void {
    app(Demo::class)->load(CarbonImmutable::now());
    $wall = PicturesFixture::wallOf(School::query()->where('name', 'Cinder Quay Hall')->firstOrFail());
    $rows = [];
    foreach ($wall->stones as $stone) {
        $rows[$stone->place->course][] = $stone;
        expect($stone->place->x)->toBeGreaterThanOrEqual(0.0)
            ->and($stone->place->x + $stone->place->width)->toBeLessThanOrEqual($wall->width)
            ->and($stone->place->y)->toBeGreaterThanOrEqual(0.0)
            ->and($stone->place->y + $stone->place->height)->toBeLessThanOrEqual($wall->foot())
            ->and($stone->place->width)->toBeGreaterThan(3.0);
    }
    expect($rows)->toHaveCount(6);
    foreach ($rows as $row) {
        usort($row, fn (Stone $a, Stone $b): int => $a->place->x <=> $b->place->x);
        for ($i = 1; $i < count($row); $i++) {
            expect($row[$i - 1]->place->x + $row[$i - 1]->place->width)->toBeLessThanOrEqual($row[$i]->place->x + 0.02)
                ->and($row[$i]->place->column)->toBe($row[$i - 1]->place->column + 1);
        }
    }
});

it('grows moss where a share of the rank holds it at its goal rung', function (): void {
    $school = $this->school();
    $moss = fn (): float => PicturesFixture::wallOf($school->fresh())->stones[0]->proven[0];
    expect($moss())->toBe(0.0);

    foreach (['000000000001', '000000000002', '000000000003'] as $id) {
        PicturesFixture::recordRep($school, $id, 'clean');
    }
    expect($moss())->toBe(1.0)
        ->and(PicturesFixture::wallOf($school->fresh())->stones[0]->label->text)
        ->toContain('1 of 1 First students hold it at rung 2.');

    $school
        ->students()
        ->create(['code' => 'bo', 'name' => 'Bo', 'rank_id' => $school->ranks()->value('id'), 'flags' => []]);
    $stone = PicturesFixture::wallOf($school->fresh())->stones[0];
    [$moss] = $stone->moss();
    expect($stone->proven)->toBe([0.5])
        ->and($moss['height'])->toEqualWithDelta($stone->place->height / 2, 0.01)
        ->and($moss['y'] + $moss['height'])->toEqualWithDelta($stone->place->y + $stone->place->height, 0.02);
});

it('reads proof anew with every rep, and not without', function (): void {
    $school = $this->school();
    $rank = $school->ranks()->firstOrFail();
    $holds = fn (): bool => app(ProofBook::class)
        ->of($school->fresh())
        ->held($rank->code, 'wrist', Side::Written) === 1;
    foreach (['000000000001', '000000000002'] as $id) {
        expect($holds())->toBeFalse();
        PicturesFixture::recordRep($school, $id, 'clean');
    }
    PicturesFixture::recordRep($school, '000000000003', 'clean');
    expect($holds())->toBeTrue();

    DB::enableQueryLog();
    $holds();
    expect(
        collect(DB::getQueryLog())
            ->pluck('query')
            ->filter(fn (string $query): bool => str_contains($query, 'from "reps"')),
    )->toBeEmpty();
    Cache::flush();
    expect($holds())->toBeTrue();
});

it('builds a ladder of what the student needs, filled to the lower bound', function (): void {
    $school = $this->school();
    foreach (['000000000001', '000000000002', '000000000003'] as $id) {
        PicturesFixture::recordRep($school, $id, 'clean', 3);
    }
    $mapper = app(CatalogueMapper::class);
    $ada = $school
        ->students()
        ->with(['rank', 'reps.student', 'reps.attack', 'reps.answer', 'reps.attacker', 'reps.class'])
        ->firstOrFail();
    $curriculum = $mapper->curriculum($school);
    $at = CarbonImmutable::now()->addSecond();
    $windows = Windows::of(
        App\Persistence\PeopleMapper::reps($ada->reps->where('at', '>', now()->subDay())),
        $curriculum->attacks,
        $curriculum->ladder,
        $at,
    );
    $picture = new LadderPicture($curriculum, $mapper->student($ada), $windows['ada-plover'], $at);

    expect(array_map(fn (LadderRow $row): string => $row->title(), $picture->rows))
        ->toBe(['Wrist held across', 'Wrist held across (mirrored)'])
        ->and($picture->goal)->toBe(2)
        ->and($picture->held())->toBe(1)
        ->and($picture->neediest()[0]->side)->toBe(Side::Mirrored)
        ->and(round($picture->rows[0]->bricks[2]->lower, 3))->toBe(0.661)
        ->and($picture->rows[0]->bricks[3]->state->value)->toBe('untried');

    $drawing = new LadderDrawing($picture);
    $rows = $drawing->families[0]['rows'];
    $bricks = array_values(array_filter($rows[0]['bricks'], fn (array $brick): bool => $brick['holds']));
    expect(
        array_map(fn (array $family): array => [$family['name'], $family['held'], $family['all']], $drawing->families),
    )
        ->toBe([['Grabs', 1, 2]])
        ->and($bricks)->toHaveCount(3)
        // 17 units of a brick are filled to the bound.
        ->and($bricks[0]['fill'])->toEqualWithDelta(17 * 0.661, 0.06)
        ->and(array_column($drawing->rungs, 'label'))->toBe(['1', '2', '3', '4', '5', '6', '7'])
        ->and($rows[0])
        ->toMatchArray([
            'state' => 'holds',
            'lower' => '0.66',
            'highest' => '3',
            'fadesShort' => CarbonImmutable::now()->addSecond()->addDays(21)->format('j M'),
        ])
        ->and($rows[1])->toMatchArray(['state' => 'untried', 'highest' => 'none', 'fades' => '']);
});

it('marks the words that cannot be read, and no others', function (): void {
    $check = BeatsCheck::of(
        app(CatalogueMapper::class)->curriculum($this->school()),
        "rigth palm chin\r\nleave 6\n  if nott: go on",
    );
    $marked = array_column(array_filter($check->pieces, fn (array $piece): bool => $piece['tag'] === 'mark'), 'text');

    expect($marked)->toBe(['rigth', 'nott:'])
        ->and(implode('', array_column($check->pieces, 'text')))->toBe("rigth palm chin\nleave 6\n  if nott: go on\n")
        ->and($check->errors)->toHaveCount(2);
});

it('marks the end of a line that stops too soon', function (): void {
    $check = BeatsCheck::of(app(CatalogueMapper::class)->curriculum($this->school()), 'left foot step');

    expect(array_column($check->pieces, 'tag'))->toBe(['span', 'mark', 'span']);
});

it('keeps what was chosen as far as it still goes', function (array $typed, array $facets): void {
    $form = AttackForm::empty($this->school(), app(CatalogueMapper::class), $typed);

    expect(array_intersect_key($form->facets, $facets))->toBe($facets);
})->with([
    'nothing yet' => [
        [],
        [
            'hand' => 'right', 'bearing' => '12', 'thumb' => 'n/a', 'phase' => 'landed', 'notice' => 'ready',
            'intent' => 'move',
        ],
    ],
    'the same kind' => [
        ['kind' => 'swing', 'hand' => 'left', 'bearing' => '2', 'entry' => 'through'],
        ['hand' => 'left', 'bearing' => '2', 'phase' => 'reaching', 'entry' => 'through', 'intent' => 'strike'],
    ],
    'another kind' => [
        ['kind' => 'hug-behind-pinned', 'hand' => 'left', 'bearing' => '2', 'thumb' => 'up', 'entry' => 'through'],
        ['hand' => 'both', 'bearing' => '4', 'thumb' => 'n/a', 'entry' => 'step', 'notice' => 'off-guard'],
    ],
    'the ground' => [
        ['kind' => 'ground-standing', 'bearing' => '6', 'posture' => 'standing'],
        ['hand' => 'none', 'bearing' => '6', 'posture' => 'back', 'notice' => 'off-guard'],
    ],
    'a kind that is none' => [['kind' => 'tickle', 'hand' => 'left'], ['hand' => 'left']],
]);
