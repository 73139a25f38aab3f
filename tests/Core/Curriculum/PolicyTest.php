<?php

declare(strict_types=1);

use StoneDrill\Core\Attack\Intent;
use StoneDrill\Core\Attack\Kinds;
use StoneDrill\Core\Checks\Hazards;
use StoneDrill\Core\Curriculum\ContactPolicy;
use StoneDrill\Core\Curriculum\Doctrine;
use StoneDrill\Core\Curriculum\ForceLevels;
use StoneDrill\Core\Curriculum\Hazard;
use StoneDrill\Core\Curriculum\PolicyLevel;
use StoneDrill\Core\Curriculum\PolicyRow;
use StoneDrill\Core\Curriculum\School;
use StoneDrill\Core\Technique\Beats;

it('names what can hurt', function (string $beats, array $hazards): void {
    expect(
        array_map(static fn (Hazard $hazard): string => $hazard->value, Hazards::ofBeats(Beats::parse($beats))),
    )->toEqualCanonicalizing($hazards);
})->with([
    'a step' => ['left foot step 9', []],
    'a palm to the chin' => ['right palm chin', ['contact', 'head-contact']],
    'a palm to the ribs' => ['right palm ribs', ['contact']],
    'eyes' => ['right fingertips eyes', ['contact', 'eyes', 'head-contact']],
    'throat' => ['right edge throat', ['contact', 'throat']],
    'neck' => ['right edge neck', ['contact', 'neck']],
    'spine' => ['right elbow spine', ['contact', 'spine']],
    'a kick at the knee' => ['right side kick knee', ['contact', 'knee']],
    'the head itself' => ['head ribs', ['contact', 'head-contact']],
    'either of two targets' => ['right palm ribs or throat', ['contact', 'throat']],
    'wrist lock' => ['right hand lock wrist', ['wrist-lock']],
    'elbow lock' => ['right hand lock elbow', ['elbow-lock']],
    'finger lock' => ['right hand lock fingers', ['fingers']],
    'shoulder lock' => ['right hand lock shoulder', []],
    'sweep' => ['left foot sweep leg', ['fall', 'ground-impact']],
    'throw' => ['both hands throw hips', ['fall', 'ground-impact']],
    'dropped' => ['both hands press chest -> dropped', ['fall', 'ground-impact']],
    'choke hold' => ['both hands choke hold neck', ['choke']],
    'in a what-if' => ["look\n  if not: right edge throat", ['contact', 'throat']],
    'each once' => ["right palm chin\nleft palm chin", ['contact', 'head-contact']],
]);

it('names what attacking that way does', function (string $kind, array $hazards): void {
    expect(Hazards::ofAttack(Kinds::builtIn()->get($kind)))->toBe($hazards);
})->with([
    ['throat-front', [Hazard::Choke]],
    ['dive-legs', [Hazard::Fall, Hazard::GroundImpact]],
    ['clinch-trip', [Hazard::Fall, Hazard::GroundImpact]],
    ['wrist-same', []],
]);

it('knows how far each can go', function (Hazard $hazard, int $level): void {
    expect((new ForceLevels())->of($hazard))->toBe($level);
})->with([
    [Hazard::WristLock, 2], [Hazard::ElbowLock, 3], [Hazard::Fingers, 2], [Hazard::Neck, 3], [Hazard::Throat, 4],
    [Hazard::Eyes, 4], [Hazard::Spine, 4], [Hazard::Knee, 3], [Hazard::HeadContact, 2], [Hazard::Fall, 2],
    [Hazard::GroundImpact, 3], [Hazard::Choke, 4], [Hazard::Contact, 0],
]);

it('knows how far it may go against what an attacker wants', function (string $kind, Intent $intent, int $level): void {
    expect((new ForceLevels())->allows(Kinds::builtIn()->get($kind), $intent))->toBe($level);
})->with([
    ['wrist-same', Intent::Move, 2], ['wrist-same', Intent::Pin, 2], ['punch-straight', Intent::Strike, 3],
    ['dive-legs', Intent::TakeDown, 3], ['throat-front', Intent::Choke, 4], ['throat-front', Intent::Pin, 2],
    ['closing-in', Intent::Move, 1],
]);

it('keeps to the usual policy where a school has none', function (
    Hazard $hazard,
    string $rank,
    ?int $age,
    PolicyLevel $level,
): void {
    $policy = ContactPolicy::of(new School('Hall', Doctrine::Escape), ['low', 'middle', 'high']);

    expect($policy->level($hazard, $rank, $age))->toBe($level);
})->with([
    [Hazard::Contact, 'low', null, PolicyLevel::StopShort],
    [Hazard::Contact, 'middle', null, PolicyLevel::Free],
    [Hazard::Choke, 'high', 15, PolicyLevel::NotTaught],
    [Hazard::Choke, 'high', 16, PolicyLevel::Free],
    [Hazard::Choke, 'low', null, PolicyLevel::Free],
    [Hazard::Knee, 'low', 12, PolicyLevel::Free],
    [Hazard::Fingers, 'high', 12, PolicyLevel::NotTaught],
]);

it('reads what an earlier release calls free', function (): void {
    expect(PolicyLevel::read('none'))->toBe(PolicyLevel::Free)
        ->and(PolicyLevel::read('stop-short'))->toBe(PolicyLevel::StopShort)
        ->and(PolicyLevel::read('soft'))->toBeNull();
});

it('knows the stricter of two levels', function (PolicyLevel $one, PolicyLevel $other, PolicyLevel $stricter): void {
    expect($one->stricter($other))->toBe($stricter)->and($other->stricter($one))->toBe($stricter);
})->with([
    [PolicyLevel::Free, PolicyLevel::Pads, PolicyLevel::Pads],
    [PolicyLevel::Pads, PolicyLevel::StopShort, PolicyLevel::StopShort],
    [PolicyLevel::StopShort, PolicyLevel::NotTaught, PolicyLevel::NotTaught],
    [PolicyLevel::Free, PolicyLevel::NotTaught, PolicyLevel::NotTaught],
]);

it('takes the strictest row that applies, and a row with both only where both do', function (): void {
    $policy = ContactPolicy::of(
        new School(
            'Hall',
            Doctrine::Escape,
            policy: [
                new PolicyRow(Hazard::Fall, null, 'high', PolicyLevel::Pads),
                new PolicyRow(Hazard::Fall, 12, null, PolicyLevel::NotTaught),
                new PolicyRow(Hazard::Knee, 18, 'high', PolicyLevel::NotTaught),
            ],
        ),
        ['low', 'high'],
    );

    expect($policy->level(Hazard::Fall, 'low', 30))->toBe(PolicyLevel::Pads)
        ->and($policy->level(Hazard::Fall, 'low', 11))->toBe(PolicyLevel::NotTaught)
        ->and($policy->level(Hazard::Fall, 'high', 30))->toBe(PolicyLevel::Free)
        ->and($policy->level(Hazard::Knee, 'low', 17))->toBe(PolicyLevel::NotTaught)
        ->and($policy->level(Hazard::Knee, 'high', 17))->toBe(PolicyLevel::Free)
        ->and($policy->level(Hazard::Knee, 'low', null))->toBe(PolicyLevel::Free)
        // What the usual policy has is not added to a school's own.
        ->and($policy->level(Hazard::Choke, 'low', 10))->toBe(PolicyLevel::Free);
});
