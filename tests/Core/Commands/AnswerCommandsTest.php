<?php

declare(strict_types=1);

use Tests\Core\DrillFixture;

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

it('tells which answer when', function (): void {
    [$code, $output] = DrillFixture::drill([
        'command' => 'when',
        'file' => dirname(__DIR__, 2).'/fixtures/trust.yaml',
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
        'file' => dirname(__DIR__, 2).'/fixtures/trust.yaml',
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
