<?php

declare(strict_types=1);

namespace StoneDrill\Core\Coverage;

use StoneDrill\Core\Curriculum\Catalogue;
use StoneDrill\Core\Curriculum\Rank;
use StoneDrill\Core\Technique\Beats;

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
        $known = new Repertoire();
        $load = [];
        foreach (self::taught($catalogue) as $rank => $introduced) {
            [$beats, $actions, $new] = [0, 0, 0.0];
            foreach ($introduced as $answer) {
                $length = count($answer->actions());
                $beats += count($answer->line);
                $actions += $length;
                $new += $length * (1 - $known->bringsAlong($answer));
                $known->learn($answer);
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

        return array_map(
            static fn (self $load): string => $load->rank,
            array_values(
                array_filter($loads, static fn (self $load): bool => $from > 0.0 && $load->newActions > $from),
            ),
        );
    }

    /**
     * A rank with more new actions than this is steep: half as many again as the ranks that bring any have on average.
     *
     * @param list<self> $loads
     */
    public static function steepFrom(array $loads): float
    {
        $new = array_filter(array_map(static fn (self $load): float => $load->newActions, $loads));

        return $new === [] ? 0.0 : (self::STEEP * array_sum($new)) / count($new);
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
            if ($answer->teaching->short !== null) {
                $taught[$answer->teaching->short->rank][] = $answer->beats->shortened($answer->teaching->short->beats);
            }
            $taught[$answer->teaching->rank][] = $answer->beats;
        }

        return $taught;
    }

    /** @return array<string, float> by id of the rank */
    private static function choice(Catalogue $catalogue, Coverage $coverage): array
    {
        $order = $catalogue->rankOrder();
        $bits = $laid = array_fill_keys(array_keys($order), 0.0);
        foreach ($coverage->cells as $cell) {
            $positions = array_values($cell->worksFrom);
            foreach ($order as $rank => $position) {
                $known = count(array_filter($positions, static fn (int $of): bool => $of <= $position));
                $bits[$rank] += $known > 0 ? log($known, 2) : 0.0;
                $laid[$rank] += $known > 0 ? 1 : 0;
            }
        }

        $choice = [];
        foreach ($bits as $rank => $sum) {
            $choice[$rank] = $laid[$rank] > 0.0 ? $sum / $laid[$rank] : 0.0;
        }

        return $choice;
    }
}
