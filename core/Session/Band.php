<?php

declare(strict_types=1);

namespace StoneDrill\Core\Session;

/** People who are taught together, and what. */
final readonly class Band
{
    /**
     * @param int                     $from    place of the first of them
     * @param int                     $to      place after the last of them
     * @param array<array-key, float> $answers what is taught, with what it is worth to all of them, the most first
     */
    private function __construct(public int $from, public int $to, public array $answers, public float $value) {}

    /**
     * @param array<array-key, float|null> $sums   what each answer is worth to all of them; null where one of them may
     *     not
     * @param int                          $taught answers that there is time for
     */
    public static function of(int $from, int $to, array $sums, int $taught): self
    {
        $answers = [];
        $least = 0.0;
        foreach ($sums as $answer => $sum) {
            // Bands are tried by the thousand: what is worth no more than those that there is time for is not sorted
            // in.
            if ($sum !== null && $sum > $least) {
                $answers[$answer] = $sum;
                arsort($answers);
                $answers = array_slice($answers, 0, $taught, true);
                $least = count($answers) < $taught ? 0.0 : (float) end($answers);
            }
        }

        return new self($from, $to, $answers, (float) array_sum($answers));
    }
}
