<?php

declare(strict_types=1);

namespace StoneDrill\Core\Solo;

/** How somebody does a basic or a form, as an instructor sees it. */
enum Mark: string
{
    case NotYet = 'not-yet';
    case Rough = 'rough';
    case Sound = 'sound';

    /** 0 for the least. */
    public function level(): int
    {
        return (int) array_search($this, self::cases(), true);
    }

    /**
     * The mark of a whole by those of its parts: the least of them.
     *
     * @param non-empty-list<self> $marks
     */
    public static function least(array $marks): self
    {
        return self::cases()[min(array_map(static fn (self $mark): int => $mark->level(), $marks))];
    }
}
