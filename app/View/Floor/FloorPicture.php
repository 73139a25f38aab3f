<?php

declare(strict_types=1);

namespace App\View\Floor;

use App\View\BearingText;
use StoneDrill\Core\Floor\Frame;
use StoneDrill\Core\Floor\RingPlace;
use StoneDrill\Core\Floor\Run;
use StoneDrill\Core\Floor\Situation;
use StoneDrill\Core\Floor\Stance;
use StoneDrill\Core\Geometry\Bearing;
use StoneDrill\Core\Geometry\BearingStyle;
use StoneDrill\Core\Geometry\Point;

/** A floor seen from above, one drawing for every beat, all to the same scale. Centimetres, y downward. */
final readonly class FloorPicture
{
    /** Centimetres around the axes of both bodies, and the least that is shown across. */
    private const MARGIN = 46.0;
    private const MIN = 120.0;

    /** Height of the half metre that shows the scale, under everything. */
    private const SCALE = 12.0;

    /** Least width by height. */
    private const SHAPE = 1.05;

    /** Radius of the clock ring: as far out as the picture has room for its words. */
    private const RING = 100.0;
    private const LEAST_RING = 40.0;
    private const WORDS = 20.0;

    /** From the middle of a mark of the ring of threats to the clock. */
    private const THREAT = 17.0;

    public float $radius;

    public float $left;
    public float $top;
    public float $width;
    public float $height;

    /**
     * @var list<array{x: float, y: float, label: string, x1: float, y1: float, x2: float, y2: float, isMain: bool}>
     *     marks of the clock ring
     */
    public array $hours;

    /**
     * @param list<FloorFrame> $frames
     * @param list<array{
     *     x: float, y: float, line: float, threats: int, isSafe: bool, stroke: float, text: string,
     * }> $ring the ring of threats, where it is shown
     */
    private function __construct(public array $frames, public array $ring, BearingStyle $style, public Palette $palette)
    {
        [$left, $right, $top, $bottom] = [INF, -INF, INF, -INF];
        foreach ($frames as $frame) {
            foreach ([$frame->frame->positions()->defender, $frame->frame->positions()->attacker] as $stance) {
                [$x, $y] = [$stance->feet->axis->x * 100, -$stance->feet->axis->y * 100];
                [$left, $right, $top, $bottom] = [
                    min($left, $x - self::MARGIN),
                    max($right, $x + self::MARGIN),
                    min($top, $y - self::MARGIN),
                    max($bottom, $y + self::MARGIN),
                ];
            }
            $words = [
                ...array_map(StrikeLabel::box(...), $frame->strikes),
                ...$ring === []
                    ? array_map(static fn (BodyName $name): Box => $name->box(), array_values($frame->names))
                    : [],
            ];
            foreach ($words as $box) {
                [$left, $right, $top, $bottom] = [
                    min($left, $box->left - 2),
                    max($right, $box->right + 2),
                    min($top, $box->top - 2),
                    // Under them there is room for what the scale says.
                    max($bottom, $box->bottom + self::SCALE + 4),
                ];
            }
        }
        if (array_any($frames, static fn (FloorFrame $frame): bool => $frame->frame->number === '0')) {
            // The clock is round the start, and round what threatens there.
            $threats = array_map(
                static fn (array $place): float => hypot($place['x'], $place['y']) + self::THREAT,
                $ring,
            );
            $clock = max([self::LEAST_RING, ...$threats]) + self::WORDS;
            [$left, $right, $top, $bottom] = [
                min($left, -$clock),
                max($right, $clock),
                min($top, -$clock),
                max($bottom, $clock),
            ];
        }
        $bottom += self::SCALE;
        // As wide as the place it has on a screen: what is beside the floor belongs to it.
        $higher = max(0.0, (self::MIN - ($bottom - $top)) / 2);
        [$top, $bottom] = [$top - $higher, $bottom + $higher];
        $wider = max(0.0, (self::SHAPE * ($bottom - $top) - ($right - $left)) / 2);
        [$this->left, $this->top, $this->width, $this->height] = [
            round($left - $wider),
            round($top),
            round($right - $left + 2 * $wider),
            round($bottom - $top),
        ];
        $room = min(-$this->left, $this->left + $this->width, -$this->top, $this->top + $this->height) - self::WORDS;
        $this->radius = $room < self::LEAST_RING ? 0.0 : min(self::RING, $room);
        // Where the start is at the edge there is no room for a clock.
        $this->hours = $this->radius === 0.0
            ? []
            : array_map(fn (int $hour): array => self::mark($hour, $style, $this->radius), range(1, 12));
    }

    public static function ofRun(Run $run, BearingStyle $style, Palette $palette = Palette::Slate): self
    {
        $frames = [new FloorFrame($run->start, '', '', '')];
        $tracks = [];
        foreach ($run->frames as $frame) {
            $prefix = implode('.', array_slice(explode('.', $frame->number), 0, -1));
            $tracks[$prefix] = $prefix === '' ? '' : ($frame->condition !== null ? $frame->number : $tracks[$prefix]);
            $walked = self::walked($run, $frame);
            $frames[] = new FloorFrame(
                $frame,
                $tracks[$prefix],
                self::path($walked, static fn (Frame $of): Stance => $of->positions()->defender),
                self::path($walked, static fn (Frame $of): Stance => $of->positions()->attacker),
            );
        }

        return new self($frames, [], $style, $palette);
    }

    /** One beat alone, as large as it can be. */
    public function only(string $number): self
    {
        $copy = array_values(
            array_filter($this->frames, static fn (FloorFrame $frame): bool => $frame->frame->number === $number),
        );

        return new self($copy === [] ? [$this->frames[0]] : $copy, $this->ring, BearingStyle::Clock, $this->palette);
    }

    public static function ofSituation(Situation $situation, BearingStyle $style): self
    {
        $axis = $situation->start->positions()->defender->feet->axis;
        $ring = array_map(static function (RingPlace $place) use ($situation, $axis, $style): array {
            $at = $axis->toward($place->bearing->toDegrees(), 0.35 * $situation->start->positions()->defender->stature);

            return [
                'x' => FloorFigure::cm($at->x),
                'y' => -FloorFigure::cm($at->y),
                'line' => -FloorFigure::cm($at->y) + 3.4,
                'threats' => $place->threats,
                'isSafe' => $place->threats === 0,
                'stroke' => 1 + 0.8 * $place->threats,
                'text' => trans_choice('floor.ring', $place->threats, [
                    'bearing' => say($place->bearing->spell($style)),
                    'sector' => __('floor.sectors.'.$place->sector->value),
                ]),
            ];
        }, $situation->ring);

        return new self([new FloorFrame($situation->start, '', '', '')], $ring, $style, Palette::Slate);
    }

    /** What a body is called where there is no place beside it. */
    public function called(string $body): string
    {
        return $this->frames[0]->names[$body]->text;
    }

    /** Where both are named that have no name beside them. */
    public function namesPlace(): string
    {
        return sprintf('translate(%s %s)', $this->left + 8, $this->top + 14);
    }

    /** Where the half metre that shows the scale lies. */
    public function scalePlace(): string
    {
        return sprintf('translate(%s %s)', $this->left + 14, $this->top + $this->height - 12);
    }

    /** @return list<string> how far the defender's fists come; nothing on paper */
    public function reachOf(FloorFrame $frame): array
    {
        return $this->palette === Palette::Paper ? [] : $frame->reach;
    }

    /** @return list<array{path: string, reaches: bool}> the attacker's free weapons; on paper only those that reach */
    public function threatsOf(FloorFrame $frame): array
    {
        return array_values(
            array_filter(
                $frame->threats,
                fn (array $threat): bool => $this->palette !== Palette::Paper || $threat['reaches'],
            ),
        );
    }

    /** @return list<Frame> from the start to this beat, along its own line */
    private static function walked(Run $run, Frame $frame): array
    {
        $walked = [$frame];
        while ($frame->number !== '0' && count($walked) < 200) {
            $frame = $run->before($frame);
            array_unshift($walked, $frame);
        }

        return $walked;
    }

    /**
     * @param list<Frame>             $frames
     * @param callable(Frame): Stance $whose
     */
    private static function path(array $frames, callable $whose): string
    {
        return implode(
            ' ',
            array_map(static function (Frame $frame) use ($whose): string {
                $axis = $whose($frame)->feet->axis;

                return FloorFigure::cm($axis->x).','.-FloorFigure::cm($axis->y);
            }, $frames),
        );
    }

    /** @return array{x: float, y: float, label: string, x1: float, y1: float, x2: float, y2: float, isMain: bool} */
    private static function mark(int $hour, BearingStyle $style, float $ring): array
    {
        $bearing = Bearing::hour($hour);
        $at = static fn (float $radius): Point => (new Point(0, 0))->toward($bearing->toDegrees(), $radius);
        [$from, $to, $text] = [$at($ring - 4), $at($ring + 4), $at($ring + 14)];
        $isMain = $hour % 3 === 0;

        return [
            'x' => round($text->x, 1),
            'y' => round(-$text->y, 1) + 3,
            'label' => BearingText::onRing($hour, $style),
            'x1' => round($from->x, 1),
            'y1' => round(-$from->y, 1),
            'x2' => round($to->x, 1),
            'y2' => round(-$to->y, 1),
            'isMain' => $isMain,
        ];
    }
}
