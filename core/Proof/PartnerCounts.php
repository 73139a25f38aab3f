<?php

declare(strict_types=1);

namespace StoneDrill\Core\Proof;

/** Who has attacked whom how often, by the tries of which that is known. */
final readonly class PartnerCounts
{
    /** @var array<string, array<string, int>> tries by the id of who defended and of who attacked, the most first */
    public array $counts;

    /**
     * @var array<string, int> tries against somebody taller by more than ten centimetres, by the id of who defended;
     *     of those for whom there is somebody
     */
    public array $byLarger;

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
        $byLarger = [];
        foreach ($heights as $student => $height) {
            $larger = self::larger($height, $heights);
            if ($larger !== []) {
                $byLarger[(string) $student] = (int) array_sum(array_intersect_key($counts[$student] ?? [], $larger));
            }
        }
        $this->byLarger = $byLarger;
        $this->neverLarger = array_map(
            strval(...),
            array_keys(
                array_filter(
                    $byLarger,
                    static fn (int $tries, int|string $student): bool => $tries === 0
                        && array_sum($counts[$student] ?? []) >= Tally::LEAST,
                    ARRAY_FILTER_USE_BOTH,
                ),
            ),
        );
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
