<?php

declare(strict_types=1);

namespace StoneDrill\Core\Session\Season;

use DateTimeImmutable;
use StoneDrill\Core\Coverage\CarryOver;
use StoneDrill\Core\Coverage\Cell;
use StoneDrill\Core\Curriculum\Catalogue;
use StoneDrill\Core\Curriculum\Rank;
use StoneDrill\Core\Proof\ProofRules;
use StoneDrill\Core\Proof\Window;

/**
 * Plans the classes until a test: what is taught when, what each candidate tries in which class, and how they will
 * stand. Figures are estimates.
 */
final class Season
{
    /** What a critical cell is worth beside another one. */
    private const CRITICAL = 2.0;

    private readonly ProofRules $rules;

    private readonly Outlook $outlook;

    public readonly AskedFor $asked;

    /** @var array<string, ?int> least tries that were worked out */
    private array $needs = [];

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
        $this->asked = new AskedFor($catalogue, $cells, $rank, $now);
        $this->outlook = new Outlook(
            $this->asked->cells,
            $now->getTimestamp(),
            $catalogue->school->proof->test,
        );
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
        $own = self::own($classes, $candidates);
        $teaches = $this->teach($classes, array_map($this->asked->unknown(...), $candidates), $own);
        $ways = [];
        foreach ($candidates as $place => $candidate) {
            $ways[] = $this->way($candidate, $day, $classes, $own[$place], $teaches);
            $done === null || $done($place + 1);
        }

        return new SeasonPlan(
            $classes,
            $teaches,
            array_map(
                fn (Candidate $candidate, Way $way): Forecast => $this->outlook->of($candidate, $way, $day, $classes),
                $candidates,
                $ways,
            ),
            $this->outlook->curve($ways, $classes, $day),
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
        $own = self::own($classes, $candidates);
        $teaches = $this->teach($classes, array_map($this->asked->unknown(...), $candidates), $own);

        return array_all(
            $candidates,
            fn (Candidate $candidate, int $place): bool => array_diff(
                $this->way($candidate, $day, $classes, $own[$place], $teaches)->left($day),
                $this->asked->unanswered($candidate),
            ) === [],
        );
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
     * @param list<SeasonClass> $classes
     * @param list<Candidate>   $candidates
     *
     * @return list<list<int>> places of the classes that each comes to
     */
    private static function own(array $classes, array $candidates): array
    {
        return array_map(
            static fn (Candidate $candidate): array => array_keys(
                array_filter(
                    $classes,
                    static fn (SeasonClass $class): bool => $class->expects($candidate->student),
                ),
            ),
            $candidates,
        );
    }

    /**
     * Each new answer in the first class with room: what most of the candidates there need first, then what the one
     * before brings most along to; again for those who were not there.
     *
     * @param list<SeasonClass>           $classes
     * @param list<array<string, string>> $unknown of each candidate
     * @param list<list<int>>             $own     places of the classes that each comes to
     *
     * @return array<int, list<string>> ids by the place of the class
     */
    private function teach(array $classes, array $unknown, array $own): array
    {
        $there = array_fill(0, count($classes), []);
        foreach ($own as $candidate => $places) {
            foreach ($places as $place) {
                $there[$place][] = $candidate;
            }
        }
        $unknown = array_map(array_flip(...), $unknown);
        $teaches = [];
        $before = null;
        foreach ($classes as $place => $class) {
            $counts = [];
            foreach ($there[$place] as $candidate) {
                foreach (array_keys($unknown[$candidate]) as $answer) {
                    $counts[$answer] = ($counts[$answer] ?? 0) + 1;
                }
            }
            ksort($counts);
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
                foreach ($there[$place] as $candidate) {
                    unset($unknown[$candidate][$most[0]]);
                }
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
     * @param list<int>                $own     places of those that they come to
     * @param array<int, list<string>> $teaches
     */
    private function way(Candidate $candidate, int $day, array $classes, array $own, array $teaches): Way
    {
        $from = $this->from($candidate, $own, $teaches);
        // Whoever comes to all is planned for as anybody else who does.
        $pattern = count($own) === count($classes) ? '' : implode(' ', $own);
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
            $then = array_filter($own, static fn (int $place): bool => $place >= $first);
            $need = $this->need(
                $window,
                $futures[$key],
                array_values(array_map(static fn (int $place): int => $classes[$place]->at, $then)),
                $day,
                $pattern,
            );
            if ($need !== null && $need > 0) {
                $things[$key] = [
                    $need,
                    $this->asked->cells[$key]->attack->prevalence
                    * ($this->asked->cells[$key]->attack->need->isCritical ? self::CRITICAL : 1.0),
                ];
            }
        }
        $places = new Places($classes, $own);
        $chosen = $this->choose($things, $places->room());
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
     * From which class on each cell can be tried: at once where they know an answer, else some classes of theirs after
     * they are taught it.
     *
     * @param list<int>                $own     places of the classes that they come to
     * @param array<int, list<string>> $teaches
     *
     * @return array<string, int> place of the class by the cell's key
     */
    private function from(Candidate $candidate, array $own, array $teaches): array
    {
        $none = PHP_INT_MAX;
        $taughtIn = [];
        foreach ($own as $number => $place) {
            $taughtIn += array_fill_keys($teaches[$place] ?? [], $own[$number + Need::AFTER_TEACHING] ?? $none);
        }
        $unknown = $this->asked->unknown($candidate);
        $from = [];
        foreach ($this->asked->of($candidate->student) as $key => $answers) {
            $from[$key] = match (true) {
                $answers === [] => $none,
                isset($unknown[$key]) => $taughtIn[$unknown[$key]] ?? $none,
                default => 0,
            };
        }

        return $from;
    }

    /**
     * @param list<int> $classes when they are
     * @param string    $pattern which classes those who come to the same ones come to
     */
    private function need(Window $window, Future $future, array $classes, int $day, string $pattern): ?int
    {
        $key = serialize($window->tries).count($classes).":{$pattern}";
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
            fn (string $key): bool => $this->asked->cells[$key]->attack->need->isCritical,
            ARRAY_FILTER_USE_KEY,
        );
        $first = Knapsack::choose($critical, $room);
        $taken = array_sum(array_map(static fn (int|string $key): int => $things[$key][0], $first));

        return array_map(strval(...), [
            ...$first,
            ...Knapsack::choose(array_diff_key($things, $critical), $room - $taken),
        ]);
    }
}
