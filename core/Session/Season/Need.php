<?php

declare(strict_types=1);

namespace StoneDrill\Core\Session\Season;

/** The least further tries of a cell by which it is held on the day, as late as the classes allow. */
final readonly class Need
{
    /** Tries of a cell in a class, at most. */
    public const IN_CLASS = 3;

    /** Classes after the one in which it is taught until it is tried. */
    public const AFTER_TEACHING = 2;

    /** More than so many are never asked for. */
    private const MAX = 36;

    /**
     * @param list<int> $classes when the classes are in which it can be tried, the first one first
     *
     * @return ?int null where no number is enough
     */
    public static function of(Future $future, array $classes, int $day): ?int
    {
        if ($future->holdsOn([], $day)) {
            return 0;
        }
        $most = min(self::MAX, self::IN_CLASS * count($classes));
        for ($count = 1; $count <= $most; $count++) {
            if ($future->holdsOn(self::late($classes, $count), $day)) {
                return $count;
            }
        }

        return null;
    }

    /**
     * @param list<int> $classes
     *
     * @return list<int> so many tries, as late as it goes, the first one first
     */
    public static function late(array $classes, int $count): array
    {
        $times = [];
        for ($place = count($classes) - 1; $place >= 0 && count($times) < $count; $place--) {
            array_push($times, ...array_fill(0, min(self::IN_CLASS, $count - count($times)), $classes[$place]));
        }

        return array_reverse($times);
    }
}
