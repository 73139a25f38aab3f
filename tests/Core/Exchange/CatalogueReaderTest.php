<?php

declare(strict_types=1);

use StoneDrill\Core\Attack\Facet;
use StoneDrill\Core\Exchange\CatalogueReader;
use StoneDrill\Core\Exchange\CatalogueWriter;
use StoneDrill\Core\Exchange\Format;
use StoneDrill\Core\Exchange\Problem;
use Symfony\Component\Yaml\Yaml;
use Tests\Core\Exchange\CatalogueReaderFixture;
use Tests\Support\English;
use Tests\Support\Made;

it('reads everything that the format has', function (): void {
    $file = Made::readDocument(Made::small());
    $catalogue = $file->catalogue;

    expect($catalogue->school->name)->toBe('Small Hall')
        ->and($catalogue->school->doctrine->value)->toBe('control')
        ->and($catalogue->school->conventions->bearings->value)->toBe('degrees')
        ->and($catalogue->school->statures->sizes)
        ->toBe(['child' => 1.25, 'small' => 1.5, 'medium' => 1.68, 'large' => 1.85, 'giant' => 2.1])
        ->and($catalogue->school->policy)->toHaveCount(2)
        ->and($catalogue->kinds[0]->bearings)->toBe([12, 1])
        ->and($catalogue->attacks[0]->need->rank)->toBe('a')
        ->and($catalogue->attacks[0]->need->youth)->toBeNull()
        ->and($catalogue->attacks[1]->need->rank)->toBeNull()
        ->and($catalogue->attacks[1]->facets->bearing->toClock())->toBe('1')
        ->and($catalogue->answers[0]->matching->listed)
        ->toBe(['kind' => ['wrist-cross', 'belt'], 'hand' => ['right'], 'bearing' => ['12', '1'], 'place' => null])
        ->and($catalogue->answers[0]->beats->toText())
        ->toBe("left foot step 9\nslide 12   # on\n  if far: go on\nleave 6\n")
        ->and($catalogue->answers[0]->teaching->short?->beats)->toBe(2)
        ->and($catalogue->answers[0]->teaching->waived[0]->beat)->toBe('2')
        ->and($file->students[0]->born?->format('Y-m-d'))->toBe('2001-05-02')
        ->and($file->reps[0]->at->format('c'))->toBe('2026-11-02T19:10:00+01:00')
        ->and($file->reps[1]->details->replaces)->toBe($file->reps[0]->id)
        ->and($file->reps[1]->details->reason)->toBe('Seen again on film.')
        ->and($catalogue->ladder->ids())->toBe([1, 2, 3, 4, 5, 6, 7]);
});

it('reads in what it wrote, in both spellings', function (Format $format): void {
    $catalogue = Made::readDocument(Made::small());
    $text = (new CatalogueWriter())->write($catalogue, $format);
    $again = (new CatalogueReader())->read($text, $format);

    expect($again)->toEqual($catalogue)->and((new CatalogueWriter())->write($again, $format))->toBe($text);
})->with([Format::Json, Format::Yaml]);

it('takes defaults for what a file may leave out', function (): void {
    $catalogue = Made::readDocument([
        'format' => 'stone-drill/1',
        'school' => ['name' => 'Bare', 'doctrine' => 'escape'],
    ])->catalogue;

    expect($catalogue->school->proof->share)->toBe(0.8)
        ->and($catalogue->school->statures->typical)->toBe('medium')
        ->and($catalogue->ladder->get(5)->momentTold)->toBeFalse()
        ->and(array_map(fn ($rung) => $rung->pace, $catalogue->ladder->rungs))
        ->toBe([0.25, 0.5, 0.5, 1.0, 1.0, 1.0, 1.0])
        ->and(array_map(fn ($rung) => $rung->resistance, $catalogue->ladder->rungs))->toBe([0, 0, 0, 1, 1, 2, 3]);
});

it('reads unquoted days and moments of YAML', function (): void {
    $yaml = strtr(Yaml::dump(Made::small(), 6), [
        "'2001-05-02'" => '2001-05-02',
        "'2026-11-02T19:10:00Z'" => '2026-11-02T19:10:00Z',
    ]);
    $file = (new CatalogueReader())->read($yaml, Format::Yaml);

    expect($file->students[0]->born?->format('Y-m-d'))->toBe('2001-05-02')
        ->and($file->reps[1]->at->getTimestamp())->toBe(gmmktime(19, 10, 0, 11, 2, 2026));
});

