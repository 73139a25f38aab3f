<?php

declare(strict_types=1);

namespace App\Models;

/** What somebody may do in a school. */
enum Role: string
{
    case Head = 'head';
    case Instructor = 'instructor';
    case Assistant = 'assistant';
    case Student = 'student';
    /** Sees the children entrusted to them. */
    case Guardian = 'guardian';

    public function title(): string
    {
        return __('words.roles.'.$this->value);
    }

    /** @return array<string, string> of all, by value */
    public static function titles(): array
    {
        return array_map(
            static fn (self $role): string => $role->title(),
            array_column(self::cases(), null, 'value'),
        );
    }

    /** Whether they set up the school itself: its ranks, its people, its files. */
    public function runsSchool(): bool
    {
        return $this === self::Head;
    }

    /** Whether they write attacks and answers. */
    public function writesCurriculum(): bool
    {
        return $this === self::Head || $this === self::Instructor;
    }

    /** Whether they see the whole school and record reps. */
    public function teaches(): bool
    {
        return in_array($this, [self::Head, self::Instructor, self::Assistant], true);
    }
}
