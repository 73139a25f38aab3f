<?php

declare(strict_types=1);

namespace StoneDrill\Core\Spelling;

/** The known word that was probably meant. */
final readonly class Nearest
{
    /**
     * The candidate fewest letters away from what was found, or null when none is near: at most one letter in three
     * may differ, and of equally near ones the first is taken.
     *
     * @param iterable<string> $candidates
     */
    public static function to(string $found, iterable $candidates): ?string
    {
        $found = mb_strtolower($found);
        if ($found === '' || strlen($found) > 60) {
            return null;
        }
        $best = null;
        $least = intdiv(mb_strlen($found) + 1, 3) + 1;
        foreach ($candidates as $candidate) {
            $distance = levenshtein($found, mb_strtolower((string) $candidate));
            if ($distance < $least) {
                [$best, $least] = [(string) $candidate, $distance];
            }
        }

        return $best;
    }
}