it('refuses each facet that is wrong, at its place', function (string $facet): void {
    $problem = CatalogueReaderFixture::problems(CatalogueReaderFixture::changed("attacks.0.{$facet}", 'sideways'))[0];

    expect($problem->pointer)->toBe("/attacks/0/{$facet}")
        ->and(English::say($problem->found))->toBe('“sideways”')
        ->and(English::say($problem->expected))->toContain(implode(', ', Facet::from($facet)->values()))
        ->and(
            CatalogueReaderFixture::agreesWithSchema(CatalogueReaderFixture::changed("attacks.0.{$facet}", 'sideways')),
        )
        ->toBeFalse();
})->with(array_map(fn (Facet $facet): string => $facet->value, Facet::cases()));

// Where, a value that cannot stand there, and a part of what is said.
it('says what is wrong, where, and what was meant', function (
    string $path,
    mixed $value,
    string $pointer,
    string $said,
): void {
    $texts = array_map(
        fn (Problem $problem): string => English::say($problem->text()),
        CatalogueReaderFixture::problems(CatalogueReaderFixture::changed($path, $value)),
    );

    expect(implode("\n", $texts))->toContain($pointer.': ')
        ->toContain($said);
})->with([
    'another format' => ['format', 'stone-drill/2', '/format', 'stone-drill/1'],
    'no format' => ['format', null, '/format', 'found nothing'],
    'no school' => ['school', null, '/school/name', 'found nothing, expected a text'],
    'a school that is a list' => ['school', ['x'], '/school', 'expected a map'],
    'an empty name' => ['school.name', ' ', '/school/name', 'not empty'],
    'an unknown doctrine' => ['school.doctrine', 'escap', '/school/doctrine', 'Did you mean “escape”?'],
    'an unknown size' => ['school.typical', 'medum', '/school/typical', 'Did you mean “medium”?'],
    'too large a share' => ['school.share', 2, '/school/share', 'from 0.01 to 1'],
    'an unknown factor' => ['school.hole_factors', ['opn' => 1], '/school/hole_factors/opn', 'Did you mean “open”?'],
    'an unknown hazard' => ['school.policy.0.hazard', 'choc', '/school/policy/0/hazard', 'choke'],
    'an alias for nothing' => [
        'school.aliases',
        ['verbs' => ['glide' => 'slied']],
        '/school/aliases/verbs/glide',
        'slide',
    ],
    'a giant' => ['sizes.giant', 7, '/sizes/giant', 'from 0.8 to 2.4'],
    'an unknown key' => ['colour', 'red', '/colour', 'the unknown key'],
    'a slip in a key' => ['attacks.0.titel', 'Wrist', '/attacks/0/titel', 'Did you mean “title”?'],
    'a kind without hands' => ['kinds.0.hand', [], '/kinds/0/hand', 'at least one value'],
    'a rank of no rung' => ['ranks.0.goal_rung', 9, '/ranks/0/goal_rung', 'a rung of the ladder'],
    'words for a number' => ['ranks.0.max_beats', 'four', '/ranks/0/max_beats', 'a whole number from 1 to 99'],
    'the same rank twice' => ['ranks.1.id', 'a', '/ranks/1/id', '“a” again'],
    'an unknown kind' => ['attacks.0.kind', 'wrist-cros', '/attacks/0/kind', 'Did you mean “wrist-cross”?'],
    'a kind with the wrong hand' => ['attacks.0.hand', 'both', '/attacks/0/hand', 'with wrist-cross: left, right'],
    'no title' => ['attacks.0.title', null, '/attacks/0/title', 'found nothing'],
    'an unknown rank' => ['attacks.0.needed_by', 'z', '/attacks/0/needed_by', 'the id of a rank, or none'],
    'too prevalent' => ['attacks.0.prevalence', 6, '/attacks/0/prevalence', 'from 1 to 5'],
    'nearly true' => ['attacks.0.critical', 'yes', '/attacks/0/critical', 'true or false'],
    'an attack that is a word' => ['attacks.0', 'wrist', '/attacks/0', 'a map'],
    'attacks that are a map' => ['attacks', ['w' => []], '/attacks', 'a list'],
    'half a kind, told with its family' => [
        'attacks.0.kind',
        'closing',
        '/attacks/0/kind',
        'expected one of closing-in, blocking-way. Did you mean “closing-in”?',
    ],
    'an answer to nothing' => ['answers.0.attack', 'wrst', '/answers/0/attack', 'the id of an attack'],
    'an unquotable title' => ['answers.0.title', 'The "gate"', '/answers/0/title', 'without quotes'],
    'an empty pattern' => ['answers.0.pattern', ['hand' => []], '/answers/0/pattern/hand', 'an empty list'],
    'a pattern of one word' => ['answers.0.pattern', ['hand' => 'right'], '/answers/0/pattern/hand', 'a list'],
    'the same value twice' => [
        'answers.0.pattern',
        ['hand' => ['left', 'left']],
        '/answers/0/pattern/hand/1',
        'each word once',
    ],
    'a kind that nobody made' => [
        'answers.0.pattern',
        ['kind' => ['sleve']],
        '/answers/0/pattern/kind/0',
        'Did you mean “sleeve”?',
    ],
    'a short form for later' => [
        'answers.0',
        [...Made::small()['answers'][0], 'rank' => 'a', 'short' => ['rank' => 'b', 'beats' => 1]],
        '/answers/0/short/rank',
        'not above',
    ],
    'beats that cannot be read' => [
        'answers.0.beats',
        "leave 6\nrigth palm chin",
        '/answers/0/beats, line 2, column 1',
        'Did you mean “right”?',
    ],
    'a flag for no hazard' => ['students.0.flags', ['no-fal'], '/students/0/flags/0', 'Did you mean “no-fall”?'],
    'a thirteenth month' => ['students.0.born', '2001-13-02', '/students/0/born', 'a day such as'],
    'an id that is no UUID' => ['reps.0.id', 'r1', '/reps/0/id', 'a UUID'],
    'a rep of a stranger' => ['reps.0.student', 'bob', '/reps/0/student', 'the id of a student'],
    'a rung that is none' => ['reps.0.rung', 8, '/reps/0/rung', 'a rung of the ladder'],
    'a moment without an offset' => ['reps.0.at', '2026-11-02T19:10:00', '/reps/0/at', 'a date and time such as'],
    'a moment that never was' => ['reps.0.at', '2026-11-02T25:10:00Z', '/reps/0/at', 'a date and time such as'],
    'a correction of nothing' => [
        'reps.1.replaces',
        '0b7e1f60-0000-4000-8000-00000000ffff',
        '/reps/1/replaces',
        'another rep in this file',
    ],
    'a reason for no correction' => ['reps.0.reason', 'Just so.', '/reps/0/reason', 'a reason only with `replaces`'],
    'a correction of another side' => ['reps.1.side', 'written', '/reps/1/replaces', 'a correction keeps them'],
    'a correction of itself in capitals' => [
        'reps.1.replaces',
        '0B7E1F60-0000-4000-8000-000000000002',
        '/reps/1/replaces',
        'another rep in this file',
    ],
    'corrections in a circle' => [
        'reps.0.replaces',
        '0b7e1f60-0000-4000-8000-000000000002',
        '/reps/0/replaces',
        'does not depend on this one',
    ],
    'a zone of another planet' => ['school.zone', 'Mars/Olympus', '/school/zone', 'the name of a time zone'],
    'a correction of itself' => [
        'reps.1.replaces',
        '0b7e1f60-0000-4000-8000-000000000002',
        '/reps/1/replaces',
        'another rep in this file',
    ],
]);

