<?php

declare(strict_types=1);

use App\View\Texts;
use Tests\Core\Coverage\PairsFixture;
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

it('checks an answer beat by beat as one document', function (): void {
    [$code, $output] = DrillFixture::drill([
        'command' => 'check',
        'file' => DrillFixture::smallFile(),
        '--json' => true,
    ]);
    $answer = json_decode($output, true, flags: JSON_THROW_ON_ERROR)['answers'][0];

    expect($code)->toBe(0)
        ->and(array_keys($answer))
        ->toBe(['id', 'title', 'canonical', 'mirror', 'duration_s', 'works', 'mistakes', 'robust', 'beats', 'findings'])
        ->and(array_keys($answer['beats'][0]))
        ->toBe([
            'n', 'time_s', 'distance_m', 'sector', 'holds', 'grips', 'delivery', 'strikes', 'controls', 'steps',
            'threats',
        ])
        ->and($answer['beats'][0]['n'])->toBe('1');
    foreach ($answer['findings'] as $finding) {
        expect(array_keys($finding))->toBe(['check', 'severity', 'beat', 'message', 'mend']);
    }
});

it('takes bodies and a rung by name, and refuses others', function (): void {
    $distance = static function (array $options): float {
        [, $output] = DrillFixture::drill([
            'command' => 'check',
            'file' => DrillFixture::smallFile(),
            '--json' => true,
            ...$options,
        ]);

        return json_decode($output, true, flags: JSON_THROW_ON_ERROR)['answers'][0]['duration_s'];
    };
    // A rung at a quarter of the pace takes four times as long.
    expect($distance(['--rung' => '1']))->toEqualWithDelta(4 * $distance([]), 1e-6);

    [$code, , $error] = DrillFixture::drill([
        'command' => 'check',
        'file' => DrillFixture::smallFile(),
        '--defender' => 'smal',
    ]);
    expect($code)->toBe(2)->and($error)->toContain('Did you mean “small”?');
    expect(DrillFixture::drill(['command' => 'check', 'file' => DrillFixture::smallFile(), '--rung' => '99'])[0])->toBe(
        2,
    );
});

it('spells bearings as the school does', function (): void {
    $file = DrillFixture::temporary(
        str_replace(
            'doctrine: escape',
            'doctrine: escape, bearings: degrees',
            (string) file_get_contents(DrillFixture::smallFile()),
        ),
    );
    [, $output] = DrillFixture::drill(['command' => 'situation', 'file' => $file, '--attack' => 'wrist']);

    expect($output)->toContain('330°')->not->toContain("\n  11 ");
});

it('tells the situation of an attack', function (): void {
    [$code, $output] = DrillFixture::drill([
        'command' => 'situation',
        'file' => DrillFixture::smallFile(),
        '--attack' => 'wrist',
        '--json' => true,
    ]);
    $document = json_decode($output, true, flags: JSON_THROW_ON_ERROR);

    expect($code)->toBe(0)
        ->and(array_keys($document))->toBe(['limbs', 'attacker_free', 'in_reach', 'weak_side', 'ring'])
        ->and($document['ring'])->toHaveCount(12)
        ->and($document['ring'][0])->toHaveKeys(['bearing', 'threats', 'sector']);
    expect(DrillFixture::drill(['command' => 'situation', 'file' => DrillFixture::smallFile()])[0])->toBe(2);
});

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

it('draws what a student is drilled on next', function (): void {
    [$code, $output] = DrillFixture::drill([
        'command' => 'draw',
        'file' => DrillFixture::smallFile(),
        '--student' => 'ada-plover',
        '--rung' => '6',
        '--seed' => '3',
        '--at' => '2026-11-24',
        '--json' => true,
    ]);
    $document = json_decode($output, true, flags: JSON_THROW_ON_ERROR);

    // First needs the wrist alone, and only its written side is answered: nothing to choose, .25 s, and it is on
    // already.
    expect($code)->toBe(0)
        ->and($document)
        ->toMatchArray([
            'attack' => 'wrist', 'side' => 'written', 'entropy_bits' => 0, 'reaction_s' => 0.25,
            'time_to_spare_s' => null, 'warning_m' => null,
        ])
        ->and($document['wait_s'])->toBeGreaterThanOrEqual(1.5)
        ->toBeLessThan(9.0);
    expect(
        DrillFixture::drill([
            'command' => 'draw',
            'file' => DrillFixture::smallFile(),
            '--student' => 'ada-plover',
            '--rung' => '6',
            '--seed' => '3',
            '--at' => '2026-11-24',
        ])[1],
    )->toContain('Ada Plover at rung 6 Open draw: Wrist held across, written.');
});

