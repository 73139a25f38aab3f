<?php

declare(strict_types=1);

use StoneDrill\Core\Geometry\Joint;
use StoneDrill\Core\Technique\Action;
use StoneDrill\Core\Technique\Beats;
use StoneDrill\Core\Technique\Effect;
use StoneDrill\Core\Technique\Face;
use StoneDrill\Core\Technique\Limb;
use StoneDrill\Core\Technique\Size;
use StoneDrill\Core\Technique\Strike;
use StoneDrill\Core\Technique\Target;
use StoneDrill\Core\Technique\Verb;

/*
 * The tables of the rules, word by word: whoever changes a figure in the code has to change it here as well.
 */

it('knows each weapon', function (string $strike, float $chain, Joint $joint, float $seconds): void {
    $of = Strike::from($strike);

    expect($of->chain())->toBe($chain)->and($of->joint())->toBe($joint)->and($of->seconds())->toBe($seconds);
})->with([
    ['punch', 0.386, Joint::Shoulder, 0.25],
    ['palm', 0.352, Joint::Shoulder, 0.25],
    ['hammer', 0.386, Joint::Shoulder, 0.25],
    ['backhand', 0.386, Joint::Shoulder, 0.25],
    ['edge', 0.386, Joint::Shoulder, 0.25],
    ['fingertips', 0.44, Joint::Shoulder, 0.25],
    ['elbow', 0.186, Joint::Shoulder, 0.25],
    ['head', 0.12, Joint::Neck, 0.3],
    ['knee', 0.245, Joint::Hip, 0.35],
    ['front kick', 0.53, Joint::Hip, 0.5],
    ['side kick', 0.53, Joint::Hip, 0.5],
    ['back kick', 0.53, Joint::Hip, 0.5],
    ['round kick', 0.43, Joint::Hip, 0.5],
    ['crescent kick', 0.43, Joint::Hip, 0.5],
    ['hook kick', 0.53, Joint::Hip, 0.5],
    ['axe kick', 0.53, Joint::Hip, 0.5],
    ['stomp', 0.53, Joint::Hip, 0.35],
]);

it('knows how far round each weapon goes', function (string $strike, bool $left, array $in, array $out): void {
    foreach ($in as $off) {
        expect(Strike::from($strike)->reachesRound($off, $left))->toBeTrue("{$off}");
    }
    foreach ($out as $off) {
        expect(Strike::from($strike)->reachesRound($off, $left))->toBeFalse("{$off}");
    }
})->with([
    ['punch', true, [0, 110, -110], [111, -111, 180]],
    ['knee', false, [0, 110, -110], [120, -120]],
    ['round kick', false, [90, -90], [130]],
    ['side kick', false, [30, 90, 150], [29, 151, -90]],
    ['side kick', true, [-30, -90, -150], [-29, -151, 90]],
    ['hook kick', true, [-90], [90, 0]],
    ['back kick', true, [120, -120, 180], [119, -119, 0]],
    ['elbow', true, [0, 90, 180, -180], []],
    ['hammer', false, [180], []],
    ['stomp', false, [180], []],
    ['head', false, [180], []],
]);

it('knows how long each deed takes', function (string $verb, float $seconds): void {
    expect(Verb::from($verb)->seconds())->toBe($seconds);
})->with([
    ['step', 0.35], ['slide', 0.3], ['cross', 0.4], ['hop', 0.45], ['pivot', 0.25], ['turn under', 0.45], ['slip', 0.2],
    ['drop', 0.25], ['rise', 0.25], ['spread', 0.3], ['close', 0.3], ['kneel', 0.5], ['get up', 1.2], ['leave', 1.0],
    ['block', 0.2], ['parry', 0.2], ['cover', 0.2], ['guard', 0.2], ['tuck', 0.2], ['join', 0.2], ['clamp', 0.35],
    ['strip', 0.35], ['clear', 0.35], ['pull', 0.35], ['press', 0.35], ['shove', 0.35], ['lift', 0.35], ['peel', 0.35],
    ['post', 0.35], ['lock', 0.6], ['sweep', 0.6], ['throw', 0.9], ['choke hold', 1.5], ['pin', 1.0], ['escort', 2.0],
    ['say', 0.3], ['look', 0.3], ['let go', 0.1],
]);

