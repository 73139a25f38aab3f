<?php

declare(strict_types=1);

use App\View\Texts;
use Tests\Core\DrillFixture;

it('prints the coverage of a file as one document', function (): void {
    [$code, $output] = DrillFixture::drill([
        'command' => 'coverage',
        'file' => DrillFixture::smallFile(),
        '--json' => true,
    ]);
    $document = json_decode($output, true, flags: JSON_THROW_ON_ERROR);

    expect($code)->toBe(0)
        ->and($document['cells'])
        ->toBe([
            [
                'attack' => 'wrist',
                'side' => 'written',
                'needed_by' => 'first',
                'taught_at' => 'first',
                'laid_at' => 'first',
            ],
            ['attack' => 'wrist', 'side' => 'mirrored', 'needed_by' => 'first', 'taught_at' => null, 'laid_at' => null],
            ['attack' => 'hug', 'side' => 'written', 'needed_by' => 'second', 'taught_at' => null, 'laid_at' => null],
        ])
        ->and($document['covered'])
        ->toEqualWithDelta(2 / 6, 1e-12) // 4 ÷ 2 of 4 + 2
        ->and(array_slice($document['holes'], 0, 2))
        ->toBe([
            [
                'kind' => 'open',
                'attack' => 'hug',
                'side' => 'written',
                'rank' => 'second',
                'weight' => 2.0,
                'reason' => '“Hug from behind” is needed by Second, and no answer that works meets it.',
                'fails' => [],
                'moves' => [['move' => 'write one', 'answer' => null, 'findings' => []]],
            ],
            // Gate as it is written fails in the hand alone; nothing new stops there, whatever the sizes.
            [
                'kind' => 'one-sided',
                'attack' => 'wrist',
                'side' => 'mirrored',
                'rank' => 'first',
                'weight' => 1.2,
                'reason' => '“Wrist held across” (mirrored) is needed by First, but only its other side is taught.',
                'fails' => [],
                'moves' => [
                    ['move' => 'mirror', 'answer' => 'gate', 'findings' => []],
                    ['move' => 'widen', 'answer' => 'gate', 'findings' => []],
                    ['move' => 'write one', 'answer' => null, 'findings' => []],
                ],
            ],
        ])
        ->and(array_unique(array_column(array_slice($document['holes'], 2), 'kind')))->toBe(['uncatalogued'])
        ->and($document['load'])
        ->toBe([
            ['rank' => 'first', 'beats' => 2, 'actions' => 3, 'new_actions' => 3.0, 'choice_bits' => 0.0],
            ['rank' => 'second', 'beats' => 0, 'actions' => 0, 'new_actions' => 0.0, 'choice_bits' => 0.0],
        ])
        ->and($document['removable'])->toBe([]);
});

it('looks only as far as a rank', function (): void {
    [, $output] = DrillFixture::drill([
        'command' => 'coverage',
        'file' => DrillFixture::smallFile(),
        '--json' => true,
        '--rank' => 'first',
    ]);
    $document = json_decode($output, true);

    expect($document['covered'])->toBe(0.5)
        ->and(array_filter($document['holes'], static fn (array $hole): bool => $hole['rank'] !== null))
        ->toHaveCount(1);
});

it('prints proof as one document', function (): void {
    [$code, $output] = DrillFixture::drill([
        'command' => 'proof',
        'file' => DrillFixture::smallFile(),
        '--json' => true,
        '--at' => '2027-01-01T19:10:00+00:00',
    ]);
    $proofs = json_decode($output, true)['proofs'];

    // One clean rep sixty days before: weight a half, Beta(1, 0.5), whose 10 % quantile is 0.19.
    expect($code)->toBe(0)
        ->and($proofs)->toHaveCount(2)
        ->and(array_diff_key($proofs[1], ['lower' => 0]))
        ->toBe([
            'student' => 'ada-plover', 'attack' => 'wrist', 'side' => 'written', 'rung' => 2, 'weight' => 0.5,
            'state' => 'building', 'fades_on' => null,
        ])
        ->and($proofs[1]['lower'])->toEqualWithDelta(0.19, 1e-9);
});

