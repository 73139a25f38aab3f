<?php

declare(strict_types=1);

use StoneDrill\Core\Exchange\CatalogueReader;
use StoneDrill\Core\Exchange\CatalogueWriter;
use StoneDrill\Core\Exchange\Format;
use StoneDrill\Core\Report\EvidenceReport;
use Tests\Core\DrillFixture;

/**
 * The small school with so many more reps; each says how it differs from a clean one of the answer “gate”. @param
 * list<array<string, mixed>> $reps
 */
function schoolWithReps(array $reps): string
{
    $document = (new CatalogueWriter())->document(
        (new CatalogueReader())->read((string) file_get_contents(DrillFixture::smallFile()), Format::Yaml),
    );
    $document['students'][] = ['id' => 'bo', 'name' => 'Bo', 'rank' => $document['ranks'][0]['id'], 'height' => 1.9];
    $document['students'][] = ['id' => 'cy', 'name' => 'Cy', 'rank' => $document['ranks'][0]['id'], 'height' => 1.65];
    $document['students'][0]['height'] = 1.6;
    $document['reps'] = array_map(
        static fn (int $number): array => [
            'id' => sprintf('0b7e1f60-0000-4000-8000-%012d', $number),
            'student' => $document['students'][0]['id'],
            'attack' => 'wrist',
            'side' => 'written',
            'rung' => 2,
            'outcome' => 'clean',
            'at' => '2026-11-20T19:00:00+00:00',
            'answer' => 'gate',
            ...$reps[$number],
        ],
        array_keys($reps),
    );

    return (string) json_encode($document);
}

it('tells on the command line how answers hold up', function (): void {
    file_put_contents(
        $file = sys_get_temp_dir().'/evidence-'.bin2hex(random_bytes(4)).'.json',
        schoolWithReps([
            ...array_fill(0, 6, ['mistakes' => ['short']]),
            ...array_fill(0, 2, ['outcome' => 'scraped', 'seconds' => 1.5]),
            ...array_fill(0, 4, ['outcome' => 'hit', 'attacker' => 'bo']),
            ...array_fill(0, 3, ['rung' => 3]),
            ['answer' => null],
        ]),
    );
    [$code, $output] = DrillFixture::drill([
        'command' => 'evidence',
        'file' => $file,
        '--json' => true,
        '--at' => '2026-11-20T20:00:00+00:00',
    ]);
    $document = json_decode($output, true, flags: JSON_THROW_ON_ERROR);
    [, $told] = DrillFixture::drill(['command' => 'evidence', 'file' => $file, '--at' => '2026-11-21']);
    [, $other] = DrillFixture::drill([
        'command' => 'evidence',
        'file' => $file,
        '--json' => true,
        '--at' => '2026-11-21',
        '--attack' => 'hug',
    ]);
    [$refused] = DrillFixture::drill([
        'command' => 'evidence',
        'file' => $file,
        '--at' => '2026-11-21',
        '--answer' => 'gaet',
    ]);
    unlink($file);

    // Twelve at rung 2: success 6 + 2 · ½, failure 4 + 1, with a half each of two groups, of which nothing can be
    // fitted: 7.5 of 13.
    expect($code)->toBe(0)
        ->and(array_diff_key($document['answers'][0], ['low' => 0, 'high' => 0, 'mean' => 0]))
        ->toBe([
            'answer' => 'gate',
            'rung' => 2,
            'side' => 'written',
            'n' => 12,
            'full' => 6,
            'half' => 2,
            'none' => 4,
            'mistakes' => ['short' => 0.5],
            'improvised' => 1 / 13,
            'seconds' => 1.5,
        ])
        ->and($document['answers'][0]['mean'])->toEqualWithDelta(7.5 / 13, 1e-12)
        ->and($document['answers'][0]['low'])->toBeLessThan($document['answers'][0]['mean'])
        ->and($document['answers'][0]['high'])->toBeGreaterThan($document['answers'][0]['mean'])
        // Three at rung 3 and four against somebody measured are too few.
        ->and($document['answers'])->toHaveCount(1)
        ->and($document['sizes'])->toBe([])
        ->and($document['half_life'])->toBeNull()
        ->and($document['reaction'])->toBeNull()
        ->and(array_sum($document['corners']))->toBe(1)
        // Twelve clean and worse at rung 2, then three clean at rung 3, of one week.
        ->and(array_slice($document['weeks'][11], 0, 3))->toBe(['from' => '2026-11-16', 'tries' => 16, 'people' => 1])
        ->and($document['weeks'][11]['rungs'])
        ->toBe([
            ['rung' => 2, 'tries' => 13, 'clean' => 7, 'alike' => null],
            ['rung' => 3, 'tries' => 3, 'clean' => 3, 'alike' => null],
        ])
        ->and($document['groups'])->toHaveCount(1)
        ->and($document['groups'][0]['weeks'])->toBe($document['weeks'])
        ->and($document['partners'])->toBe([['defender' => 'ada-plover', 'attacker' => 'bo', 'n' => 4]])
        ->and($document['never_larger'])->toBe([])
        ->and($told)->toContain('Week of 2026-11-16: 16 tries of 1 people')
        ->toContain('gate')
        ->toContain('12  0.58')
        ->toContain('short 50 % · something else in 8 % · median 1.5 s')
        ->toContain('do not tell how fast proof fades')
        ->and(json_decode($other, true)['answers'])->toBe([])
        ->and($refused)->toBe(2);
});

