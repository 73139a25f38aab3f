<?php

declare(strict_types=1);

namespace StoneDrill\Core\Coverage;

use StoneDrill\Core\Curriculum\Answer;
use StoneDrill\Core\Curriculum\Catalogue;

/** The fewest answers with which a rank covers a share of what it needs, by weight. */
final readonly class Fewest
{
    /** Up to so many candidates the choice is proven to be the best. */
    private const EXACT = 40;

    /**
     * @param list<array{candidate: Candidate, gain: float}> $chosen    in the order to teach them, each with the share
     *     it adds
     * @param float                                          $covered   share of the needed weight that works, 0 to 1
     * @param float                                          $taught    share of it that they would be taught to
     * @param bool                                           $isExact   whether no fewer do, and none so few cover more
     * @param int                                            $bound     fewer than so many cannot do
     * @param bool                                           $isReached whether the share that was asked for is reached
     */
    private function __construct(
        public array $chosen,
        public float $covered,
        public float $taught,
        public bool $isExact,
        public int $bound,
        public bool $isReached,
    ) {}

    /**
     * @param string $rank  id
     * @param float  $share 0 to 1
     */
    public static function of(
        Catalogue $catalogue,
        string $rank,
        float $share,
        ?Widener $widener = null,
        ?Works $works = null,
    ): self {
        $order = $catalogue->rankOrder();
        $works ??= new Works($catalogue);
        $cells = array_values(
            array_filter(
                Coverage::of($catalogue, $works)->cells,
                static fn (Cell $cell): bool => $cell->attack->need->rank !== null
                    && $order[$cell->attack->need->rank] <= $order[$rank],
            ),
        );
        $weights = array_map(static fn (Cell $cell): float => $cell->weight(), $cells);
        $needed = array_sum($weights);
        if ($needed <= 0.0) {
            return new self([], 1.0, 1.0, true, 0, true);
        }
        $candidates = self::candidates($catalogue, $cells, $rank, $widener, $works);
        $search = new SetCover(
            $weights,
            array_map(static fn (Candidate $candidate): array => $candidate->cells, $candidates),
        );
        $goal = min($share * $needed, $search->most());
        $isExact = count($candidates) <= self::EXACT;
        $picked = $isExact ? $search->exact($goal) : $search->greedy($goal);

        return new self(
            array_map(
                static fn (array $step): array => ['candidate' => $candidates[$step[0]], 'gain' => $step[1] / $needed],
                $search->inOrder($picked),
            ),
            $search->weightOf($picked) / $needed,
            array_sum(
                array_intersect_key(
                    $weights,
                    array_flip(
                        array_merge(
                            ...array_map(
                                static fn (int $place): array => $candidates[$place]->taught,
                                $picked,
                            ),
                        ),
                    ),
                ),
            ) / $needed,
            $isExact,
            $isExact ? count($picked) : $search->bound($goal),
            $search->most() >= $share * $needed - 1e-9,
        );
    }

    /**
     * Answers of the rank, their mirrors, later answers moved to it, and widenings that stop nothing anew.
     *
     * @param list<Cell> $cells
     *
     * @return list<Candidate>
     */
    private static function candidates(
        Catalogue $catalogue,
        array $cells,
        string $rank,
        ?Widener $widener,
        Works $works,
    ): array {
        $order = $catalogue->rankOrder();
        $position = $order[$rank];
        $candidates = [];
        foreach ($catalogue->answers as $answer) {
            $isLater = $answer->introducedAt($order) > $position;
            $taught = self::met($cells, static fn (Cell $cell): bool => in_array($answer->id, $cell->answers, true));
            $own = array_values(
                array_filter(
                    $taught,
                    static fn (int $place): bool => $isLater
                        ? isset($cells[$place]->worksFrom[$answer->id])
                        : ($cells[$place]->worksFrom[$answer->id] ?? PHP_INT_MAX) <= $position,
                ),
            );
            $candidates[] = new Candidate($answer->id, $isLater ? 'earlier' : 'teach', $own, $taught);
            if ($isLater) {
                continue;
            }
            $doesWork = static fn (Cell $cell, bool $isMirrored): bool => $works->failure(
                $answer,
                $cell->attack,
                $cell->side,
                $rank,
                $isMirrored,
            ) === null;
            if (! $answer->matching->mirrored) {
                $mirrored = self::met(
                    $cells,
                    static fn (Cell $cell): bool => $answer->matching->coversMirrored(
                        $cell->attack->kind,
                        $cell->facets,
                    ),
                );
                $candidates[] = new Candidate(
                    $answer->id,
                    MoveKind::Mirror->value,
                    array_values(
                        array_filter($mirrored, static fn (int $place): bool => $doesWork($cells[$place], true)),
                    ),
                    $mirrored,
                );
            }
            foreach (self::widened($answer, $cells, $own, $widener, $doesWork) as $place) {
                $candidates[] = new Candidate(
                    $answer->id,
                    MoveKind::Widen->value,
                    [...$own, $place],
                    [...$taught, $place],
                );
            }
        }

        return array_values(
            array_filter($candidates, static fn (Candidate $candidate): bool => $candidate->cells !== []),
        );
    }

    /**
     * @param list<Cell> $cells
     * @param list<int>  $own   places of the cells that it meets already
     *
     * @param callable(Cell, bool): bool $works whether it works in a cell, mirrored or not
     *
     * @return list<int> places of the cells that it would meet when widened to them
     */
    private static function widened(Answer $answer, array $cells, array $own, ?Widener $widener, callable $works): array
    {
        $places = [];
        if ($widener === null) {
            return $places;
        }
        foreach ($cells as $place => $cell) {
            $near = in_array($place, $own, true) ? null : $widener->near($answer, $cell);
            if ($near !== null && $works($cell, $near[1]) && ! $widener->hasNewStops($answer, $cell, $near[1])) {
                $places[] = $place;
            }
        }

        return $places;
    }

    /**
     * @param list<Cell>           $cells
     * @param callable(Cell): bool $isMet
     *
     * @return list<int> places
     */
    private static function met(array $cells, callable $isMet): array
    {
        return array_keys(array_filter($cells, $isMet));
    }
}