it('takes a day as its first moment in UTC', function (): void {
    [, $before] = DrillFixture::drill([
        'command' => 'proof',
        'file' => DrillFixture::smallFile(),
        '--json' => true,
        '--at' => '2026-11-02',
    ]);
    [, $after] = DrillFixture::drill([
        'command' => 'proof',
        'file' => DrillFixture::smallFile(),
        '--json' => true,
        '--at' => '2026-11-03',
    ]);

    expect(json_decode($before, true)['proofs'])->toBe([])->and(json_decode($after, true)['proofs'])->toHaveCount(2);
});

it('reports for readers too', function (): void {
    expect(DrillFixture::drill(['command' => 'coverage', 'file' => DrillFixture::smallFile()])[1])
        ->toContain(' holes, the heaviest first:')
        ->toContain('an estimate')
        ->and(
            DrillFixture::drill(['command' => 'proof', 'file' => DrillFixture::smallFile(), '--at' => '2026-11-03'])[1],
        )
        ->toContain('building');
});

it('exits 1 when it is strict and there are holes', function (): void {
    expect(DrillFixture::drill(['command' => 'coverage', 'file' => DrillFixture::smallFile(), '--strict' => true])[0])
        ->toBe(1)
        ->and(DrillFixture::drill(['command' => 'coverage', 'file' => DrillFixture::smallFile()])[0])->toBe(0);
});

it('exits 2 and says what cannot be read', function (array $input, string $said): void {
    [$code, $output, $errors] = DrillFixture::drill($input);

    expect($code)->toBe(2)
        ->and($output.$errors)->toContain($said)
        ->and($errors)->not->toContain('Stack trace')
        ->not->toContain('.php');
})->with([
    'no such file' => [['command' => 'coverage', 'file' => '/nowhere/at/all.yaml'], 'no file here'],
    'no file' => [['command' => 'coverage'], 'file'],
    'no such verb' => [['command' => 'frobnicate'], 'frobnicate'],
    'no such option' => [['command' => 'coverage', 'file' => DrillFixture::smallFile(), '--colour' => 'red'], 'colour'],
    'no such rank' => [
        ['command' => 'coverage', 'file' => DrillFixture::smallFile(), '--rank' => 'frist'],
        'Did you mean “first”?',
    ],
    'no day' => [['command' => 'proof', 'file' => DrillFixture::smallFile()], '--at'],
    'a day that is none' => [
        ['command' => 'proof', 'file' => DrillFixture::smallFile(), '--at' => 'yesterday'],
        'a day such as',
    ],
    'a thirteenth month' => [
        ['command' => 'proof', 'file' => DrillFixture::smallFile(), '--at' => '2026-13-01'],
        'a day such as',
    ],
    'a broken file' => [['command' => 'coverage', 'file' => DrillFixture::temporary('format: [')], 'not YAML'],
]);

it('names every error with its file and place, once more as a document', function (): void {
    $path = DrillFixture::temporary(
        str_replace(
            ['strip', 'needed_by: first'],
            ['stripp', 'needed_by: frist'],
            (string) file_get_contents(DrillFixture::smallFile()),
        ),
    );
    [$code, $output, $errors] = DrillFixture::drill(['command' => 'coverage', 'file' => $path, '--json' => true]);
    $document = json_decode($output, true, flags: JSON_THROW_ON_ERROR);

    expect($code)->toBe(2)
        ->and($errors)->toContain($path.' /attacks/0/needed_by: found “frist”')
        ->toContain('/answers/0/beats, line 1, column 29: found “stripp”')
        ->and(array_column($document['errors'], 'pointer'))->toBe(['/attacks/0/needed_by', '/answers/0/beats'])
        ->and($document['errors'][1])->toMatchArray(['line' => 1, 'column' => 29, 'nearest' => 'strip']);
});

it('keeps the page of checks as the code has them', function (): void {
    expect((string) file_get_contents(dirname(__DIR__, 2).'/docs/checks.md'))->toBe(
        implode("\n", App\Console\Drill\ChecksCommand::page(Texts::english()))."\n",
    );
});
