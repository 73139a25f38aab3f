<?php

declare(strict_types=1);

namespace App\View\Floor;

use StoneDrill\Core\Attack\Hand;
use StoneDrill\Core\Floor\Frame;
use StoneDrill\Core\Floor\Hit;
use StoneDrill\Core\Floor\Stance;
use StoneDrill\Core\Floor\Stride;
use StoneDrill\Core\Floor\Threat;
use StoneDrill\Core\Geometry\Joint;
use StoneDrill\Core\Geometry\Point;
use StoneDrill\Core\Technique\Limb;

/** One beat as it is drawn. */
final readonly class FloorFrame
{
    /** How far beside a foot, and below both, its words stand, in the units of the drawing. */
    private const BESIDE = 8.0;
    private const BELOW = 26.0;

    public FloorFigure $defender;
    public FloorFigure $attacker;

    /**
     * @var list<array{x1: float, y1: float, x2: float, y2: float, label: string, lx: float, ly: float, anchor: string,
     *     reaches: bool}>
     */
    public array $strikes;

    /** @var list<array{path: string, reaches: bool}> the attacker’s free weapons, as far as they reach */
    public array $threats;

    /** @var list<string> how far the defender's fists come */
    public array $reach;

    /**
     * @var list<array{x1: float, y1: float, x2: float, y2: float}> from the attacker’s arms that hold to the defender
     */
    public array $holds;

    /**
     * @var list<array{x: float, y: float, anchor: string, label: string}> how far a foot went, where that is not as far
     *     as usual
     */
    public array $steps;

    /** @var array{defender: BodyName, attacker: BodyName} */
    public array $names;

    /** @param string $track the first beat of the what-if it belongs to, empty on the main line */
    public function __construct(
        public Frame $frame,
        public string $track,
        public string $path,
        public string $attackerPath,
    ) {
        $this->defender = new FloorFigure($frame->positions()->defender);
        $this->attacker = new FloorFigure($frame->positions()->attacker);
        $this->strikes = array_map($this->strike(...), $frame->hits, array_keys($frame->hits));
        $this->threats = array_map(
            fn (Threat $threat): array => ['path' => $this->threat($threat), 'reaches' => $threat->reaches()],
            $frame->positions()->threats,
        );
        $this->reach = $frame->positions()->fists->ownReach === null
            ? []
            : array_map(
                fn (int $side): string => self::arc(
                    $this->joint($frame->positions()->defender, Joint::Shoulder, $side),
                    (float) $frame->positions()->fists->ownReach,
                    $frame->positions()->defender->facing,
                ),
                [-1, 1],
            );
        $this->holds = $this->holds();
        $this->steps = array_values(
            array_map(
                $this->step(...),
                array_filter($frame->movement->strides, static fn (Stride $stride): bool => ! $stride->isUsual()),
            ),
        );
        $this->names = BodyName::ofBoth($this->defender, $this->attacker, [
            ...array_map(StrikeLabel::box(...), $this->strikes),
            ...array_map(
                static fn (array $step): Box => Box::ofWords(
                    $step['x'],
                    $step['y'],
                    $step['anchor'],
                    BodyName::LETTER * mb_strlen($step['label']),
                    BodyName::LINE,
                ),
                $this->steps,
            ),
        ]);
    }

    /**
     * @return array{x: float, y: float, anchor: string, label: string} on the outer side of the foot; below both where
     *     both went
     */
    private function step(Stride $stride): array
    {
        $feet = $this->frame->positions()->defender->feet;
        [$at, $right, $down, $anchor] = match ($stride->limb) {
            Limb::LeftFoot => [$feet->left, -self::BESIDE, self::BESIDE, 'end'],
            Limb::RightFoot => [$feet->right, self::BESIDE, self::BESIDE, 'start'],
            default => [$feet->axis, 0.0, self::BELOW, 'middle'],
        };

        return [
            'x' => FloorFigure::cm($at->x) + $right,
            'y' => -FloorFigure::cm($at->y) + $down,
            'anchor' => $anchor,
            'label' => __('floor.step-label', ['cm' => $stride->centimetres()]),
        ];
    }

    /**
     * @return array{x1: float, y1: float, x2: float, y2: float, label: string, lx: float, ly: float, anchor: string,
     *     reaches: bool}
     */
    private function strike(Hit $hit, int $place): array
    {
        $side = $hit->limb->isLeft() ? -1 : ($hit->limb->isRight() ? 1 : 0);
        $from = $this->joint($this->frame->positions()->defender, $hit->strike->joint(), $side);
        $to = $hit->target->isOfHead()
            ? $this->frame->positions()->attacker->head
            : $this->frame->positions()->attacker->feet->axis;
        // The words stand beside the line, on the striking side, clear of both bodies.
        $beside = (new Point(($from->x + $to->x) / 2, ($from->y + $to->y) / 2))->toward(
            $from->bearingTo($to) + ($side < 0 ? -90 : 90),
            0.34,
        );

        return [
            'x1' => FloorFigure::cm($from->x),
            'y1' => -FloorFigure::cm($from->y),
            'x2' => FloorFigure::cm($to->x),
            'y2' => -FloorFigure::cm($to->y),
            'label' => StrikeLabel::of($hit),
            'lx' => FloorFigure::cm($beside->x),
            // One below the other where a beat has several.
            'ly' => -FloorFigure::cm($beside->y) + 3 + 11 * $place,
            'anchor' => $beside->x > ($from->x + $to->x) / 2 ? 'start' : 'end',
            'reaches' => StrikeLabel::isHome($hit),
        ];
    }

    private function threat(Threat $threat): string
    {
        $joint = $threat->isHand ? Joint::Shoulder : Joint::Hip;

        return self::arc(
            $this->joint($this->frame->positions()->attacker, $joint, $threat->side === Hand::Left ? -1 : 1),
            $threat->reach,
            $this->frame->positions()->attacker->facing,
        );
    }

    /** @return list<array{x1: float, y1: float, x2: float, y2: float}> */
    private function holds(): array
    {
        $lines = [];
        foreach ([[Hand::Left, -1], [Hand::Right, 1]] as [$hand, $side]) {
            if ($this->frame->events->hold->keeps($hand)) {
                $from = $this->joint($this->frame->positions()->attacker, Joint::Shoulder, $side);
                $to = $this->frame->positions()->defender->feet->axis;
                $lines[] = [
                    'x1' => FloorFigure::cm($from->x),
                    'y1' => -FloorFigure::cm($from->y),
                    'x2' => FloorFigure::cm($to->x),
                    'y2' => -FloorFigure::cm($to->y),
                ];
            }
        }

        return $lines;
    }

    /** @param int $side -1 left, 1 right, 0 on the axis */
    private function joint(Stance $stance, Joint $joint, int $side): Point
    {
        return $stance->feet->axis->toward($stance->facing + 90, $side * $joint->lateral() * $stance->stature);
    }

    /** A path around a joint, 110° to either side of a facing. */
    private static function arc(Point $from, float $radius, float $facing): string
    {
        $begin = $from->toward($facing - 110, $radius);
        $end = $from->toward($facing + 110, $radius);
        $cm = FloorFigure::cm($radius);

        return sprintf(
            'M%s %sA%s %s 0 1 1 %s %s',
            FloorFigure::cm($begin->x),
            -FloorFigure::cm($begin->y),
            $cm,
            $cm,
            FloorFigure::cm($end->x),
            -FloorFigure::cm($end->y),
        );
    }
}
