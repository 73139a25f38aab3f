<?php

declare(strict_types=1);

namespace App\View\Floor;

use StoneDrill\Core\Floor\Posture;
use StoneDrill\Core\Floor\Stance;
use StoneDrill\Core\Geometry\Point;

/** One body as it is drawn, centimetres of the floor, y downward. */
final readonly class FloorFigure
{
    /** How far what shows the way it faces goes beyond the outline. */
    private const NOSE = 10.0;

    public float $x;
    public float $y;
    public float $facing;
    public float $headX;
    public float $headY;
    public float $shoulders;
    public float $depth;
    public float $head;
    /** A foot that points to 12: heel below, toes above. */
    public string $sole;

    public bool $isLying;

    /** @var list<array{transform: string}> left, right */
    public array $feet;

    public string $posture;

    /** Where the body stands and the way it faces. */
    public string $transform;

    /** What shows the way it faces. */
    public string $nose;

    /** @var array{x: float, width: float, height: float} */
    public array $lying;

    /** What it covers of the floor, without its feet. */
    public Box $box;

    public function __construct(Stance $stance)
    {
        $own = $stance->stature * 100;
        $this->x = self::cm($stance->feet->axis->x);
        $this->y = -self::cm($stance->feet->axis->y);
        $this->facing = round($stance->facing, 1);
        $this->headX = self::cm($stance->head->x);
        $this->headY = -self::cm($stance->head->y);
        $this->shoulders = round(0.129 * $own + 3, 1);
        $this->depth = round(0.06 * $own, 1);
        $this->head = round(0.052 * $own, 1);
        $this->sole = self::sole(0.152 * $own);
        $this->isLying = $stance->posture === Posture::Lying;
        $this->feet = [$this->foot($stance->feet->left), $this->foot($stance->feet->right)];
        $this->transform = "translate({$this->x} {$this->y}) rotate({$this->facing})";
        $this->nose = sprintf('M-5 %1$sL0 %2$sL5 %1$s', -$this->depth - 3, -$this->depth - self::NOSE);
        $this->lying = ['x' => -$this->depth, 'width' => 2 * $this->depth, 'height' => 4 * $this->shoulders];
        $outline = $this->isLying
            ? new Box(-$this->depth, $this->depth, -10.0, 4 * $this->shoulders - 10.0)
            : new Box(-$this->shoulders, $this->shoulders, -$this->depth, $this->depth);
        $nose = new Box(-5.0, 5.0, -$this->depth - self::NOSE, -$this->depth);
        $this->box = Box::turned($this->x, $this->y, $outline, $this->facing)
            ->with(Box::turned($this->x, $this->y, $nose, $this->facing))
            ->with(
                new Box(
                    $this->headX - $this->head,
                    $this->headX + $this->head,
                    $this->headY - $this->head,
                    $this->headY + $this->head,
                ),
            );
        $this->posture = $stance->posture === Posture::Standing
            ? ($stance->crouch > 0
                ? __('floor.crouched', ['cm' => (int) round($stance->crouch * 100)])
                : '')
            : __('floor.postures.'.$stance->posture->value);
    }

    /** The outline of a foot so long, its heel a third behind its place and narrower than its toes. */
    public static function sole(float $length): string
    {
        [$heel, $toe, $narrow, $wide] = [
            round($length / 3, 1),
            round((-2 * $length) / 3, 1),
            round(0.13 * $length, 1),
            round(0.2 * $length, 1),
        ];
        $ball = round(-0.35 * $length, 1);

        return "M0 {$heel}C-{$narrow} {$heel} -{$narrow} 0 -{$wide} {$ball}"
            ."C-{$wide} {$toe} {$wide} {$toe} {$wide} {$ball}C{$narrow} 0 {$narrow} {$heel} 0 {$heel}Z";
    }

    /** Metres as centimetres, to a tenth. */
    public static function cm(float $metres): float
    {
        return round($metres * 100, 1) + 0.0;
    }

    /** @return array{transform: string} */
    private function foot(Point $at): array
    {
        return [
            'transform' => sprintf('translate(%s %s) rotate(%s)', self::cm($at->x), -self::cm($at->y), $this->facing),
        ];
    }
}
