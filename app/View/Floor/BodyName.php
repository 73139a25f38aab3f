<?php

declare(strict_types=1);

namespace App\View\Floor;

/** What a body is called on a floor, and where that stands: beside it, over neither body and no other words. */
final readonly class BodyName
{
    /** Width of a letter and height of a line, in the units of a floor. */
    public const LETTER = 4.8;
    public const LINE = 9.0;

    /** From a body to its name: below and above it there are feet. */
    private const APART = 9.0;
    private const BESIDE = 6.0;

    private function __construct(public string $text, public float $x, public float $y, public string $anchor) {}

    /**
     * Those of both, where they stand clear; the defender's gives way.
     *
     * @param list<Box> $taken by other words
     *
     * @return array{defender: self, attacker: self}
     */
    public static function ofBoth(FloorFigure $defender, FloorFigure $attacker, array $taken): array
    {
        $other = self::clear($attacker, __('floor.attacker'), [$defender->box, ...$taken]);
        $own = self::clear($defender, __('floor.you'), [$attacker->box, $other->box(), ...$taken]);

        return ['defender' => $own, 'attacker' => $other];
    }

    /** @param list<Box> $taken */
    private static function clear(FloorFigure $figure, string $name, array $taken): self
    {
        $places = self::places($figure, $name);
        $shared = array_map(
            static fn (self $place): float => array_sum(array_map($place->box()->shared(...), $taken)),
            $places,
        );

        return $places[(int) array_search(min($shared), $shared, true)];
    }

    /** @return non-empty-list<self> below, above, right, left */
    private static function places(FloorFigure $figure, string $name): array
    {
        $text = implode(', ', array_filter([$name, $figure->posture]));
        $box = $figure->box;
        $middle = round(($box->top + $box->bottom) / 2 + self::LINE / 3, 1);

        return [
            new self($text, $figure->x, round($box->bottom + self::APART + self::LINE, 1), 'middle'),
            new self($text, $figure->x, round($box->top - self::APART, 1), 'middle'),
            new self($text, round($box->right + self::BESIDE, 1), $middle, 'start'),
            new self($text, round($box->left - self::BESIDE, 1), $middle, 'end'),
        ];
    }

    /** What it covers. */
    public function box(): Box
    {
        return Box::ofWords($this->x, $this->y, $this->anchor, self::LETTER * mb_strlen($this->text), self::LINE);
    }
}