it('says what a draw is asked wrongly', function (array $options, string $said): void {
    [$code, , $errors] = DrillFixture::drill([
        'command' => 'draw',
        'file' => DrillFixture::smallFile(),
        '--student' => 'ada-plover',
        '--rung' => '6',
        '--seed' => '3',
        '--at' => '2026-11-24',
        ...$options,
    ]);

    expect($code)->toBe(2)->and($errors)->toContain($said);
})->with([
    [['--student' => 'ada'], 'ada-plover'],
    [['--rung' => '9'], 'one of 1, 2, 3'],
    [['--seed' => 'x'], 'a whole number'],
    [['--at' => 'soon'], 'a day such as 2026-11-02'],
]);

it('tells which answer when', function (): void {
    [$code, $output] = DrillFixture::drill([
        'command' => 'when',
        'file' => dirname(__DIR__).'/fixtures/trust.yaml',
        '--attack' => 'punch-back',
        '--json' => true,
    ]);
    $answers = json_decode($output, true)['answers'];

    // Out of reach and gone: .25 + .15 · log2 10 families, and 1.0 s to leave, where the punch comes after .45 s.
    $own = array_values(array_filter($answers, static fn (array $one): bool => $one['answer'] === 'punch-back'))[0];
    expect($code)->toBe(0)
        ->and($own['needs_s'])->toEqualWithDelta(0.25 + 0.15 * log(10, 2) + 1.0, 1e-6)
        ->and($own['spare_s'])->toEqualWithDelta(0.45 - 1.25 - 0.15 * log(10, 2), 1e-6)
        // Contact and a step in: .66204 + .588 m, and 2.5 m for every second that is missing.
        ->and($own['distance_m'])->toEqualWithDelta(0.66204 + 0.588 + 2.5 * (0.8 + 0.15 * log(10, 2)), 1e-4)
        ->and($own['works'])->toBeTrue()
        ->and(array_column($answers, 'needs_s'))->toBe(collect($answers)->sortBy('needs_s')->pluck('needs_s')->all());
});

it('reads a file as those under 16 learn it', function (): void {
    [, $output] = DrillFixture::drill([
        'command' => 'coverage',
        'file' => DrillFixture::smallFile(),
        '--json' => true,
        '--youth' => true,
    ]);
    $cells = json_decode($output, true)['cells'];

    // The hug is not needed by youth.
    expect(array_column($cells, 'needed_by'))->toBe(['first', 'first', null]);
});

it('tells what a mistake breaks', function (): void {
    [, $output] = DrillFixture::drill([
        'command' => 'check',
        'file' => dirname(__DIR__).'/fixtures/trust.yaml',
        '--answer' => 'wrist-same-turn-out',
        '--json' => true,
    ]);
    $answer = json_decode($output, true)['answers'][0];

    expect($answer['works'])->toBeTrue()
        ->and($answer['mistakes'][0])
        ->toBe([
            'text' => 'Pulls against the four fingers',
            'breaks' => [
                'check' => 'still-held',
                'beat' => '2',
                'message' => 'Leaves with a hold on: right hand on left wrist.',
            ],
        ]);
});

it('tells how ready a student is for the test of a rank', function (): void {
    $ask = fn (array $with): array => DrillFixture::drill([
        'command' => 'ready',
        'file' => DrillFixture::smallFile(),
        '--at' => '2027-01-01T19:10:00+00:00',
        ...$with,
    ]);
    [$code, $output] = $ask(['--student' => 'ada-plover', '--rank' => 'first', '--json' => true]);
    $document = json_decode($output, true);

    // One clean rep sixty days before: 1, .25, .25 of 1.5; the other side was never tried. Both in full: ⅔ × ½.
    expect($code)->toBe(0)
        ->and($document['pass'])->toEqualWithDelta(1 / 3, 1e-12)
        ->and($document['ready'])->toBeFalse()
        ->and(
            array_map(
                fn (array $item): array => [$item['attack'], $item['side'], round($item['full'], 6)],
                $document['items'],
            ),
        )
        ->toBe([['wrist', 'written', 0.666667], ['wrist', 'mirrored', 0.5]])
        // Sure of the other side it is ⅔, of the first ½.
        ->and(array_map(fn (array $one): array => [$one['side'], round($one['pass_then'], 6)], $document['raise']))
        ->toBe([['mirrored', 0.666667], ['written', 0.5]])
        ->and($ask(['--student' => 'ada-plover', '--rank' => 'first'])[1])
        ->toContain('Ada Plover, test of First: 33.3 % to pass (2 items')
        ->and($ask(['--student' => 'nobody', '--rank' => 'first'])[0])->toBe(2)
        ->and($ask(['--student' => 'ada-plover', '--rank' => 'frist'])[0])->toBe(2)
        ->and($ask(['--student' => 'ada-plover'])[0])->toBe(2);
});