it('adds up the time of an action', function (string $beats, float $seconds): void {
    expect(Beats::parse($beats)->line[0]->seconds())->toEqualWithDelta($seconds, 1e-12);
})->with([
    'a strike' => ['left palm chin', 0.25],
    'twice' => ['left palm chin x2', 0.5],
    'jumping' => ['jumping left front kick belly', 0.75],
    'jumping and spinning' => ['jumping spinning right back kick ribs', 1.0],
    'jumping twice' => ['jumping left front kick belly x2', 1.5],
    'as long as is waited' => ['wait 2.5 s', 2.5],
    'the longest' => ['left foot step 9, left hand parry, right palm chin x3', 0.75],
]);

it('knows each target', function (string $target, ?float $height, Face $face): void {
    expect(Target::from($target)->height())->toBe($height)
        ->and(Target::from($target)->face())->toBe($face);
})->with([
    ['eyes', 0.936, Face::Front], ['temple', 0.93, Face::Any], ['back of head', 0.92, Face::Rear],
    ['nose', 0.91, Face::Front], ['chin', 0.87, Face::Front], ['throat', 0.85, Face::Front], ['neck', 0.84, Face::Any],
    ['collarbone', 0.82, Face::Front], ['solar plexus', 0.72, Face::Front], ['spine', 0.7, Face::Rear],
    ['ribs', 0.66, Face::Any], ['kidney', 0.62, Face::Flank], ['belly', 0.58, Face::Front], ['groin', 0.48, Face::Any],
    ['thigh', 0.38, Face::Any], ['knee', 0.285, Face::Any], ['shin', 0.18, Face::Any], ['instep', 0.04, Face::Any],
    ['hand', null, Face::Any], ['fingers', null, Face::Any], ['wrist', null, Face::Any], ['forearm', null, Face::Any],
    ['elbow', null, Face::Any], ['upper arm', null, Face::Any], ['armpit', 0.75, Face::Any],
    ['shoulder', 0.818, Face::Any], ['chest', 0.76, Face::Front], ['back', 0.72, Face::Rear], ['hips', 0.53, Face::Any],
    ['leg', 0.4, Face::Any], ['ankle', 0.04, Face::Any],
]);

it('turns the head with the head alone', function (): void {
    $head = array_map(
        static fn (Target $target): string => $target->value,
        array_filter(Target::cases(), static fn (Target $target): bool => $target->isOfHead()),
    );

    expect(array_values($head))->toBe([
        'eyes', 'temple', 'back of head', 'nose', 'chin', 'throat', 'neck', 'collarbone',
    ]);
});

it('exposes each face from where it can be hit', function (Face $face, array $exposed, array $hidden): void {
    foreach ($exposed as $off) {
        expect($face->isExposedTo($off))->toBeTrue("{$off}");
    }
    foreach ($hidden as $off) {
        expect($face->isExposedTo($off))->toBeFalse("{$off}");
    }
})->with([
    [Face::Front, [0, 100, -100], [101, 180]],
    [Face::Rear, [80, -80, 180], [79, 0]],
    [Face::Flank, [60, -60, 180], [59, 0]],
    [Face::Any, [0, 90, 180], []],
]);

it('measures a size against what is usual', function (): void {
    expect(Size::short()->of(0.588))->toBe(0.294)
        ->and(Size::long()->of(0.588))->toEqualWithDelta(0.882, 1e-12)
        ->and(Size::metres(0.6)->of(0.588))->toBe(0.6);
});

