<?php

declare(strict_types=1);

namespace StoneDrill\Core\Solo;

use StoneDrill\Core\Attack\Hold;
use StoneDrill\Core\Attack\Kinds;
use StoneDrill\Core\Floor\Bodies;
use StoneDrill\Core\Floor\Feet;
use StoneDrill\Core\Floor\Footwork;
use StoneDrill\Core\Floor\Scene;
use StoneDrill\Core\Geometry\Joint;
use StoneDrill\Core\Geometry\Point;
use StoneDrill\Core\Technique\Beat;

/**
 * The way of a form over the floor, for one body: it begins at the origin and faces 12 o'clock, steps go their usual
 * length where no other is written, and nothing turns it but what is written. Planning estimates.
 */
final readonly class FormPath
{
    /** @param non-empty-list<FormPlace> $places the start, then one for each beat */
    private function __construct(public array $places) {}

    /**
     * @param list<Beat> $beats
     * @param float      $stature metres
     */
    public static function of(array $beats, float $stature): self
    {
        $scene = self::scene($stature);
        $places = [self::place($scene, 0, null, 0.0, new Point(0, 0))];
        $seconds = 0.0;
        foreach ($beats as $position => $beat) {
            $from = new Point($scene->x, $scene->y);
            Footwork::move($scene, $beat->actions);
            $seconds += $beat->seconds();
            $places[] = self::place($scene, $position + 1, $beat, $seconds, $from);
        }

        return new self($places);
    }

    public function end(): FormPlace
    {
        return $this->places[count($this->places) - 1];
    }

    /** Seconds that it takes at full pace. */
    public function seconds(): float
    {
        return $this->end()->seconds;
    }

    /** Metres that the body goes over the floor. */
    public function way(): float
    {
        return array_sum(array_map(static fn (FormPlace $place): float => $place->way, $this->places));
    }

    /** Metres between where it begins and where it ends. */
    public function gap(): float
    {
        return $this->places[0]->feet->axis->distanceTo($this->end()->feet->axis);
    }

    /** @return array{float, float} metres from side to side and from front to back that the feet need */
    public function room(): array
    {
        $feet = array_merge(
            ...array_map(
                static fn (FormPlace $place): array => [$place->feet->left, $place->feet->right],
                $this->places,
            ),
        );
        [$x, $y] = [
            array_map(static fn (Point $foot): float => $foot->x, $feet),
            array_map(static fn (Point $foot): float => $foot->y, $feet),
        ];

        return [max($x) - min($x), max($y) - min($y)];
    }

    /** Nobody attacks: the scene of a threat, of which only the defender is looked at. */
    private static function scene(float $stature): Scene
    {
        $scene = new Scene(new Bodies($stature, $stature), Hold::none(Kinds::builtIn()->get('closing-in')), 0.0);
        $half = Joint::Hip->lateral() * $stature;
        $scene->placeFeet(-$half, 0.0, $half, 0.0);

        return $scene;
    }

    private static function place(Scene $scene, int $number, ?Beat $beat, float $seconds, Point $from): FormPlace
    {
        $axis = new Point($scene->x, $scene->y);

        return new FormPlace(
            $number,
            $beat,
            $seconds,
            new Feet($axis, new Point($scene->leftX, $scene->leftY), new Point($scene->rightX, $scene->rightY)),
            $scene->facing,
            $scene->posture,
            $scene->crouch,
            $from->distanceTo($axis),
        );
    }
}
