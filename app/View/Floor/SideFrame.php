<?php

declare(strict_types=1);

namespace App\View\Floor;

use StoneDrill\Core\Floor\Elevation\Elevation;
use StoneDrill\Core\Floor\Elevation\Thrown;
use StoneDrill\Core\Technique\Target;

/** One beat from the side as it is drawn. */
final readonly class SideFrame
{
    /** Centimetres between names of targets that would lie on each other. */
    private const LINE = 7.6;

    /** How far beside the attacker the names stand. */
    private const BESIDE = 34.0;

    /** Between the names of both bodies. */
    private const BETWEEN = 6.0;

    public string $number;

    public SideFigure $defender;

    public SideFigure $attacker;

    /**
     * @var list<array{limb: string, rest: string, x: float, y: float, lx: float, ly: float, anchor: string,
     *     label: string, height: string, reach: string, reaches: bool}>
     */
    public array $strikes;

    /** @var list<array{x: float, y: float, ly: float, lx: float, label: string}> targets of the attacker, from above */
    public array $targets;

    /**
     * @var array{defender: array{x: float, anchor: string}, attacker: array{x: float, anchor: string}} where names
     *     stand
     */
    public array $names;

    public function __construct(private Elevation $elevation)
    {
        $positions = $elevation->frame->positions();
        $this->number = $elevation->frame->number;
        $this->defender = new SideFigure($elevation, $elevation->defender, $positions->defender->stature);
        $this->attacker = new SideFigure($elevation, $elevation->attacker, $positions->attacker->stature);
        $this->strikes = array_map($this->strike(...), $elevation->thrown, array_keys($elevation->thrown));
        $this->targets = $this->targets();
        $this->names = $this->names();
    }

    /**
     * @return array{limb: string, rest: string, x: float, y: float, lx: float, ly: float, anchor: string,
     *     label: string, height: string, reach: string, reaches: bool}
     */
    private function strike(Thrown $thrown, int $place): array
    {
        [$joint, $tip, $target] = array_map($this->defender->at(...), [$thrown->joint, $thrown->tip, $thrown->target]);
        $missing = (int) round(100 * $thrown->missing());
        $label = StrikeLabel::of($thrown->hit);

        return [
            'limb' => implode(',', $joint).' '.implode(',', $tip),
            'rest' => implode(',', $tip).' '.implode(',', $target),
            'x' => $target[0],
            'y' => $target[1],
            // Beside the body that strikes, where nothing else stands.
            'lx' => $this->defender->axis - 16,
            'ly' => round(min($this->defender->headY, $tip[1]) - 12 - 10 * $place, 1),
            'anchor' => 'end',
            'label' => $thrown->hit->measure->tooFarUp
                ? __('floor.side.ends-under', ['strike' => $label, 'cm' => $missing])
                : $label,
            'height' => __('floor.side.target', [
                'target' => $thrown->hit->target->value,
                'metres' => number_format($thrown->target->height, 2),
            ]),
            'reach' => self::arc($joint, 100 * $thrown->chain, $target[0] >= $joint[0] ? 1 : -1),
            'reaches' => StrikeLabel::isHome($thrown->hit),
        ];
    }

    /**
     * Under each body; where both stand so near that the words would touch, to either side of the middle between them.
     *
     * @return array{defender: array{x: float, anchor: string}, attacker: array{x: float, anchor: string}}
     */
    private function names(): array
    {
        [$own, $other] = [$this->defender->axis, $this->attacker->axis];
        $needed = BodyName::LETTER * mb_strlen(__('floor.you').__('floor.attacker')) / 2 + self::BETWEEN;
        if (abs($own - $other) >= $needed) {
            return [
                'defender' => ['x' => $own, 'anchor' => 'middle'],
                'attacker' => ['x' => $other, 'anchor' => 'middle'],
            ];
        }
        $middle = ($own + $other) / 2;
        $way = $own > $other ? 1 : -1;

        return [
            'defender' => [
                'x' => round($middle + $way * self::BETWEEN / 2, 1),
                'anchor' => $way > 0 ? 'start' : 'end',
            ],
            'attacker' => [
                'x' => round($middle - $way * self::BETWEEN / 2, 1),
                'anchor' => $way > 0 ? 'end' : 'start',
            ],
        ];
    }

    /** @return list<array{x: float, y: float, ly: float, lx: float, label: string}> */
    private function targets(): array
    {
        $targets = array_filter(Target::cases(), static fn (Target $target): bool => $target->height() !== null);
        usort($targets, static fn (Target $a, Target $b): int => $b->height() <=> $a->height());
        $rows = [];
        $line = -INF;
        foreach ($targets as $target) {
            $metres = $this->elevation->attacker->height((float) $target->height(), $target->isOfHead());
            $x = $target->isOfHead() ? $this->attacker->headX : $this->attacker->axis;
            $y = 0.0 - FloorFigure::cm($metres);
            $line = max($line + self::LINE, $y);
            $rows[] = [
                'x' => $x,
                'y' => $y,
                'lx' => $this->attacker->axis + self::BESIDE,
                'ly' => round($line, 1),
                'label' => __('floor.side.target', ['target' => $target->value, 'metres' => number_format($metres, 2)]),
            ];
        }

        return $rows;
    }

    /**
     * How far the limb comes, from straight up to half down.
     *
     * @param array{float, float} $from
     * @param int                 $way  1 to the right, -1 to the left
     */
    private static function arc(array $from, float $radius, int $way): string
    {
        $at = static fn (float $degrees): string => round($from[0] + $way * $radius * cos(deg2rad($degrees)), 1)
            .' '
            .round($from[1] - $radius * sin(deg2rad($degrees)), 1);

        return sprintf(
            'M%s A%s %s 0 0 %d %s',
            $at(85),
            round($radius, 1),
            round($radius, 1),
            $way > 0 ? 1 : 0,
            $at(-50),
        );
    }
}