it('plans a class of a file, and says which there are', function (): void {
    $path = sys_get_temp_dir().'/classes-'.bin2hex(random_bytes(4)).'.yaml';
    file_put_contents(
        $path,
        (string) file_get_contents(DrillFixture::smallFile())
            ."classes: [{id: tuesday, at: 2026-12-01T19:00:00+00:00, minutes: 60}, {id: short, at: 2026-12-02T19:00:00+00:00, minutes: 15, blocks: [{kind: teach, minutes: 20, locked: true}]}]\n",
    );
    $ask = fn (array $with): array => DrillFixture::drill(['command' => 'plan', 'file' => $path, ...$with]);
    [$code, $output] = $ask(['--class' => 'tuesday', '--json' => true]);
    $document = json_decode($output, true);

    expect($code)->toBe(0)
        ->and(array_column($document['blocks'], 'minutes'))->toBe([3, 9, 18, 15, 12, 3])
        ->and($document['groups'][0]['people'])->toBe(['ada-plover'])
        ->and($document['groups'][0]['ranks'])->toBe(['first'])
        // One person alone is in no pair: five rounds in 15 minutes, four in 12.
        ->and(array_map(fn (array $round): array => [$round['block'], $round['round']], $document['rounds']))
        ->toBe([[3, 1], [3, 2], [3, 3], [3, 4], [3, 5], [4, 1], [4, 2], [4, 3], [4, 4]])
        ->and($document['rounds'][0]['pairs'])
        ->toBe([['place' => 1, 'attacker' => null, 'defender' => 'ada-plover', 'recorder' => null]])
        // The goal rung of her rank is 2.
        ->and(array_column($document['blocks'], 'rung'))->toBe([null, null, null, 1, 2, null])
        ->and($ask(['--class' => 'tuesday'])[1])->toContain('Class tuesday, 2026-12-01 19:00, 60 minutes')
        ->toContain(' 18  Teach')
        ->and($ask(['--class' => 'tusday'])[0])->toBe(2)
        ->and($ask([])[0])->toBe(2)
        ->and($ask(['--class' => 'short'])[0])->toBe(2);
    unlink($path);
});

it('teaches in a class of a file first what the way to a test has for it', function (): void {
    $beats
        = "      left foot step 9, left hand strip toward thumb -> released\n      right foot step 12, right palm chin\n      hop 6 long\n      leave 6\n";
    $small = (string) file_get_contents(DrillFixture::smallFile());
    $low
        = '  - { id: low, title: Wrist held low, kind: wrist-cross, hand: right, bearing: "12", thumb: down, phase: landed, intent: move, needed_by: second, prevalence: 1 }';
    $text = str_replace(
        [
            "answers:\n",
            "      left foot step 9, left hand strip toward thumb -> released\n      leave 6\n",
            "students:\n",
        ],
        [
            "{$low}\nanswers:\n",
            $beats,
            "  - id: low-gate\n    title: Low gate\n    attack: low\n    rank: second\n    beats: |\n{$beats}students:\n  - { id: new, name: Wick Fenner, rank: first }\n",
        ],
        $small,
    );
    $class = 'classes: [{id: tuesday, at: "2026-12-01T19:00:00+00:00", minutes: 20, present: [new]}]';
    $taught = function (string $tests) use ($text, $class): array {
        $path = DrillFixture::temporary("{$text}{$class}\n{$tests}");
        $document = json_decode(
            DrillFixture::drill(['command' => 'plan', 'file' => $path, '--class' => 'tuesday', '--json' => true])[1],
            true,
        );
        unlink($path);

        return array_map(
            static fn (array $one): array => [$one['answer'], str_contains($one['why'], 'for the coming test')],
            $document['groups'][0]['teaches'],
        );
    };
    $test = static fn (
        string $more,
    ): string => "tests: [{id: winter, rank: second, at: \"2026-12-24T10:00:00+00:00\"{$more}}]\n";

    // There is time for one: the attack that happens four times as often, unless a test asks for the other.
    expect($taught(''))->toBe([['gate', false]])
        ->and($taught($test(', candidates: [new]')))->toBe([['low-gate', true]])
        ->and($taught($test(', candidates: [new], classes: [tuesday]')))->toBe([['low-gate', true]])
        ->and($taught($test('')))->toBe([['gate', false]])
        ->and($taught(str_replace('12-24', '11-30', $test(', candidates: [new]'))))->toBe([['gate', false]]);
});

