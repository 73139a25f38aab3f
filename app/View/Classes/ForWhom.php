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

    /** @var array<int, string> names of students by the ids of their rows */
    private array $students;

    public function __construct(School $school)
    {
        $this->ranks = $school->ranks->pluck('name', 'code')->all();
        $this->students = $school->students()->pluck('name', 'id')->all();
    }

    public function text(TrainingClass $class): string
    {
        $named = array_values(array_intersect_key($this->students, array_flip($class->named)));
        $parts = [
            ...array_values(array_intersect_key($this->ranks, array_flip($class->ranks))),
            ...$class->ages === null ? [] : [__("classes.ages.{$class->ages->value}")],
            ...count($named) > self::NAMES ? [trans_choice('classes.people', count($named))] : $named,
        ];

        return $parts === [] ? __('classes.everybody') : implode(', ', $parts);
    }
}