it('knows the sides of limbs', function (): void {
    foreach (Limb::cases() as $limb) {
        expect($limb->isLeft() && $limb->isRight())->toBeFalse()
            ->and($limb->hasSide())->toBe($limb->isLeft() || $limb->isRight())
            ->and($limb->mirror()->isLeft())->toBe($limb->isRight());
    }
    expect(Limb::FreeHand->singles())->toBe([Limb::FreeHand])
        ->and(Limb::BothHands->singles())->toBe([Limb::LeftHand, Limb::RightHand]);
});

it('names what keeps a grip, what stops a blow, and what a held hand can do', function (): void {
    $named = static fn (callable $which): array => array_values(
        array_map(static fn (Verb $verb): string => $verb->value, array_filter(Verb::cases(), $which)),
    );

    expect($named(static fn (Verb $verb): bool => $verb->grips()))->toBe(['clamp', 'pull', 'lock', 'pin', 'choke hold'])
        ->and($named(static fn (Verb $verb): bool => $verb->stops()))->toBe(['block', 'parry', 'cover'])
        ->and($named(static fn (Verb $verb): bool => $verb->guards()))->toBe(['block', 'parry', 'cover', 'guard'])
        ->and($named(static fn (Verb $verb): bool => $verb->movesFeet()))
        ->toBe(['step', 'cross', 'slide', 'hop', 'leave', 'spread', 'close', 'ride', 'go behind'])
        ->and($named(static fn (Verb $verb): bool => $verb->turns()))->toBe(['pivot', 'turn under'])
        ->and($named(static fn (Verb $verb): bool => $verb->worksWhileHeld()))
        ->toBe([
            'raise', 'lower', 'clamp', 'strip', 'clear', 'pull', 'press', 'lift', 'peel', 'lock', 'throw', 'pin',
            'escort', 'join', 'tuck', 'let go',
        ]);
});

it('tells kicks, straight strikes and what lifts a foot apart', function (): void {
    $named = static fn (callable $which): array => array_values(
        array_map(static fn (Strike $strike): string => $strike->value, array_filter(Strike::cases(), $which)),
    );

    expect($named(static fn (Strike $strike): bool => $strike->isStraight()))->toBe(['punch', 'palm', 'fingertips'])
        ->and($named(static fn (Strike $strike): bool => $strike->isKick()))
        ->toBe(['front kick', 'side kick', 'back kick', 'round kick', 'crescent kick', 'hook kick', 'axe kick'])
        ->and($named(static fn (Strike $strike): bool => $strike->liftsFoot()))
        ->toBe([
            'knee', 'front kick', 'side kick', 'back kick', 'round kick', 'crescent kick', 'hook kick', 'axe kick',
            'stomp',
        ]);
});

it('changes one thing of an action or a beat and keeps the rest', function (): void {
    $beats = Beats::parse(
        "left foot step 9 long, right palm chin x2 -> rocked   # hard\n  if not: left knee groin\nleave 6",
    );
    $beat = $beats->line[0];
    $step = $beat->actions[0];

    expect($step->withLimb(Limb::RightFoot)->bearing)->toEqual($step->bearing)
        ->and($step->withSize(null)->manner->size)->toBeNull()
        ->and($beats->withBeat(0, $beat->withAction(0, $step->withSize(null)))->toText())
        ->toBe("left foot step 9, right palm chin x2 -> rocked   # hard\n  if not: left knee groin\nleave 6\n")
        ->and($beats->withBeat(1, $beats->line[1]->and(new Action(null, Verb::Look)))->toText())
        ->toEndWith("leave 6, look\n")
        ->and($beats->withInserted(1, $beats->line[1])->line)->toHaveCount(3)
        ->and($beats->line)->toHaveCount(2);
});

it('sees what a beat aims at and does', function (): void {
    $beat = Beats::parse('left palm groin or chin, look')->line[0];

    expect($beat->aimsAtHead())->toBeTrue()
        ->and(Beats::parse('left palm groin')->line[0]->aimsAtHead())->toBeFalse()
        ->and($beat->does(Verb::Look))->toBeTrue()
        ->and($beat->does(Verb::Leave, Verb::Guard))->toBeFalse()
        ->and(Effect::from('arm gone'))->toBe(Effect::ArmGone);
});