it('refuses a second correction of the same rep', function (): void {
    $document = Made::small();
    $document['reps'][] = [...$document['reps'][1], 'id' => '0b7e1f60-0000-4000-8000-000000000003'];

    expect(CatalogueReaderFixture::problems($document)[0]->pointer)->toBe('/reps/2/replaces');
});

it('finds everything that is wrong in one reading', function (): void {
    $document = CatalogueReaderFixture::changed('attacks.0.hand', 'both');
    $document['answers'][0]['rank'] = 'z';
    $document['reps'][0]['outcome'] = 'cleen';

    expect(
        array_map(fn (Problem $problem): string => $problem->pointer, CatalogueReaderFixture::problems($document)),
    )->toBe(['/attacks/0/hand', '/answers/0/rank', '/reps/0/outcome']);
});

it('does not call wrong what only points to something wrong', function (): void {
    expect(CatalogueReaderFixture::problems(CatalogueReaderFixture::changed('attacks.0.hand', 'both')))->toHaveCount(1);
});

it('reads a ladder of the school’s own', function (): void {
    $rung = [
        'id' => 2, 'name' => 'Slow', 'pace' => 0.3, 'attack_told' => true, 'moment_told' => true, 'resistance' => 0,
    ];
    $document = [
        ...Made::small(),
        'rungs' => [$rung, [...$rung, 'id' => 3], [...$rung, 'id' => 4, 'stressors' => ['noise']]],
        'reps' => [],
    ];

    expect(Made::readDocument($document)->catalogue->ladder->ids())->toBe([2, 3, 4])
        ->and(CatalogueReaderFixture::problems([...$document, 'rungs' => [[...$rung, 'id' => 3], $rung]])[0]->pointer)
        ->toBe('/rungs/1/id')
        ->and(
            CatalogueReaderFixture::problems([
                ...$document,
                'rungs' => array_map(fn (int $id): array => [...$rung, 'id' => $id], range(1, 13)),
            ])[0]->expected->values['max'],
        )
        ->toBe(12);
});

