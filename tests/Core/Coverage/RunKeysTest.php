<?php

declare(strict_types=1);

use StoneDrill\Core\Coverage\Coverage;
use StoneDrill\Core\Coverage\RunCache;
use StoneDrill\Core\Coverage\WeaknessFinder;
use StoneDrill\Core\Coverage\Widener;
use StoneDrill\Core\Curriculum\Catalogue;
use StoneDrill\Core\Exchange\CatalogueReader;
use StoneDrill\Core\Exchange\Format;
use Symfony\Component\Yaml\Yaml;

/** A catalogue in which most kinds of holes occur, with a kind of its own and an answer that goes on into another. */
function keyed(): array
{
    return (array) Yaml::parse(<<<'YAML'
        format: stone-drill/1
        school: {name: Keyed, doctrine: escape, policy: [{hazard: head-contact, rank: second, level: not-taught}]}
        sizes: {small: 1.52}
        kinds: [{id: own, name: Own, family: grab, attacker_busy: [hand], defender_held: [], hand: [left, right], bearing: [10, 11, 12, 1, 2], start: grab, cautions: []}]
        ranks: [{id: first, name: First, max_beats: 4, goal_rung: 3}, {id: second, name: Second, max_beats: 6, goal_rung: 4}]
        rungs: [{id: 3, name: Walk, pace: 0.5, attack_told: true, moment_told: true, resistance: 0, follow_ups: false, stressors: []}, {id: 4, name: Call, pace: 1, attack_told: true, moment_told: true, resistance: 1, follow_ups: false, stressors: []}]
        attacks:
          - {id: w, title: Wrist, kind: wrist-cross, hand: right, bearing: "12", thumb: up, phase: landed, intent: move, needed_by: first, prevalence: 4}
          - {id: o, title: Own one, kind: own, hand: right, bearing: "12", phase: landed, intent: move, needed_by: first, prevalence: 3}
          - {id: p, title: Punch, kind: punch-straight, hand: right, bearing: "12", phase: reaching, intent: strike, needed_by: second, prevalence: 5}
        answers:
          - {id: a, title: Gate, attack: w, mirrored: true, rank: first, doctrine: escape, short: {rank: first, beats: 1}, beats: "left foot step 9, left hand strip toward thumb -> released\n  if not: go to \"Rail\" beat 1\nright palm chin -> rocked\nleave 6\n"}
          - {id: b, title: Rail, attack: o, rank: first, beats: "right elbow ribs -> folded\nboth hands shove chest -> driven back\nright palm chin\n"}
          - {id: d, title: Stone, attack: o, mirrored: true, rank: first, beats: "both hands shove chest -> driven back\nleft foot step 6\nboth hands shove chest -> driven back\n"}
          - {id: c, title: Slip, attack: p, mirrored: true, rank: second, beats: "left foot step 9, left hand parry forearm\nright palm chin -> rocked\nleave 6\n"}
        YAML);
}

/** @param array<string, mixed> $document */
function holesOf(array $document, RunCache $memory): string
{
    $catalogue = (new CatalogueReader())->read((string) json_encode($document), Format::Json)->catalogue;
    assert($catalogue instanceof Catalogue);

    return (string) json_encode(Coverage::whole($catalogue, new WeaknessFinder($catalogue, $memory), new Widener($catalogue, $memory))->holes);
}

it('keeps nothing that a change made wrong', function (string $path, mixed $value): void {
    $document = keyed();
    $memory = new RunCache();
    holesOf($document, $memory);
    $at = &$document;
    foreach (explode('.', $path) as $key) {
        $at = &$at[$key];
    }
    $at = $value;
    unset($at);

    // With what was kept of the catalogue before the change, and with nothing kept at all.
    expect(holesOf($document, $memory))->toBe(holesOf($document, new RunCache()));
})->with([
    ['school.doctrine', 'control'], ['school.bearings', 'degrees'], ['school.typical', 'large'], ['school.share', 0.5], ['school.hole_factors', ['open' => 2]], ['school.aliases', ['verbs' => ['glide' => 'slide']]], ['school.zone', 'Europe/Lisbon'],
    ['school.policy', []], ['school.policy.0.level', 'pads'], ['school.policy.0.hazard', 'choke'], ['school.policy.0.rank', 'first'], ['school.policy.0.under', 16],
    ['sizes.small', 1.4], ['sizes.giant', 2.1],
    ['kinds.0.name', 'Other'], ['kinds.0.family', 'hug'], ['kinds.0.attacker_busy', []], ['kinds.0.defender_held', ['arms-pinned']], ['kinds.0.defender_held', ['wrist-opposite']], ['kinds.0.hand', ['right']], ['kinds.0.bearing', [12, 6]], ['kinds.0.start', 'hug'], ['kinds.0.cautions', ['slow']],
    ['ranks.0.name', 'Ones'], ['ranks.0.max_beats', 1], ['ranks.0.goal_rung', 4], ['ranks', [['id' => 'second', 'name' => 'Second', 'max_beats' => 6, 'goal_rung' => 4], ['id' => 'first', 'name' => 'First', 'max_beats' => 4, 'goal_rung' => 3]]],
    ['rungs.0.pace', 1.2], ['rungs.0.attack_told', false], ['rungs.0.moment_told', false], ['rungs.1.resistance', 3],
    ['attacks.0.title', 'Wrist of ours'], ['attacks.0.hand', 'left'], ['attacks.0.bearing', '2'], ['attacks.0.thumb', 'down'], ['attacks.0.phase', 'moving'], ['attacks.0.intent', 'pin'], ['attacks.0.posture', 'seated'], ['attacks.0.notice', 'off-guard'], ['attacks.0.place', 'narrow'],
    ['attacks.0.others', 'second'], ['attacks.0.build', 'larger'], ['attacks.2.entry', 'through'], ['attacks.0.kind', 'wrist-same'], ['attacks.0.needed_by', 'second'], ['attacks.0.needed_by_youth', 'second'], ['attacks.0.prevalence', 1], ['attacks.0.critical', true],
    ['attacks.1.bearing', '10'], ['attacks.1.hand', 'left'], ['attacks.1.posture', 'seated'], ['attacks.1.kind', 'wrist-cross'],
    ['answers.0.title', 'Gateway'], ['answers.0.label', '7'], ['answers.0.attack', 'o'], ['answers.0.pattern', ['place' => null]], ['answers.0.mirrored', false], ['answers.0.rank', 'second'], ['answers.0.doctrine', 'control'], ['answers.0.short', ['rank' => 'first', 'beats' => 2]],
    ['answers.0.mistakes', ['leans']], ['answers.0.waived', [['check' => 'no-exit', 'reason' => 'we know']]], ['answers.0.beats', "leave 6\n"], ['answers.1.beats', "leave 6\n"], ['answers.1.title', 'Railing'], ['answers.1.rank', 'second'], ['answers.1.attack', 'w'], ['answers.1.mirrored', true],
]);

it('finds again what no change concerns', function (): void {
    $memory = new RunCache();
    holesOf(keyed(), $memory);
    $runs = count($memory->all());
    holesOf([...keyed(), 'school' => [...keyed()['school'], 'name' => 'Otherwise', 'share' => 0.5]], $memory);

    expect($runs)->toBeGreaterThan(5)->and(count($memory->all()))->toBe($runs);
});
