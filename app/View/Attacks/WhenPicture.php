<?php

declare(strict_types=1);

namespace App\View\Attacks;

use App\View\Floor\Palette;
use StoneDrill\Core\Checks\Timeliness;
use StoneDrill\Core\Report\WhenReport;

/** Which answer when: along the time one has, from how much on each is done; beside it how far away it must begin. */
final readonly class WhenPicture
{
    public const WIDTH = 560.0;
    private const LINE = 38.0;
    private const TOP = 40.0;

    /** Where the time ends, and where the distance begins. */
    private const TIME = 350.0;
    private const DISTANCE = 390.0;

    /** Units from the edge to where an axis begins. */
    private const EDGE = 12.0;

    public float $height;

    /**
     * @var list<array{y: float, title: string, works: bool, needs: float, told: float, end: float, distance: ?float,
     *     from: float, text: string}>
     */
    public array $rows;

    /** @var list<array{x: float, label: string}> of time and of distance */
    public array $marks;

    /** Where the attack arrives; null for what has arrived, or does not come. */
    public ?float $arrival;

    public string $arrives;

    /** @param array<string, string> $titles of the answers, by id */
    public function __construct(WhenReport $report, array $titles, public Palette $palette = Palette::Slate)
    {
        $answers = array_values(
            array_filter($report->answers, static fn (Timeliness $one): bool => isset($titles[$one->answer->id])),
        );
        $seconds = ceil(
            2
                * max(
                    0.5,
                    ...array_map(
                        static fn (Timeliness $one): float => max($one->needs, $one->arrival ?? 0.0) + 0.2,
                        $answers,
                    ),
                    ...[0.5],
                ),
        ) / 2;
        $metres = ceil(
            2
                * max(
                    0.5,
                    ...array_map(static fn (Timeliness $one): float => $one->distance + 0.2, $answers),
                    ...[0.5],
                ),
        ) / 2;
        $time = static fn (float $at): float => round(self::EDGE + ($at / $seconds) * (self::TIME - self::EDGE), 1);
        $place = static fn (float $at): float => round(
            self::DISTANCE + ($at / $metres) * (self::WIDTH - self::EDGE - self::DISTANCE),
            1,
        );
        $arrival = ($answers[0] ?? null)?->arrival;
        $rows = [];
        foreach ($answers as $index => $one) {
            $rows[] = [
                'y' => self::TOP + self::LINE * $index,
                'title' => $titles[$one->answer->id],
                'works' => $report->works($one),
                'needs' => $time($one->needs),
                'told' => $time($one->told),
                'end' => $time($seconds),
                'distance' => $arrival === null ? null : $place($one->distance),
                'from' => self::WIDTH - self::EDGE,
                'text' => $this->text($one, $report->works($one), $titles[$one->answer->id]),
            ];
        }
        $this->rows = $rows;
        $this->height = self::TOP + self::LINE * count($rows);
        $marks = array_map(
            static fn (int $half): array => ['x' => $time($half / 2), 'label' => number_format($half / 2, 1).' s'],
            range(0, (int) (2 * $seconds)),
        );
        $this->marks = $arrival === null
            ? $marks
            : [
                ...$marks,
                ...array_map(
                    static fn (int $whole): array => ['x' => $place($whole), 'label' => "{$whole} m"],
                    range(0, (int) $metres),
                ),
            ];
        $this->arrival = $arrival === null ? null : $time($arrival);
        $this->arrives = $arrival === null ? '' : __('attacks.when.arrives', ['seconds' => number_format($arrival, 2)]);
    }

    private function text(Timeliness $one, bool $works, string $title): string
    {
        $named = [
            'title' => $title,
            'needs' => number_format($one->needs, 2),
            'told' => number_format($one->told, 2),
            'metres' => number_format($one->distance, 2),
        ];

        return __($one->arrival === null ? 'attacks.when.held' : 'attacks.when.line', $named)
            .($works ? '' : ' '.__('attacks.when.fails'));
    }
}
