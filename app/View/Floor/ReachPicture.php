<?php

declare(strict_types=1);

namespace App\View\Floor;

use StoneDrill\Core\Floor\Hit;
use StoneDrill\Core\Technique\Target;

/**
 * What the defender's free limbs reach from where both stand: limbs down, targets across from the head to the feet, the
 * centimetres to spare in each.
 */
final readonly class ReachPicture
{
    private const LEFT = 78.0;
    private const TOP = 74.0;
    private const SQUARE = 21.0;

    /** From so many centimetres to spare on, a square is as dark as it gets. */
    private const PLENTY = 60;

    public float $width;

    public float $height;

    /** @var list<array{name: string, y: float}> */
    public array $rows;

    /** @var list<array{name: string, transform: string}> */
    public array $columns;

    /**
     * @var list<array{x: float, y: float, size: float, cm: int, shade: float, textX: float, textY: float, isDark: bool,
     *     text: string}>
     */
    public array $squares;

    /** @param list<Hit> $inReach the most to spare first */
    public function __construct(array $inReach)
    {
        $best = $limbs = $targets = [];
        foreach ($inReach as $hit) {
            $best[$hit->limb->value][$hit->target->value] ??= $hit;
            $limbs[$hit->limb->value] = true;
            $targets[$hit->target->value] = true;
        }
        $order = array_values(
            array_filter(self::downward(), static fn (string $target): bool => isset($targets[$target])),
        );
        $rows = $squares = [];
        foreach (array_keys($limbs) as $row => $limb) {
            $y = self::TOP + $row * self::SQUARE;
            $rows[] = ['name' => $limb, 'y' => $y + self::SQUARE / 2 + 4];
            foreach ($order as $column => $target) {
                if (isset($best[$limb][$target])) {
                    $squares[] = $this->square($best[$limb][$target], self::LEFT + $column * self::SQUARE, $y);
                }
            }
        }
        $this->rows = $rows;
        $this->squares = $squares;
        $this->columns = array_map(
            static fn (string $target, int $column): array => [
                'name' => $target,
                'transform' => sprintf(
                    'translate(%s %s) rotate(-60)',
                    self::LEFT + $column * self::SQUARE + self::SQUARE / 2 + 3,
                    self::TOP - 6,
                ),
            ],
            $order,
            array_keys($order),
        );
        $this->width = self::LEFT + max(1, count($order)) * self::SQUARE + 30;
        $this->height = self::TOP + count($rows) * self::SQUARE + 2;
    }

    /**
     * @return array{x: float, y: float, size: float, cm: int, shade: float, textX: float, textY: float, isDark: bool,
     *     text: string}
     */
    private function square(Hit $hit, float $x, float $y): array
    {
        $cm = (int) $hit->centimetres();
        $shade = round(0.12 + 0.88 * min(1, $cm / self::PLENTY), 2);

        return [
            'x' => $x,
            'y' => $y,
            'size' => self::SQUARE - 1.5,
            'cm' => $cm,
            'shade' => $shade,
            'textX' => $x + (self::SQUARE - 1.5) / 2,
            'textY' => $y + self::SQUARE / 2 + 3.5,
            'isDark' => $shade > 0.55,
            'text' => __('floor.situation.strike', [
                'weapon' => $hit->weapon(),
                'target' => $hit->target->value,
                'cm' => $cm,
            ]),
        ];
    }

    /**
     * @return list<string> targets from the head to the feet; the points of an arm, which are where the arm is, first
     */
    private static function downward(): array
    {
        $targets = Target::cases();
        usort($targets, static fn (Target $a, Target $b): int => ($b->height() ?? 2.0) <=> ($a->height() ?? 2.0));

        return array_map(static fn (Target $target): string => $target->value, $targets);
    }
}