it('refuses text that is made to exhaust it', function (string $text, Format $format, string $said): void {
    $start = hrtime(true);
    $problems = CatalogueReaderFixture::problems($text, $format);

    expect(English::say($problems[0]->text()))->toContain($said)
        ->and((hrtime(true) - $start) / 1e9)->toBeLessThan(20)
        ->and(memory_get_peak_usage())->toBeLessThan(900_000_000);
})->with([
    'a bomb of aliases' => [
        fn () => "a0: &a0 [x, x, x, x, x, x, x, x, x]\n"
            .implode(
                "\n",
                array_map(
                    fn (int $i): string => "a{$i}: &a{$i} [".implode(', ', array_fill(0, 9, '*a'.($i - 1))).']',
                    range(1, 12),
                ),
            ),
        Format::Yaml,
        'aliases that unfold',
    ],
    'brackets without end' => [fn () => 'a: '.str_repeat('[', 100_000), Format::Yaml, 'nested very deeply'],
    'dashes without end' => [fn () => str_repeat('- ', 100_000), Format::Yaml, 'nested very deeply'],
    'indents without end' => [
        fn () => implode("\n", array_map(fn (int $i): string => str_repeat(' ', $i).'a:', range(0, 300))),
        Format::Yaml,
        'nested very deeply',
    ],
    'deep JSON' => [fn () => str_repeat('{"a":', 100).'1'.str_repeat('}', 100), Format::Json, 'not JSON'],
    '10 MB of beats' => [
        fn () => (string) json_encode(
            CatalogueReaderFixture::changed('answers.0.beats', str_repeat("leave 6\n", 1_300_000)),
        ),
        Format::Json,
        'at most',
    ],
]);

it('says where text stops being a file', function (string $text, Format $format, string $said): void {
    expect(English::say(CatalogueReaderFixture::problems($text, $format)[0]->text()))->toContain($said);
})->with([
    'broken YAML' => ["format: stone-drill/1\nschool: {name: x\nranks: []", Format::Yaml, 'line'],
    'broken JSON' => ["{\n\"format\": \"stone-drill/1\",\n\"school\": {]\n}", Format::Json, 'not JSON'],
    'a key twice' => ["format: stone-drill/1\nformat: stone-drill/1", Format::Yaml, 'line 2'],
    'a list' => ['[1, 2]', Format::Json, 'a map that begins'],
    'nothing' => ['', Format::Yaml, 'found nothing'],
    'no text' => ["\xff\xfe", Format::Yaml, 'not UTF-8'],
]);

it('agrees with its JSON Schema on what is sound', function (): void {
    $demo = Yaml::parseFile(dirname(__DIR__, 3).'/database/demo/cinder-quay.yaml');

    expect(CatalogueReaderFixture::agreesWithSchema(Made::small()))->toBeTrue()
        ->and(CatalogueReaderFixture::agreesWithSchema($demo))->toBeTrue()
        ->and(
            CatalogueReaderFixture::agreesWithSchema(
                json_decode((new CatalogueWriter())->write(Made::readDocument(Made::small()), Format::Json), true),
            ),
        )
        ->toBeTrue()
        ->and(CatalogueReaderFixture::agreesWithSchema(CatalogueReaderFixture::changed('colour', 'red')))->toBeFalse()
        ->and(CatalogueReaderFixture::agreesWithSchema(CatalogueReaderFixture::changed('reps.0.outcome', 'cleen')))
        ->toBeFalse()
        ->and(CatalogueReaderFixture::agreesWithSchema(CatalogueReaderFixture::changed('attacks.0.title', null)))
        ->toBeFalse();
});

it('tells the spelling by the ending, else by the first sign', function (
    string $name,
    string $text,
    Format $format,
): void {
    expect(Format::of($name, $text))->toBe($format);
})->with([
    ['a.json', '', Format::Json],
    ['a.yml', '{', Format::Yaml],
    ['a.YAML', '', Format::Yaml],
    ['a', ' {"a":1}', Format::Json],
    ['a.txt', 'a: 1', Format::Yaml],
]);
