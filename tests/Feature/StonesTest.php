<?php

declare(strict_types=1);

use App\Models\School;
use App\Persistence\CatalogueMapper;
use App\Persistence\Demo;
use App\View\Wall\Change;
use App\View\Wall\LoadPicture;
use App\View\Wall\StoneState;
use App\View\Wall\WallQuery;
use Carbon\CarbonImmutable;
use Illuminate\Http\Request;
use StoneDrill\Core\Attack\Side;
use StoneDrill\Core\Coverage\Cell;
use StoneDrill\Core\Coverage\Coverage;
use StoneDrill\Core\Coverage\Load;

it('shows each course of a cell by what is needed and what is laid', function (
    ?string $need,
    ?string $laid,
    array $states,
    ?string $taught = null,
): void {
    $attack = app(CatalogueMapper::class)->curriculum($this->school())->attacks[0];
    $attack = new StoneDrill\Core\Attack\Attack(
        'it',
        'It',
        $attack->kind,
        $attack->facets,
        new StoneDrill\Core\Attack\Need($need, $need),
    );
    $order = ['a' => 0, 'b' => 1, 'c' => 2];
    $cell = new Cell($attack, Side::Written, [], [], $taught ?? $laid, $laid);

    expect(array_map(fn (int $course): string => StoneState::of($cell, $course, $order)->value, [0, 1, 2]))->toBe(
        $states,
    );
})->with([
    'in time' => ['b', 'b', ['ahead', 'laid', 'carried']],
    'early' => ['c', 'a', ['laid', 'carried', 'carried']],
    'late' => ['a', 'c', ['hole first', 'hole', 'laid']],
    'never' => ['b', null, ['ahead', 'hole first', 'hole']],
    'taught and failing' => ['b', null, ['ahead', 'cracked first', 'cracked'], 'a'],
    'taught and failing, then laid' => ['a', 'c', ['cracked first', 'cracked', 'laid'], 'a'],
    'taught too late and failing' => ['a', null, ['hole first', 'hole', 'cracked'], 'c'],
    'not needed' => [null, null, ['ahead', 'ahead', 'ahead']],
    'not needed and taught' => [null, 'b', ['ahead', 'laid', 'carried']],
]);

it('names how a stone differs from what it was', function (string $before, string $after, ?string $change): void {
    expect(Change::between(StoneState::from($before), StoneState::from($after))?->value)->toBe($change);
})->with([
    ['ahead', 'laid', 'gained'], ['hole', 'carried', 'gained'], ['hole first', 'laid', 'gained'],
    ['laid', 'hole first', 'lost'], ['carried', 'ahead', 'lost'],
    ['ahead', 'hole first', 'opened'], ['ahead', 'hole', 'opened'],
    ['hole', 'ahead', 'eased'],
    ['laid', 'carried', null], ['carried', 'laid', null], ['hole first', 'hole', null], ['ahead', 'ahead', null],
]);

it('gives every change a sign and a word of its own', function (): void {
    expect(array_unique(array_map(fn (Change $change): string => $change->sign(), Change::cases())))->toHaveCount(4)
        ->and(array_unique(array_map(fn (Change $change): string => $change->text(), Change::cases())))->toHaveCount(4);
});

it('keeps in an address what is asked for, and what is not there out of it', function (
    string $query,
    array $kept,
): void {
    $school = $this->school();

    expect(WallQuery::of(Request::create('/wall?'.$query), $school)->parameters())->toBe($kept);
})->with([
    ['', []],
    ['family=grab&hand=left&form=table', ['family' => 'grab', 'hand' => 'left', 'form' => 'table']],
    ['from=second&to=first&colour=red', ['from' => 'second', 'to' => 'first']],
    ['since=2026-02-30&student=0&against=5', []],
    ['since=2020-02-29', ['since' => '2020-02-29']],
    ['family[]=grab&since[]=2020-02-29&student[]=1', []],
    ['since=9999-12-31', []],
]);

it('draws the steps of the ladder to one scale, none beside its ground', function (): void {
    app(Demo::class)->load(CarbonImmutable::now());
    $catalogue = app(CatalogueMapper::class)->curriculum(
        School::query()->where('name', 'Cinder Quay Hall')->firstOrFail(),
    );
    $loads = Load::of($catalogue, Coverage::of($catalogue));
    $picture = new LoadPicture($catalogue, $loads);
    $scale = null;
    foreach ($picture->bars as $index => $bar) {
        expect($bar['rects']['new']['y'] + $bar['rects']['new']['height'])
            ->toEqualWithDelta($picture->lines[0]['y'], 0.11)
            ->and($bar['rects']['known']['y'] + $bar['rects']['known']['height'])
            ->toEqualWithDelta($bar['rects']['new']['y'], 0.11)
            ->and($bar['x'] + $picture->bar())->toBeLessThan($picture->width);
        $scale ??= ($bar['rects']['new']['height'] + $bar['rects']['known']['height']) / $loads[$index]->actions;
        expect(
            ($bar['rects']['new']['height'] + $bar['rects']['known']['height']) / $loads[$index]->actions,
        )->toEqualWithDelta($scale, 0.02);
    }
    // The line above which a step is steep lies between the highest that is not and the lowest that is.
    $tops = fn (bool $isSteep): array => array_map(
        fn (array $bar): float => $bar['rects']['new']['y'],
        array_filter($picture->bars, fn (array $bar): bool => isset($bar['rects']['steep']) === $isSteep),
    );
    expect(max($tops(true)))->toBeLessThan($picture->limit)
        ->and(min($tops(false)))->toBeGreaterThanOrEqual($picture->limit);
});
