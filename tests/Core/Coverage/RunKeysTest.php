<?php

declare(strict_types=1);

use StoneDrill\Core\Coverage\RunCache;
use Tests\Core\Coverage\RunKeysFixture;

it('keeps nothing that a change made wrong', function (string $path, mixed $value): void {
    $document = RunKeysFixture::keyed();
    $memory = new RunCache();
    RunKeysFixture::holesOf($document, $memory);
    $at = &$document;
    foreach (explode('.', $path) as $key) {
        $at = &$at[$key];
    }
    $at = $value;
    unset($at);

    // With what was kept of the catalogue before the change, and with nothing kept at all.
    expect(RunKeysFixture::holesOf($document, $memory))->toBe(RunKeysFixture::holesOf($document, new RunCache()));
})->with([
    ['school.doctrine', 'control'],
    ['school.bearings', 'degrees'],
    ['school.typical', 'large'],
    ['school.share', 0.5],
    ['school.hole_factors', ['open' => 2]],
    ['school.aliases', ['verbs' => ['glide' => 'slide']]],
    ['school.zone', 'Europe/Lisbon'],
    ['school.policy', []],
    ['school.policy.0.level', 'pads'],
    ['school.policy.0.hazard', 'choke'],
    ['school.policy.0.rank', 'first'],
    ['school.policy.0.under', 16],
    ['sizes.small', 1.4],
    ['sizes.giant', 2.1],
    ['kinds.0.name', 'Other'],
    ['kinds.0.family', 'hug'],
    ['kinds.0.attacker_busy', []],
    ['kinds.0.defender_held', ['arms-pinned']],
    ['kinds.0.defender_held', ['wrist-opposite']],
    ['kinds.0.hand', ['right']],
    ['kinds.0.bearing', [12, 6]],
    ['kinds.0.start', 'hug'],
    ['kinds.0.cautions', ['slow']],
    ['ranks.0.name', 'Ones'],
    ['ranks.0.max_beats', 1],
    ['ranks.0.goal_rung', 4],
    [
        'ranks',
        [
            ['id' => 'second', 'name' => 'Second', 'max_beats' => 6, 'goal_rung' => 4],
            ['id' => 'first', 'name' => 'First', 'max_beats' => 4, 'goal_rung' => 3],
        ],
    ],
    ['rungs.0.pace', 1.2],
    ['rungs.0.attack_told', false],
    ['rungs.0.moment_told', false],
    ['rungs.1.resistance', 3],
    ['attacks.0.title', 'Wrist of ours'],
    ['attacks.0.hand', 'left'],
    ['attacks.0.bearing', '2'],
    ['attacks.0.thumb', 'down'],
    ['attacks.0.phase', 'moving'],
    ['attacks.0.intent', 'pin'],
    ['attacks.0.posture', 'seated'],
    ['attacks.0.notice', 'off-guard'],
    ['attacks.0.place', 'narrow'],
    ['attacks.0.others', 'second'],
    ['attacks.0.build', 'larger'],
    ['attacks.2.entry', 'through'],
    ['attacks.0.kind', 'wrist-same'],
    ['attacks.0.needed_by', 'second'],
    ['attacks.0.needed_by_youth', 'second'],
    ['attacks.0.prevalence', 1],
    ['attacks.0.critical', true],
    ['attacks.1.bearing', '10'],
    ['attacks.1.hand', 'left'],
    ['attacks.1.posture', 'seated'],
    ['attacks.1.kind', 'wrist-cross'],
    ['answers.0.title', 'Gateway'],
    ['answers.0.label', '7'],
    ['answers.0.attack', 'o'],
    ['answers.0.pattern', ['place' => null]],
    ['answers.0.mirrored', false],
    ['answers.0.rank', 'second'],
    ['answers.0.doctrine', 'control'],
    ['answers.0.short', ['rank' => 'first', 'beats' => 2]],
    ['answers.0.mistakes', ['leans']],
    ['answers.0.waived', [['check' => 'no-exit', 'reason' => 'we know']]],
    ['answers.0.beats', "leave 6\n"],
    ['answers.1.beats', "leave 6\n"],
    ['answers.1.title', 'Railing'],
    ['answers.1.rank', 'second'],
    ['answers.1.attack', 'w'],
    ['answers.1.mirrored', true],
]);

it('finds again what no change concerns', function (): void {
    $memory = new RunCache();
    RunKeysFixture::holesOf(RunKeysFixture::keyed(), $memory);
    $runs = count($memory->all());
    RunKeysFixture::holesOf(
        [
            ...RunKeysFixture::keyed(),
            'school' => [...RunKeysFixture::keyed()['school'], 'name' => 'Otherwise', 'share' => 0.5],
        ],
        $memory,
    );

    expect($runs)->toBeGreaterThan(5)->and(count($memory->all()))->toBe($runs);
});
