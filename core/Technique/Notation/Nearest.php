<?php

declare(strict_types=1);

namespace StoneDrill\Core\Technique\Notation;

/** The known word that was probably meant. */
final readonly class Nearest
{
    /** Letters that a beginning has to have. */
    private const BEGINNING = 4;

    /**
     * The candidate fewest letters away from what was found, or null when none is near: at most one letter in three
     * may differ, two neighbours that changed places count as one, and of equally near ones the first is taken.
     *
     * @param iterable<string> $candidates
     */
    public static function to(string $found, iterable $candidates): ?string
    {
        $found = mb_strtolower($found);
        $length = mb_strlen($found);
        if ($length < 3 || $length > 60) {
            return null;
        }
        $best = null;
        $least = intdiv($length + 1, 3) + 1;
        foreach ($candidates as $candidate) {
            $distance = self::distance($found, mb_strtolower((string) $candidate));
            if ($distance > 0 && $distance < $least) {
                [$best, $least] = [(string) $candidate, $distance];
            }
        }

        return $best ?? self::beginning($found, $candidates);
    }

    /**
     * The shortest candidate that begins with what was found, as `closing-in` does with `closing`.
     *
     * @param iterable<string> $candidates
     */
    private static function beginning(string $found, iterable $candidates): ?string
    {
        $best = null;
        foreach ($candidates as $candidate) {
            if (
                mb_strlen($found) >= self::BEGINNING
                && str_starts_with(mb_strtolower((string) $candidate), $found)
                && ($best === null || mb_strlen((string) $candidate) < mb_strlen($best))
            ) {
                $best = (string) $candidate;
            }
        }

        return $best;
    }

    /** Levenshtein's distance, with a swap of neighbours as one step where it is the only one. */
    private static function distance(string $a, string $b): int
    {
        $distance = levenshtein($a, $b);

        return $distance === 2 && strlen($a) === strlen($b) && count_chars($a) === count_chars($b) ? 1 : $distance;
    }
}
