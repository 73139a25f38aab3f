<?php

declare(strict_types=1);

namespace StoneDrill\Core\Floor\Elevation;

use StoneDrill\Core\Attack\Hand;
use StoneDrill\Core\Floor\Bodies;
use StoneDrill\Core\Floor\Frame;
use StoneDrill\Core\Floor\Grasp;
use StoneDrill\Core\Floor\Hit;
use StoneDrill\Core\Floor\Spot;
use StoneDrill\Core\Floor\Stance;
use StoneDrill\Core\Geometry\Joint;
use StoneDrill\Core\Technique\Limb;

/**
 * One beat seen from the side, along the line of the two axes: the same frame as from above, in elevation. Planning
 * estimates.
 */
final readonly class Elevation
{
    public Body $defender;

    public Body $attacker;

    /** @var list<Thrown> in written order */
    public array $thrown;

    /** Degrees clockwise from 12 in which the attacker is from the defender: along it is looked across. */
    private float $line;

    private function __construct(public Frame $frame)
    {
        $positions = $frame->positions();
        [$defender, $attacker] = [$positions->defender, $positions->attacker];
        $this->line
            = $positions->distance < 1e-9 ? $defender->facing : $defender->feet->axis->bearingTo($attacker->feet->axis);
        $this->thrown = array_map($this->thrown(...), $frame->hits);
        $hands = $feet = [];
        foreach ($frame->grasps as $grasp) {
            foreach (self::sides($grasp->limb) as $side) {
                $hands[$side->value] = $this->taken($defender, $attacker, $grasp, $side);
            }
        }
        foreach ($positions->limbs->held ?? [] as $limb) {
            foreach (self::sides($limb) as $side) {
                $hands[$side->value] = self::node(
                    $positions->limbs?->hands[self::busy($frame)]
                        ?? new Spot($defender->feet->axis->x, $defender->feet->axis->y, 0.0, 0.0),
                );
            }
        }
        foreach ($this->thrown as $thrown) {
            $side = self::sides($thrown->hit->limb)[0] ?? null;
            if (
                $side !== null
                && $thrown->hit->strike->joint() === Joint::Shoulder
                && ! $thrown->hit->strike->isItsOwnLimb()
            ) {
                $hands[$side->value] = $thrown->tip;
            } elseif ($side !== null && $thrown->hit->strike->isByFoot()) {
                $feet[$side->value] = $thrown->tip;
            }
        }
        $this->defender = new Body($defender, false, $hands, $feet);
        $this->attacker = new Body(
            $attacker,
            true,
            $this->busyHands($frame),
            $positions->limbs?->foot === null
                ? []
                : [$positions->limbs->kicks === Hand::Left ? 'left' : 'right' => self::node($positions->limbs->foot)],
        );
    }

    public static function of(Frame $frame): self
    {
        return new self($frame);
    }

    /** Metres along the line of the axes, from the defender's toward the attacker's. */
    public function along(Node $node): float
    {
        $axis = $this->frame->positions()->defender->feet->axis;

        return ($node->x - $axis->x) * sin(deg2rad($this->line)) + ($node->y - $axis->y) * cos(deg2rad($this->line));
    }

    private function thrown(Hit $hit): Thrown
    {
        [$defender, $attacker] = [$this->frame->positions()->defender, $this->frame->positions()->attacker];
        $side = self::sides($hit->limb)[0] ?? null;
        $joint = (new Body($defender, false))->joint($hit->strike->joint(), $side);
        $over = $hit->target->isOfHead() ? $attacker->head : $attacker->feet->axis;
        $way = $joint->floor()->bearingTo($over);
        // A target of the trunk is on its surface, one of a limb where the limb is.
        $target = $joint->toward($way, max(0.0, $hit->measure->gap))->at($hit->measure->height ?? $joint->height);
        $chain = $hit->strike->chain() * $defender->stature;
        $far = $joint->distanceTo($target);
        $tip = $hit->reaches() || $far < 1e-9
            ? $target
            : $joint->between(
                $target,
                min(1.0, ($chain + ($hit->measure->tooFarUp ? 0.0 : Bodies::LEAN * $defender->stature)) / $far),
            );

        return new Thrown($hit, $joint, $tip, $target, $chain);
    }

    private function taken(Stance $defender, Stance $attacker, Grasp $grasp, Side $side): Node
    {
        $joint = (new Body($defender, false))->joint(Joint::Shoulder, $side);
        $far = min(
            max(0.0, $grasp->measure->gap),
            max(0.0, $grasp->measure->tooFarUp ? $grasp->measure->gap : $grasp->measure->reach),
        );

        return $joint
            ->toward($joint->floor()->bearingTo($attacker->feet->axis), $far)
            ->at($grasp->measure->height ?? $joint->height);
    }

    /** @return array<string, Node> where the attacker's hands are that do something */
    private function busyHands(Frame $frame): array
    {
        $limbs = $frame->positions()->limbs;

        return $limbs === null
            ? []
            : array_map(self::node(...), array_intersect_key($limbs->hands, array_fill_keys($limbs->busy, true)));
    }

    /** The hand of the attacker's that has the defender's. */
    private static function busy(Frame $frame): string
    {
        return $frame->positions()->limbs->busy[0] ?? 'right';
    }

    private static function node(Spot $spot): Node
    {
        return new Node($spot->x, $spot->y, $spot->height);
    }

    /** @return list<Side> */
    private static function sides(Limb $limb): array
    {
        return match (true) {
            $limb->isLeft() => [Side::Left],
            $limb->isRight() => [Side::Right],
            $limb->isHand() => Side::cases(),
            default => [],
        };
    }
}
