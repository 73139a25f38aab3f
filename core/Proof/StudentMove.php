<?php

declare(strict_types=1);

namespace StoneDrill\Core\Proof;

use DateTimeImmutable;
use StoneDrill\Core\Curriculum\Ladder;

/** That somebody is ready for another rung of one side of an attack. */
final readonly class StudentMove
{
    /**
     * @param string  $student id
     * @param string  $cell    key of the cell
     * @param ?string $mistake the one that was seen most in the latest tries at the rung where it fails; null where
     *     none was
     */
    private function __construct(
        public string $student,
        public string $cell,
        public RungMove $move,
        public ?string $mistake,
    ) {}

    /**
     * Of everybody who tried something.
     *
     * @param list<Rep> $counted as {@see AnswerRecords::counted()} gives them
     *
     * @return list<self>
     */
    public static function all(array $counted, Ladder $ladder, ProofRules $rules, DateTimeImmutable $at): array
    {
        $byCell = [];
        foreach ($counted as $rep) {
            $byCell[$rep->student]["{$rep->attack} {$rep->side->value}"][] = $rep;
        }
        $moves = [];
        foreach ($byCell as $student => $cells) {
            foreach ($cells as $cell => $reps) {
                $tries = Window::tries(array_slice($reps, -$rules->window), $rules);
                // Whether it was ever held makes no difference here.
                $move = RungMove::of(new Window($tries, null, count($reps), null, $rules), $ladder, $at);
                if ($move !== null) {
                    $moves[] = new self(
                        (string) $student,
                        $cell,
                        $move,
                        $move->isUp() ? null : self::mistake($reps, $move->from, $rules->window),
                    );
                }
            }
        }
        usort($moves, static fn (self $a, self $b): int => [$a->student, $a->cell] <=> [$b->student, $b->cell]);

        return $moves;
    }

    /** @param list<Rep> $reps the latest last */
    private static function mistake(array $reps, int $rung, int $window): ?string
    {
        $there = array_slice(
            array_values(array_filter($reps, static fn (Rep $rep): bool => $rep->rung === $rung)),
            -$window,
        );
        $count = array_count_values(
            array_merge(...array_map(static fn (Rep $rep): array => $rep->details->mistakes, $there)),
        );
        ksort($count);
        arsort($count);
        $most = array_key_first($count);

        return $most === null ? null : (string) $most;
    }
}
