<?php

declare(strict_types=1);

namespace StoneDrill\Core\Curriculum;

/**
 * The checks by the names under which findings are told, waived and kept. Each is a class in core/Checks; an answer
 * names those that its school waives.
 */
enum CheckId: string
{
    case PinnedLimb = 'pinned-limb';
    case TwoJobs = 'two-jobs';
    case NoSupport = 'no-support';
    case IsHit = 'is-hit';
    case OutOfReach = 'out-of-reach';
    case WrongFace = 'wrong-face';
    case WrongArc = 'wrong-arc';
    case StillHeld = 'still-held';
    case StrikeUnderControl = 'strike-under-control';
    case Policy = 'policy';
    case AgainstTheFingers = 'against-the-fingers';
    case BackTurned = 'back-turned';
    case InTheLine = 'in-the-line';
    case LooseHand = 'loose-hand';
    case Base = 'base';
    case NoExit = 'no-exit';
    case StrikesBeforeRelease = 'strikes-before-release';
    case TooLong = 'too-long';
    case SlowStart = 'slow-start';
    case KickWhileHeld = 'kick-while-held';
    case SlowChoke = 'slow-choke';
    case GoneBack = 'gone-back';
    case NoRoom = 'no-room';
    case GroundGrab = 'ground-grab';
    case BranchAhead = 'branch-ahead';
    case CrossedFeet = 'crossed-feet';
    case Unbranched = 'unbranched';
    case Crowded = 'crowded';
    case NoWeight = 'no-weight';
    case Overhead = 'overhead';
    case HandOnly = 'hand-only';
    case BlindExit = 'blind-exit';
    case WornOff = 'worn-off';
    case Force = 'force';
}
