<?php

declare(strict_types=1);

namespace App\View\Solos;

use App\View\Floor\FloorFigure;
use App\View\Floor\Palette;
use StoneDrill\Core\Floor\Stance;
use StoneDrill\Core\Geometry\Point;
use StoneDrill\Core\Solo\FormPath;
use StoneDrill\Core\Solo\FormPlace;

/**
 * The way of a form over the floor, seen from above and to scale, with where it begins and where it ends. Centimetres,
 * y downward.
 */
final readonly class PathPicture
{
    private const MARGIN = 55.0;

    /** Least that is shown across. */
    private const LEAST = 260.0;

    /** How far from the body its facing is shown, and its number stands. */
    private const NOSE = 16.0;

    private const NUMBER = 26.0;

    public float $left;
    public float $top;
    public float $width;
    public float $height;

    /** The way as points of a line. */
    public string $way;

    /**
     * @var list<array{x: float, y: float, nose: string, numbers: string, tx: float, ty: float}> where the body is for a
     *     while, with the beats that end there
     */
    public array $stops;

    public FloorFigure $end;

    public function __construct(private FormPath $path, float $stature, public Palette $palette = Palette::Slate)
    {
        $places = $path->places;
        $xs = array_map(static fn (FormPlace $place): float => FloorFigure::cm($place->feet->axis->x), $places);
        $ys = array_map(static fn (FormPlace $place): float => 0.0 - FloorFigure::cm($place->feet->axis->y), $places);
        [$wide, $high] = [
            max(self::LEAST, max($xs) - min($xs) + 2 * self::MARGIN),
            max(self::LEAST / 1.6, max($ys) - min($ys) + 2 * self::MARGIN),
        ];
        [$this->left, $this->top] = [
            round((min($xs) + max($xs) - $wide) / 2, 1),
            round((min($ys) + max($ys) - $high) / 2, 1),
        ];
        [$this->width, $this->height] = [round($wide, 1), round($high, 1)];
        $this->way = implode(' ', array_map(static fn (float $x, float $y): string => "{$x},{$y}", $xs, $ys));
        $last = $path->end();
        $this->stops = self::stops($places, $last->number);
        $this->end = new FloorFigure(
            new Stance($last->feet, $last->feet->axis, $last->facing, $last->posture, $last->crouch, $stature),
        );
    }

    /** Where the metre that shows the scale lies. */
    public function scalePlace(): string
    {
        return sprintf('translate(%s %s)', $this->left + 14, $this->top + $this->height - 12);
    }

    /** The same facts in words. */
    public function text(): string
    {
        [$across, $along] = $this->path->room();

        return __('solos.path.text', [
            'way' => number_format($this->path->way(), 1),
            'across' => number_format($across, 1),
            'along' => number_format($along, 1),
            'gap' => (int) round(100 * $this->path->gap()),
            'seconds' => number_format($this->path->seconds(), 1),
        ]);
    }

    /**
     * Beats that leave the body where it is, facing as it does, are one stop.
     *
     * @param non-empty-list<FormPlace> $places
     * @param int                       $last   number of the last beat
     *
     * @return list<array{x: float, y: float, nose: string, numbers: string, tx: float, ty: float}>
     */
    private static function stops(array $places, int $last): array
    {
        $stops = $numbers = [];
        foreach ($places as $place) {
            $key = sprintf('%.0f %.0f %.0f', 100 * $place->feet->axis->x, 100 * $place->feet->axis->y, $place->facing);
            $numbers[$key][] = $place->number;
            $stops[$key] ??= $place;
        }
        $taken = self::taken($places, array_values($stops));
        $drawn = [];
        foreach ($stops as $key => $place) {
            $at = self::at($place);
            $text = self::freest($at, $taken);
            $taken[] = $text;
            $nose = $at->toward(180 - $place->facing, self::NOSE);
            $drawn[] = [
                'x' => $at->x,
                'y' => $at->y,
                'nose' => sprintf('M%s %sL%s %s', $at->x, $at->y, round($nose->x, 1), round($nose->y, 1)),
                'numbers' => self::numbers($numbers[$key])
                .(in_array($last, $numbers[$key], true) ? ', '.__('solos.path.end') : ''),
                'tx' => round($text->x, 1),
                'ty' => round($text->y, 1) + 3,
            ];
        }

        return $drawn;
    }

    /**
     * What a number may not lie on: the way, and where the body faces.
     *
     * @param non-empty-list<FormPlace> $places
     * @param list<FormPlace>           $stops
     *
     * @return list<Point> centimetres, y downward
     */
    private static function taken(array $places, array $stops): array
    {
        $taken = array_map(
            static fn (FormPlace $stop): Point => self::at($stop)->toward(180 - $stop->facing, self::NOSE),
            $stops,
        );
        $before = self::at($places[0]);
        foreach ($places as $place) {
            $at = self::at($place);
            for ($share = 0.0; $share <= 1.0; $share += 0.1) {
                $taken[] = new Point(
                    $before->x + $share * ($at->x - $before->x),
                    $before->y + $share * ($at->y - $before->y),
                );
            }
            $before = $at;
        }

        return $taken;
    }

    /**
     * Of eight places round a stop the one that is farthest from what is taken.
     *
     * @param list<Point> $taken
     */
    private static function freest(Point $at, array $taken): Point
    {
        $places = array_map(static fn (int $eighth): Point => $at->toward(45.0 * $eighth, self::NUMBER), range(0, 7));
        $free = array_map(
            static fn (Point $place): float => min([INF, ...array_map($place->distanceTo(...), $taken)]),
            $places,
        );

        return $places[(int) array_search(max($free), $free, true)];
    }

    private static function at(FormPlace $place): Point
    {
        return new Point(FloorFigure::cm($place->feet->axis->x), 0.0 - FloorFigure::cm($place->feet->axis->y));
    }

    /** @param non-empty-list<int> $numbers such as 1, 2, 3, 7, in order */
    private static function numbers(array $numbers): string
    {
        /** @var list<string> $texts */
        $texts = $numbers[0] === 0 ? [__('solos.path.start')] : [];
        $later = array_values(array_filter($numbers));
        foreach ($later as $place => $number) {
            $begins = $number - 1 !== ($later[$place - 1] ?? null);
            $ends = $number + 1 !== ($later[$place + 1] ?? null);
            if ($begins) {
                $texts[] = (string) $number;
            } elseif ($ends) {
                $texts[] = array_pop($texts).'–'.$number;
            }
        }

        return implode(', ', $texts);
    }
}
