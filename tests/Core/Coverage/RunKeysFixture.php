<?php

declare(strict_types=1);

namespace Tests\Core\Coverage;

use StoneDrill\Core\Coverage\Coverage;
use StoneDrill\Core\Coverage\RunCache;
use StoneDrill\Core\Coverage\Widener;
use StoneDrill\Core\Curriculum\Catalogue;
use StoneDrill\Core\Exchange\CatalogueReader;
use StoneDrill\Core\Exchange\Format;
use Symfony\Component\Yaml\Yaml;

/** What the tests of RunKeys share. */
final class RunKeysFixture
{
    /**
     * A catalogue in which most kinds of holes occur, with a kind of its own and an answer that goes on into another.
     */
    public static function keyed(): array
    {
        return (array) Yaml::parse(
            <<<'YAML'
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
            YAML
            ,
        );
    }

    /** @param array<string, mixed> $document */
    public static function holesOf(array $document, RunCache $memory): string
    {
        $catalogue = (new CatalogueReader())->read((string) json_encode($document), Format::Json)->catalogue;
        assert($catalogue instanceof Catalogue);

        return (string) json_encode(Coverage::whole($catalogue, $memory, new Widener($catalogue, $memory))->holes);
    }
}
