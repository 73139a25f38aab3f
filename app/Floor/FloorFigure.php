<?php

declare(strict_types=1);

namespace App\Floor;

use StoneDrill\Core\Floor\Posture;
use StoneDrill\Core\Floor\Stance;

/** One body as it is drawn, centimetres of the floor, y downward. */
final readonly class FloorFigure
{
    public float $x;
    public float $y;
    public float $facing;
    public float $headX;
    public float $headY;
    public float $shoulders;
    public float $depth;
    public float $head;
    public float $footLength;
    public bool $isLying;

    /** @var list<array{x: float, y: float}> left, right */
    public array $feet;

    public string $posture;

    public function __construct(Stance $stance)
    {
        $own = $stance->stature * 100;
        $this->x = self::cm($stance->axis->x);
        $this->y = -self::cm($stance->axis->y);
        $this->facing = round($stance->facing, 1);
        $this->headX = self::cm($stance->head->x);
        $this->headY = -self::cm($stance->head->y);
        $this->shoulders = round(0.129 * $own + 3, 1);
        $this->depth = round(0.06 * $own, 1);
        $this->head = round(0.052 * $own, 1);
        $this->footLength = round(0.152 * $own / 2, 1);
        $this->isLying = $stance->posture === Posture::Lying;
        $this->feet = [
            ['x' => self::cm($stance->left->x), 'y' => -self::cm($stance->left->y)],
            ['x' => self::cm($stance->right->x), 'y' => -self::cm($stance->right->y)],
        ];
        $this->posture = $stance->posture === Posture::Standing ? ($stance->crouch > 0 ? sprintf('crouched %d cm', (int) round($stance->crouch * 100)) : '') : $stance->posture->value;
    }

    /** Metres as centimetres, to a tenth. */
    public static function cm(float $metres): float
    {
        return round($metres * 100, 1) + 0.0;
    }
}
