<?php

declare(strict_types=1);

namespace App\Wall;

/** What a stone shows. */
enum StoneState: string
{
    /** Neither needed yet nor answered. */
    case Ahead = 'ahead';
    /** First answered in this course. */
    case Laid = 'laid';
    /** Answered in a course below. */
    case Carried = 'carried';
    /** Needed from this course on, and not answered. */
    case HoleBegins = 'hole first';
    /** Needed in a course below, and still not answered. */
    case Hole = 'hole';

    public function isLaid(): bool
    {
        return $this === self::Laid || $this === self::Carried;
    }

    public function word(): string
    {
        return match ($this) {
            self::Ahead => 'not needed yet',
            self::Laid => 'laid here',
            self::Carried => 'carried up from below',
            self::HoleBegins, self::Hole => 'a hole',
        };
    }
}
