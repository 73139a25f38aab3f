<?php

declare(strict_types=1);

namespace App\View\Floor;

/** The part of a plane that a drawing shows, in centimetres. */
final readonly class Window
{
    private function __construct(public float $left, public float $top, public float $width, public float $height) {}

    public static function of(FloorPicture|SidePicture $picture): self
    {
        return new self($picture->left, $picture->top, $picture->width, $picture->height);
    }

    /**
     * Windows of two pictures that are equally large, so that both are drawn to one scale in places of one size. Seen
     * from the side both stand on one ground.
     *
     * @return array{left: self, right: self}
     */
    public static function alike(FloorPicture|SidePicture $left, FloorPicture|SidePicture $right): array
    {
        [$width, $height] = [max($left->width, $right->width), max($left->height, $right->height)];

        return [
            'left' => self::of($left)->within($width, $height, $left instanceof SidePicture),
            'right' => self::of($right)->within($width, $height, $right instanceof SidePicture),
        ];
    }

    public function viewBox(): string
    {
        return "{$this->left} {$this->top} {$this->width} {$this->height}";
    }

    /** So large, the same in its middle or, seen from the side, at its foot. */
    private function within(float $width, float $height, bool $keepsFoot): self
    {
        return new self(
            round($this->left - ($width - $this->width) / 2, 1),
            round($this->top - ($height - $this->height) / ($keepsFoot ? 1 : 2), 1),
            $width,
            $height,
        );
    }
}
