<?php

declare(strict_types=1);

namespace StoneDrill\Core\Session\Season;

use DateTimeImmutable;
use StoneDrill\Core\Coverage\CarryOver;
use StoneDrill\Core\Coverage\Cell;
use StoneDrill\Core\Curriculum\Catalogue;
use StoneDrill\Core\Curriculum\Rank;
use StoneDrill\Core\Curriculum\Student;
use StoneDrill\Core\Drill\Eligibility;
use StoneDrill\Core\Proof\ProofRules;
use StoneDrill\Core\Proof\Window;
use StoneDrill\Core\Session\Readiness;
use StoneDrill\Core\Session\TestItem;

/**
 * Plans the classes until a test: what is taught when, what each candidate tries in which class, and how they will
 * stand. Figures are estimates.
 */
final class Season
{
    /** Classes after which the curve is told, at most. */
    private const POINTS = 8;

    /** What a critical cell is worth beside another one. */
    private const CRITICAL = 2.0;

    private readonly ProofRules $rules;

    private readonly Eligibility $eligibility;

    private readonly int $position;

    /** @var array<string, Cell> what the test asks for, by the cell's key */
    private readonly array $asked;

    /** @var array<string, ?int> least tries that were worked out */
    private array $needs = [];

    /** @var array<string, array<string, list<string>>> what each student is asked for, by id */
    private array $open = [];

    /** @var array<string, array<string, string>> what each knows no answer to, by id */
    private array $unknown = [];

    /** @var array<string, float> share of an answer's actions that another brings along */
    private array $carried = [];

    /** @param list<Cell> $cells of the catalogue */
    public function __construct(
        private readonly Catalogue $catalogue,
        array $cells,
        private readonly Rank $rank,
        private readonly DateTimeImmutable $now,
        private readonly Learning $learning = new Learning(),
    ) {
        $this->rules = ProofRules::of($catalogue->school->proof);
        $this->eligibility = new Eligibility($catalogue, $now);
        $this->position = $catalogue->rankOrder()[$rank->id];
        $asked = [];
        foreach ($cells as $cell) {
            if ($cell->attack->need->rank === $rank->id) {
                $asked[$cell->key->text] = $cell;
            }
        }
        $this->asked = $asked;
    }

    /**
     * @param int               $day        of the test, seconds since 1970
     * @param list<SeasonClass> $classes    those that are not after it
     * @param list<Candidate>   $candidates
     * @param callable(int): void|null $done is told how many candidates are planned
     */
    public function plan(int $day, array $classes, array $candidates, ?callable $done = null): SeasonPlan
    {
        $classes = $this->prepare($day, $classes);
        $teaches = $this->teach($classes, array_map($this->unknown(...), $candidates));
        $ways = [];
        foreach ($candidates as $place => $candidate) {
            $ways[] = $this->way($candidate, $day, $classes, $teaches);
            $done === null || $done($place + 1);
        }

        return new SeasonPlan(
            $classes,
            $teaches,
            array_map(
                fn (Candidate $candidate, Way $way): Forecast => $this->forecast($candidate, $way, $day, $classes),
                $candidates,
                $ways,
            ),
            $this->curve($ways, $classes, $day),
        );
    }

    /**
     * Whether everybody would hold all that somebody has an answer to.
     *
     * @param list<SeasonClass> $classes
     * @param list<Candidate>   $candidates
     */
    public function fits(int $day, array $classes, array $candidates): bool
    {
        $classes = $this->prepare($day, $classes);
        $teaches = $this->teach($classes, array_map($this->unknown(...), $candidates));

        return array_all(
            $candidates,
            fn (Candidate $candidate): bool => array_diff(
                $this->way($candidate, $day, $classes, $teaches)->left($day),
                $this->unanswered($candidate),
            ) === [],
        );
    }

    /** @return list<string> keys of cells that the test asks a candidate for and that no answer works against */
    public function unanswered(Candidate $candidate): array
    {
        return array_map(strval(...), array_keys($this->open($candidate->student), [], true));
    }

    /**
     * @param list<SeasonClass> $classes
     *
     * @return list<SeasonClass> those that are to come, the first one first
     */
    private function prepare(int $day, array $classes): array
    {
        // What was worked out before was for other classes.
        $this->needs = [];
        usort($classes, static fn (SeasonClass $a, SeasonClass $b): int => [$a->at, $a->id] <=> [$b->at, $b->id]);

        return array_values(
            array_filter(
                $classes,
                fn (SeasonClass $class): bool => $class->at <= $day && $class->at >= $this->now->getTimestamp(),
            ),
        );
    }

