<?php

declare(strict_types=1);

namespace Tests\Core\Checks;

use StoneDrill\Core\Attack\Recoil;
use StoneDrill\Core\Curriculum\Doctrine;
use StoneDrill\Core\Curriculum\ForceLevels;
use StoneDrill\Core\Curriculum\Hazard;
use StoneDrill\Core\Curriculum\PolicyLevel;
use StoneDrill\Core\Curriculum\PolicyRow;

/** Each check with a text that sets it off at the named beats, and one that nearly does and must not. */
final class ChecksTable
{
    /**
     * @return array<string, array<array-key, mixed>> check, kind, facets, beats, numbers of the beats where it finds
     *     something, and what else is set
     */
    public static function rows(): array
    {
        return [
            // A right wrist is held: it may strip and clamp, and hits only within 20 cm of the holding hand.
            'a held hand strikes' => ['pinned-limb', 'wrist-cross', [], 'right palm chin', ['1']],
            'a held hand strikes the arm that holds it' => [
                'pinned-limb',
                'wrist-cross',
                [],
                'right hammer forearm',
                [],
            ],
            'a held hand strips' => ['pinned-limb', 'wrist-cross', [], 'right hand strip toward thumb', []],
            'a held hand blocks' => ['pinned-limb', 'wrist-cross', [], 'right hand block', ['1']],
            'the elbow above a held hand' => ['pinned-limb', 'wrist-cross', [], 'right elbow chin', []],
            'freed in the beat before' => ['pinned-limb', 'wrist-cross', [], "left hand strip\nright palm chin", []],
            'a pinned arm at the head' => ['pinned-limb', 'hug-front-pinned', [], 'right palm chin', ['1']],
            // .48 · 1.68 = .806 is below .53 · 1.68 = .890; the belly at .974 is not.
            'a pinned arm at the groin' => ['pinned-limb', 'hug-front-pinned', [], 'right palm groin', []],
            'a pinned arm at the belly' => ['pinned-limb', 'hug-front-pinned', [], 'right hammer belly', ['1']],
            'a pinned elbow' => ['pinned-limb', 'hug-behind-pinned', ['bearing' => '6'], 'left elbow ribs', ['1']],
            'threaded arms' => [
                'pinned-limb',
                'arms-neck-behind',
                ['bearing' => '6'],
                'both hands clamp fingers',
                ['1'],
            ],
            'a hold that did not land' => [
                'pinned-limb',
                'wrist-cross',
                ['phase' => 'reaching'],
                'slide 6, right hand guard',
                [],
            ],

            'one foot twice' => ['two-jobs', 'closing-in', [], 'left foot step 9, left front kick groin', ['1']],
            'both hands and one of them' => ['two-jobs', 'closing-in', [], 'both hands guard, left palm chin', ['1']],
            'a gripping hand strikes' => ['two-jobs', 'cloth-one', [], "left hand clamp wrist\nleft palm chin", ['2']],
            'it has let go' => [
                'two-jobs',
                'cloth-one',
                [],
                "left hand clamp wrist\nleft hand let go, left palm chin",
                [],
            ],
            'the other one strikes' => ['two-jobs', 'cloth-one', [], "left hand clamp wrist\nright palm chin", []],

            'kicks while the other foot steps' => [
                'no-support',
                'closing-in',
                [],
                'right front kick groin, left foot step 12',
                ['1'],
            ],
            'kicks from where the other foot has stepped' => [
                'no-support',
                'closing-in',
                [],
                'left foot step 12, right front kick groin',
                [],
            ],
            'knees while sliding' => ['no-support', 'closing-in', [], 'right knee groin, slide 12', ['1']],
            'knees after sliding' => ['no-support', 'closing-in', [], 'slide 12, right knee groin', []],
            'stomps while the other foot steps' => [
                'no-support',
                'closing-in',
                [],
                'left foot step 12, right stomp instep',
                ['1'],
            ],
            'both legs' => ['no-support', 'closing-in', [], 'right knee groin, left stomp instep', ['1']],
            'hops' => ['no-support', 'closing-in', [], 'hop 12, right front kick groin', []],
            'jumps' => ['no-support', 'closing-in', [], 'left foot step 12, jumping right front kick groin', []],
            'stands' => ['no-support', 'closing-in', [], "left foot step 12\nright front kick groin", []],
            'lies' => ['no-support', 'ground-standing', ['bearing' => '6'], 'slide 12, right front kick knee', []],

            'a punch lands' => ['is-hit', 'punch-straight', ['phase' => 'reaching'], 'both hands guard', ['1']],
            'a punch is parried' => ['is-hit', 'punch-straight', ['phase' => 'reaching'], 'left hand parry', []],
            'a hold that lands is no hit' => ['is-hit', 'wrist-same', ['phase' => 'reaching'], 'look', []],
            'the second hand lands' => [
                'is-hit',
                'cloth-one',
                ['phase' => 'follow-up'],
                "left hand clamp wrist\nlook",
                ['2'],
            ],

            'short of the groin' => ['out-of-reach', 'closing-in', [], 'right knee groin', ['1']],
            'near enough' => ['out-of-reach', 'hug-front-free', [], 'right knee groin', []],
            'too far up' => ['out-of-reach', 'hug-front-free', [], 'right knee chin', ['1']],

            'the back of a head that faces' => ['wrong-face', 'cloth-one', [], 'right elbow back of head', ['1']],
            'any side' => ['wrong-face', 'cloth-one', [], 'right palm temple', []],
            'the chin of one who is turned away' => [
                'wrong-face',
                'cloth-one',
                [],
                "right palm temple -> turned\nright foot step 3, right punch chin",
                ['2'],
            ],
            'the chin of one who is turned away, with what goes round' => [
                'wrong-face',
                'cloth-one',
                [],
                "right palm temple -> turned\nright foot step 3, right palm chin",
                [],
            ],

            'a palm behind' => ['wrong-arc', 'hug-behind-free', ['bearing' => '6'], 'right palm chin', ['1']],
            'an elbow behind' => ['wrong-arc', 'hug-behind-free', ['bearing' => '6'], 'right elbow ribs', []],
            'a back kick behind' => ['wrong-arc', 'hug-behind-free', ['bearing' => '6'], 'right back kick knee', []],
            'a back kick in front, turning' => ['wrong-arc', 'cloth-one', [], 'right back kick knee', []],
            'a back kick in front, held fast' => ['wrong-arc', 'hug-front-free', [], 'right back kick knee', ['1']],
            'a side kick to its side' => ['wrong-arc', 'cloth-one', [], 'pivot 9, right side kick knee', []],
            'a side kick to the other, turning' => ['wrong-arc', 'cloth-one', [], 'pivot 3, right side kick knee', []],
            'a side kick behind, held fast' => [
                'wrong-arc',
                'hug-behind-free',
                ['bearing' => '6'],
                'right side kick knee',
                ['1'],
            ],

            'the held hand has another name' => [
                'two-jobs',
                'wrist-cross',
                [],
                'held hand strip, right hand clamp wrist',
                ['1'],
            ],
            'its fellow is another hand' => [
                'two-jobs',
                'wrist-cross',
                [],
                'other hand strip, right hand clamp wrist',
                [],
            ],
            'leaves while held' => ['still-held', 'wrist-cross', [], 'leave 6', ['1']],
            'strips and leaves at once' => ['still-held', 'wrist-cross', [], 'left hand strip, leave 6', ['1']],
            'ends held' => ['still-held', 'wrist-cross', [], "left palm chin\nlook", ['2']],
            'ends held, with a lock of one’s own' => [
                'still-held',
                'wrist-cross',
                [],
                "left palm chin\nleft hand lock wrist",
                [],
            ],
            'ends held in a branch only' => [
                'still-held',
                'wrist-cross',
                [],
                "left palm chin -> rocked\n  if not: look\nleft hand strip",
                [],
            ],
            'strips, then leaves' => ['still-held', 'wrist-cross', [], "left hand strip\nleave 6", []],

            'strikes under control' => [
                'strike-under-control', 'cloth-one', [], 'right palm chin', ['1'], ['doctrine' => Doctrine::Control],
            ],
            'strikes under counter' => ['strike-under-control', 'cloth-one', [], 'right palm chin', []],

            'contact that is not taught below the second rank' => [
                'policy',
                'cloth-one',
                [],
                "left hand clamp wrist\nright palm chest",
                ['2'],
                ['rank' => 'low', 'policy' => [new PolicyRow(Hazard::Contact, null, 'high', PolicyLevel::NotTaught)]],
            ],
            'contact that is stopped short there' => [
                'policy', 'cloth-one', [], "left hand clamp wrist\nright palm chest", [], ['rank' => 'low'],
            ],
            'contact at the second' => ['policy', 'cloth-one', [], 'right palm chest', []],

            'strips toward the fingers' => [
                'against-the-fingers',
                'wrist-cross',
                [],
                'both hands strip toward fingers',
                ['1'],
            ],
            'strips toward the thumb' => [
                'against-the-fingers',
                'wrist-cross',
                [],
                'both hands strip toward thumb',
                [],
            ],

            'turns the back' => ['back-turned', 'cloth-one', [], "left hand strip\npivot 6", ['2']],
            'a quarter turn' => ['back-turned', 'cloth-one', [], "left hand strip\npivot 3", []],
            'turns it while held' => ['back-turned', 'cloth-one', [], "left hand clamp wrist\npivot 6", []],
            'in the first beat nobody minds' => ['back-turned', 'cloth-one', [], 'pivot 6', []],

            'stays in the line' => ['in-the-line', 'punch-straight', ['phase' => 'reaching'], 'look', ['1']],
            'stays and strikes home' => [
                'in-the-line',
                'punch-straight',
                ['phase' => 'reaching'],
                'right palm chin',
                [],
            ],
            'steps straight in' => ['in-the-line', 'punch-straight', ['phase' => 'reaching'], 'slide 12', ['1']],
            'steps off it' => ['in-the-line', 'punch-straight', ['phase' => 'reaching'], 'slide 10:30', []],
            'stays and parries' => ['in-the-line', 'punch-straight', ['phase' => 'reaching'], 'left hand parry', []],
            'goes straight back and out' => ['in-the-line', 'punch-straight', ['phase' => 'reaching'], 'slide 6', []],
            'a push is no blow' => ['in-the-line', 'push-two', ['phase' => 'reaching'], 'look', []],

            'two beats in the attacker’s reach' => ['loose-hand', 'cloth-one', [], "look\nlook\nlook", ['2']],
            'struck in one of them' => ['loose-hand', 'cloth-one', [], "look\nright palm chin", []],
            'an effect in one of them' => [
                'loose-hand',
                'cloth-one',
                [],
                "look\nleft hand clamp elbow -> straightened",
                [],
            ],
            'a hold that ends in one of them' => ['loose-hand', 'cloth-one', [], "left hand strip\nlook", []],
            'guarded in one of them' => ['loose-hand', 'cloth-one', [], "look\nleft hand guard", []],
            'out of the attacker’s reach' => ['loose-hand', 'closing-in', [], "look\nlook", []],

            'too wide' => ['base', 'closing-in', [], 'left foot step 9 long', ['1']],
            'wide enough' => ['base', 'closing-in', [], 'left foot step 9', []],
            'too near' => ['base', 'closing-in', [], 'left foot step 3 0.3 m', ['1']],

            'ends in the attacker’s reach' => ['no-exit', 'cloth-one', [], 'left hand clamp wrist', ['1']],
            'leaves' => ['no-exit', 'closing-in', [], 'leave 6', []],
            'subdues' => ['no-exit', 'cloth-one', [], 'left hand clamp elbow', [], ['doctrine' => Doctrine::Subdue]],
            'the attacker is folded for a moment' => [
                'no-exit',
                'cloth-one',
                [],
                'left hand clamp elbow -> folded',
                ['1'],
            ],
            'the attacker lies' => ['no-exit', 'cloth-one', [], 'right palm chin -> dropped', []],
            'holds on purpose' => [
                'no-exit',
                'cloth-one',
                [],
                'left hand clamp wrist',
                [],
                ['doctrine' => Doctrine::Control],
            ],

            'three before it is off' => [
                'strikes-before-release', 'cloth-one', [], "right palm chin x2\nright elbow chin\nleft hand strip", ['2'],
                ['doctrine' => Doctrine::Escape],
            ],
            'two before it is off' => [
                'strikes-before-release', 'cloth-one', [], "right palm chin x2\nleft hand strip\nright elbow chin", [],
                ['doctrine' => Doctrine::Escape],
            ],
            'no hold: before leaving' => [
                'strikes-before-release', 'closing-in', [], "right palm chin x3\nleave 6", ['1'],
                ['doctrine' => Doctrine::Escape],
            ],
            'counter counts none' => ['strikes-before-release', 'closing-in', [], "right palm chin x3\nleave 6", []],

            'four beats where three are allowed' => [
                'too-long', 'closing-in', [], "look\nlook\nlook\nleave 6", ['4'], ['rank' => 'low'],
            ],
            'three' => ['too-long', 'closing-in', [], "look\nlook\nleave 6", [], ['rank' => 'low']],

            // Arrival .45, one family: reaction .25; a step takes .35, a parry .20.
            'a step against a punch: .15 late' => [
                'slow-start', 'punch-straight', ['phase' => 'reaching'], 'left foot step 10:30', ['1'], ['rung' => 6],
            ],
            'a parry just comes: .00' => [
                'slow-start', 'punch-straight', ['phase' => 'reaching'], 'left hand parry', [], ['rung' => 6],
            ],
            'at the goal rung, on call: told of' => [
                'slow-start',
                'punch-straight',
                ['phase' => 'reaching'],
                'left foot step 10:30',
                [],
            ],
            'at a goal rung with the moment hidden' => [
                'slow-start', 'punch-straight', ['phase' => 'reaching'], 'left foot step 10:30', ['1'], ['goal' => 5],
            ],
            'told of, on call' => [
                'slow-start', 'punch-straight', ['phase' => 'reaching'], 'left foot step 10:30', [], ['rung' => 4],
            ],
            'what has landed does not arrive' => ['slow-start', 'wrist-cross', [], 'wait 5 s', []],

            // Off to 1.46 m: the wrist of an arm that was drawn back is 1.07 m away, out of the .77 + .20 m of a hand
            // and the
            // body.
            'a wrist that went back' => [
                'gone-back', 'punch-straight', ['phase' => 'reaching'], "leave 6 0.8 m, left hand parry\nleft hand clamp wrist",
                ['2'], ['recoil' => Recoil::PulledBack],
            ],
            'a wrist that is left out' => [
                'gone-back',
                'punch-straight',
                ['phase' => 'reaching'],
                "leave 6 0.8 m, left hand parry\nleft hand clamp wrist",
                [],
            ],
            'a wrist that is held since it came' => [
                'gone-back',
                'punch-straight',
                ['phase' => 'reaching'],
                "left hand parry, right hand clamp wrist\nleave 6 0.8 m, left hand clamp wrist",
                [],
                ['recoil' => Recoil::PulledBack],
            ],
            'a lock from afar' => ['out-of-reach', 'closing-in', [], 'right hand lock wrist', ['1']],
            'a control near by' => ['out-of-reach', 'wrist-cross', [], 'left hand lock wrist', []],
            'behind past an arm' => ['no-room', 'throat-front', ['hand' => 'both'], 'go behind left', ['1']],
            'behind, under it' => ['no-room', 'throat-front', ['hand' => 'both'], 'drop, go behind left', []],
            'a kick on all fours' => ['no-support', 'closing-in', [], "all fours\nleft front kick shin", ['2']],
            'two legs block' => ['no-support', 'closing-in', [], 'left knee block, right foot block', ['1']],
            'a knee blocks' => ['no-support', 'closing-in', [], 'left knee block', []],

            'a knee while pulled' => [
                'kick-while-held',
                'wrist-cross',
                ['phase' => 'moving', 'intent' => 'move'],
                'right knee groin',
                ['1'],
            ],
            'a knee while driven' => [
                'kick-while-held',
                'wrist-cross',
                ['phase' => 'moving', 'intent' => 'pin'],
                'right knee groin',
                [],
            ],
            'a palm while pulled' => [
                'kick-while-held',
                'wrist-cross',
                ['phase' => 'moving', 'intent' => 'move'],
                'left palm chin',
                [],
            ],

            'strikes first in a choke' => [
                'slow-choke',
                'throat-front',
                [],
                "right palm chin\nboth hands strip",
                ['1'],
            ],
            'tucks first' => ['slow-choke', 'throat-front', [], "tuck\nboth hands strip", []],
            'on for more than 5 s' => ['slow-choke', 'throat-front', [], "tuck\nwait 5 s\nboth hands strip", ['2']],
            'a grab is no choke' => ['slow-choke', 'cloth-one', [], 'look', []],

            // A slide goes .336; leaving goes 1.764.
            'leaves a corridor sideways' => ['no-room', 'closing-in', ['place' => 'narrow'], 'leave 3', ['1']],
            'leaves it along' => ['no-room', 'closing-in', ['place' => 'narrow'], 'leave 6', []],
            'slides back on stairs' => ['no-room', 'closing-in', ['place' => 'stairs'], 'slide 6', []],
            'slides back twice' => ['no-room', 'closing-in', ['place' => 'stairs'], "slide 6\nslide 6", ['2']],
            'hops on stairs' => ['no-room', 'closing-in', ['place' => 'stairs'], 'hop 3', ['1']],
            'back to the wall' => ['no-room', 'wrist-cross', ['posture' => 'wall'], 'slide 6', ['1']],
            'along the wall' => ['no-room', 'wrist-cross', ['posture' => 'wall'], 'slide 3', []],
            'a metre in a crowd' => ['no-room', 'closing-in', ['place' => 'crowd'], 'slide 3 1 m', []],
            'more than that' => ['no-room', 'closing-in', ['place' => 'crowd'], 'slide 3 1.1 m', ['1']],

            'stands beside one who lies, told once' => [
                'ground-grab',
                'cloth-one',
                [],
                "right palm chin -> dropped\nlook\nlook\nlook",
                ['2'],
            ],
            'stands beside one who lies, pinned' => [
                'ground-grab',
                'cloth-one',
                [],
                "right palm chin -> dropped\nboth hands pin chest\nleave 6",
                [],
            ],
            'stands beside one who lies' => [
                'ground-grab',
                'cloth-one',
                [],
                "right palm chin -> dropped\nlook\nleave 6",
                ['2'],
            ],
            'goes at once' => ['ground-grab', 'cloth-one', [], "right palm chin -> dropped\nleave 6", []],
            'goes on at a higher rank' => [
                'branch-ahead',
                'cloth-one',
                [],
                "right palm chin -> rocked\n  if not: go to \"Later\" beat 1\nlook",
                ['1'],
                ['rank' => 'low', 'others' => ['Later' => ['high', 'leave 6']]],
            ],
            'goes on at the same' => [
                'branch-ahead',
                'cloth-one',
                [],
                "right palm chin -> rocked\n  if not: go to \"Later\" beat 1\nlook",
                [],
                ['others' => ['Later' => ['high', 'leave 6']]],
            ],

            'crosses in the attacker’s reach' => ['crossed-feet', 'cloth-one', [], 'left foot cross 3', ['1']],
            'crosses far off' => ['crossed-feet', 'closing-in', [], 'left foot cross 3', []],

            'nothing ready for when the attacker is not driven back' => [
                'unbranched',
                'wrist-cross',
                [],
                "left palm chin -> driven back\nleave 6",
                ['1'],
            ],
            'an if not' => [
                'unbranched',
                'wrist-cross',
                [],
                "left palm chin -> driven back\n  if not: left hand strip\nleave 6",
                [],
            ],
            'nothing hangs on it' => [
                'unbranched',
                'wrist-cross',
                [],
                "left palm chin -> rocked\nleft hand strip\nleave 6",
                [],
            ],

            'a kick with no room' => ['crowded', 'hug-front-free', [], 'right front kick groin', ['1']],
            'a knee needs none' => ['crowded', 'hug-front-free', [], 'right knee groin', []],
            'a punch with no room' => ['crowded', 'hug-front-free', [], 'right punch ribs', ['1']],
            'an elbow needs none' => ['crowded', 'hug-front-free', [], 'right elbow ribs', []],

            'arms alone, twice' => ['no-weight', 'cloth-one', [], "right palm chin\nleft palm chin", ['2']],
            'a step under the second' => [
                'no-weight',
                'cloth-one',
                [],
                "right palm chin\nright foot step 12 short, left palm chin",
                [],
            ],
            'a clamp is no strike' => ['no-weight', 'cloth-one', [], "right palm chin\nleft hand clamp wrist", []],

            'up at a tall man' => [
                'overhead', 'cloth-one', [], 'right palm chin', ['1'], ['defender' => 1.52, 'attacker' => 1.85],
            ],
            'at one alike' => ['overhead', 'cloth-one', [], 'right palm eyes', []],

            'only a hand' => ['hand-only', 'punch-straight', ['phase' => 'reaching'], 'left hand parry', ['1']],
            'a hand and the head off the line' => [
                'hand-only',
                'punch-straight',
                ['phase' => 'reaching'],
                'slip 3 long, left hand parry',
                [],
            ],

            'goes back blind' => ['blind-exit', 'closing-in', [], 'leave 6', ['1']],
            'goes back with a look' => ['blind-exit', 'closing-in', [], 'leave 6, look', []],
            'looks before' => ['blind-exit', 'closing-in', [], "look\nleave 6", []],
            'goes sideways' => ['blind-exit', 'closing-in', [], 'leave 3', []],

            'acts when the fold is over' => [
                'worn-off',
                'hug-front-free',
                [],
                "right knee groin -> folded\nwait 1.5 s\nleft elbow chin",
                ['3'],
            ],
            'acts while it lasts' => [
                'worn-off',
                'hug-front-free',
                [],
                "right knee groin -> folded\nwait 1.2 s\nleft elbow chin",
                [],
            ],

            'the throat of one who shoves' => [
                'force',
                'push-two',
                ['phase' => 'reaching', 'intent' => 'move'],
                "both hands block\nright palm throat",
                ['2'],
            ],
            'the chin of one who shoves' => [
                'force',
                'push-two',
                ['phase' => 'reaching', 'intent' => 'move'],
                "both hands block\nright palm chin",
                [],
            ],
            // 4 against one who chokes, 3 against one who strikes.
            'the throat of one who chokes' => [
                'force',
                'throat-front',
                ['intent' => 'choke'],
                "both hands press throat\nright palm throat",
                [],
            ],
            'the throat of one who strikes' => [
                'force',
                'punch-straight',
                ['phase' => 'follow-up', 'intent' => 'strike'],
                'right palm throat',
                ['1'],
            ],
            'the throat of one who shoves, where a school thinks less of it' => [
                'force',
                'push-two',
                ['phase' => 'reaching', 'intent' => 'move'],
                "both hands block\nright palm throat",
                [],
                ['force' => new ForceLevels([...ForceLevels::HAZARDS, 'throat' => 2])],
            ],
            'the chin of one who shoves, where a school allows less' => [
                'force',
                'push-two',
                ['phase' => 'reaching', 'intent' => 'move'],
                "both hands block\nright palm chin",
                ['2'],
                ['force' => new ForceLevels(allowed: [...ForceLevels::ALLOWED, 'move' => 1])],
            ],
            'the chin of one who only threatens' => ['force', 'closing-in', [], 'right palm chin', ['1']],
        ];
    }
}
