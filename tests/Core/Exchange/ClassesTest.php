<?php

declare(strict_types=1);

use StoneDrill\Core\Exchange\CatalogueReader;
use StoneDrill\Core\Exchange\CatalogueWriter;
use StoneDrill\Core\Exchange\Format;
use StoneDrill\Core\Proof\AttackedBy;
use StoneDrill\Core\Proof\Source;
use StoneDrill\Core\Session\Ages;
use StoneDrill\Core\Session\Block;
use StoneDrill\Core\Session\BlockKind;
use StoneDrill\Core\Session\Expected;
use StoneDrill\Core\Session\Timetable;
use Tests\Core\Exchange\CatalogueReaderFixture;
use Tests\Support\Made;

const CLASSES = [
    [
        'id' => 'tuesday',
        'at' => '2026-12-01T19:00:00+00:00',
        'minutes' => 45,
        'place' => 'Loft',
        'places' => 6,
        'pads' => 4,
        'instructors' => 2,
        'expected' => ['ranks' => ['a'], 'ages' => 'under-16', 'students' => ['s']],
        'present' => [],
        'blocks' => [['kind' => 'teach', 'minutes' => 20, 'locked' => true], ['kind' => 'close']],
        'cancelled' => true,
        'teach' => ['x'],
        'skip' => ['x'],
        'all_sizes' => true,
        'steps_in' => true,
    ],
    ['id' => 'plain', 'at' => '2026-12-03T19:00:00+00:00', 'minutes' => 60],
];

/** @param list<array<string, mixed>> $classes */
function fileOfClasses(array $classes): array
{
    return [...Made::small(), 'classes' => $classes];
}

it('reads classes and writes them again', function (Format $format): void {
    $file = Made::readDocument(fileOfClasses(CLASSES));
    [$tuesday, $plain] = $file->classes;

    expect([
        $tuesday->id,
        $tuesday->at->format('c'),
        $tuesday->place,
        $tuesday->facts->minutes,
        $tuesday->facts->places,
        $tuesday->facts->pads,
        $tuesday->facts->instructors,
        $tuesday->isCancelled,
    ])
        ->toBe(['tuesday', '2026-12-01T19:00:00+00:00', 'Loft', 45, 6, 4, 2, true])
        ->and($tuesday->expected)->toEqual(new Expected(['a'], Ages::Youth, ['s']))
        ->and($tuesday->facts->blocks)->toEqual([new Block(BlockKind::Teach, 20, true), new Block(BlockKind::Close)])
        ->and([
            $plain->place,
            $plain->facts->places,
            $plain->facts->pads,
            $plain->facts->instructors,
            $plain->present,
            $plain->isCancelled,
        ])
        ->toBe(['', 10, null, 1, [], false])
        ->and($plain->expected)->toEqual(new Expected())
        ->and($plain->facts->blocks)->toEqual(Timetable::usual())
        ->and((new CatalogueReader())->read((new CatalogueWriter())->write($file, $format), $format)->classes)
        ->toEqual($file->classes)
        ->and(CatalogueReaderFixture::agreesWithSchema(fileOfClasses(CLASSES)))->toBeTrue();
})->with([Format::Json, Format::Yaml]);

it('says what is wrong with a class, and where', function (array $with, string $pointer): void {
    $problems = CatalogueReaderFixture::problems(fileOfClasses([[...CLASSES[1], ...$with]]));

    expect(array_column($problems, 'pointer'))->toContain($pointer);
})->with([
    'no time' => [['at' => null], '/classes/0/at'],
    'no pads' => [['pads' => 0], '/classes/0/pads'],
    'half a pad' => [['pads' => 1.5], '/classes/0/pads'],
    'no minutes' => [['minutes' => 4], '/classes/0/minutes'],
    'a rank that is none' => [['expected' => ['ranks' => ['z']]], '/classes/0/expected/ranks/0'],
    'an age that is none' => [['expected' => ['ages' => 'old']], '/classes/0/expected/ages'],
    'a name that is nobody’s' => [['expected' => ['students' => ['nobody']]], '/classes/0/expected/students/0'],
    'somebody who is nobody' => [['present' => ['nobody']], '/classes/0/present/0'],
    'a block that is none' => [['blocks' => [['kind' => 'dance']]], '/classes/0/blocks/0/kind'],
    'an answer that is none' => [['teach' => ['zebra']], '/classes/0/teach/0'],
    'a wish that is none' => [['steps_in' => 'perhaps'], '/classes/0/steps_in'],
    'another key' => [['colour' => 'red'], '/classes/0/colour'],
]);

it('tells of two classes with one id', function (): void {
    expect(array_column(CatalogueReaderFixture::problems(fileOfClasses([CLASSES[1], CLASSES[1]])), 'pointer'))->toBe([
        '/classes/1/id',
    ]);
});

it('keeps who attacked, and in which class', function (Format $format): void {
    $document = fileOfClasses(CLASSES);
    $document['students'][] = ['id' => 'bo', 'name' => 'Bo', 'rank' => 'b'];
    $document['reps'][] = $rep = [
        'id' => '0b7e1f60-0000-4000-8000-000000000009', 'student' => 's', 'attack' => 'w', 'side' => 'written',
        'rung' => 2, 'outcome' => 'clean', 'at' => '2026-12-03T19:10:00Z', 'source' => 'test', 'attacker' => 'bo',
        'class' => 'plain',
    ];
    $file = Made::readDocument($document);
    $details = $file->reps[2]->details;

    expect([$details->attacker, $details->class, $details->source, $file->reps[2]->counts()])
        ->toBe(['bo', 'plain', Source::Test, true])
        ->and((new CatalogueReader())->read((new CatalogueWriter())->write($file, $format), $format)->reps)
        ->toEqual($file->reps)
        ->and(CatalogueReaderFixture::agreesWithSchema($document))->toBeTrue();
    $alone = Made::readDocument([
        ...$document,
        'reps' => [array_diff_key([...$rep, 'attacked_by' => 'nobody'], ['attacker' => true])],
    ]);
    expect($alone->reps[0]->details->attackedBy)->toBe(AttackedBy::Nobody)
        ->and((new CatalogueReader())->read((new CatalogueWriter())->write($alone, $format), $format)->reps)
        ->toEqual($alone->reps);
    foreach (
        [
            ['attacker', 's'], ['attacker', 'nobody'], ['attacked_by', 'instructor'], ['attacked_by', 'bo'],
            ['class', 'friday'], ['source', 'dream'],
        ] as [$key, $value]
    ) {
        expect(
            array_column(
                CatalogueReaderFixture::problems([...$document, 'reps' => [[...$rep, $key => $value]]]),
                'pointer',
            ),
        )->toBe(["/reps/0/{$key}"]);
    }
})->with([Format::Json, Format::Yaml]);
