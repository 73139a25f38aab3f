<?php

declare(strict_types=1);

namespace App\View\Tests;

use App\Models\Student;
use App\Models\Test;
use App\Persistence\SchoolMapper;

/** How often an item of a test may be shown, as a choice. */
final class Showings
{
    /**
     * @param Student $candidate of that test
     * @param int     $last      the last time that it was shown, which may be more often than it still may
     *
     * @return array<int, string> which time it is, in words, by its number
     */
    public static function names(Test $test, Student $candidate, int $last = 1): array
    {
        $isLeft = $candidate->getRelation('pivot')->getAttribute('result') === 'retest';
        $numbers = range(1, max($last, SchoolMapper::proofStandard($test->school)->test->showings($isLeft)));

        return array_combine(
            $numbers,
            array_map(static fn (int $number): string => __("tests.showings.{$number}"), $numbers),
        );
    }

    /** @return list<array{attempt: int, says: string}> those after the first, as a device tells them */
    public static function told(Test $test, Student $candidate): array
    {
        $again = array_diff_key(self::names($test, $candidate), [1 => true]);

        return array_map(
            static fn (int $number, string $name): array => [
                'attempt' => $number, 'says' => __('mat.exam.shown', ['showing' => $name]),
            ],
            array_keys($again),
            $again,
        );
    }
}
