<?php

declare(strict_types=1);

namespace App\Floor;

use StoneDrill\Core\Answer\Joint;
use StoneDrill\Core\Attack\Hand;
use StoneDrill\Core\Floor\Frame;
use StoneDrill\Core\Floor\Hit;
use StoneDrill\Core\Floor\Point;
use StoneDrill\Core\Floor\Stance;
use StoneDrill\Core\Floor\Threat;

/** One beat as it is drawn. */
final readonly class FloorFrame
{
    public FloorFigure $defender;
    public FloorFigure $attacker;

    /** @var list<array{x1: float, y1: float, x2: float, y2: float, label: string, lx: float, ly: float, reaches: bool}> */
    public array $strikes;

    /** @var list<array{path: string, reaches: bool}> his free weapons, as far as they reach */
    public array $threats;

    /** @var list<string> how far the defender's fists come */
    public array $reach;

    /** @var list<array{x1: float, y1: float, x2: float, y2: float}> from his arms that hold to the defender */
    public array $holds;

    /** @param string $track the first beat of the what-if it belongs to, empty on the main line */
    public function __construct(public Frame $frame, public string $track, public string $path, public string $hisPath)
    {
        $this->defender = new FloorFigure($frame->defender);
        $this->attacker = new FloorFigure($frame->attacker);
        $this->strikes = array_map(fn (Hit $hit): array => $this->strike($hit), $frame->hits);
        $this->threats = array_map(fn (Threat $threat): array => ['path' => $this->threat($threat), 'reaches' => $threat->reaches()], $frame->threats);
        $this->reach = $frame->fistReach === null ? [] : array_map(
            fn (int $side): string => self::arc($this->joint($frame->defender, Joint::Shoulder, $side), (float) $frame->fistReach, $frame->defender->facing),
            [-1, 1],
        );
        $this->holds = $this->holds();
    }

    /** @return array{x1: float, y1: float, x2: float, y2: float, label: string, lx: float, ly: float, reaches: bool} */
    private function strike(Hit $hit): array
    {
        $side = $hit->limb->isLeft() ? -1 : ($hit->limb->isRight() ? 1 : 0);
        $from = $this->joint($this->frame->defender, $hit->strike->joint(), $side);
        $to = $hit->target->isOfHead() ? $this->frame->attacker->head : $this->frame->attacker->axis;
        // The words stand beside the line, on the striking side, clear of both bodies.
        $beside = (new Point(($from->x + $to->x) / 2, ($from->y + $to->y) / 2))->toward($from->bearingTo($to) + ($side < 0 ? -90 : 90), 0.34);
        $label = match (true) {
            $hit->tooFarUp => 'too high',
            $hit->margin === null => '',
            default => sprintf('%+d cm', $hit->centimetres()),
        };

        return [
            'x1' => FloorFigure::cm($from->x),
            'y1' => -FloorFigure::cm($from->y),
            'x2' => FloorFigure::cm($to->x),
            'y2' => -FloorFigure::cm($to->y),
            'label' => trim($hit->strike->value.' '.$label),
            'lx' => FloorFigure::cm($beside->x),
            'ly' => -FloorFigure::cm($beside->y),
            'reaches' => $hit->reaches() && $hit->isFaced && $hit->isInArc,
        ];
    }

    private function threat(Threat $threat): string
    {
        $joint = $threat->isHand ? Joint::Shoulder : Joint::Hip;

        return self::arc($this->joint($this->frame->attacker, $joint, $threat->side === Hand::Left ? -1 : 1), $threat->reach, $this->frame->attacker->facing);
    }

    /** @return list<array{x1: float, y1: float, x2: float, y2: float}> */
    private function holds(): array
    {
        $lines = [];
        foreach ([[Hand::Left, -1], [Hand::Right, 1]] as [$hand, $side]) {
            if ($this->frame->hold->keeps($hand)) {
                $from = $this->joint($this->frame->attacker, Joint::Shoulder, $side);
                $to = $this->frame->defender->axis;
                $lines[] = ['x1' => FloorFigure::cm($from->x), 'y1' => -FloorFigure::cm($from->y), 'x2' => FloorFigure::cm($to->x), 'y2' => -FloorFigure::cm($to->y)];
            }
        }

        return $lines;
    }

    /** @param int $side -1 left, 1 right, 0 on the axis */
    private function joint(Stance $stance, Joint $joint, int $side): Point
    {
        return $stance->axis->toward($stance->facing + 90, $side * $joint->lateral() * $stance->stature);
    }

    /** A path around a joint, 110° to either side of a facing. */
    private static function arc(Point $from, float $radius, float $facing): string
    {
        $begin = $from->toward($facing - 110, $radius);
        $end = $from->toward($facing + 110, $radius);
        $cm = FloorFigure::cm($radius);

        return sprintf('M%s %sA%s %s 0 1 1 %s %s', FloorFigure::cm($begin->x), -FloorFigure::cm($begin->y), $cm, $cm, FloorFigure::cm($end->x), -FloorFigure::cm($end->y));
    }
}
