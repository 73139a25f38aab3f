<?php

declare(strict_types=1);

namespace StoneDrill\Core\Proof;

/** Who has attacked whom how often, by the tries of which that is known. */
final readonly class PartnerCounts
{
    /** @var array<string, array<string, int>> tries by the id of who defended and of who attacked, the most first */
    public array $counts;

    /**
     * @var list<string> ids of those who defended often enough and never against somebody taller by more than ten
     *     centimetres, though there is somebody
     */
    public array $neverLarger;

    /**
     * @param array<string, array<string, int>> $counts  tries by the id of who defended and of who attacked
     * @param array<string, float>              $heights statures in metres, by the id of the student; of those who
     *     train
     */
    public function __construct(array $counts, array $heights)
    {
        foreach ($counts as &$own) {
            arsort($own);
        }
        unset($own);
        ksort($counts);
        $this->counts = $counts;
        $never = [];
        foreach ($heights as $student => $height) {
            $own = $counts[$student] ?? [];
            if (
                array_sum($own) >= Tally::LEAST
                && self::larger($height, $heights) !== []
                && array_intersect_key($own, self::larger($height, $heights)) === []
            ) {
                $never[] = (string) $student;
            }
        }
        $this->neverLarger = $never;
    }

    /**
     * @param list<Rep>            $counted as {@see AnswerRecords::counted()} gives them
     * @param array<string, float> $heights
     */
    public static function of(array $counted, array $heights): self
    {
        $counts = [];
        foreach ($counted as $rep) {
            $attacker = $rep->details->attacker;
            if ($attacker !== null) {
                $counts[$rep->student][$attacker] = ($counts[$rep->student][$attacker] ?? 0) + 1;
            }
        }

        return new self($counts, $heights);
    }

    /** Whether somebody is so much taller as to count as larger. */
    public static function isLarger(float $than, float $height): bool
    {
        return $height - $than > AnswerRecords::ALIKE + 1e-9;
    }

    /**
     * @param array<string, float> $heights
     *
     * @return array<string, float>
     */
    private static function larger(float $height, array $heights): array
    {
        return array_filter($heights, static fn (float $other): bool => self::isLarger($height, $other));
    }
}