    /**
     * What a candidate is asked for and knows no answer to: the one that is taught to it.
     *
     * @return array<string, string> id of the answer by the cell's key
     */
    private function unknown(Candidate $candidate): array
    {
        if (isset($this->unknown[$candidate->student->id])) {
            return $this->unknown[$candidate->student->id];
        }
        $own = $this->catalogue->rankOrder()[$candidate->student->rank];
        $unknown = [];
        foreach ($this->open($candidate->student) as $key => $answers) {
            $knows = ($candidate->windows[$key]->count ?? 0) > 0
            || array_filter($answers, fn (string $id): bool => $this->asked[$key]->worksFrom[$id] <= $own) !== [];
            if (! $knows && $answers !== []) {
                $unknown[$key] = $answers[0];
            }
        }

        return $this->unknown[$candidate->student->id] = $unknown;
    }

    /**
     * What a student is asked for. They are prepared as the rank is taught: what the policy bars at that rank and their
     * age, or a flag, is not asked for.
     *
     * @return array<string, list<string>> ids of answers that work and that they may do, by the cell's key; none where
     *     nobody has one
     */
    private function open(Student $student): array
    {
        if (isset($this->open[$student->id])) {
            return $this->open[$student->id];
        }
        $then = new Student(
            $student->id,
            $student->name,
            $this->rank->id,
            $student->height,
            $student->born,
            $student->flags,
        );
        $open = [];
        foreach ($this->asked as $key => $cell) {
            $working = $cell->workingBy($this->position);
            $answers = array_values(
                array_filter(
                    $working,
                    fn (string $id): bool => $this->eligibility->opens(
                        $then,
                        $cell->attack,
                        $this->catalogue->answer($id),
                    ),
                ),
            );
            if ($answers !== [] || $working === []) {
                $open[$key] = $answers;
            }
        }

        return $this->open[$student->id] = $open;
    }

    /**
     * Each new answer in the first class with room: what most candidates need first, then what the one before brings
     * most along to.
     *
     * @param list<SeasonClass>           $classes
     * @param list<array<string, string>> $unknown of each candidate
     *
     * @return array<int, list<string>> ids by the place of the class
     */
    private function teach(array $classes, array $unknown): array
    {
        $counts = [];
        foreach ($unknown as $new) {
            foreach (array_unique($new) as $answer) {
                $counts[$answer] = ($counts[$answer] ?? 0) + 1;
            }
        }
        ksort($counts);
        $teaches = [];
        $before = null;
        foreach ($classes as $place => $class) {
            for ($room = $class->answers; $room > 0 && $counts !== []; $room--) {
                $most = array_keys($counts, max($counts), true);
                usort(
                    $most,
                    fn (int|string $a, int|string $b): int => $this->brings($before, (string) $b)
                        <=> $this->brings($before, (string) $a),
                );
                $before = (string) $most[0];
                $teaches[$place][] = $before;
                unset($counts[$most[0]]);
            }
        }

        return $teaches;
    }

    private function brings(?string $from, string $to): float
    {
        return $from === null
            ? 0.0
            : ($this->carried["{$from} {$to}"] ??= CarryOver::from(
                $this->catalogue->answer($from)->beats,
                $this->catalogue->answer($to)->beats,
            ));
    }

    /**
     * What a candidate tries in which class.
     *
     * @param list<SeasonClass>        $classes
     * @param array<int, list<string>> $teaches
     */
    private function way(Candidate $candidate, int $day, array $classes, array $teaches): Way
    {
        $from = $this->from($candidate, count($classes), $teaches);
        $futures = $things = [];
        foreach ($from as $key => $first) {
            $window = $candidate->windows[$key] ?? Window::empty();
            $futures[$key] = new Future(
                $window,
                $this->rank->goalRung,
                $this->now->getTimestamp(),
                $this->learning,
                $this->rules,
            );
            $need = $this->need($window, $futures[$key], array_column(array_slice($classes, $first), 'at'), $day);
            if ($need !== null && $need > 0) {
                $things[$key] = [
                    $need,
                    $this->asked[$key]->attack->prevalence
                    * ($this->asked[$key]->attack->need->isCritical ? self::CRITICAL : 1.0),
                ];
            }
        }
        $places = new Places($classes);
        $chosen = $this->choose($things, (int) array_sum(array_column($classes, 'reps')));
        // What can only be tried late comes first, so that what can be tried any time makes room for it.
        usort(
            $chosen,
            static fn (string $a, string $b): int => [$from[$b], $things[$b][0]] <=> [$from[$a], $things[$a][0]],
        );
        foreach ($chosen as $key) {
            $places->put($key, $things[$key][0], $from[$key]);
        }
        // Where others took the late places a try more makes up for it, as long as there is room.
        foreach ($chosen as $key) {
            while (! $futures[$key]->holdsOn($places->times($key), $day) && $places->put($key, 1, $from[$key]) > 0);
        }

        return new Way($futures, array_combine($chosen, array_map($places->times(...), $chosen)), $places->drill());
    }

