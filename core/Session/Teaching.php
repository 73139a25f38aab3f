<?php

declare(strict_types=1);

namespace StoneDrill\Core\Session;

use DateTimeImmutable;
use StoneDrill\Core\Checks\Hazards;
use StoneDrill\Core\Coverage\Cell;
use StoneDrill\Core\Coverage\WordKind;
use StoneDrill\Core\Curriculum\Answer;
use StoneDrill\Core\Curriculum\Catalogue;
use StoneDrill\Core\Curriculum\CellKey;
use StoneDrill\Core\Curriculum\Student;
use StoneDrill\Core\Drill\Eligibility;
use StoneDrill\Core\Proof\Window;

/** What is worth teaching to whom: answers that work, to attacks that the student's rank or the next one needs. */
final class Teaching
{
    private readonly Eligibility $eligibility;

    /** @var array<string, int> position by id of the rank */
    private readonly array $order;

    /** @var array<string, int> goal rung by id of the rank */
    private readonly array $goals;

    /** @var array<string, Answer> those that work against the attack they were written for, by id */
    private readonly array $working;

    /** @var array<string, list<string>> basics by id of the answer */
    private readonly array $basics;

    /** @var array<string, float> by id of the answer */
    private readonly array $seconds;

    /**
     * @var array<int, array<string, array<string, true>>> ids of the answers that use a basic, by the basic, of all
     *     that a rank knows
     */
    private array $known = [];

    /** @var array<int, array<string, float>> share of an answer's basics that a rank knows, by the answer */
    private array $shares = [];

    /** @param list<Cell> $cells of the catalogue */
    public function __construct(private readonly Catalogue $catalogue, array $cells, DateTimeImmutable $at)
    {
        $this->eligibility = new Eligibility($catalogue, $at);
        $this->order = $catalogue->rankOrder();
        $this->goals = array_column($catalogue->ranks, 'goalRung', 'id');
        $works = [];
        foreach ($cells as $cell) {
            foreach (array_keys($cell->worksFrom) as $answer) {
                $works["{$answer} {$cell->attack->id}"] = true;
            }
        }
        $this->working = array_column(
            array_filter(
                $catalogue->answers,
                static fn (Answer $answer): bool => isset($works["{$answer->id} {$answer->attack}"]),
            ),
            null,
            'id',
        );
        $this->seconds = array_combine(
            array_column($catalogue->answers, 'id'),
            array_map(
                static fn (Answer $answer): float => array_sum(
                    array_map(static fn ($beat): float => $beat->seconds(), $answer->beats->line),
                ),
                $catalogue->answers,
            ),
        );
        $this->basics = array_combine(
            array_column($catalogue->answers, 'id'),
            array_map(self::basicsOf(...), $catalogue->answers),
        );
    }

    /**
     * @param array<string, Window> $windows by the cell's key
     * @param list<string>          $always  ids of answers that are told whether they are needed or not
     * @param array<array-key, string> $ahead id of the rank that an answer is taught for on the way to a test, by its
     *     id: whoever goes for a rank is taught it as that rank is
     *
     * @return array<string, Worth|null> by id of the answer; null where it may not be taught to the student, left out
     *     where it is worth nothing
     */
    public function to(
        Student $student,
        array $windows,
        DateTimeImmutable $at,
        array $always = [],
        array $ahead = [],
    ): array {
        $next = $this->order[$student->rank] + 1;
        $worth = [];
        foreach ($this->working as $answer) {
            $attack = $this->catalogue->attack($answer->attack);
            $isAhead = isset($ahead[$answer->id]);
            $as = $isAhead ? $student->at($ahead[$answer->id]) : $student;
            if (! $this->eligibility->opens($as, $attack, $answer)) {
                $worth[$answer->id] = null;

                continue;
            }
            $need = $attack->need->rank;
            $isWished = in_array($answer->id, $always, true);
            if (
                ! $isWished
                && ! $isAhead
                && ($need === null || $this->order[$need] > $next || $answer->introducedAt($this->order) > $next)
            ) {
                continue;
            }
            $own = array_map(
                static fn ($side): Window => $windows[CellKey::of($attack, $side)->text] ?? Window::empty(),
                $attack->sides(),
            );
            $holds = array_filter($own, fn (Window $window): bool => $window->holds($this->goals[$student->rank], $at));
            if ($isWished || count($holds) < count($own)) {
                $worth[$answer->id] = new Worth(
                    $attack->prevalence,
                    array_sum(array_map(static fn (Window $window): int => $window->count, $own)) === 0,
                    $this->knownShare($answer, $this->order[$student->rank]),
                );
            }
        }

        return $worth;
    }

    /** @return list<string> what is practised of an answer by itself: its kinds of movement, each once */
    public function basics(string $answer): array
    {
        return $this->basics[$answer] ?? [];
    }

    /** Seconds that an answer takes at full pace. */
    public function seconds(string $answer): float
    {
        return $this->seconds[$answer] ?? 0.0;
    }

    /**
     * Whether a student may drill what was taught before: it works, comes by the student's next rank, and nothing
     * stands against it.
     */
    public function drills(Student $student, string $answer): bool
    {
        $of = $this->working[$answer] ?? null;

        return $of !== null
            && $of->introducedAt($this->order) <= $this->order[$student->rank] + 1
            && $this->eligibility->opens($student, $this->catalogue->attack($of->attack), $of);
    }

    /**
     * Whether one of some answers, or what it answers, can hurt a partner; of none nobody knows.
     *
     * @param list<string> $answers ids
     */
    public function canHurt(array $answers): bool
    {
        return $answers === [] || array_any($answers, function (string $id): bool {
            $answer = $this->catalogue->answer($id);

            return Hazards::ofBeats($answer->beats) !== []
                || Hazards::ofAttack($this->catalogue->attack($answer->attack)->kind) !== [];
        });
    }

    /**
     * Seconds that some answers take at full pace, on average.
     *
     * @param ?list<string> $answers ids; null for all
     */
    public function average(?array $answers = null): float
    {
        $seconds = $answers === null ? $this->seconds : array_map($this->seconds(...), $answers);

        return $seconds === [] ? 0.0 : array_sum($seconds) / count($seconds);
    }

    /** Share of an answer's basics that are in other answers which a rank knows. */
    private function knownShare(Answer $answer, int $rank): float
    {
        return $this->shares[$rank][$answer->id] ??= $this->knownShareOf($answer, $rank);
    }

    private function knownShareOf(Answer $answer, int $rank): float
    {
        $known = $this->known[$rank] ??= $this->knownBy($rank);
        $basics = $this->basics[$answer->id];
        $there = array_filter(
            $basics,
            static fn (string $basic): bool => array_diff_key($known[$basic] ?? [], [$answer->id => true]) !== [],
        );

        return $basics === [] ? 1.0 : count($there) / count($basics);
    }

    /** @return array<string, array<string, true>> */
    private function knownBy(int $rank): array
    {
        $known = [];
        foreach ($this->catalogue->answers as $answer) {
            foreach ($answer->introducedAt($this->order) <= $rank ? $this->basics[$answer->id] : [] as $basic) {
                $known[$basic][$answer->id] = true;
            }
        }

        return $known;
    }

    /** @return list<string> */
    private static function basicsOf(Answer $answer): array
    {
        $basics = [];
        foreach ($answer->beats->line as $beat) {
            foreach ($beat->actions as $action) {
                if (WordKind::of($action->verb) !== null) {
                    $basics[$action->verb->value] = true;
                }
            }
        }

        return array_map(strval(...), array_keys($basics));
    }
}
