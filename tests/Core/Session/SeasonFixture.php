<?php

declare(strict_types=1);

namespace Tests\Core\Session;

use DateTimeImmutable;
use StoneDrill\Core\Coverage\Cell;
use StoneDrill\Core\Curriculum\Catalogue;
use StoneDrill\Core\Curriculum\Student;
use StoneDrill\Core\Proof\Window;
use StoneDrill\Core\Session\Season\Candidate;
use StoneDrill\Core\Session\Season\Learning;
use StoneDrill\Core\Session\Season\Season;
use StoneDrill\Core\Session\Season\SeasonClass;
use Tests\Support\Made;

/** What the tests of a season share. */
final class SeasonFixture
{
    public const DAY = 86_400;

    /** So many attacks for rank b, each with an answer of that rank that works from both sides. */
    public static function catalogue(int $attacks): Catalogue
    {
        $made = $answers = [];
        foreach (range(1, $attacks) as $number) {
            $made[] = $attack = Made::attack(id: "k{$number}", neededBy: 'b', prevalence: 1 + ($number % 5));
            $answers[] = Made::answer("x{$number}", $attack, 'b', true);
        }

        return Made::catalogue($made, $answers);
    }

    public static function season(Catalogue $catalogue, Learning $learning = new Learning()): Season
    {
        return new Season(
            $catalogue,
            ClassPlanFixture::cells($catalogue),
            $catalogue->rank('b'),
            new DateTimeImmutable(Made::NOW),
            $learning,
        );
    }

    /** @return list<SeasonClass> every so many days from tomorrow on */
    public static function classes(int $count, int $answers, int $reps, int $gap = 3): array
    {
        return array_map(
            static fn (int $number): SeasonClass => new SeasonClass(
                "c{$number}",
                self::now() + self::DAY * (1 + $gap * $number),
                $answers,
                $reps,
            ),
            range(0, $count - 1),
        );
    }

    /** @param array<string, Window> $windows */
    public static function candidate(string $id = 's', array $windows = []): Candidate
    {
        return new Candidate(new Student($id, ucfirst($id), 'a'), $windows);
    }

    public static function now(): int
    {
        return (new DateTimeImmutable(Made::NOW))->getTimestamp();
    }

    /** @return list<Cell> */
    public static function cells(Catalogue $catalogue): array
    {
        return ClassPlanFixture::cells($catalogue);
    }

    /** The chance that a value of a beta distribution is at most x: the area under its density, in many strips. */
    public static function area(float $alpha, float $beta, float $x): float
    {
        $strips = 40_000;
        $sum = $all = 0.0;
        for ($strip = 0; $strip < $strips; $strip++) {
            // With x = sin² the density has no pole at its ends.
            $angle = ((M_PI / 2) * ($strip + 0.5)) / $strips;
            $height = sin($angle) ** (2 * $alpha - 1) * cos($angle) ** (2 * $beta - 1);
            $all += $height;
            $sum += sin($angle) ** 2 <= $x ? $height : 0.0;
        }

        return $sum / $all;
    }
}
