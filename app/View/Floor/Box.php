<?php

declare(strict_types=1);

namespace App\View\Floor;

/** A rectangle of a drawing that something covers; y goes downward. */
final readonly class Box
{
    public function __construct(public float $left, public float $right, public float $top, public float $bottom) {}

    /**
     * One line of words.
     *
     * @param string $anchor `start`, `middle` or `end`
     */
    public static function ofWords(float $x, float $baseline, string $anchor, float $width, float $height): self
    {
        $left = $x - match ($anchor) {
            'start' => 0.0,
            'end' => $width,
            default => $width / 2,
        };

        return new self($left, $left + $width, $baseline - $height, $baseline + $height / 4);
    }

    /**
     * What a rectangle round the point 0 covers that is turned there and put elsewhere.
     *
     * @param float $turned degrees, clockwise
     */
    public static function turned(float $x, float $y, self $own, float $turned): self
    {
        [$sine, $cosine] = [sin(deg2rad($turned)), cos(deg2rad($turned))];
        $xs = $ys = [];
        foreach ([$own->left, $own->right] as $a) {
            foreach ([$own->top, $own->bottom] as $b) {
                $xs[] = $x + $a * $cosine - $b * $sine;
                $ys[] = $y + $a * $sine + $b * $cosine;
            }
        }

        return new self(min($xs), max($xs), min($ys), max($ys));
    }

    /** The area that both cover. */
    public function shared(self $other): float
    {
        return max(0.0, min($this->right, $other->right) - max($this->left, $other->left))
            * max(0.0, min($this->bottom, $other->bottom) - max($this->top, $other->top));
    }

    /** What covers both. */
    public function with(self $other): self
    {
        return new self(
            min($this->left, $other->left),
            max($this->right, $other->right),
            min($this->top, $other->top),
            max($this->bottom, $other->bottom),
        );
    }
}
