<?php

declare(strict_types=1);

namespace App\View\Wall;

use StoneDrill\Core\Coverage\Cell;

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
    /** Needed from this course on, and taught, but what is taught does not work. */
    case CracksBegin = 'cracked first';
    /** Needed in a course below, and still taught only what does not work. */
    case Cracked = 'cracked';

    /**
     * @param int                $course position of the rank whose course it is
     * @param array<string, int> $order  position by id of the rank
     */
    public static function of(Cell $cell, int $course, array $order): self
    {
        $laid = $order[$cell->laidAt ?? ''] ?? null;
        $need = $order[$cell->attack->need->rank ?? ''] ?? null;
        $isTaught = $cell->taughtAt !== null && $order[$cell->taughtAt] <= $course;

        return match (true) {
            $laid !== null && $course === $laid => self::Laid,
            $laid !== null && $course > $laid => self::Carried,
            $need !== null && $course === $need => $isTaught ? self::CracksBegin : self::HoleBegins,
            $need !== null && $course > $need => $isTaught ? self::Cracked : self::Hole,
            default => self::Ahead,
        };
    }

    public function isLaid(): bool
    {
        return $this === self::Laid || $this === self::Carried;
    }

    public function isHole(): bool
    {
        return $this !== self::Ahead && ! $this->isLaid();
    }

    /** Whether it is the course that needs it, where its number stands. */
    public function begins(): bool
    {
        return $this === self::HoleBegins || $this === self::CracksBegin;
    }

    public function isCracked(): bool
    {
        return $this === self::Cracked || $this === self::CracksBegin;
    }

    public function text(): string
    {
        return __('wall.stones.'.$this->value);
    }
}
