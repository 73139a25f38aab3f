<?php

declare(strict_types=1);

namespace StoneDrill\Core\Session;

use DateTimeImmutable;
use StoneDrill\Core\Curriculum\Student;
use StoneDrill\Core\Drill\Preparation;
use StoneDrill\Core\Proof\Window;

/** Who is taught and drilled together in a class, and what. */
final readonly class Grouping
{
    /**
     * @param Teaching   $teaching of all from 16 on
     * @param Teaching   $youth    of those under 16
     * @param YouthRules $rules    where the two differ
     */
    public function __construct(
        private Teaching $teaching,
        private Teaching $youth,
        private YouthRules $rules,
        private DateTimeImmutable $at,
    ) {}

    /**
     * Those under 16 are by themselves, with an instructor of their own, where they are taught otherwise than all
     * others; one who is alone goes from them to the others.
     *
     * @param list<Student>                        $students in the order of their ranks
     * @param array<string, array<string, Window>> $windows  by student, then the cell's key
     * @param list<Preparation>                    $season   what the ways to tests teach in this class
     * @param list<string>                         $latest   ids of the answers of the last classes
     * @param int                                  $taught   answers that there is time for
     *
     * @return list<Group>
     */
    public function of(
        array $students,
        array $windows,
        ClassFacts $facts,
        array $season,
        array $latest,
        int $taught,
    ): array {
        $wishes = $facts->wishes;
        $again = array_values(array_diff($latest, $wishes->skip));
        $all = array_map(
            fn (Student $student): Learner => $this->learner(
                $student,
                $windows[$student->id] ?? [],
                $wishes,
                Preparation::ofStudent($season, $student->id),
            ),
            $students,
        );
        $young = array_values(array_filter($all, $this->isYoung(...)));
        $grown = array_values(array_filter($all, fn (Learner $one): bool => ! $this->isYoung($one)));
        $apart = [
            ...$this->bands($young, 1, $taught, $again),
            ...$this->bands($grown, max(1, $facts->instructors - min(1, count($young))), $taught, $again),
        ];
        if ($young === [] || $grown === []) {
            return $apart;
        }
        $together = $this->bands($all, max(1, $facts->instructors), $taught, $again);

        return $this->differ([...$apart, ...$together], array_column($young, 'student')) ? $apart : $together;
    }

    /**
     * @param list<Learner> $learners in the order of their ranks
     * @param list<string>  $again    ids of the answers of the last classes
     *
     * @return list<Group>
     */
    private function bands(array $learners, int $most, int $taught, array $again): array
    {
        $values = array_map(static fn (Learner $one): array => $one->values(), $learners);

        return array_map(
            fn (Band $band): Group => $this->group(
                array_slice($learners, $band->from, $band->to - $band->from),
                $band,
                $again,
            ),
            Bands::cut($values, $most, $taught),
        );
    }

    /**
     * @param list<Learner> $learners of the band
     * @param list<string>  $again    ids of the answers of the last classes
     */
    private function group(array $learners, Band $band, array $again): Group
    {
        $students = array_column($learners, 'student');
        $taught = [];
        foreach ($band->answers as $answer => $value) {
            $taught[] = self::taught((string) $answer, $value, $learners);
        }
        $latest = array_filter(
            $again,
            fn (string $answer): bool => array_any(
                $students,
                fn (Student $student): bool => $this->teaching($student)->drills($student, $answer),
            ),
        );

        return new Group(
            $students,
            $taught,
            array_values(array_unique([...array_column($taught, 'answer'), ...$latest])),
        );
    }

    /** @param list<Learner> $learners of the band */
    private static function taught(string $answer, float $value, array $learners): Taught
    {
        $ranks = array_filter(array_map(static fn (Learner $one): ?string => $one->goesFor($answer), $learners));

        return Taught::of(
            $answer,
            $value - array_sum(array_map(static fn (Learner $one): float => $one->added($answer), $learners)),
            array_map(static fn (Learner $one): ?Worth => $one->worth[$answer] ?? null, $learners),
            array_values($ranks)[0] ?? null,
        );
    }

    /**
     * @param array<string, Window>    $windows by the cell's key
     * @param array<array-key, string> $ahead   as {@see Preparation::ofStudent()} has it
     */
    private function learner(Student $student, array $windows, ClassWishes $wishes, array $ahead): Learner
    {
        $worth = $this->teaching($student)->to($student, $windows, $this->at, $wishes->teach, $ahead);

        return new Learner(
            $student,
            array_diff_key($worth, array_fill_keys($wishes->skip, true)),
            $wishes->teach,
            $ahead,
        );
    }

    /**
     * Whether one of those under 16 is taught otherwise something that some groups are taught or drill.
     *
     * @param list<Group>   $groups
     * @param list<Student> $young
     */
    private function differ(array $groups, array $young): bool
    {
        $ranks = array_unique(array_column($young, 'rank'));

        return array_any(
            Group::drilledBy($groups),
            fn (string $answer): bool => array_any(
                $ranks,
                fn (string $rank): bool => $this->rules->differ($answer, $rank),
            ),
        );
    }

    private function teaching(Student $student): Teaching
    {
        return $student->isYouthOn($this->at) ? $this->youth : $this->teaching;
    }

    private function isYoung(Learner $learner): bool
    {
        return $learner->student->isYouthOn($this->at);
    }
}
