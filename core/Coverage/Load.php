<?php

declare(strict_types=1);

namespace StoneDrill\Core\Coverage;

use StoneDrill\Core\Answer\Beats;
use StoneDrill\Core\Catalogue\Catalogue;
use StoneDrill\Core\Catalogue\Rank;

/** What a rank asks its students to learn. A planning estimate. */
final readonly class Load
{
    private const STEEP = 1.5;

    /**
     * @param string $rank       id
     * @param int    $beats      beats of the main lines introduced there
     * @param int    $actions    actions in them
     * @param float  $newActions actions that no answer known before brings along, to one decimal
     * @param float  $choiceBits bits of choice among the answers known for the same cell, on average over the cells
     *                           laid by then
     */
    private function __construct(
        public string $rank,
        public int $beats,
        public int $actions,
        public float $newActions,
        public float $choiceBits,
    ) {}

    /** @return list<self> lowest rank first */
    public static function of(Catalogue $catalogue, Coverage $coverage): array
    {
        $choice = self::choice($catalogue, $coverage);
        $known = $load = [];
        foreach (self::taught($catalogue) as $rank => $introduced) {
            [$beats, $actions, $new] = [0, 0, 0.0];
            foreach ($introduced as $answer) {
                $length = count($answer->actions());
                $beats += count($answer->line);
                $actions += $length;
                $best = 0.0;
                foreach ($known as $earlier) {
                    $best = max($best, CarryOver::from($earlier, $answer));
                }
                $new += $length * (1 - $best);
                $known[] = $answer;
            }
            $load[] = new self((string) $rank, $beats, $actions, round($new, 1), $choice[$rank]);
        }

        return $load;
    }

    /**
     * The ranks at which the ladder is too steep.
     *
     * @param list<self> $loads
     *
     * @return list<string> ids
     */
    public static function steep(array $loads): array
    {
        $from = self::steepFrom($loads);

        return array_map(static fn (self $load): string => $load->rank, array_values(array_filter($loads, static fn (self $load): bool => $from > 0.0 && $load->newActions > $from)));
    }

    /**
     * A rank with more new actions than this is steep: half as many again as the ranks that bring any have on average.
     *
     * @param list<self> $loads
     */
    public static function steepFrom(array $loads): float
    {
        $new = array_filter(array_map(static fn (self $load): float => $load->newActions, $loads));

        return $new === [] ? 0.0 : self::STEEP * array_sum($new) / count($new);
    }

    /**
     * The beats taught at each rank, a short form as an answer of its own at the rank that it is for.
     *
     * @return array<string, list<Beats>> by id of the rank, lowest first
     */
    private static function taught(Catalogue $catalogue): array
    {
        $taught = array_fill_keys(array_map(static fn (Rank $rank): string => $rank->id, $catalogue->ranks), []);
        foreach ($catalogue->answers as $answer) {
            if ($answer->short !== null) {
                $taught[$answer->short->rank][] = $answer->beats->shortened($answer->short->beats);
            }
            $taught[$answer->rank][] = $answer->beats;
        }

        return $taught;
    }

    /** @return array<string, float> by id of the rank */
    private static function choice(Catalogue $catalogue, Coverage $coverage): array
    {
        $order = $catalogue->rankOrder();
        $answers = array_column($catalogue->answers, null, 'id');
        $choice = [];
        foreach ($order as $rank => $position) {
            $bits = [];
            foreach ($coverage->cells as $cell) {
                $known = count(array_filter($cell->answers, static fn (string $id): bool => $answers[$id]->introducedAt($order) <= $position));
                if ($known > 0) {
                    $bits[] = log($known, 2);
                }
            }
            $choice[$rank] = $bits === [] ? 0.0 : array_sum($bits) / count($bits);
        }

        return $choice;
    }
}
