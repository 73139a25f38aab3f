<?php

declare(strict_types=1);

namespace StoneDrill\Core\Floor;

use StoneDrill\Core\Attack\Facets;
use StoneDrill\Core\Attack\Kind;
use StoneDrill\Core\Attack\LimbStatus;
use StoneDrill\Core\Attack\Phase;
use StoneDrill\Core\Attack\Thumb;
use StoneDrill\Core\Geometry\Angle;
use StoneDrill\Core\Geometry\Bearing;
use StoneDrill\Core\Technique\Action;
use StoneDrill\Core\Technique\Limb;
use StoneDrill\Core\Technique\Strike;
use StoneDrill\Core\Technique\Target;

/**
 * What follows from an attack before anything is done: what is free, what is exposed, where the attacker reaches.
 * Derived, never typed in. Figures are planning estimates.
 */
final readonly class Situation
{
    /** How far the ring of threats tries the defender off, as a share of the stature. */
    private const RING = 0.35;

    private const LIMBS = [
        Limb::LeftHand, Limb::RightHand, Limb::LeftElbow, Limb::RightElbow,
        Limb::LeftFoot, Limb::RightFoot, Limb::LeftKnee, Limb::RightKnee, Limb::Head,
    ];

    /**
     * @param list<LimbStatus> $limbs        of the defender
     * @param list<string>     $attackerFree the attacker's hands and feet that are free
     * @param list<Hit>        $inReach      what every free weapon of the defender's reaches from here, the most to
     *     spare first
     * @param ?string          $weakSide     the way in which a wrist hold opens: where the thumb lies; null for other
     *     holds
     * @param list<RingPlace>  $ring         twelve bearings, 12 o'clock first
     * @param Frame            $start        both before the first beat
     */
    private function __construct(
        public array $limbs,
        public array $attackerFree,
        public array $inReach,
        public ?string $weakSide,
        public array $ring,
        public Frame $start,
    ) {}

    /** @param ?list<Target> $targets what is looked for within reach; all there are where none are named */
    public static function of(Kind $kind, Facets $facets, Bodies $bodies, ?array $targets = null): self
    {
        $opening = new Opening($kind, $facets);
        $scene = $opening->scene($bodies);
        $limbs = array_map($scene->hold->status(...), self::LIMBS);

        return new self(
            $limbs,
            array_map(
                static fn (array $free): string => $free[0]->value.($free[1] ? ' hand' : ' foot'),
                Weapons::sides($scene),
            ),
            self::inReach($scene, new Striker(new Spots($kind, $facets)), $limbs, $targets ?? Target::cases()),
            $kind->holdsWrist() && $facets->thumb !== Thumb::NotApplicable ? $facets->thumb->value : null,
            self::ring($scene, $facets, $opening),
            (new Simulation($kind, $facets, $bodies))->start(),
        );
    }

    /**
     * Of what is in reach, what is worth a word: the most to spare first, each limb and each target once, nothing of
     * the arms.
     *
     * @return list<Hit>
     */
    public function foremost(int $most): array
    {
        $limbs = $targets = $foremost = [];
        foreach ($this->inReach as $hit) {
            if (
                count($foremost) < $most
                && ! $hit->target->isOfArm()
                && ! isset($limbs[$hit->limb->value])
                && ! isset($targets[$hit->target->value])
            ) {
                $limbs[$hit->limb->value] = $targets[$hit->target->value] = true;
                $foremost[] = $hit;
            }
        }

        return $foremost;
    }

    /**
     * @param list<LimbStatus> $limbs
     * @param list<Target>     $targets
     *
     * @return list<Hit>
     */
    private static function inReach(Scene $scene, Striker $striker, array $limbs, array $targets): array
    {
        $reached = [];
        foreach ($limbs as $status) {
            foreach ($status->isFree() ? Strike::by($status->limb) : [] as $strike) {
                foreach ($targets as $target) {
                    $action = new Action($status->limb, $strike, [$target]);
                    $hit = $striker->hit($scene, $action, [$action]);
                    if (
                        $hit !== null
                        && ($hit->measure->margin ?? -1.0) >= 0
                        && $hit->aim->isFaced
                        && $hit->aim->isInArc
                    ) {
                        $reached[] = $hit;
                    }
                }
            }
        }
        usort($reached, static fn (Hit $a, Hit $b): int => $b->measure->margin <=> $a->measure->margin);

        return $reached;
    }

    /** @return list<RingPlace> */
    private static function ring(Scene $scene, Facets $facets, Opening $opening): array
    {
        $advance = $facets->phase === Phase::Reaching ? $opening->advance($scene->bodies) : 0.0;
        $ring = [];
        foreach ([12, 1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11] as $hour) {
            $there = clone $scene;
            $there->attackerX += $advance * sin(deg2rad($scene->attackerFacing));
            $there->attackerY += $advance * cos(deg2rad($scene->attackerFacing));
            $bearing = Bearing::hour($hour);
            $metres = self::RING * $scene->bodies->defender;
            $there->carryDefender(
                $metres * sin(deg2rad($bearing->toDegrees())),
                $metres * cos(deg2rad($bearing->toDegrees())),
            );
            $off = Angle::turn(
                $there->attackerFacing,
                Angle::of($there->x - $there->attackerX, $there->y - $there->attackerY),
            );
            $reaching = array_values(
                array_filter(Weapons::free($there), static fn (Threat $threat): bool => $threat->reaches()),
            );
            $ring[] = new RingPlace($bearing, count($reaching), Sector::of($off), $reaching);
        }

        return $ring;
    }
}
