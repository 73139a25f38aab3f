<?php

declare(strict_types=1);

namespace App\View\Solos;

use App\View\Floor\FloorFigure;
use App\View\Floor\Palette;
use StoneDrill\Core\Geometry\Point;
use StoneDrill\Core\Solo\BasicSide;
use StoneDrill\Core\Solo\FootPlan;

/** How somebody stands, seen from above: both feet to scale under the body. Centimetres, y downward. */
final readonly class FootPicture
{
    /** Centimetres around both feet, and the least width by height. */
    private const MARGIN = 20.0;
    private const SHAPE = 1.5;

    /**
     * Height of the letters, as a share of the width, on a screen and on paper, where the picture is small: a long
     * stance is as easy to read as a short one.
     */
    private const LETTER = 1 / 28;
    private const LETTER_ON_PAPER = 1 / 16;

    /** How far to the side of a foot something is said of it. */
    private const BESIDE = 13.0;

    /** Length of a foot as a share of the stature (Drillis & Contini 1966). */
    private const FOOT = 0.152;

    public float $left;
    public float $top;
    public float $width;
    public float $height;

    /** Height of the letters. */
    public float $letter;

    /**
     * @var list<array{transform: string, x: float, y: float, anchor: string, text: string}> left and right, with what
     *     is said of each
     */
    public array $feet;

    /**
     * @var array{x1: float, y1: float, x2: float, y2: float, x: float, y: float, anchor: string, text: string} from
     *     foot to foot
     */
    public array $line;

    /** A foot that points to 12: heel below, toes above, its middle at the origin. */
    public string $shape;

    public function __construct(
        private FootPlan $plan,
        private float $stature,
        public Palette $palette = Palette::Slate,
    ) {
        $length = 100 * self::FOOT * $stature;
        $this->shape = FloorFigure::sole($length);
        $feet = [
            [$plan->left, $plan->leftTurned, $plan->weight],
            [$plan->right, $plan->rightTurned, $plan->weight === null ? null : 100 - $plan->weight],
        ];
        $isCrossed = $plan->left->x > $plan->right->x;
        $this->feet = [$this->foot($isCrossed, ...$feet[0]), $this->foot(! $isCrossed, ...$feet[1])];
        [$left, $right] = [self::at($plan->left, $stature), self::at($plan->right, $stature)];
        $line = [
            'x1' => $left[0],
            'y1' => $left[1],
            'x2' => $right[0],
            'y2' => $right[1],
            'text' => __('solos.feet.apart', ['cm' => self::whole($plan->width(), $stature)]),
        ];
        $around = self::MARGIN + $length / 2;
        $this->top = round(min($left[1], $right[1], 0.0) - $around, 1);
        $this->height = round(max($left[1], $right[1], 0.0) + $around - $this->top, 1);
        [$from, $to] = [min($left[0], $right[0], 0.0) - $around, max($left[0], $right[0], 0.0) + $around];
        // As wide as the place it has on a screen: what is said stands beside the feet.
        $this->width = round(max($to - $from, self::SHAPE * $this->height), 1);
        $this->left = round(($from + $to - $this->width) / 2, 1);
        $this->letter = round(
            ($palette === Palette::Paper ? self::LETTER_ON_PAPER : self::LETTER) * $this->width,
            1,
        );
        // In the corner that no foot is in.
        $isFree = $plan->lead() !== BasicSide::Left;
        $this->line = [
            ...$line,
            'x' => round($this->left + ($isFree ? $this->letter : $this->width - $this->letter), 1),
            'y' => round($this->top + 1.5 * $this->letter, 1),
            'anchor' => $isFree ? 'start' : 'end',
        ];
    }

    /** The same facts in words. */
    public function text(): string
    {
        $lead = $this->plan->lead();
        $facts = [
            __('solos.feet.apart', ['cm' => self::whole($this->plan->width(), $this->stature)]),
            $lead === null
                ? __('solos.feet.level')
                : __('solos.feet.lead', [
                    'foot' => __("solos.sides.{$lead->value}"),
                    'cm' => self::whole(abs($this->plan->left->y - $this->plan->right->y), $this->stature),
                    'angle' => round($this->plan->angle()),
                ]),
        ];
        foreach (['left' => $this->plan->leftTurned, 'right' => $this->plan->rightTurned] as $side => $turned) {
            if ($turned !== 0.0) {
                $facts[] = __($turned < 0 ? 'solos.feet.turned-left' : 'solos.feet.turned-right', [
                    'foot' => __("solos.sides.{$side}"),
                    'angle' => round(abs($turned)),
                ]);
            }
        }
        if ($this->plan->weight !== null) {
            $facts[] = __('solos.feet.weight', ['left' => $this->plan->weight, 'right' => 100 - $this->plan->weight]);
        }

        return implode('; ', $facts);
    }

    /** @return array{transform: string, x: float, y: float, anchor: string, text: string} */
    private function foot(bool $isRight, Point $at, float $turned, ?int $weight): array
    {
        [$x, $y] = self::at($at, $this->stature);

        return [
            'transform' => sprintf('translate(%s %s) rotate(%s)', $x, $y, round($turned, 1)),
            'x' => round($x + ($isRight ? 1 : -1) * self::BESIDE, 1),
            'y' => $y + 2,
            'anchor' => $isRight ? 'start' : 'end',
            'text' => $weight === null ? '' : $weight.' %',
        ];
    }

    /** @return array{float, float} */
    private static function at(Point $share, float $stature): array
    {
        return [FloorFigure::cm($share->x * $stature), 0.0 - FloorFigure::cm($share->y * $stature)];
    }

    private static function whole(float $share, float $stature): int
    {
        return (int) round(100 * $share * $stature);
    }
}
