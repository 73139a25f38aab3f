<?php

declare(strict_types=1);

namespace App\View\Floor;

use StoneDrill\Core\Checks\Score;
use StoneDrill\Core\Checks\ScoreBar;
use StoneDrill\Core\Technique\Notation\Printer;

/** The main line in time: a line for each limb, bars as long as what they stand for. */
final readonly class ScorePicture
{
    /** Units to a second, at least; the width of the words before the lines; the height of a line. */
    private const SECOND = 150.0;
    private const WORDS = 84.0;
    private const LINE = 19.0;
    private const BAR = 15.0;

    /** Least width of the whole. */
    private const LEAST = 640.0;

    public float $width;
    public float $height;

    /** Units to a second, and where second 0 is: what a cursor needs. */
    public float $scale;
    public float $zero;

    /** @var list<array{x: float, label: string}> */
    public array $seconds;

    /** @var list<array{y: float, label: string}> */
    public array $lanes;

    /** @var list<array{x: float, y: float, width: float, number: string, label: string, isHome: bool, kind: string}> */
    public array $bars;

    /** What there is time for at the start, in words; empty where nothing arrives. */
    public string $start;

    /** @param Printer $printer writes the actions */
    public function __construct(
        Score $score,
        public Palette $palette = Palette::Slate,
        private Printer $printer = new Printer(),
    ) {
        $last = max([
            $score->seconds,
            ...array_map(static fn (ScoreBar $bar): float => $bar->to, $score->reached),
            ...array_map(static fn (array $span): float => $span[1]->to, $score->effects),
            $score->start === null ? 0.0 : max($score->start->arrival, $score->start->reaction + $score->start->first),
        ]);
        $this->zero = self::WORDS;
        $this->scale = round(max(self::SECOND, (self::LEAST - self::WORDS - 12) / max(0.1, $last)), 1);
        $this->width = round(self::WORDS + 12 + $this->scale * $last, 1);
        $this->seconds = array_map(
            fn (int $half): array => ['x' => $this->x($half / 2), 'label' => number_format($half / 2, 1).' s'],
            range(0, (int) floor(2 * $last)),
        );
        [$lanes, $bars] = [[], []];
        $y = 18.0;
        foreach ($score->lanes as $lane => $own) {
            $lanes[] = ['y' => $y, 'label' => __("floor.score.lanes.{$lane}")];
            // What a limb does at once in a beat stands one under the other.
            $ends = [];
            foreach ($own as $bar) {
                $place
                    = array_find_key($ends, static fn (float $end): bool => $end <= $bar->from + 1e-9) ?? count($ends);
                $ends[$place] = $bar->to;
                $bars[] = $this->bar($bar, $y + self::LINE * $place, $this->words($bar), 'action');
            }
            $y += self::LINE * max(1, count($ends));
        }
        foreach (
            [
                'effects' => array_map(fn (array $span): array => [$span[1], $span[0]->value], $score->effects),
                'reached' => array_map(static fn (ScoreBar $bar): array => [$bar, ''], $score->reached),
            ] as $kind => $spans
        ) {
            $lanes[] = ['y' => $y, 'label' => __("floor.score.{$kind}")];
            foreach ($spans as [$bar, $label]) {
                $bars[] = $this->bar($bar, $y, $label, $kind);
            }
            $y += self::LINE;
        }
        if ($score->start !== null) {
            $lanes[] = ['y' => $y, 'label' => __('floor.score.start')];
            array_push($bars, ...$this->begin($score, $y));
            $y += self::LINE;
        }
        [$this->lanes, $this->bars, $this->height] = [$lanes, $bars, $y + 4];
        $this->start = $score->start === null
            ? ''
            : __($score->start->spare() >= 0 ? 'floor.score.spare' : 'floor.score.late', [
                'arrival' => number_format($score->start->arrival, 2),
                'reaction' => number_format($score->start->reaction, 2),
                'first' => number_format($score->start->first, 2),
                'seconds' => number_format(abs($score->start->spare()), 2),
            ]);
    }

    private function x(float $seconds): float
    {
        return round($this->zero + $this->scale * $seconds, 1);
    }

    /** @return array{x: float, y: float, width: float, number: string, label: string, isHome: bool, kind: string} */
    private function bar(ScoreBar $bar, float $y, string $label, string $kind): array
    {
        return [
            'x' => $this->x($bar->from),
            'y' => $y + (self::LINE - self::BAR) / 2,
            'width' => round($this->scale * $bar->seconds(), 1),
            'number' => $bar->number,
            'label' => $this->fitting($label, $this->scale * $bar->seconds()),
            'isHome' => $bar->isHome,
            'kind' => $kind,
        ];
    }

    /**
     * @return list<array{x: float, y: float, width: float, number: string, label: string, isHome: bool, kind: string}>
     *     reaction, first beat, and what is left or missing until the attack arrives
     */
    private function begin(Score $score, float $y): array
    {
        $start = $score->start;
        if ($start === null) {
            return [];
        }
        $done = $start->reaction + $start->first;

        return [
            $this->bar(new ScoreBar('1', 0.0, $start->reaction), $y, __('floor.score.reacts'), 'reaction'),
            $this->bar(new ScoreBar('1', $start->reaction, $done), $y, __('floor.score.first'), 'action'),
            $this->bar(
                new ScoreBar('1', min($done, $start->arrival), max($done, $start->arrival)),
                $y,
                '',
                $start->spare() >= 0 ? 'effects' : 'reached',
            ),
        ];
    }

    /** What is done, without the limb whose line it is on. */
    private function words(ScoreBar $bar): string
    {
        if ($bar->action === null) {
            return '';
        }
        $words = (string) preg_replace(
            '/^(left|right|both|free|held|other)( hands?| foot| feet)?\s*/',
            '',
            $this->printer->action($bar->action),
        );

        return $words === '' ? $bar->action->verb->value : $words;
    }

    /** As many words as fit. */
    private function fitting(string $label, float $width): string
    {
        $letters = (int) floor(($width - 6) / 5.4);

        return mb_strlen($label) <= $letters
            ? $label
            : ($letters < 3
                ? ''
                : rtrim(mb_substr($label, 0, $letters - 1)).'…');
    }

    public function fill(string $kind): string
    {
        return match ($kind) {
            'effects' => $this->palette->reached(),
            'reached' => $this->palette->attacker(),
            'reaction' => $this->palette->faint(),
            default => $this->palette->defender(),
        };
    }
}
