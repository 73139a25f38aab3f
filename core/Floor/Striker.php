<?php

declare(strict_types=1);

namespace StoneDrill\Core\Floor;

use LogicException;
use StoneDrill\Core\Geometry\Angle;
use StoneDrill\Core\Technique\Action;
use StoneDrill\Core\Technique\Beat;
use StoneDrill\Core\Technique\Limb;
use StoneDrill\Core\Technique\Strike;
use StoneDrill\Core\Technique\Target;

/** Where the defender's strikes get to, from where everyone is. */
final readonly class Striker
{
    /**
     * Degrees past the edge of its half that a strike goes round to a target, and the share of the stature it takes of
     * its reach.
     */
    private const ROUND = 50.0;
    private const ROUND_COSTS = 0.15;

    /** How far a strike carries the body along where it is short, as shares of the stature. */
    private const KNEE_DRIVE = 0.25;
    private const KICK_DRIVE = 0.35;

    public function __construct(private Spots $spots) {}

    /**
     * The strike at the first of its targets that is exposed and reached, otherwise at the first.
     *
     * @param list<Action> $actions of the same beat
     */
    public function hit(Scene $scene, Action $action, array $actions): ?Hit
    {
        if (! ($action->verb instanceof Strike) || $action->limb === null || $action->targets === []) {
            return null;
        }
        if ($action->limb === Limb::FreeHand) {
            return $this->byFreeHand($scene, $action, $action->verb, $actions);
        }

        return $this->at(
            $scene,
            Hands::named($scene, $action->limb),
            $action->verb,
            $action->targets,
            $action,
            $actions,
        );
    }

    /**
     * Whether any of a strike's targets is on the half of the attacker's body that is turned to the striker, or so
     * little beyond that the strike goes round to it.
     */
    public function isFaced(Scene $scene, Action $action): bool
    {
        $strike = $action->verb;
        if (! ($strike instanceof Strike)) {
            return false;
        }
        foreach ($action->targets as $target) {
            if (
                $this->missesFace($scene, $target)
                <= ($strike->wraps() && $target !== Target::Spine ? self::ROUND : 0.0) + 1e-9
            ) {
                return true;
            }
        }

        return false;
    }

    /**
     * Metres from a shoulder within which a fist meets the front of the attacker's chin; null where it is too high for
     * any distance.
     */
    public function fistReach(Scene $scene): ?float
    {
        $chin = $this->spots->of($scene, Target::Chin, Limb::RightHand);
        $measure = Chain::of(Strike::Punch)->measure(
            $scene,
            Limb::RightHand,
            $chin,
            [$scene->x, $scene->y],
            $scene->facing,
            0.0,
            0.0,
        );

        return $measure->tooFarUp ? null : $measure->reach + $chin->surface;
    }

    /** @param list<Action> $actions */
    private function byFreeHand(Scene $scene, Action $action, Strike $strike, array $actions): Hit
    {
        $best = null;
        foreach (Hands::free($scene, $actions) as $hand) {
            $hit = $this->at(
                $scene,
                $hand,
                $strike,
                $action->targets ?: throw new LogicException('A strike has a target.'),
                $action,
                $actions,
            );
            if ($best === null || $hit->measure->isBetterThan($best->measure)) {
                $best = $hit;
            }
        }

        return $best;
    }

    /**
     * @param non-empty-list<Target> $targets
     * @param list<Action>           $actions of the same beat
     */
    private function at(Scene $scene, Limb $limb, Strike $strike, array $targets, Action $action, array $actions): Hit
    {
        $from = $this->from($scene, $action, $actions);
        $most = $this->mostDrive($scene, $strike, $actions);
        $first = null;
        foreach ($targets as $target) {
            $turning = $action->manner->spinning ? Turning::none($scene) : Turning::of($scene, $limb, $strike, $target);
            $hit = $this->one($scene, $limb, $strike, $target, $turning, $from, $most);
            if ($hit->aim->isFaced && $hit->reaches()) {
                return $hit;
            }
            $first ??= $hit;
        }

        return $first;
    }

    /**
     * Where a strike is thrown from: the axis, or the foot that has come for a kick.
     *
     * @param list<Action> $actions of the same beat
     *
     * @return array{float, float}
     */
    private function from(Scene $scene, Action $action, array $actions): array
    {
        if ($action->limb === null || Beat::stepBefore($actions, $action) === null) {
            return [$scene->x, $scene->y];
        }

        return $action->limb->isLeft() ? [$scene->rightX, $scene->rightY] : [$scene->leftX, $scene->leftY];
    }

    /**
     * Metres that a strike carries the body along at most: only while both feet stand.
     *
     * @param list<Action> $actions of the same beat
     */
    private function mostDrive(Scene $scene, Strike $strike, array $actions): float
    {
        return $strike === Strike::Stomp || ! Chain::isCarried($scene, $actions)
            ? 0.0
            : $scene->bodies->defender * self::drive($strike);
    }

    /** How far a strike carries the body along at most where it is short, as a share of the stature. */
    public static function drive(Strike $strike): float
    {
        return match (true) {
            $strike->isKick() => self::KICK_DRIVE,
            $strike === Strike::Knee => self::KNEE_DRIVE,
            default => Chain::DRIVE,
        };
    }

    /** @param array{float, float} $from */
    private function one(
        Scene $scene,
        Limb $limb,
        Strike $strike,
        Target $target,
        Turning $turning,
        array $from,
        float $most,
    ): Hit {
        $facing = $turning->facing;
        $off = Angle::turn($facing, $scene->bearingToAttacker());
        $missesArc = $scene->isHeldAt($target) ? 0.0 : $strike->missesRound($off, $limb->isLeft());
        $missesFace = $this->missesFace($scene, $target);
        $goesRound
            = $missesFace > 1e-9 && $missesFace <= self::ROUND + 1e-9 && $strike->wraps() && $target !== Target::Spine;
        $missesFace = $goesRound ? 0.0 : $missesFace;
        $aim = new Aim($missesFace, $missesArc, $off, $turning->by, $turning->leaves);
        $costs = $goesRound ? self::ROUND_COSTS * $scene->bodies->defender : 0.0;

        return new Hit(
            $limb,
            $strike,
            $target,
            Chain::of($strike)->measure(
                $scene,
                $limb,
                $this->spots->of($scene, $target, $limb),
                $from,
                $facing,
                $costs,
                $most,
            ),
            $aim,
        );
    }

    /**
     * Degrees by which a target is not on the half of the attacker's body that is turned to the striker; 0 or below
     * where it is.
     */
    private function missesFace(Scene $scene, Target $target): float
    {
        $isOpen = ($target === Target::BackOfHead || $target === Target::Spine)
        && ($scene->attackerPosture === Posture::Folded || $scene->hasGripOnHead());

        return $isOpen
            ? 0.0
            : $target
                ->face()
                ->missedBy(
                    Angle::turn(
                        $scene->attackerFacing,
                        Angle::of($scene->x - $scene->attackerX, $scene->y - $scene->attackerY),
                    ),
                );
    }
}