it('lists where the floor and the mat disagree, the most tries first, with where to look', function (): void {
    $read = static fn (array $reps): EvidenceReport => EvidenceReport::of(
        (new CatalogueReader())->read(schoolWithReps($reps), Format::Json),
        new DateTimeImmutable('2026-11-21'),
    );
    $isSound = $read(array_fill(0, 10, []))->model;
    $fails = $read([
        ...array_fill(0, 10, ['outcome' => 'hit']),
        ...array_fill(0, 12, ['outcome' => 'late', 'rung' => 3]),
    ])->model;

    // By the floor “gate” works on the side that it is written for; clean there too, both say so.
    expect($isSound->corners)->toBe(['both' => 1, 'neither' => 0, 'floor-only' => 0, 'mat-only' => 0])
        ->and($isSound->disagree)->toBe([])
        ->and($fails->corners)->toBe(['both' => 0, 'neither' => 0, 'floor-only' => 2, 'mat-only' => 0])
        ->and(
            array_map(
                static fn ($one): array => [$one->record->rung, $one->record->tally->count(), $one->works],
                $fails->disagree,
            ),
        )
        ->toBe([[3, 12, true], [2, 10, true]])
        ->and($fails->disagree[0]->look->key)->toStartWith('evidence.look.');
});

it('lists an answer that most tries of it were not clean with, though the school’s others do well', function (): void {
    $alike = array_merge(...array_map(
        static fn (int $rung): array => array_map(
            static fn (int $number): array => [
                'rung' => $rung,
                'student' => $number < 12 ? 'bo' : 'ada-plover',
                'outcome' => $number % 6 === 0 ? 'late' : 'clean',
            ],
            range(0, 23),
        ),
        [1, 2, 3, 4],
    ));
    $few = array_map(
        static fn (int $number): array => ['rung' => 5, 'outcome' => $number < 3 ? 'clean' : 'hit'],
        range(0, 7),
    );
    $report = EvidenceReport::of(
        (new CatalogueReader())->read(schoolWithReps([...$alike, ...$few]), Format::Json),
        new DateTimeImmutable('2026-11-20T20:00:00+00:00'),
    );
    $told = $report->model->disagree[0] ?? null;

    // Three of eight clean. Drawn toward the twenty of twenty-four of each other rung it is more than half.
    expect($report->model->corners)->toBe(['both' => 4, 'neither' => 0, 'floor-only' => 1, 'mat-only' => 0])
        ->and([$told?->works, $told?->record->rung, $told?->record->tally->full, $told?->record->tally->count()])
        ->toBe([true, 5, 3, 8])
        ->and($told?->record->share->mean)->toBeGreaterThan(0.5);
});

it('tells on the command line whom an answer holds up less well against, and what to work on', function (): void {
    file_put_contents(
        $file = sys_get_temp_dir().'/evidence-'.bin2hex(random_bytes(4)).'.json',
        schoolWithReps([
            ...array_fill(0, 8, ['rung' => 3, 'outcome' => 'hit', 'attacker' => 'bo']),
            ...array_fill(0, 10, ['rung' => 3, 'attacker' => 'cy']),
            ...array_fill(0, 6, ['rung' => 1, 'side' => 'mirrored']),
            ...array_fill(0, 6, ['rung' => 2, 'side' => 'mirrored', 'outcome' => 'hit', 'mistakes' => ['slow']]),
        ]),
    );
    [, $told] = DrillFixture::drill(['command' => 'evidence', 'file' => $file, '--at' => '2026-11-21']);
    [, $json] = DrillFixture::drill(['command' => 'evidence', 'file' => $file, '--at' => '2026-11-21', '--json' => true]);
    unlink($file);

    // Of those who are alike, ten of ten; of Bo, who is 30 cm taller, none of eight. The six on the other side are told
    // of nobody, since six are too few.
    expect(
        array_map(
            static fn (array $one): array => [$one['side'], $one['rung'], $one['attacker'], $one['n'], $one['full']],
            json_decode($json, true)['sizes'],
        ),
    )
        ->toBe([['written', 3, 'alike', 10, 10], ['written', 3, 'larger', 8, 0]])
        ->and($told)->toMatch('/gate, written, rung 3, attacker taller by more than 10 cm: worse by [4-9]\d points .*\(8 tries\)/')
        ->toContain('wrist mirrored: rung 2 → 1, working on: slow');
});
