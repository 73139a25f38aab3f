<?php

declare(strict_types=1);

namespace App\View\Floor;

use StoneDrill\Core\Floor\Elevation\Elevation;
use StoneDrill\Core\Floor\Frame;
use StoneDrill\Core\Floor\Run;

/** The same beats from the side, along the line of the two axes. Centimetres, y downward from the floor at 0. */
final readonly class SidePicture
{
    private const MARGIN = 55.0;

    /** What is shown over the taller head, and under the floor. */
    private const OVER = 16.0;
    private const UNDER = 22.0;

    /** Least width by height. */
    private const SHAPE = 1.2;

    public float $left;
    public float $top;
    public float $width;
    public float $height;

    /** @var list<array{y: float, label: string}> every half metre */
    public array $levels;

    /** @param list<SideFrame> $frames */
    private function __construct(public array $frames, public Palette $palette)
    {
        [$from, $to, $tall] = [0.0, 0.0, 0.0];
        foreach ($frames as $frame) {
            [$from, $to] = [
                min($from, $frame->defender->axis, $frame->attacker->axis),
                max($to, $frame->defender->axis, $frame->attacker->axis),
            ];
            foreach ($frame->strikes as $strike) {
                $from = min($from, StrikeLabel::box($strike)->left + self::MARGIN);
            }
            $tall = max($tall, $frame->defender->stature, $frame->attacker->stature);
        }
        $high = $tall + self::OVER;
        $wide = max($to - $from + 2 * self::MARGIN, self::SHAPE * ($high + self::UNDER));
        $this->left = round(($from + $to - $wide) / 2, 1);
        $this->top = round(-$high, 1);
        $this->width = round($wide, 1);
        $this->height = round($high + self::UNDER, 1);
        $this->levels = array_map(
            static fn (int $half): array => ['y' => -50.0 * $half, 'label' => number_format($half / 2, 1).' m'],
            range(1, (int) floor($high / 50)),
        );
    }

    public static function ofRun(Run $run, Palette $palette = Palette::Slate): self
    {
        return self::ofFrames([$run->start, ...$run->frames], $palette);
    }

    /** @param list<Frame> $frames at least one */
    public static function ofFrames(array $frames, Palette $palette = Palette::Slate): self
    {
        return new self(
            array_map(static fn (Frame $frame): SideFrame => new SideFrame(Elevation::of($frame)), $frames),
            $palette,
        );
    }

    /** Whether it is one beat alone, in which nothing is asked for. */
    public function isStill(): bool
    {
        return count($this->frames) === 1;
    }

    /** One beat alone. */
    public function only(string $number): self
    {
        $copy = array_values(
            array_filter($this->frames, static fn (SideFrame $frame): bool => $frame->number === $number),
        );

        return new self($copy === [] ? [$this->frames[0]] : $copy, $this->palette);
    }
}
