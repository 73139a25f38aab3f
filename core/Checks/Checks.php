<?php

declare(strict_types=1);

namespace StoneDrill\Core\Checks;

use StoneDrill\Core\Curriculum\CheckId;

/** Every check there is. One is added by its class and its line here. */
final class Checks
{
    /** What decides whether an answer works: what stops it there keeps it from doing what it is for. */
    public const DECISIVE = [CheckId::IsHit, CheckId::PinnedLimb, CheckId::OutOfReach, CheckId::StillHeld];

    private const ALL = [
        PinnedLimb::class,
        TwoJobs::class,
        NoSupport::class,
        IsHit::class,
        OutOfReach::class,
        WrongFace::class,
        WrongArc::class,
        StillHeld::class,
        StrikeUnderControl::class,
        Policy::class,
        AgainstTheFingers::class,
        BackTurned::class,
        InTheLine::class,
        LooseHand::class,
        Base::class,
        NoExit::class,
        StrikesBeforeRelease::class,
        TooLong::class,
        SlowStart::class,
        KickWhileHeld::class,
        SlowChoke::class,
        GoneBack::class,
        NoRoom::class,
        GroundGrab::class,
        BranchAhead::class,
        CrossedFeet::class,
        Unbranched::class,
        Crowded::class,
        NoWeight::class,
        Overhead::class,
        HandOnly::class,
        BlindExit::class,
        WornOffEffect::class,
        Force::class,
    ];

    /** @return list<Check> */
    public static function all(): array
    {
        static $all = null;

        return $all ??= array_map(static fn (string $class): Check => new $class(), self::ALL);
    }

    /**
     * Those that tell whether what is done works, which hang on where both stand.
     *
     * @return list<Check>
     */
    public static function ofTheFloor(): array
    {
        static $floor = null;

        return $floor ??= array_map(static fn (string $class): Check => new $class(), [
            PinnedLimb::class, IsHit::class, OutOfReach::class, WrongFace::class, WrongArc::class, StillHeld::class,
        ]);
    }
}
