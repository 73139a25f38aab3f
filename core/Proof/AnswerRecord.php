<?php

declare(strict_types=1);

namespace StoneDrill\Core\Proof;

use StoneDrill\Core\Attack\Side;

/** How an answer holds up on one side at one rung: what came of the tries in which it was used. An estimate. */
final readonly class AnswerRecord
{
    /** Mistakes that are told. */
    private const MISTAKES = 3;

    /**
     * @param string             $answer     id
     * @param array<string, int> $mistakes   how often each was seen, by its words
     * @param int                $improvised counted tries against its attack, on this side at this rung, in which no
     *     answer of the school was used
     * @param ?float             $seconds    the median from call to finish, of those that were timed
     */
    public function __construct(
        public string $answer,
        public Side $side,
        public int $rung,
        public Tally $tally,
        public Share $share,
        private array $mistakes,
        public int $improvised,
        public ?float $seconds,
    ) {}

    /**
     * @return array<string, float> the most frequent mistakes, the most frequent first: share of the tries by their
     *     words
     */
    public function mistakes(): array
    {
        $mistakes = $this->mistakes;
        arsort($mistakes);

        return array_map(
            fn (int $times): float => $times / max(1, $this->tally->count()),
            array_slice($mistakes, 0, self::MISTAKES, true),
        );
    }

    /** Share of the tries against its attack in which something else was improvised. */
    public function improvisedShare(): float
    {
        return $this->improvised / max(1, $this->improvised + $this->tally->count());
    }
}
