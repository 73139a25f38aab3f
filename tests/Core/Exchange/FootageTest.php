<?php

declare(strict_types=1);

use StoneDrill\Core\Curriculum\FootageOf;
use StoneDrill\Core\Exchange\CatalogueReader;
use StoneDrill\Core\Exchange\CatalogueWriter;
use StoneDrill\Core\Exchange\Format;
use Tests\Core\Exchange\CatalogueReaderFixture;
use Tests\Support\Made;

/** @param array<string, mixed> $one */
function fileWithFootage(array $one = []): array
{
    $small = Made::small();

    return [
        ...$small,
        'footage' => [
            ['file' => 'a1.jpg', 'attack' => $small['attacks'][0]['id']],
            [
                'file' => 'b2.mp4',
                'answer' => $small['answers'][0]['id'],
                'mistake' => 'Steps short',
                'caption' => 'Slowly',
                'beats_at' => [0, 0.8, 2.05],
                'shows' => ['s'],
                ...$one,
            ],
        ],
    ];
}

it('reads what pictures and clips are of, and writes it again', function (Format $format): void {
    $file = Made::readDocument(fileWithFootage());
    [$picture, $clip] = $file->footage;

    expect([
        $picture->file,
        $picture->of,
        $picture->mistake,
        $picture->caption,
        $picture->beats->seconds,
        $picture->shows,
    ])
        ->toBe(['a1.jpg', FootageOf::Attack, '', '', [], []])
        ->and([$clip->of, $clip->mistake, $clip->caption, $clip->beats->seconds, $clip->shows])
        ->toBe([FootageOf::Answer, 'Steps short', 'Slowly', [0.0, 0.8, 2.05], ['s']])
        ->and((new CatalogueReader())->read((new CatalogueWriter())->write($file, $format), $format)->footage)
        ->toEqual($file->footage)
        ->and(CatalogueReaderFixture::agreesWithSchema(fileWithFootage()))->toBeTrue();
})->with([Format::Json, Format::Yaml]);

it('says what is wrong with footage, and where', function (array $one, string ...$pointers): void {
    expect(array_column(CatalogueReaderFixture::problems(fileWithFootage($one)), 'pointer'))->toBe($pointers);
})->with([
    'a way out of its folder' => [['file' => '../secret.jpg'], '/footage/1/file'],
    'a folder' => [['file' => 'a/b.jpg'], '/footage/1/file'],
    'a hidden file' => [['file' => '.htaccess'], '/footage/1/file'],
    'no file' => [['file' => null], '/footage/1/file'],
    'of an answer that is none' => [['answer' => 'nowhere'], '/footage/1/answer'],
    'of two things' => [
        ['attack' => Made::small()['attacks'][0]['id'], 'mistake' => null, 'beats_at' => null],
        '/footage/1/answer',
    ],
    'of nothing' => [['answer' => null, 'mistake' => null, 'beats_at' => null], '/footage/1/attack'],
    'a mistake of an attack' => [
        ['answer' => null, 'attack' => Made::small()['attacks'][0]['id'], 'beats_at' => null],
        '/footage/1/mistake',
    ],
    'beats that go back' => [['beats_at' => [0, 2, 1]], '/footage/1/beats_at'],
    'two beats at once' => [['beats_at' => [1, 1.04]], '/footage/1/beats_at'],
    'a beat before the clip' => [['beats_at' => [-0.1, 1]], '/footage/1/beats_at'],
    'a beat without time' => [['beats_at' => ['soon']], '/footage/1/beats_at/0'],
    'too many beats' => [['beats_at' => range(0, 501)], '/footage/1/beats_at'],
    'a long word below it' => [['caption' => str_repeat('x', 301)], '/footage/1/caption'],
    'somebody unknown' => [['shows' => ['nobody']], '/footage/1/shows/0'],
    'a key of none' => [['place' => 'hall'], '/footage/1/place'],
]);
