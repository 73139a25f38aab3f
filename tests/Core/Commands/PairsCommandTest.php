<?php

declare(strict_types=1);

use Tests\Core\Coverage\PairsFixture;
use Tests\Core\DrillFixture;

it('samples pairs from a model', function (): void {
    $model = DrillFixture::temporary(
        '{"parameters": {"hand": ["left", "right"], "place": ["open", "stairs"], "notice": ["ready", "off-guard"]}, "forbid": [{"place": "stairs", "notice": "ready"}]}',
        'json',
    );
    $asked = ['command' => 'pairs', 'file' => $model, '--seed' => '5', '--steps' => '100'];
    [$code, $output] = DrillFixture::drill([...$asked, '--json' => true]);
    $document = json_decode($output, true, flags: JSON_THROW_ON_ERROR);

    // 3 · 4 pairs, of which stairs and ready cannot be.
    expect($code)->toBe(0)
        ->and([$document['pairs_total'], $document['pairs_infeasible']])->toBe([12, 1])
        ->and(array_keys($document['rows'][0]))->toBe(['hand', 'place', 'notice'])
        ->and($document['rows_at_first'])->toBeGreaterThanOrEqual(count($document['rows']))
        ->and(DrillFixture::drill([...$asked, '--json' => true])[1])->toBe($output)
        ->and(DrillFixture::drill($asked)[1])->toContain('all 11 feasible pairs, of 12')
        ->toMatch('/There were \d+ at first.+ took \d+\.\d\d s in all\./');
});

it('looks for fewer rows as long as it is told', function (): void {
    $model = DrillFixture::temporary(
        json_encode(['parameters' => PairsFixture::mixed([4 => 9])], JSON_THROW_ON_ERROR),
        'json',
    );
    $began = microtime(true);
    [$code, $output] = DrillFixture::drill(['command' => 'pairs', 'file' => $model, '--seconds' => '0.3']);

    // Sixteen pairs of two parameters need sixteen rows, and nine columns of four do not fit into them: it looks until
    // the time is over.
    expect($code)->toBe(0)
        ->and(microtime(true) - $began)->toBeGreaterThan(0.3)
        ->and($output)->toContain('rows meet all 576 pairs');
    foreach (
        [
            ['--seconds', '-1'], ['--seconds', 'two'], ['--seconds', '9999'], ['--steps', '1.5'], ['--steps', '-3'],
            ['--steps', '99999999999'],
        ] as [$option, $value]
    ) {
        [$code, , $error] = DrillFixture::drill(['command' => 'pairs', 'file' => $model, $option => $value]);
        expect($code)->toBe(2)->and($error)->toContain($value)->toContain('from 0 to');
    }
});

it('refuses a model with what is wrong, and where', function (string $text, string $words): void {
    [$code, , $error] = DrillFixture::drill(['command' => 'pairs', 'file' => DrillFixture::temporary($text, 'json')]);

    expect($code)->toBe(2)->and($error)->toContain($words);
})->with([
    ['{"parameters": {"hand": ["left"]}, "forbidden": []}', 'the unknown key “forbidden”'],
    ['{"parameters": {"hand": "left"}}', '/parameters/hand'],
    ['{"parameters": {"hand": ["left"]}, "forbid": [{"hnad": "left"}]}', 'Did you mean “hand”?'],
    ['{"parameters": {"hand": ["left"]}, "forbid": "none"}', '/forbid/0'],
    ['{}', '/parameters'],
    ['[1]', 'a map'],
    ['{"parameters": {"hand": [["left"]]}}', '/parameters/hand'],
]);

it('finds the fewest answers for a share', function (): void {
    // By First: two sides of the wrist, 2 each. Gate meets one, its mirror the other.
    [$code, $output] = DrillFixture::drill([
        'command' => 'fewest',
        'file' => DrillFixture::smallFile(),
        '--rank' => 'first',
        '--cover' => '1',
        '--json' => true,
    ]);
    $document = json_decode($output, true, flags: JSON_THROW_ON_ERROR);
    expect($code)->toBe(0)
        ->and($document['covered'])->toEqual(1.0)
        ->and($document['exact'])->toBeTrue()
        ->and($document['bound'])->toBe(1)
        ->and($document['answers'])->toBe([['id' => 'gate', 'move' => 'widen', 'gain' => 1.0]]);

    // By Second the hug is needed, and nothing meets it: the most there is, and the goal is missed.
    [$code, $output] = DrillFixture::drill([
        'command' => 'fewest',
        'file' => DrillFixture::smallFile(),
        '--rank' => 'second',
        '--cover' => '0.9',
        '--json' => true,
    ]);
    expect($code)->toBe(1)
        ->and(json_decode($output, true)['covered'])->toEqualWithDelta(4 / 6, 1e-12);

    expect(
        DrillFixture::drill([
            'command' => 'fewest',
            'file' => DrillFixture::smallFile(),
            '--rank' => 'first',
            '--cover' => '90',
        ])[0],
    )
        ->toBe(2)
        ->and(DrillFixture::drill(['command' => 'fewest', 'file' => DrillFixture::smallFile()])[0])->toBe(2);
});
