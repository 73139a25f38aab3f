<?php

declare(strict_types=1);

use StoneDrill\Core\Exchange\CatalogueWriter;
use StoneDrill\Core\Exchange\Format;
use Tests\Support\Made;

it('writes YAML that people can read, defaults left out', function (): void {
    expect((new CatalogueWriter())->write(Made::readDocument(Made::small()), Format::Yaml))->toBe(
        <<<'YAML'
        format: stone-drill/1
        school:
          name: 'Small Hall'
          doctrine: control
          bearings: degrees
          typical: large
          share: 0.7
          tolerance: 0.03
          hole_factors:
            open: 2.0
            'no way out': 0.5
          policy:
            -
              hazard: choke
              under: 16
              level: not-taught
            -
              hazard: contact
              rank: b
              level: pads
          aliases:
            verbs:
              glide: slide
        sizes:
          small: 1.5
          giant: 2.1
        kinds:
          -
            id: belt
            name: 'Held by the belt'
            family: grab
            attacker_busy:
              - hand
            hand:
              - left
              - right
            bearing:
              - 12
              - 1
            start: grab
            cautions:
              - 'Loose belts only.'
        ranks:
          -
            id: a
            name: A
            max_beats: 4
            goal_rung: 2
          -
            id: b
            name: B
            max_beats: 5
            goal_rung: 3
        attacks:
          -
            id: w
            title: Wrist
            kind: wrist-cross
            hand: right
            bearing: '12'
            thumb: up
            phase: landed
            intent: move
            needed_by: a
            needed_by_youth: none
            prevalence: 4
            critical: true
            notes: Slowly.
            cautions:
              - Tap.
          -
            id: k
            title: Belt
            kind: belt
            hand: left
            bearing: '1'
            phase: follow-up
            intent: pin
            needed_by: none
            prevalence: 3
        answers:
          -
            id: x
            title: Gate
            label: '3'
            attack: w
            pattern:
              kind: [wrist-cross, belt]
              hand: [right]
              bearing: ['12', '1']
              place: any
            mirrored: true
            rank: b
            short:
              rank: a
              beats: 2
            doctrine: escape
            mistakes:
              - late
            waived:
              - { check: force, beat: '2', reason: pads }
            beats: |
              left foot step 9
              slide 12   # on
                if far: go on
              leave 6
        students:
          -
            id: s
            name: Ada
            rank: a
            height: 1.71
            born: '2001-05-02'
            flags:
              - no-fall
        reps:
          -
            id: 0b7e1f60-0000-4000-8000-000000000001
            student: s
            attack: w
            side: mirrored
            rung: 4
            outcome: scraped
            at: '2026-11-02T19:10:00+01:00'
            answer: x
            mistakes:
              - late
            touched: arm
            seconds: 1.4
            stressor: noise
            source: home
            rules: 11
          -
            id: 0b7e1f60-0000-4000-8000-000000000002
            student: s
            attack: w
            side: mirrored
            rung: 1
            outcome: clean
            at: '2026-11-02T19:10:00+00:00'
            replaces: 0b7e1f60-0000-4000-8000-000000000001
            reason: 'Seen again on film.'

        YAML
        ,
    );
});

it('writes a ladder of the school’s own, and not the built-in one', function (): void {
    $rung = [
        'id' => 1, 'name' => 'Slow', 'pace' => 0.3, 'attack_told' => true, 'moment_told' => false, 'resistance' => 2,
        'follow_ups' => true, 'stressors' => ['noise'],
    ];
    $write = fn (array $document): array => json_decode(
        (new CatalogueWriter())->write(Made::readDocument($document), Format::Json),
        true,
    );

    expect(
        $write([
            'format' => 'stone-drill/1',
            'school' => ['name' => 'Bare', 'doctrine' => 'escape'],
            'rungs' => [$rung],
        ])['rungs'],
    )
        ->toBe([$rung])
        ->and($write(Made::small()))->not->toHaveKey('rungs');
});
