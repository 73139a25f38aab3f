<?php

declare(strict_types=1);

// What each check says, by its name: what sets it off, what it found, and how to mend it.

return [
    'close' => ':message That is close, :within.',
    'without' => '{1}Without beat :beats: :message|[2,*]Without beats :beats: :message',
    'within-cm' => 'within :cm cm',
    'within-degrees' => 'within :degrees°',
    'pinned-limb' => [
        'trigger' => 'a blocked limb acts, or a limited limb does more than the hold allows',
        'blocked' => [
            'message' => 'The :limb cannot act: :reason.',
            'mend' => 'Use a limb that is free, or end the hold first.',
        ],
        'far' => [
            'message' => 'The :limb is held at the wrist and strikes only within 20 cm of the hand that holds it; to the :target it is :cm cm.',
            'mend' => 'Use a limb that is free, or end the hold first.',
        ],
        'limited' => [
            'message' => 'The :limb cannot do that: :reason.',
            'mend' => 'Use a limb that is free, or end the hold first.',
        ],
    ],
    'two-jobs' => [
        'trigger' => 'one limb does two things in a beat, or a gripping hand strikes without letting go',
        'grips' => [
            'message' => 'The :limb strikes but still grips.',
            'mend' => 'Let go in the beat before, or strike with the other hand.',
        ],
        'twice' => [
            'message' => 'The :limb does two things in one beat.',
            'mend' => 'Give one of them to another limb, or to the next beat.',
        ],
    ],
    'no-support' => [
        'trigger' => 'a kick or knee while the other foot moves, unless a step before it brings it there, or with no foot down; hop and jumping excepted',
        'moves' => [
            'message' => 'The :limb strikes while the other foot moves.',
            'mend' => 'Set the foot in the beat before.',
        ],
        'all-fours' => [
            'message' => 'The :limb strikes or blocks while the defender is on all fours.',
            'mend' => 'Get up first, or use a hand.',
        ],
        'none' => [
            'message' => 'Both legs strike in one beat, so no foot is down.',
            'mend' => 'Move the second strike to the next beat.',
        ],
    ],
    'is-hit' => [
        'trigger' => 'a blow, a push or a dive lands',
        'attack' => [
            'message' => 'The {attack} lands: :out to be out of its reach, :off to be off its line.',
            'mend' => 'Block, parry or cover it, take the head off its line, or go farther out.',
        ],
        'follow-up' => [
            'message' => 'The second {attack} lands: :out to be out of its reach, :off to be off its line.',
            'mend' => 'Block, parry or cover it, take the head off its line, or go farther out.',
        ],
    ],
    'out-of-reach' => [
        'trigger' => 'a strike, or a control on a written target, is short even with the body carried along',
        'height' => [
            'message' => 'The :limb cannot reach the :target at any distance: it is :cm cm above the floor.',
            'mend' => 'Take a target at another height, or a longer weapon.',
        ],
        'short' => [
            'message' => 'The :weapon is :cm cm too short for the :target.',
            'mend' => 'Step nearer in this beat or the one before, or take a longer weapon or a nearer target.',
        ],
    ],
    'wrong-face' => [
        'trigger' => 'the target is on the half of the attacker’s body that is turned away',
        'message' => 'That is the wrong side for the :target: the defender stands :side of the attacker.',
        'mend' => 'Take a target on this side, or turn the attacker first.',
    ],
    'wrong-arc' => [
        'trigger' => 'the weapon cannot be thrown that far off the facing',
        'left' => [
            'message' => 'The :weapon cannot go :degrees° to the left.',
            'mend' => 'Turn first, or take a weapon that goes that way.',
        ],
        'right' => [
            'message' => 'The :weapon cannot go :degrees° to the right.',
            'mend' => 'Turn first, or take a weapon that goes that way.',
        ],
    ],
    'still-held' => [
        'trigger' => 'leaves, or ends, with a hold on, and with no lock, pin or choke hold of the defender’s own',
        'end' => [
            'message' => 'Ends with a hold on: :holds.',
            'mend' => 'End the hold: strip it, say what releases it, or lock, pin or choke in turn.',
        ],
        'held' => [
            'message' => 'Leaves with a hold on: :holds.',
            'mend' => 'End the hold in a beat before: strip it, or say what releases it.',
        ],
        'ending' => [
            'message' => 'Leaves in the beat in which the hold ends.',
            'mend' => 'End the hold in a beat before: strip it, or say what releases it.',
        ],
    ],
    'strike-under-control' => [
        'trigger' => 'a strike where the doctrine is to control',
        'message' => 'Strikes the :target (:weapon), but the doctrine is to control without striking.',
        'mend' => 'Use a control instead, or give this {answer} another doctrine.',
    ],
    'policy' => [
        'trigger' => 'a hazard that the contact policy does not teach at that {rank} and age',
        'message' => 'The contact policy does not teach :hazard at :rank.',
        'mend' => 'Take another target or control, or introduce the {answer} at a later {rank}.',
    ],
    'against-the-fingers' => [
        'trigger' => 'strips toward the fingers',
        'message' => 'Strips against four fingers; the hold does not end.',
        'mend' => 'Strip toward the thumb.',
    ],
    'back-turned' => [
        'trigger' => 'from beat 2 on, with no hold on, faces more than 120° away from an attacker whose hand reaches',
        'message' => 'Faces :degrees° away from the attacker, whose hand reaches.',
        'mend' => 'Turn to the attacker, or be out of reach first.',
    ],
    'in-the-line' => [
        'trigger' => 'against a blow the body stays in its line, or moves within 20° of it, with no block, parry, cover or slip, no strike that reaches, and is not out of reach',
        'stays' => [
            'message' => 'The body stays in the line of the blow.',
            'mend' => 'Step off the line, toward 1:30 or 10:30 of it, or block, parry, cover or slip.',
        ],
        'moves' => [
            'message' => 'The body moves along the line of the blow, only :degrees° off it.',
            'mend' => 'Step off the line, toward 1:30 or 10:30 of it, or block, parry, cover or slip.',
        ],
    ],
    'loose-hand' => [
        'trigger' => 'a free hand reaches the head at the end of two beats in a row, with no block, parry, cover, guard or grip on it in either, no strike that reaches, no effect and no hold that ends',
        'message' => 'The attacker’s :limb is free and reaches the head in two beats in a row, with :cm cm to spare.',
        'mend' => 'Guard, take hold of that hand, or move where it does not reach.',
    ],
    'base' => [
        'trigger' => 'the feet are less than .10 or more than .60 of the height apart',
        'wide' => [
            'message' => 'The feet are :cm cm apart, too wide to stand firm.',
            'mend' => 'Bring the other foot after, or shorten the step.',
        ],
        'near' => [
            'message' => 'The feet are :cm cm apart, too near to stand firm.',
            'mend' => 'Spread the feet, or step wider.',
        ],
    ],
    'no-exit' => [
        'trigger' => 'under escape or counter, ends within reach of a standing attacker’s fist (a warning where the last beat has a strike that reaches, an effect, both hands up, or a lock, pin or choke hold), or within one lunge, .9105 of the attacker’s height (a warning; a note with both hands up); a school may take one who is folded for down, or have notes only',
        'fist' => [
            'message' => 'Ends within reach of the attacker’s fist, by :cm cm.',
            'mend' => 'Add a beat that leaves.',
        ],
        'lunge' => [
            'message' => 'Ends :metres m from the attacker, within a lunge of :lunge m.',
            'mend' => 'Add a beat that leaves.',
        ],
    ],
    'strikes-before-release' => [
        'trigger' => 'more than two strikes before the first beat that ends unheld (where there is no hold: before leaving), under escape',
        'held' => [
            'message' => ':strikes strikes, and still held.',
            'mend' => 'Release first, strike less.',
        ],
        'staying' => [
            'message' => ':strikes strikes, and still not leaving.',
            'mend' => 'Leave sooner.',
        ],
    ],
    'too-long' => [
        'trigger' => 'more beats than the {rank} allows',
        'message' => ':beats beats; :rank allows :allowed.',
        'mend' => 'Leave something out, teach a short form, or introduce it later.',
    ],
    'slow-start' => [
        'trigger' => 'there is less than no time to spare before the first beat is done',
        'message' => 'The first beat is done :late s after the {attack} arrives (arrival :arrival s, reaction :reaction s, beat :beat s).',
        'mend' => 'Begin with something quicker, or see the {attack} coming from :metres m farther away.',
    ],
    'kick-while-held' => [
        'trigger' => 'a kick or knee while a moving hold pulls',
        'message' => 'The :limb leaves one foot to stand on while the attacker pulls.',
        'mend' => 'End the pull first, or strike with a hand or elbow.',
    ],
    'slow-choke' => [
        'trigger' => 'a choke is still on after beat 1 without tuck, strip, clamp or peel, or after 5 s',
        'first' => [
            'message' => 'The choke is on after the first beat, and nothing has been done to breathe.',
            'mend' => 'Begin with tuck, clamp, strip or peel.',
        ],
        'long' => [
            'message' => 'The choke is still on after :seconds s.',
            'mend' => 'End the hold sooner.',
        ],
    ],
    'gone-back' => [
        'trigger' => 'a control on the arm or leg of a blow that was pulled back, unless it was held since it came',
        'message' => 'The arm or leg has gone back: the :weapon is :cm too short for the :target.',
        'mend' => 'Take it in the beat in which it comes and hold it from then on, or go after it.',
    ],
    'no-room' => [
        'trigger' => 'goes farther than the place and the posture allow',
        'farther' => [
            'message' => 'Goes :cm cm farther than there is room (:room).',
            'mend' => 'Take another way, or shorter steps.',
        ],
        'behind' => [
            'message' => 'There is no way behind the attacker on that side: an arm is out at head height.',
            'mend' => 'Drop first, so that you go under the arm, or go round the other side.',
        ],
        'hop' => [
            'message' => 'Hops on stairs.',
            'mend' => 'Step instead.',
        ],
    ],
    'ground-grab' => [
        'trigger' => 'a foot stays within .73 of the height of a lying attacker’s hip, unless the attacker is locked, pinned or choked; a note where the doctrine is not escape',
        'message' => 'A foot is :cm cm from the attacker’s hip; from the ground the attacker reaches :reach cm.',
        'mend' => 'Step away at once.',
    ],
    'branch-ahead' => [
        'trigger' => 'goes to {an answer} of a higher {rank}',
        'message' => 'Goes to “:answer”, which is taught only at :rank.',
        'mend' => 'Go to {an answer} that is known by then, or write the beats out.',
    ],
    'crossed-feet' => [
        'trigger' => 'crosses the feet within the attacker’s reach',
        'message' => 'Crosses the feet while the attacker reaches.',
        'mend' => 'Step or slide instead.',
    ],
    'unbranched' => [
        'trigger' => 'nothing is ready for when an effect does not come',
        'message' => 'If the attacker is not :effect, beat :beat fails. :because',
        'mend' => 'Add “if not:” with what is done then.',
    ],
    'crowded' => [
        'trigger' => 'a kick at a gap under half its reach; punch, palm or fingertips under .4',
        'message' => 'The :weapon has :cm cm of room and needs :needed cm.',
        'mend' => 'Take a shorter weapon: elbow, knee, hammer.',
    ],
    'no-weight' => [
        'trigger' => 'a strike, shove or strip in a beat in which no foot moves and nothing pivots, two beats in a row',
        'message' => 'The second beat in a row in which the arms work and the feet do not.',
        'mend' => 'Put a step or a pivot under it.',
    ],
    'overhead' => [
        'trigger' => 'a target above the defender’s own eyes',
        'message' => 'Aims at the :target, :cm cm above the defender’s own eyes.',
        'mend' => 'Take a lower target, or bring the attacker down first.',
    ],
    'hand-only' => [
        'trigger' => 'a blow is stopped by a hand alone while the head stays in line',
        'message' => 'Only a hand stops it; the head is :cm cm short of being off the line.',
        'mend' => 'Take the head off the line too.',
    ],
    'blind-exit' => [
        'trigger' => 'moves more than 1 m within 60° of straight backward without looking',
        'message' => 'Goes :metres m backward without a look.',
        'mend' => 'Add “look” to this beat or the one before.',
    ],
    'worn-off' => [
        'trigger' => 'acts on the attacker after an effect has run out',
        'message' => 'The attacker is no longer :effect: that ended :seconds s before.',
        'mend' => 'Act sooner, or say what the attacker does then.',
    ],
    'force' => [
        'trigger' => 'the highest hazard is more than the {attack}’s intent allows',
        'message' => ':Hazard (level :level) is more than {an attack} to :intent calls for (level :allowed). The law of the place decides.',
        'mend' => 'Take a target or a control with less hazard.',
    ],
];