    /**
     * From which class on each cell can be tried: at once where they know an answer, some classes after it is taught
     * else.
     *
     * @param int                      $none    place that says never
     * @param array<int, list<string>> $teaches
     *
     * @return array<string, int> place of the class by the cell's key
     */
    private function from(Candidate $candidate, int $none, array $teaches): array
    {
        $taughtIn = [];
        foreach ($teaches as $place => $answers) {
            $taughtIn += array_fill_keys($answers, $place + Need::AFTER_TEACHING);
        }
        $unknown = $this->unknown($candidate);
        $from = [];
        foreach ($this->open($candidate->student) as $key => $answers) {
            $from[$key] = match (true) {
                $answers === [] => $none,
                isset($unknown[$key]) => min($none, $taughtIn[$unknown[$key]] ?? $none),
                default => 0,
            };
        }

        return $from;
    }

    /** @param list<SeasonClass> $classes */
    private function forecast(Candidate $candidate, Way $way, int $day, array $classes): Forecast
    {
        $left = $way->left($day);

        return new Forecast(
            $candidate->student,
            count($way->futures) - count($left),
            count($way->futures),
            $this->pass($way, $day),
            $this->readyOn($way, $classes, $day),
            $left,
            $way->drill,
        );
    }

    /**
     * The share of all that is asked for that is held, now, after some of the classes, and on the day.
     *
     * @param list<Way>         $ways
     * @param list<SeasonClass> $classes
     *
     * @return list<array{int, float}> seconds since 1970, and the share
     */
    private function curve(array $ways, array $classes, int $day): array
    {
        $asked = array_sum(array_map(static fn (Way $way): int => count($way->futures), $ways));
        $every = max(1, (int) ceil(count($classes) / self::POINTS));
        $times = array_column(
            array_filter($classes, static fn (int $place): bool => ($place + 1) % $every === 0, ARRAY_FILTER_USE_KEY),
            'at',
        );
        $curve = [];
        foreach (array_unique([$this->now->getTimestamp(), ...$times, $day]) as $at) {
            $left = array_sum(array_map(static fn (Way $way): int => count($way->left($at)), $ways));
            $curve[] = [$at, $asked === 0 ? 0.0 : 1 - $left / $asked];
        }

        return $curve;
    }

    /** @param list<int> $classes */
    private function need(Window $window, Future $future, array $classes, int $day): ?int
    {
        $key = serialize($window->tries).count($classes);
        if (! array_key_exists($key, $this->needs)) {
            $this->needs[$key] = Need::of($future, $classes, $day);
        }

        return $this->needs[$key];
    }

    /**
     * The cells that are brought to hold: critical ones first, then the others with the room that is left.
     *
     * @param array<string, array{int, float}> $things tries and worth by the cell's key
     *
     * @return list<string>
     */
    private function choose(array $things, int $room): array
    {
        $critical = array_filter(
            $things,
            fn (string $key): bool => $this->asked[$key]->attack->need->isCritical,
            ARRAY_FILTER_USE_KEY,
        );
        $first = Knapsack::choose($critical, $room);
        $taken = array_sum(array_map(static fn (int|string $key): int => $things[$key][0], $first));

        return array_map(strval(...), [
            ...$first,
            ...Knapsack::choose(array_diff_key($things, $critical), $room - $taken),
        ]);
    }

    private function pass(Way $way, int $day): ?float
    {
        $items = [];
        foreach ($way->futures as $key => $future) {
            $items[] = new TestItem(
                $this->asked[$key]->attack,
                $this->asked[$key]->side,
                $future->chancesOn($way->times[$key] ?? [], $day),
                true,
            );
        }

        return (new Readiness($items))->chance();
    }

    /**
     * The first class after which they are ready, found by halving: what is tried makes nobody less ready.
     *
     * @param list<SeasonClass> $classes
     */
    private function readyOn(Way $way, array $classes, int $day): ?int
    {
        $is = fn (int $at): bool => $this->pass($way, $at) >= Readiness::READY_FROM;
        $now = $this->now->getTimestamp();
        if (! $is($day) || $is($now)) {
            return $is($day) ? $now : null;
        }
        [$low, $high] = [-1, count($classes)];
        while ($high - $low > 1) {
            $middle = intdiv($low + $high, 2);
            [$low, $high] = $is($classes[$middle]->at) ? [$low, $middle] : [$middle, $high];
        }

        return $classes[$high]->at ?? $day;
    }
}
