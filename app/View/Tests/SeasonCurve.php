<?php

declare(strict_types=1);

namespace App\View\Tests;

use App\Models\Test;
use Carbon\CarbonImmutable;

/**
 * The share of what a test asks for that is held, along time: as it was planned first, as it is planned now, and as it
 * was.
 */
final readonly class SeasonCurve
{
    public const WIDTH = 640;

    public const HEIGHT = 170;

    private const LEFT = 44;

    public const RIGHT = self::WIDTH - 8;

    /** Where nothing is held. */
    public const FLOOR = self::HEIGHT - 22;

    /** Where the days are written. */
    public const FOOT_LINE = self::HEIGHT - 6;

    private const TOP = 8;

    /** @var list<array{name: string, line: string, points: list<array{x: float, y: float, text: string}>}> */
    public array $lines;

    /** @var list<array{y: float, line: float, text: string}> where a line is drawn, and where its share is written */
    public array $marks;

    public float $day;

    public string $from;

    public string $to;

    /**
     * @param list<array{int, float}> $expected
     * @param list<array{int, float}> $planned
     * @param list<array{int, float}> $real
     */
    public function __construct(array $expected, array $planned, array $real, Test $test)
    {
        $times = array_column([...$expected, ...$planned, ...$real], 0);
        $from = min([...$times, $test->at->getTimestamp() - 1]);
        $to = max([...$times, $test->at->getTimestamp()]);
        $x = static fn (int $at): float => round(
            self::LEFT + (($at - $from) / ($to - $from)) * (self::RIGHT - self::LEFT),
            1,
        );
        $y = static fn (float $share): float => round(self::TOP + (1 - $share) * (self::FLOOR - self::TOP), 1);
        $lines = [];
        foreach (array_filter(['expected' => $expected, 'planned' => $planned, 'real' => $real]) as $name => $points) {
            $read = array_map(
                static fn (array $point): array => [
                    'x' => $x($point[0]),
                    'y' => $y($point[1]),
                    'text' => __('tests.season.point', [
                        'day' => CarbonImmutable::createFromTimestamp($point[0])->format('j M'),
                        'percent' => round(100 * $point[1]),
                    ]),
                ],
                $points,
            );
            $lines[] = [
                'name' => $name,
                'line' => implode(
                    ' ',
                    array_map(static fn (array $point): string => "{$point['x']},{$point['y']}", $read),
                ),
                'points' => $read,
            ];
        }
        $this->lines = $lines;
        $this->marks = array_map(
            static fn (float $share): array => [
                'y' => $y($share),
                'line' => $y($share) + 4,
                'text' => 100 * $share.' %',
            ],
            [0.0, 0.5, 1.0],
        );
        $this->day = $x($test->at->getTimestamp());
        [$this->from, $this->to] = [
            CarbonImmutable::createFromTimestamp($from)->format('j M'),
            CarbonImmutable::createFromTimestamp($to)->format('j M'),
        ];
    }
}
