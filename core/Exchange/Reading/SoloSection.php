<?php

declare(strict_types=1);

namespace StoneDrill\Core\Exchange\Reading;

use StoneDrill\Core\Geometry\Point;
use StoneDrill\Core\Solo\Basic;
use StoneDrill\Core\Solo\BasicKind;
use StoneDrill\Core\Solo\BasicSide;
use StoneDrill\Core\Solo\FootPlan;
use StoneDrill\Core\Solo\Mark;
use StoneDrill\Core\Solo\Practice;
use StoneDrill\Core\Solo\SoloForm;
use StoneDrill\Core\Solo\SoloLimits;
use StoneDrill\Core\Solo\SoloMark;
use StoneDrill\Core\Technique\AnswerLimits;
use StoneDrill\Core\Technique\Notation\NotationException;
use StoneDrill\Core\Technique\Notation\Vocabulary;
use StoneDrill\Core\Technique\Strike;
use StoneDrill\Core\Technique\Verb;
use StoneDrill\Core\Text;

/** Reads `basics`, `forms`, `marks` and `practised`. */
final readonly class SoloSection
{
    /**
     * @param array<array-key, mixed> $ranks    by id
     * @param array<array-key, mixed> $students by id
     */
    public function __construct(private array $ranks, private array $students, private Vocabulary $vocabulary) {}

    /** @return list<Basic> */
    public function basics(Fields $file): array
    {
        $basics = [];
        foreach (
            $file->maps('basics', [
                'id', 'name', 'kind', 'word', 'rank', 'side', 'surface', 'points', 'mistakes', 'feet',
            ]) as $in
        ) {
            $basic = new Basic(
                $in->id(),
                $in->text('name', SoloLimits::LETTERS),
                $in->word('kind', BasicKind::class),
                self::word($in),
                $in->reference('rank', $this->ranks, Text::of('file.rank-id')),
                $in->word('side', BasicSide::class, BasicSide::Both),
                $in->textOr('surface', '', SoloLimits::LETTERS),
                self::lines($in, 'points'),
                self::lines($in, 'mistakes'),
                $in->has('feet') ? self::feet($in) : null,
            );
            if ($in->isSound()) {
                $basics[] = $basic;
            }
        }

        return $basics;
    }

    /** @return list<SoloForm> */
    public function forms(Fields $file): array
    {
        $forms = [];
        foreach ($file->maps('forms', ['id', 'title', 'rank', 'beats']) as $in) {
            [$id, $title, $rank, $text] = [
                $in->id(),
                $in->text('title', SoloLimits::LETTERS),
                $in->reference('rank', $this->ranks, Text::of('file.rank-id')),
                $in->text('beats', 2 * AnswerLimits::BYTES),
            ];
            $form = $in->isSound() ? $this->form($in, $id, $title, $rank, $text) : null;
            if ($form !== null) {
                $forms[] = $form;
            }
        }

        return $forms;
    }

    /**
     * @param array<array-key, mixed> $basics by id
     * @param array<array-key, mixed> $forms  by id
     *
     * @return list<SoloMark>
     */
    public function marks(Fields $file, array $basics, array $forms): array
    {
        $marks = [];
        foreach ($file->maps('marks', ['student', 'basic', 'form', 'mark', 'at', 'mistakes', 'beats']) as $in) {
            [$student, $basic, $form] = $this->whoAndWhat($in, $basics, $forms);
            $mark = new SoloMark(
                $student,
                $basic,
                $form,
                $in->word('mark', Mark::class),
                $in->moment('at'),
                self::lines($in, 'mistakes'),
                self::beats($in),
            );
            if ($in->isSound()) {
                $marks[] = $mark;
            }
        }

        return $marks;
    }

    /**
     * @param array<array-key, mixed> $basics by id
     * @param array<array-key, mixed> $forms  by id
     *
     * @return list<Practice>
     */
    public function practised(Fields $file, array $basics, array $forms): array
    {
        $practised = [];
        foreach ($file->maps('practised', ['student', 'basic', 'form', 'at']) as $in) {
            [$student, $basic, $form] = $this->whoAndWhat($in, $basics, $forms);
            $practice = new Practice($student, $basic, $form, $in->moment('at'));
            if ($in->isSound()) {
                $practised[] = $practice;
            }
        }

        return $practised;
    }

    /**
     * @param array<array-key, mixed> $basics by id
     * @param array<array-key, mixed> $forms  by id
     *
     * @return array{string, string, string} ids of a student, and of the basic or the form; the other one is empty
     */
    private function whoAndWhat(Fields $in, array $basics, array $forms): array
    {
        if ($in->has('basic') === $in->has('form')) {
            $in->refuse('basic', Text::of('file.basic-or-form'));
        }

        return [
            $in->reference('student', $this->students, Text::of('file.student-id')),
            $in->has('basic') ? $in->reference('basic', $basics, Text::of('file.basic-id')) : '',
            $in->has('form') ? $in->reference('form', $forms, Text::of('file.form-id')) : '',
        ];
    }

    private static function word(Fields $in): Strike|Verb|null
    {
        $words = Basic::words();

        return $in->has('word') ? $words[$in->choice('word', array_keys($words))] ?? null : null;
    }

    /** @return list<string> */
    private static function lines(Fields $in, string $key): array
    {
        $lines = $in->texts($key);
        foreach ($lines as $place => $line) {
            if (mb_strlen($line) > SoloLimits::LETTERS) {
                $in->report(
                    "{$key}/{$place}",
                    Text::of('file.letters', ['count' => mb_strlen($line)]),
                    Text::of('file.at-most', ['max' => SoloLimits::LETTERS]),
                );
            }
        }
        if (count($lines) > SoloLimits::LINES) {
            $in->report(
                $key,
                Text::of('file.lines', ['count' => count($lines)]),
                Text::of('file.at-most-lines', ['max' => SoloLimits::LINES]),
            );
        }

        return $lines;
    }

    private static function feet(Fields $in): ?FootPlan
    {
        $feet = $in->map('feet', ['left', 'right', 'weight']);
        [$left, $right] = [self::foot($feet, 'left'), self::foot($feet, 'right')];
        $weight = $feet->has('weight') ? $feet->whole('weight', 0, 100) : null;

        return $left === null || $right === null
            ? null
            : new FootPlan($left[0], $right[0], $left[1], $right[1], $weight);
    }

    /** @return array{Point, float}|null where it is, and how far it is turned */
    private static function foot(Fields $feet, string $key): ?array
    {
        $values = $feet->listOr($key);
        $isWithin = static fn (mixed $value, float $most): bool => (is_int($value) || is_float($value))
            && abs($value) <= $most;
        if (
            count($values) < 2
            || count($values) > 3
            || ! $isWithin($values[0], FootPlan::FARTHEST)
            || ! $isWithin($values[1], FootPlan::FARTHEST)
            || ! $isWithin($values[2] ?? 0, FootPlan::TURNED)
        ) {
            $feet->refuse(
                $key,
                Text::of('file.foot', ['most' => (string) FootPlan::FARTHEST, 'turned' => (string) FootPlan::TURNED]),
            );

            return null;
        }

        return [new Point((float) $values[0], (float) $values[1]), (float) ($values[2] ?? 0)];
    }

    private function form(Fields $in, string $id, string $title, string $rank, string $text): ?SoloForm
    {
        try {
            return new SoloForm($id, $title, $rank, SoloForm::parse($text, $this->vocabulary));
        } catch (NotationException $exception) {
            foreach ($exception->errors as $error) {
                $in->report('beats', $error->found, $error->expected, $error->nearest, $error->line, $error->column);
            }

            return null;
        }
    }

    /** @return array<int, Mark> */
    private static function beats(Fields $in): array
    {
        $beats = [];
        foreach ($in->entries('beats') as $number => $mark) {
            $known = is_string($mark) ? Mark::tryFrom($mark) : null;
            if (! is_numeric($number) || (int) $number < 1 || $known === null) {
                $in->report(
                    "beats/{$number}",
                    Fields::describe($mark),
                    Text::of('file.one-of', ['words' => array_column(Mark::cases(), 'value')]),
                );
            } else {
                $beats[(int) $number] = $known;
            }
        }

        return $beats;
    }
}
