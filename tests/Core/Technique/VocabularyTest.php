<?php

declare(strict_types=1);

use StoneDrill\Core\Technique\Beats;
use StoneDrill\Core\Technique\Effect;
use StoneDrill\Core\Technique\Limb;
use StoneDrill\Core\Technique\Notation\NotationException;
use StoneDrill\Core\Technique\Strike;
use StoneDrill\Core\Technique\Target;
use StoneDrill\Core\Technique\Verb;

// Every verb, strike, target and effect of the notation: a sound line, its mirror, and a line that is not sound.
dataset('deeds', [
    'step' => ['left foot step 10:30 long', 'right foot step 1:30 long', 'step 9'],
    'cross' => ['right foot cross 2', 'left foot cross 10', 'right hand cross 2'],
    'slide' => ['slide 3 short', 'slide 9 short', 'slide'],
    'hop' => ['hop 6', 'hop 6', 'left foot hop 6'],
    'leave' => ['leave 7:30 1.2 m', 'leave 4:30 1.2 m', 'leave chin'],
    'spread' => ['spread 0.7 m', 'spread 0.7 m', 'spread 9'],
    'close' => ['close', 'close', 'close 9'],
    'pivot' => ['pivot 10:30', 'pivot 1:30', 'pivot 10:30 short'],
    'turn under' => ['turn under 5', 'turn under 7', 'turn under'],
    'slip' => ['slip 2', 'slip 10', 'head slip 2'],
    'drop' => ['drop', 'drop', 'drop chin'],
    'rise' => ['rise', 'rise', 'both hands rise'],
    'kneel' => ['kneel', 'kneel', 'kneel 3'],
    'get up' => ['get up', 'get up', 'get'],
    'block' => ['left hand block forearm', 'right hand block forearm', 'block'],
    'block by a leg' => ['left knee block', 'right knee block', 'left elbow block'],
    'ride' => ['ride', 'ride', 'left foot ride'],
    'go behind' => ['go behind left', 'go behind right', 'go behind 9'],
    'all fours' => ['all fours', 'all fours', 'all fours x2'],
    'raise' => ['held hand raise', 'held hand raise', 'raise'],
    'lower' => ['left hand lower', 'right hand lower', 'left foot lower'],
    'parry' => ['right hand parry wrist', 'left hand parry wrist', 'right elbow parry wrist'],
    'cover' => ['both hands cover', 'both hands cover', 'cover'],
    'guard' => ['free hand guard', 'free hand guard', 'left knee guard'],
    'clamp' => ['left hand clamp upper arm', 'right hand clamp upper arm', 'left hand clamp short'],
    'strip' => [
        'right hand strip hand toward fingers',
        'left hand strip hand toward fingers',
        'right hand strip toward',
    ],
    'clear' => ['left hand clear 9', 'right hand clear 3', 'clear 9'],
    'pull' => ['right hand pull shoulder', 'left hand pull shoulder', 'right foot pull shoulder'],
    'press' => ['left hand press hips', 'right hand press hips', 'left hand press hipps'],
    'lift' => ['left hand lift elbow x2', 'right hand lift elbow x2', 'left hand lift elbow x9'],
    'peel' => ['both hands peel fingers', 'both hands peel fingers', 'both feet peel fingers'],
    'lock' => ['right hand lock shoulder', 'left hand lock shoulder', 'right hand lock groin'],
    'sweep' => ['right foot sweep ankle', 'left foot sweep ankle', 'right hand sweep ankle'],
    'throw' => ['both hands throw 3', 'both hands throw 9', 'throw 3'],
    'pin' => ['left hand pin armpit', 'right hand pin armpit', 'left hand pin armpitt'],
    'choke hold' => ['right hand choke hold neck', 'left hand choke hold neck', 'right hand choke neck'],
    'shove' => [
        'both hands shove chest or shoulder',
        'both hands shove chest or shoulder',
        'both hands shove chest or',
    ],
    'escort' => ['left hand escort 12', 'right hand escort 12', 'left foot escort 12'],
    'join' => ['join', 'join', 'left foot join'],
    'tuck' => ['right hand tuck chin', 'left hand tuck chin', 'right knee tuck'],
    'post' => ['left hand post', 'right hand post', 'post'],
    'let go' => ['both hands let go', 'both hands let go', 'both hands let'],
    'say' => ['say "Right hand up, 9!"', 'say "Right hand up, 9!"', 'say'],
    'look' => ['look 4', 'look 8', 'left hand look'],
    'wait' => ['wait 1.5 s', 'wait 1.5 s', 'wait'],
    'punch' => ['right punch chin', 'left punch chin', 'punch chin'],
    'palm' => ['left palm nose x2', 'right palm nose x2', 'left foot palm nose'],
    'hammer' => ['right spinning hammer temple', 'left spinning hammer temple', 'right hammer 9'],
    'backhand' => ['left backhand eyes', 'right backhand eyes', 'left backhand'],
    'edge' => ['right edge neck', 'left edge neck', 'right edge neck short'],
    'fingertips' => ['both hands fingertips throat', 'both hands fingertips throat', 'both feet fingertips throat'],
    'elbow' => ['left jumping elbow collarbone', 'right jumping elbow collarbone', 'elbow collarbone'],
    'head' => ['head nose', 'head nose', 'both head nose'],
    'knee' => ['right knee thigh or groin', 'left knee thigh or groin', 'right hand knee thigh'],
    'front kick' => ['left front kick groin', 'right front kick groin', 'front kick groin'],
    'side kick' => ['right side kick knee', 'left side kick knee', 'right hand side kick knee'],
    'back kick' => ['left back kick belly', 'right back kick belly', 'both back kick belly'],
    'round kick' => ['right round kick thigh', 'left round kick thigh', 'right round thigh'],
    'crescent kick' => ['left crescent kick ribs', 'right crescent kick ribs', 'left crescent kick'],
    'hook kick' => ['right hook kick kidney', 'left hook kick kidney', 'free hook kick kidney'],
    'axe kick' => ['left axe kick collarbone', 'right axe kick collarbone', 'left axe collarbone'],
    'effects together' => [
        'left palm chin -> rocked and turned',
        'right palm chin -> rocked and turned',
        'left palm chin -> rocked turned',
    ],
    'the held hand' => ['held hand strip toward thumb', 'held hand strip toward thumb', 'held strip'],
    'its fellow' => ['other hand palm chin', 'other hand palm chin', 'other foot step 9'],
    'a facing' => [
        'left foot step 9 short x2 facing 10:30',
        'right foot step 3 short x2 facing 1:30',
        'right hand clamp wrist facing 3',
    ],
    'drop facing' => ['drop 0.1 m facing 3', 'drop 0.1 m facing 9', 'look facing 3'],
    'stomp' => ['right stomp instep', 'left stomp instep', 'stomp instep'],
]);

