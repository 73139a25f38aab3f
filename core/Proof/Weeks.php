<?php

declare(strict_types=1);

namespace StoneDrill\Core\Proof;

use DateTimeImmutable;
use DateTimeZone;
use StoneDrill\Core\Curriculum\CellKey;
use StoneDrill\Core\Curriculum\Ladder;

/** The reps along time, week by week, and what one more class a week would have kept. */
final readonly class Weeks
{
    /** Weeks that are told, the running one with them. */
    public const COUNT = 12;

    /** Fewer tries than this never hold: two clean ones of today do not. */
    private const FEWEST_TO_HOLD = 3;

    /** @param list<Week> $weeks the latest last */
    private function __construct(public array $weeks, public OneMoreClass $oneMore) {}

    /**
     * @param list<Rep> $counted  as {@see AnswerRecords::counted()} gives them
     * @param ?float    $halfLife that one more class is reckoned with, as it was fitted; that of the rules where it is
     *     null
     */
    public static function of(
        array $counted,
        Ladder $ladder,
        ProofRules $rules,
        DateTimeImmutable $at,
        DateTimeZone $zone,
        ?float $halfLife = null,
    ): self {
        $begins = self::begins($at, $zone);
        $ends = [
            ...array_map(
                static fn (DateTimeImmutable $begin): int => $begin->getTimestamp() - 1,
                array_slice($begins, 1),
            ),
            $at->getTimestamp(),
        ];
        $histories = self::histories($counted, $rules);
        $proven = array_map(
            static fn (array $tries): array => self::proven($tries, $ladder, $rules, [
                $begins[0]->getTimestamp() - 1,
                ...$ends,
            ]),
            $histories,
        );
        $inWeek = array_fill(0, self::COUNT, []);
        foreach ($counted as $rep) {
            $week = self::weekOf($rep->at, $begins);
            if ($week !== null) {
                $inWeek[$week][] = $rep;
            }
        }
        $weeks = [];
        foreach ($begins as $number => $begin) {
            [$held, $faded] = self::turns($proven, $number);
            $weeks[] = new Week(
                $begin,
                count($inWeek[$number]),
                count(array_unique(array_map(static fn (Rep $rep): string => $rep->student, $inWeek[$number]))),
                self::rungs($inWeek[$number]),
                $number === 0 ? [] : self::alike($inWeek[$number], $inWeek[$number - 1]),
                $held,
                $faded,
            );
        }

        return new self(
            $weeks,
            OneMoreClass::of(
                $histories,
                $proven,
                new ProofRules($rules->window, $halfLife ?? $rules->halfLife, $rules->credits),
                $begins[0]->getTimestamp(),
                $at->getTimestamp(),
            ),
        );
    }

    /** @return list<DateTimeImmutable> the Mondays */
    private static function begins(DateTimeImmutable $at, DateTimeZone $zone): array
    {
        $there = $at->setTimezone($zone);
        $monday = $there->setISODate((int) $there->format('o'), (int) $there->format('W'))->setTime(0, 0);

        return array_map(
            static fn (int $ago): DateTimeImmutable => $monday->modify("-{$ago} weeks"),
            range(self::COUNT - 1, 0),
        );
    }

    /** @param list<DateTimeImmutable> $begins */
    private static function weekOf(DateTimeImmutable $at, array $begins): ?int
    {
        for ($week = self::COUNT - 1; $week >= 0; $week--) {
            if ($at >= $begins[$week]) {
                return $week;
            }
        }

        return null;
    }

    /**
     * @param list<Rep> $counted
     *
     * @return array<string, non-empty-list<array{int, int, float}>> tries in order of time, as {@see Window::try()} has
     *     them, by student and cell
     */
    private static function histories(array $counted, ProofRules $rules): array
    {
        $histories = [];
        foreach ($counted as $rep) {
            $histories["{$rep->student}\n".(new CellKey($rep->attack, $rep->side))->text][] = Window::try($rep, $rules);
        }

        return $histories;
    }

    /**
     * The highest rung that is held at each of some moments.
     *
     * @param non-empty-list<array{int, int, float}> $tries
     * @param list<int>                              $moments in seconds since 1970, the earliest first
     *
     * @return list<?int>
     */
    private static function proven(array $tries, Ladder $ladder, ProofRules $rules, array $moments): array
    {
        $rungs = $ladder->ids();
        $proven = [];
        $known = 0;
        $was = null;
        foreach ($moments as $moment) {
            $before = $known;
            while (isset($tries[$known]) && $tries[$known][0] <= $moment) {
                $known++;
            }
            // With nothing new, what was not held is not held now.
            if ($known < self::FEWEST_TO_HOLD || ($known === $before && $was === null)) {
                $proven[] = $was = null;

                continue;
            }
            $weighed = Evidence::weighed(
                array_slice($tries, max(0, $known - $rules->window), min($rules->window, $known)),
                $moment,
                $rules,
            );
            $held = null;
            foreach ($rungs as $rung) {
                // What is held at a rung is held at every lower one.
                if (! Evidence::ofWeighed($weighed, $rung)->holds()) {
                    break;
                }
                $held = $rung;
            }
            $proven[] = $was = $held;
        }

        return $proven;
    }

    /**
     * @param array<string, list<?int>> $proven at the beginning and at the end of each week, by student and cell
     *
     * @return array{list<Turn>, list<Turn>} what is newly held, and what is no more
     */
    private static function turns(array $proven, int $week): array
    {
        $held = $faded = [];
        foreach ($proven as $whose => $rungs) {
            [$from, $to] = [$rungs[$week], $rungs[$week + 1]];
            if ($from !== $to) {
                [$student, $cell] = explode("\n", (string) $whose, 2);
                $turn = new Turn($student, $cell, $from, $to);
                ($to ?? -1) > ($from ?? -1) ? ($held[] = $turn) : ($faded[] = $turn);
            }
        }

        return [$held, $faded];
    }

    /**
     * @param list<Rep> $reps
     *
     * @return array<int, array{tries: int, clean: int}>
     */
    private static function rungs(array $reps): array
    {
        $rungs = [];
        foreach ($reps as $rep) {
            $rungs[$rep->rung] ??= ['tries' => 0, 'clean' => 0];
            $rungs[$rep->rung]['tries']++;
            $rungs[$rep->rung]['clean'] += self::isClean($rep) ? 1 : 0;
        }
        ksort($rungs);

        return $rungs;
    }

    /**
     * @param list<Rep> $reps   of a week
     * @param list<Rep> $before of the week before
     *
     * @return array<int, array{tries: int, clean: int, was: int, of: int}>
     */
    private static function alike(array $reps, array $before): array
    {
        [$now, $then] = [self::byCell($reps), self::byCell($before)];
        $alike = [];
        foreach ($now as $rung => $cells) {
            $both = array_intersect_key($cells, $then[$rung] ?? []);
            if ($both !== []) {
                $was = array_intersect_key($then[$rung], $both);
                $alike[$rung] = [
                    'tries' => array_sum(array_column($both, 0)),
                    'clean' => array_sum(array_column($both, 1)),
                    'was' => array_sum(array_column($was, 1)),
                    'of' => array_sum(array_column($was, 0)),
                ];
            }
        }
        ksort($alike);

        return $alike;
    }

    /**
     * @param list<Rep> $reps
     *
     * @return array<int, array<string, array{int, int}>> tries and clean ones by rung and cell
     */
    private static function byCell(array $reps): array
    {
        $cells = [];
        foreach ($reps as $rep) {
            $key = (new CellKey($rep->attack, $rep->side))->text;
            $cells[$rep->rung][$key] ??= [0, 0];
            $cells[$rep->rung][$key][0]++;
            $cells[$rep->rung][$key][1] += self::isClean($rep) ? 1 : 0;
        }

        return $cells;
    }

    private static function isClean(Rep $rep): bool
    {
        return $rep->outcome === Outcome::Clean;
    }
}
