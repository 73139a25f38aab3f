<?php

declare(strict_types=1);

namespace App\View\Workbench;

use App\Models\Student;
use StoneDrill\Core\Checks\Examiner;
use StoneDrill\Core\Checks\Standards;
use StoneDrill\Core\Curriculum\Answer;
use StoneDrill\Core\Curriculum\Catalogue;
use StoneDrill\Core\Floor\Bodies;
use StoneDrill\Core\Floor\Frame;
use StoneDrill\Core\Geometry\Point;

/**
 * Where the feet go in an answer, to be laid out with tape: lengths and angles for one body, drawn at a scale that is
 * stated.
 */
final readonly class Tape
{
    /** Millimetres on paper to a metre of the floor, the largest that fits first; and what fits. */
    private const SCALES = [100, 50, 33, 25, 20];
    private const WIDE = 170.0;
    private const HIGH = 130.0;

    private const MARGIN = 0.35;

    /** Millimetres between a place and what is said of it, which stands higher. */
    private const BESIDE = 1.6;

    /** Radius of the ring where the attacker begins. */
    public const RING = 2.4;

    public Answer $answer;

    public string $for;

    /** What it answers, and from which side where there are two. */
    public string $attack;
    public string $side;

    /** @var list<array{beat: string, foot: string, cm: string, bearing: string}> each way that a foot goes */
    public array $rows;

    /**
     * @var list<array{x: float, y: float, tx: float, ty: float, anchor: string, label: string}> places of feet and what
     *     is said of them, millimetres on paper
     */
    public array $places;

    /** @var list<string> ways of each foot */
    public array $ways;

    public float $width;
    public float $height;

    /** What the width is in the dots of a PDF, 96 to an inch. */
    public float $dots;

    /** Where the attacker begins. */
    public float $attackerX;
    public float $attackerY;

    /** Where the word for that stands. */
    public float $wordX;
    public float $wordY;

    private int $scale;

    public function __construct(Catalogue $catalogue, Meeting $meeting, ?Student $student)
    {
        $this->answer = $meeting->answer;
        $bodies = $meeting->settings->bodies;
        $defender = $student === null ? $bodies->defender : (float) $student->height;
        $this->for = $student === null
            ? __('words.metres', ['metres' => number_format($defender, 2)])
            : __('floor.tape.for', ['name' => $student->name, 'metres' => number_format($defender, 2)]);
        $this->attack = $meeting->attack->title;
        $this->side = $meeting->attack->isSymmetric()
            ? ''
            : __("words.in-brackets.{$meeting->settings->side->value}");
        $run = $meeting->run(
            new Examiner(Standards::of($catalogue)),
            new Bodies($defender, $bodies->attacker),
        );
        $frames = [$run->start, ...$run->mainLine];
        $this->rows = self::rows($frames);
        $points = array_merge(
            [$run->start->positions()->attacker->feet->axis],
            ...array_map(
                static fn (Frame $frame): array => [
                    $frame->positions()->defender->feet->left,
                    $frame->positions()->defender->feet->right,
                ],
                $frames,
            ),
        );
        $xs = array_map(static fn (Point $point): float => $point->x, $points);
        $ys = array_map(static fn (Point $point): float => $point->y, $points);
        [$left, $top] = [min([0.0, ...$xs]) - self::MARGIN, max([0.0, ...$ys]) + self::MARGIN];
        [$wide, $high] = [max([0.0, ...$xs]) + self::MARGIN - $left, $top - min([0.0, ...$ys]) + self::MARGIN];
        $this->scale = array_find(
            self::SCALES,
            static fn (int $scale): bool => $wide * $scale <= self::WIDE && $high * $scale <= self::HIGH,
        ) ?? 10;
        [$this->width, $this->height] = [round($wide * $this->scale, 1), round($high * $this->scale, 1)];
        $this->dots = round(($this->width / 25.4) * 96, 1);
        $at = fn (Point $point): array => [
            round(($point->x - $left) * $this->scale, 1),
            round(($top - $point->y) * $this->scale, 1),
        ];
        [$this->attackerX, $this->attackerY] = $at($run->start->positions()->attacker->feet->axis);
        [$this->wordX, $this->wordY] = [$this->attackerX, round($this->attackerY - self::RING - 1, 1)];
        $this->places = self::places($frames, $at);
        $this->ways = array_map(
            static fn (string $foot): string => implode(
                ' ',
                array_map(
                    static fn (Frame $frame): string => implode(',', $at($frame->positions()->defender->feet->$foot)),
                    $frames,
                ),
            ),
            ['left', 'right'],
        );
    }

    /** The scale in words, such as 1 : 20. */
    public function scale(): string
    {
        return '1 : '.(int) round(1000 / $this->scale);
    }

    /**
     * @param list<Frame> $frames
     *
     * @return list<array{beat: string, foot: string, cm: string, bearing: string}>
     */
    private static function rows(array $frames): array
    {
        $rows = [];
        foreach (array_slice($frames, 1) as $place => $frame) {
            foreach (['left', 'right'] as $foot) {
                [$from, $to] = [
                    $frames[$place]->positions()->defender->feet->$foot,
                    $frame->positions()->defender->feet->$foot,
                ];
                if ($from->distanceTo($to) >= 0.005) {
                    $rows[] = [
                        'beat' => $frame->number,
                        'foot' => __("floor.tape.{$foot}"),
                        'cm' => (string) (int) round(100 * $from->distanceTo($to)),
                        'bearing' => (string) (int) round($from->bearingTo($to)),
                    ];
                }
            }
        }

        return $rows;
    }

    /**
     * @param list<Frame>                          $frames
     * @param callable(Point): array{float, float} $at
     *
     * @return list<array{x: float, y: float, tx: float, ty: float, anchor: string, label: string}>
     */
    private static function places(array $frames, callable $at): array
    {
        $labels = [];
        foreach ($frames as $frame) {
            foreach (['left' => 'L', 'right' => 'R'] as $foot => $letter) {
                $labels[implode(' ', $at($frame->positions()->defender->feet->$foot))][$letter][] = $frame->number;
            }
        }

        return array_map(
            static function (string $place, array $of): array {
                [$x, $y] = array_map(floatval(...), explode(' ', $place));
                // The feet stand side by side: what is said of the left one stands on its left.
                $isLeft = isset($of['L']);

                return [
                    'x' => $x,
                    'y' => $y,
                    'tx' => round($x + ($isLeft ? -1 : 1) * self::BESIDE, 1),
                    'ty' => round($y - 1, 1),
                    'anchor' => $isLeft ? 'end' : 'start',
                    'label' => implode(' ', array_map(self::label(...), array_keys($of), $of)),
                ];
            },
            array_keys($labels),
            $labels,
        );
    }

    /** @param non-empty-list<string> $beats after which a foot stands there, in order, such as L0–2 */
    private static function label(string $foot, array $beats): string
    {
        [$first, $last] = [$beats[0], $beats[count($beats) - 1]];

        return match (true) {
            $first === $last => $foot.$first,
            (int) $last - (int) $first === count($beats) - 1 => "{$foot}{$first}–{$last}",
            default => implode(' ', array_map(static fn (string $beat): string => $foot.$beat, $beats)),
        };
    }
}
