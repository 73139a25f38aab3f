<?php

declare(strict_types=1);

namespace App\View\Classes;

use App\Models\School;
use App\Models\TrainingClass;

/** Whom classes of a school are for, in a few words. */
final readonly class ForWhom
{
    /** Those who are named one by one; of more it is told how many. */
    private const NAMES = 3;

    /** @var array<string, string> names of ranks by their codes, in their order */
    private array $ranks;

    /** @var array<string, string> names of students by their codes */
    private array $students;

    public function __construct(School $school)
    {
        $this->ranks = $school->ranks->pluck('name', 'code')->all();
        $this->students = $school->students()->pluck('name', 'code')->all();
    }

    public function text(TrainingClass $class): string
    {
        $expected = $class->expected();
        $named = array_values(array_intersect_key($this->students, array_flip($expected->students)));
        $parts = [
            ...array_values(array_intersect_key($this->ranks, array_flip($expected->ranks))),
            ...$expected->ages === null ? [] : [__("classes.ages.{$expected->ages->value}")],
            ...count($named) > self::NAMES ? [trans_choice('classes.people', count($named))] : $named,
        ];

        return $parts === [] ? __('classes.everybody') : implode(', ', $parts);
    }
}