it('plans the way to a test of a file', function (): void {
    $path = sys_get_temp_dir().'/season-'.bin2hex(random_bytes(4)).'.yaml';
    $classes = implode(
        ', ',
        array_map(
            fn (int $number): string => sprintf(
                '{id: c%d, at: "2026-12-%02dT19:00:00+00:00", minutes: 60}',
                $number,
                1 + 2 * $number,
            ),
            range(0, 9),
        ),
    );
    // An answer that works, from both sides.
    $small = str_replace(
        ['    mistakes: [leans back]', "      leave 6\n"],
        [
            "    mirrored: true\n    mistakes: [leans back]",
            "      right foot step 12, right palm chin\n      hop 6 long\n      leave 6\n",
        ],
        (string) file_get_contents(DrillFixture::smallFile()),
    );
    file_put_contents(
        $path,
        $small
            ."classes: [{$classes}]\ntests: [{id: winter, rank: first, at: \"2026-12-24T10:00:00+00:00\", candidates: [ada-plover]}, {id: short, rank: first, at: \"2026-12-24T10:00:00+00:00\", candidates: [ada-plover], classes: [c0]}]\n",
    );
    $ask = fn (array $with): array => DrillFixture::drill([
        'command' => 'season',
        'file' => $path,
        '--at' => '2026-11-24',
        ...$with,
    ]);
    [$code, $output] = $ask(['--test' => 'winter', '--json' => true]);
    $document = json_decode($output, true);

    // Nothing has to be taught, since the rank knows an answer to both sides; each side is tried in the last classes,
    // three times at most in each.
    expect($code)->toBe(0)
        ->and($document['fits'])->toBeTrue()
        ->and($document['mend'])->toBe(['more_classes' => 0, 'drop' => [], 'date' => '2026-12-24', 'unanswered' => []])
        ->and([
            $document['candidates'][0]['student'],
            $document['candidates'][0]['holds'],
            $document['candidates'][0]['of'],
        ])
        ->toBe(['ada-plover', 2, 2])
        ->and(array_column($document['classes'], 'class'))
        ->toBe(['c0', 'c1', 'c2', 'c3', 'c4', 'c5', 'c6', 'c7', 'c8', 'c9'])
        ->and($document['classes'][9]['drill'])
        ->toEqualCanonicalizing([
            ['attack' => 'wrist', 'side' => 'written', 'students' => ['ada-plover']],
            ['attack' => 'wrist', 'side' => 'mirrored', 'students' => ['ada-plover']],
        ])
        ->and($document['classes'][0])->toBe(['class' => 'c0', 'teach' => [], 'drill' => []])
        ->and($document['learning']['error'])->toBeNull();
    $short = json_decode($ask(['--test' => 'short', '--json' => true])[1], true);
    expect($short['fits'])->toBeFalse()
        ->and(array_column($short['classes'], 'class'))->toBe(['c0'])
        ->and($short['mend']['more_classes'])->toBeGreaterThan(1)
        ->and($short['mend']['date'])->toBeGreaterThan('2026-12-24');
    expect($ask(['--test' => 'short'])[1])->toContain('1 class, 1 candidate (estimates)')
        ->toContain(
            "It does not fit as it stands. What would make it fit, the least of each:\n  {$short['mend']['more_classes']} more classes until then.\n",
        )
        ->toContain('  Or on '.$short['mend']['date'].', with classes as usual until then.')
        ->not->toContain('No answer works');
    expect($ask(['--test' => 'winter'])[1])->toContain('10 classes, 1 candidate')
        ->toContain('ada-plover: 2 of 2 held')
        ->toContain('It fits')
        ->and($ask(['--test' => 'wintre'])[0])->toBe(2)
        ->and($ask([])[0])->toBe(2);
    unlink($path);
});
