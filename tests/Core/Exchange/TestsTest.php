<?php

declare(strict_types=1);

use StoneDrill\Core\Exchange\CatalogueReader;
use StoneDrill\Core\Exchange\CatalogueWriter;
use StoneDrill\Core\Exchange\Format;
use Tests\Core\Exchange\CatalogueReaderFixture;
use Tests\Support\Made;

/** @param array<string, mixed> $with */
function fileWithTest(array $with = [], array $student = []): array
{
    $file = Made::small();
    $file['students'][0] = [
        ...$file['students'][0],
        'ranks' => [
            ['rank' => 'b', 'on' => '2026-05-01', 'note' => 'With honours.'],
            ['rank' => 'a', 'on' => '2025-03-01'],
        ],
        ...$student,
    ];
    $file['classes'] = [['id' => 'thursday', 'at' => '2026-12-03T19:00:00Z', 'minutes' => 60]];
    $file['tests'] = [
        [
            'id' => 'winter',
            'rank' => 'b',
            'at' => '2026-12-20T10:00:00+00:00',
            'candidates' => ['s'],
            'classes' => ['thursday'],
            'items' => 'drawn',
            'results' => [
                [
                    'student' => 's',
                    'attack' => 'w',
                    'side' => 'written',
                    'rep' => '0b7e1f60-0000-4000-8000-000000000002',
                ],
            ],
            ...$with,
        ],
    ];

    return $file;
}

it('reads tests and dated ranks, and writes them again', function (Format $format): void {
    $file = Made::readDocument(fileWithTest());
    [$test] = $file->tests;

    expect([$test->id, $test->rank, $test->at->format('c'), $test->candidates, $test->classes, $test->isDrawn])
        ->toBe(['winter', 'b', '2026-12-20T10:00:00+00:00', ['s'], ['thursday'], true])
        ->and($test->results)
        ->toBe([
            ['student' => 's', 'attack' => 'w', 'side' => 'written', 'rep' => '0b7e1f60-0000-4000-8000-000000000002'],
        ])
        ->and(
            array_map(
                fn ($award): array => [$award->rank, $award->on->format('Y-m-d'), $award->note],
                $file->students[0]->ranks,
            ),
        )
        ->toBe([['b', '2026-05-01', 'With honours.'], ['a', '2025-03-01', '']]);
    $again = (new CatalogueReader())->read((new CatalogueWriter())->write($file, $format), $format);
    expect($again->tests)->toEqual($file->tests)
        ->and($again->students)->toEqual($file->students)
        ->and(CatalogueReaderFixture::agreesWithSchema(fileWithTest()))->toBeTrue();
})->with([Format::Json, Format::Yaml]);

it('says what is wrong with a test or a dated rank, and where', function (
    array $with,
    array $student,
    string $pointer,
): void {
    expect(array_column(CatalogueReaderFixture::problems(fileWithTest($with, $student)), 'pointer'))->toBe([$pointer]);
})->with([
    'a rank that is none' => [['rank' => 'z'], [], '/tests/0/rank'],
    'no time' => [['at' => 'tomorrow'], [], '/tests/0/at'],
    'nobody' => [['candidates' => ['nobody']], [], '/tests/0/candidates/0'],
    'no class' => [['classes' => ['friday']], [], '/tests/0/classes/0'],
    'items' => [['items' => 'some'], [], '/tests/0/items'],
    'a rep that is not there' => [
        [
            'results' => [
                [
                    'student' => 's',
                    'attack' => 'w',
                    'side' => 'written',
                    'rep' => '0b7e1f60-0000-4000-8000-00000000000f',
                ],
            ],
        ],
        [],
        '/tests/0/results/0/rep',
    ],
    'another key' => [['colour' => 'red'], [], '/tests/0/colour'],
    'an award without a day' => [[], ['ranks' => [['rank' => 'a']]], '/students/0/ranks/0/on'],
    'an award of no rank' => [[], ['ranks' => [['rank' => 'z', 'on' => '2026-01-01']]], '/students/0/ranks/0/rank'],
    'a day that is none' => [[], ['ranks' => [['rank' => 'a', 'on' => '2026-02-30']]], '/students/0/ranks/0/on'],
]);

it('knows the rank of a day', function (): void {
    $student = Made::readDocument(fileWithTest())->students[0];

    expect(
        array_map(fn (string $day): string => $student->rankOn(new DateTimeImmutable($day)), [
            '2024-01-01',
            '2025-03-01',
            '2026-04-30',
            '2026-05-01',
        ]),
    )->toBe(['a', 'a', 'a', 'b']);
});
