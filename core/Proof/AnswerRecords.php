<?php

declare(strict_types=1);

namespace StoneDrill\Core\Proof;

use DateTimeImmutable;

/**
 * How the answers of a school hold up, by the tries in which they were used: of each person the latest that count,
 * weighed by their age as for proof, and drawn toward what is known of all answers of the school.
 */
final readonly class AnswerRecords
{
    /** Metres by which an attacker is taller or shorter who is not alike. */
    public const ALIKE = 0.1;

    public const SIZES = ['smaller', 'alike', 'larger'];

    /** @var list<AnswerRecord> by answer, side and rung; those of too few tries too */
    public array $records;

    /**
     * @var list<SizeRecord> by answer, side, rung and size, where the attacker is known and measured; those of too few
     *     tries too
     */
    public array $sizes;

    public SharedPrior $prior;

    /**
     * @param list<Rep>             $counted as {@see counted()} gives them
     * @param array<string, string> $attacks ids of the attacks that the answers are written for, by the id of the
     *     answer
     * @param array<string, float>  $heights statures in metres, by the id of the student
     */
    public function __construct(
        array $counted,
        private array $attacks,
        private array $heights,
        private DateTimeImmutable $at,
        private ProofRules $rules = new ProofRules(),
    ) {
        $used = array_filter($counted, static fn (Rep $rep): bool => $rep->details->answer !== null);
        $groups = $this->latest(
            $used,
            static fn (Rep $rep): string => "{$rep->details->answer}\n{$rep->side->value}\n{$rep->rung}",
        );
        $this->prior = SharedPrior::of(array_values(array_map($this->tally(...), $groups)));
        $improvised = $this->latest(
            array_filter($counted, static fn (Rep $rep): bool => $rep->details->answer === null),
            static fn (Rep $rep): string => "{$rep->attack}\n{$rep->side->value}\n{$rep->rung}",
        );
        $this->records = array_values(
            array_map(fn (array $group): AnswerRecord => $this->record($group, $improvised), $groups),
        );
        $this->sizes = $this->sizes($used);
    }

    /**
     * Those that count and are known at a moment, and that nothing replaces.
     *
     * @param list<Rep> $reps in any order
     *
     * @return list<Rep> the latest last
     */
    public static function counted(array $reps, DateTimeImmutable $at): array
    {
        $replaced = Prover::replaced($reps);
        $counted = array_values(
            array_filter(
                $reps,
                static fn (Rep $rep): bool => $rep->counts() && $rep->at <= $at && ! isset($replaced[$rep->id]),
            ),
        );
        usort($counted, static fn (Rep $a, Rep $b): int => [$a->at, $a->id] <=> [$b->at, $b->id]);

        return $counted;
    }

    /**
     * Of each person in each group the latest.
     *
     * @param array<array-key, Rep>   $reps   the latest last
     * @param callable(Rep): string   $group
     *
     * @return array<string, non-empty-list<Rep>> by group, in order
     */
    private function latest(array $reps, callable $group): array
    {
        $kept = $seen = [];
        foreach (array_reverse($reps) as $rep) {
            $key = $group($rep);
            $seen[$key][$rep->student] = ($seen[$key][$rep->student] ?? 0) + 1;
            if ($seen[$key][$rep->student] <= $this->rules->window) {
                $kept[$key][] = $rep;
            }
        }
        ksort($kept, SORT_NATURAL);

        return $kept;
    }

    /** @param list<Rep> $reps */
    private function tally(array $reps): Tally
    {
        return Tally::of($reps, $this->at->getTimestamp(), $this->rules);
    }

    /**
     * @param non-empty-list<Rep>        $group
     * @param array<string, list<Rep>>   $improvised by attack, side and rung
     */
    private function record(array $group, array $improvised): AnswerRecord
    {
        $first = $group[0];
        $answer = (string) $first->details->answer;
        $tally = $this->tally($group);
        $mistakes = [];
        foreach ($group as $rep) {
            foreach (array_unique($rep->details->mistakes) as $mistake) {
                $mistakes[$mistake] = ($mistakes[$mistake] ?? 0) + 1;
            }
        }

        return new AnswerRecord(
            $answer,
            $first->side,
            $first->rung,
            $tally,
            $this->prior->after($tally),
            $mistakes,
            count($improvised[($this->attacks[$answer] ?? '')."\n{$first->side->value}\n{$first->rung}"] ?? []),
            self::median(
                array_values(
                    array_filter(
                        array_map(static fn (Rep $rep): ?float => $rep->details->seconds, $group),
                        is_float(...),
                    ),
                ),
            ),
        );
    }

    /**
     * @param array<array-key, Rep> $used
     *
     * @return list<SizeRecord>
     */
    private function sizes(array $used): array
    {
        $known = array_filter($used, fn (Rep $rep): bool => $this->size($rep) !== null);
        $groups = $this->latest(
            $known,
            fn (Rep $rep): string => "{$rep->details->answer}\n{$rep->side->value}\n{$rep->rung}\n{$this->size($rep)}",
        );
        $byRecord = [];
        foreach ($groups as $key => $reps) {
            $byRecord[substr($key, 0, (int) strrpos($key, "\n"))][(string) $this->size($reps[0])] = $reps;
        }

        return array_merge(...array_map($this->bySize(...), array_values($byRecord)));
    }

    /**
     * @param non-empty-array<string, non-empty-list<Rep>> $bySize of one answer, side and rung
     *
     * @return list<SizeRecord>
     */
    private function bySize(array $bySize): array
    {
        $tallies = array_map($this->tally(...), $bySize);
        $shares = array_map($this->prior->after(...), $tallies);
        $first = array_values($bySize)[0][0];
        $isTold = static fn (string $size): bool => isset($tallies[$size]) && $tallies[$size]->isEnough();

        return array_map(
            static fn (string $size): SizeRecord => new SizeRecord(
                (string) $first->details->answer,
                $first->side,
                $first->rung,
                $size,
                $tallies[$size],
                $shares[$size],
                $size !== 'alike' && $isTold($size) && $isTold('alike') ? $shares[$size]->above($shares['alike']) : 0.0,
            ),
            array_values(array_filter(self::SIZES, static fn (string $size): bool => isset($tallies[$size]))),
        );
    }

    /** As which the attacker of a try is; null where either is not known or not measured. */
    private function size(Rep $rep): ?string
    {
        $attacker = $this->heights[$rep->details->attacker ?? ''] ?? null;
        $defender = $this->heights[$rep->student] ?? null;
        if ($attacker === null || $defender === null) {
            return null;
        }

        return abs($attacker - $defender) <= self::ALIKE + 1e-9
            ? 'alike'
            : ($attacker > $defender
                ? 'larger'
                : 'smaller');
    }

    /** @param list<float> $values */
    private static function median(array $values): ?float
    {
        if ($values === []) {
            return null;
        }
        sort($values);
        $middle = intdiv(count($values), 2);

        return count($values) % 2 === 1 ? $values[$middle] : ($values[$middle - 1] + $values[$middle]) / 2;
    }
}
