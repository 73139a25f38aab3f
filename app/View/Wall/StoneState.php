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

    /**
     * @param int                $course position of the rank whose course it is
     * @param array<string, int> $order  position by id of the rank
     */
    public static function of(Cell $cell, int $course, array $order): self
    {
        $laid = $order[$cell->laidAt ?? ''] ?? null;
        $need = $order[$cell->attack->need->rank ?? ''] ?? null;

        return match (true) {
            $laid !== null && $course === $laid => self::Laid,
            $laid !== null && $course > $laid => self::Carried,
            $need !== null && $course === $need => self::HoleBegins,
            $need !== null && $course > $need => self::Hole,
            default => self::Ahead,
        };
    }

    public function isLaid(): bool
    {
        return $this === self::Laid || $this === self::Carried;
    }

    public function isHole(): bool
    {
        return $this === self::Hole || $this === self::HoleBegins;
    }

    public function text(): string
    {
        return __('wall.stones.'.$this->value);
    }
}