it('reads, prints and mirrors each of them, and refuses what is not so', function (
    string $sound,
    string $mirror,
    string $wrong,
): void {
    expect(Beats::parse($sound)->toText())->toBe($sound."\n")
        ->and(Beats::parse($sound)->mirror()->toText())->toBe($mirror."\n")
        ->and(fn () => Beats::parse($wrong))->toThrow(NotationException::class);
})->with('deeds');

it('has no verb and no strike beside those', function (): void {
    expect(count(Verb::cases()) + count(Strike::cases()))->toBe(61);
});

it('strikes or holds every target', function (Target $target): void {
    $action = Beats::parse("right palm {$target->value}, left hand clamp {$target->value}")->actions();

    expect($action[0]->targets)->toBe([$target])
        ->and($action[1]->targets)->toBe([$target]);
})->with(Target::cases());

it('names every target of the rules', function (): void {
    $named
        = 'eyes, temple, back of head, nose, chin, throat, neck, collarbone, solar plexus, spine, ribs, kidney, belly, groin, thigh, knee, shin, instep, '
        .'hand, fingers, wrist, forearm, elbow, upper arm, armpit, shoulder, chest, back, hips, leg, ankle';

    expect(implode(', ', array_column(Target::cases(), 'value')))->toBe($named);
});

it('assumes and branches on every effect', function (Effect $effect): void {
    $beat = Beats::parse("right palm chin -> {$effect->value}\n  if {$effect->value}: go on")->line[0];

    expect($beat->effects)->toBe([$effect])
        ->and($beat->branches[0]->condition->effect)->toBe($effect);
})->with(Effect::cases());

it('swaps every limb that has a side, and no other', function (Limb $limb, string $mirror): void {
    expect($limb->mirror()->value)->toBe($mirror)
        ->and($limb->hasSide())->toBe($limb->value !== $mirror);
})->with([
    [Limb::LeftHand, 'right hand'], [Limb::RightHand, 'left hand'], [Limb::LeftElbow, 'right elbow'],
    [Limb::RightElbow, 'left elbow'], [Limb::LeftFoot, 'right foot'], [Limb::RightFoot, 'left foot'],
    [Limb::LeftKnee, 'right knee'], [Limb::RightKnee, 'left knee'], [Limb::HeldHand, 'held hand'],
    [Limb::OtherHand, 'other hand'], [Limb::BothHands, 'both hands'], [Limb::FreeHand, 'free hand'],
    [Limb::Head, 'head'],
]);

it('shortens to the first beats and the last', function (int $beats, string $left): void {
    $whole = Beats::parse("drop\nleft foot step 9\nright palm chin\nleave 6");

    expect(str_replace("\n", '|', trim($whole->shortened($beats)->toText())))->toBe($left);
})->with([
    [1, 'drop|leave 6'],
    [2, 'drop|left foot step 9|leave 6'],
    [3, 'drop|left foot step 9|right palm chin|leave 6'],
    [9, 'drop|left foot step 9|right palm chin|leave 6'],
]);
