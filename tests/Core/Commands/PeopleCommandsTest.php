<?php

declare(strict_types=1);

use Tests\Core\DrillFixture;

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
        ->and($ask(['--class' => 'tuesday', '--seed' => 'x'])[0])->toBe(2)
        ->and($ask(['--class' => 'tuesday', '--seed' => '1234567890'])[0])->toBe(2)
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
            static fn (array $one): array => [$one['answer'], str_contains($one['why'], 'for the coming test, as taught at second;')],
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

it('drills what is taught and what the last two classes used, at the pace of the rung', function (): void {
    $small = (string) file_get_contents(DrillFixture::smallFile());
    $answers = '';
    foreach (['one', 'two', 'old'] as $id) {
        $answers .= "  - { id: {$id}, title: Gate {$id}, attack: wrist, rank: first, beats: \"hop 6 long -> released\\nleave 6\\n\" }\n";
    }
    $reps = '';
    $used = ['friday one', 'friday two', 'friday two', 'friday two', 'monday one', 'before old'];
    foreach ($used as $n => $one) {
        [$class, $answer] = explode(' ', $one);
        $reps .= "  - { id: 0b7e1f60-0000-4000-8000-00000000001{$n}, student: ada-plover, attack: wrist, side: written, rung: 2, outcome: clean, at: \"2026-11-1{$n}T19:00:00+00:00\", class: {$class}, answer: {$answer} }\n";
    }
    $at = static fn (
        string $id,
        string $day,
        string $more = '',
    ): string => "{id: {$id}, at: \"{$day}T19:00:00+00:00\", minutes: 60{$more}}";
    $blocks = ', blocks: [{kind: teach, minutes: 4, locked: true}, {kind: drill, minutes: 56, locked: true}]';
    $path = DrillFixture::temporary(
        str_replace(["students:\n", "reps:\n"], ["{$answers}students:\n", "reps:\n{$reps}"], $small)
            ."classes:\n  - ".implode("\n  - ", [
                $at('before', '2026-11-20'), $at('monday', '2026-11-23'), $at('friday', '2026-11-27'),
                $at('off', '2026-11-30', ', cancelled: true'), $at('tuesday', '2026-12-01', $blocks),
            ])."\n",
    );
    $ask = fn (array $with): string => DrillFixture::drill(
        ['command' => 'plan', 'file' => $path, '--class' => 'tuesday', ...$with],
    )[1];
    $document = json_decode($ask(['--json' => true]), true);
    $taught = array_column($document['groups'][0]['teaches'], 'answer');
    $said = $ask([]);
    unlink($path);

    // “two” three times and “one” twice in the last two; “old” is of the third before, and one was called off.
    expect($document['groups'][0]['drills'])->toBe(array_values(array_unique([...$taught, 'two', 'one'])))
        ->and(in_array('old', $taught, true))
        ->toBeFalse()
        ->and($said)
        ->toContain('Drilled: '.implode(', ', $document['groups'][0]['drills']))
        ->toContain(" 56  Drill     at rung 1 Shadow; time for {$document['blocks'][1]['reps_each']} tries each");
});

it('puts others together with another seed, and the same with the same', function (): void {
    $people = '';
    foreach (range(1, 12) as $n) {
        $people .= "  - { id: s{$n}, name: S{$n}, rank: first }\n";
    }
    $path = DrillFixture::temporary(
        str_replace("students:\n", "students:\n{$people}", (string) file_get_contents(DrillFixture::smallFile()))
            ."classes: [{id: tuesday, at: \"2026-12-01T19:00:00+00:00\", minutes: 60}]\n",
    );
    $rounds = static fn (?string $seed): array => json_decode(DrillFixture::drill([
        'command' => 'plan', 'file' => $path, '--class' => 'tuesday', '--json' => true,
        ...array_filter(['--seed' => $seed]),
    ])[1], true)['rounds'];
    [$own, $three, $again, $four] = array_map($rounds, [null, '3', '3', '4']);
    unlink($path);

    expect($three)->toBe($again)->not->toBe($four)->not->toBe($own);
});
