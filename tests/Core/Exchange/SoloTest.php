<?php

declare(strict_types=1);

use StoneDrill\Core\Exchange\CatalogueReader;
use StoneDrill\Core\Exchange\CatalogueWriter;
use StoneDrill\Core\Exchange\Format;
use StoneDrill\Core\Solo\BasicSide;
use StoneDrill\Core\Solo\Mark;
use StoneDrill\Core\Technique\Strike;
use Tests\Core\Exchange\CatalogueReaderFixture;
use Tests\Support\Made;

/** @param array<string, mixed> $basic */
function fileWithSolos(array $basic = [], array $form = [], array $mark = []): array
{
    return [
        ...Made::small(),
        'basics' => [
            [
                'id' => 'heel-of-the-hand',
                'name' => 'Heel of the hand',
                'kind' => 'strike',
                'word' => 'palm',
                'rank' => 'a',
                'side' => 'left',
                'surface' => 'the heel of the hand',
                'points' => ['Hand up', 'Hip behind it'],
                'mistakes' => ['Fingers first'],
                'feet' => ['left' => [-0.1, 0.2], 'right' => [0.1, -0.2, 45], 'weight' => 60],
                ...$basic,
            ],
        ],
        'forms' => [
            [
                'id' => 'round',
                'title' => 'Round the post',
                'rank' => 'b',
                'beats' => "left foot step 9   # !Out\npivot 6\n",
                ...$form,
            ],
        ],
        'marks' => [
            [
                'student' => 's',
                'basic' => 'heel-of-the-hand',
                'mark' => 'rough',
                'at' => '2026-11-20T19:00:00+00:00',
                'mistakes' => ['Fingers first'],
            ],
            [
                'student' => 's',
                'form' => 'round',
                'mark' => 'not-yet',
                'at' => '2026-11-21T19:00:00+00:00',
                'beats' => ['2' => 'not-yet'],
                ...$mark,
            ],
        ],
    ];
}

it('reads basics, forms and marks, and writes them again', function (Format $format): void {
    $file = Made::readDocument(fileWithSolos());
    [$basic] = $file->basics;

    expect([$basic->word, $basic->side, $basic->feet?->rightTurned, $basic->feet?->weight, $basic->points])
        ->toBe([Strike::Palm, BasicSide::Left, 45.0, 60, ['Hand up', 'Hip behind it']])
        ->and($file->forms[0]->toText())->toBe("left foot step 9   # !Out\npivot 6\n")
        ->and([$file->marks[0]->basic, $file->marks[0]->mark, $file->marks[1]->form, $file->marks[1]->beats])
        ->toBe(['heel-of-the-hand', Mark::Rough, 'round', [2 => Mark::NotYet]]);
    $again = (new CatalogueReader())->read((new CatalogueWriter())->write($file, $format), $format);
    expect([$again->basics, $again->forms, $again->marks])->toEqual([$file->basics, $file->forms, $file->marks])
        ->and(CatalogueReaderFixture::agreesWithSchema(fileWithSolos()))->toBeTrue();
})->with([Format::Json, Format::Yaml]);

it('reads a basic of which only the least is said', function (): void {
    $file = Made::readDocument([
        ...Made::small(),
        'basics' => [['id' => 'x', 'name' => 'X', 'kind' => 'stance', 'rank' => 'a']],
    ]);

    expect([$file->basics[0]->word, $file->basics[0]->feet, $file->basics[0]->side, $file->basics[0]->points])->toBe([
        null,
        null,
        BasicSide::Both,
        [],
    ]);
});

it('says what is wrong with what is practised alone, and where', function (
    array $basic,
    array $form,
    array $mark,
    string ...$pointers,
): void {
    expect(array_column(CatalogueReaderFixture::problems(fileWithSolos($basic, $form, $mark)), 'pointer'))->toBe(
        $pointers,
    );
})->with([
    'a kind that is none' => [['kind' => 'throw'], [], [], '/basics/0/kind'],
    'a word that is none' => [['word' => 'plam'], [], [], '/basics/0/word'],
    'a word that nobody does' => [['word' => 'say'], [], [], '/basics/0/word'],
    'a rank that is none' => [['rank' => 'z'], [], [], '/basics/0/rank'],
    'a foot far away' => [['feet' => ['left' => [-0.7, 0], 'right' => [0.1, 0]]], [], [], '/basics/0/feet/left'],
    'one foot' => [['feet' => ['left' => [-0.1, 0]]], [], [], '/basics/0/feet/right'],
    'a foot turned too far' => [
        ['feet' => ['left' => [-0.1, 0], 'right' => [0.1, 0, 150]]],
        [],
        [],
        '/basics/0/feet/right',
    ],
    'weight of nobody' => [
        ['feet' => ['left' => [-0.1, 0], 'right' => [0.1, 0], 'weight' => 101]],
        [],
        [],
        '/basics/0/feet/weight',
    ],
    'too many points' => [['points' => array_fill(0, 11, 'x')], [], [], '/basics/0/points'],
    'a long mistake' => [['mistakes' => [str_repeat('x', 201)]], [], [], '/basics/0/mistakes/0'],
    'beats against somebody' => [[], ['beats' => "pivot 6\nright palm chin -> rocked\n"], [], '/forms/0/beats'],
    'no beats' => [[], ['beats' => ' '], [], '/forms/0/beats'],
    'a mark that is none' => [[], [], ['mark' => 'fine'], '/marks/1/mark'],
    'a mark of nobody' => [[], [], ['student' => 'nobody'], '/marks/1/student'],
    'a mark of two things' => [[], [], ['basic' => 'heel-of-the-hand'], '/marks/1/basic'],
    'a mark of nothing' => [[], [], ['form' => null], '/marks/1/basic'],
    'a beat of no number' => [[], [], ['beats' => ['last' => 'rough']], '/marks/1/beats/last'],
    'a beat marked by no word' => [[], [], ['beats' => ['1' => 'fine']], '/marks/1/beats/1'],
    'another key' => [['colour' => 'red'], [], [], '/basics/0/colour'],
]);

it('reads what was practised at home, and writes it again', function (): void {
    $document = [
        ...fileWithSolos(),
        'practised' => [
            ['student' => 's', 'basic' => 'heel-of-the-hand', 'at' => '2026-11-20T19:00:00+00:00'],
            ['student' => 's', 'form' => 'round', 'at' => '2026-11-21T07:30:00+01:00'],
        ],
    ];
    $file = Made::readDocument($document);
    [$first, $second] = $file->practised;

    expect([$first->student, $first->basic, $first->form, $second->basic, $second->form, $second->at->format('c')])
        ->toBe(['s', 'heel-of-the-hand', '', '', 'round', '2026-11-21T07:30:00+01:00'])
        ->and(
            (new CatalogueReader())->read((new CatalogueWriter())->write($file, Format::Yaml), Format::Yaml)->practised,
        )
        ->toEqual($file->practised)
        ->and(CatalogueReaderFixture::agreesWithSchema($document))->toBeTrue()
        ->and(
            array_column(
                CatalogueReaderFixture::problems([
                    ...fileWithSolos(),
                    'practised' => [
                        ['student' => 'nobody', 'form' => 'square', 'at' => 'soon'],
                        ['student' => 's', 'at' => '2026-11-20T19:00:00+00:00'],
                    ],
                ]),
                'pointer',
            ),
        )
        ->toBe(['/practised/0/student', '/practised/0/form', '/practised/0/at', '/practised/1/basic']);
});
