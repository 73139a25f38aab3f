<?php

declare(strict_types=1);

namespace StoneDrill\Core\Curriculum;

use StoneDrill\Core\Technique\Beats;

/** How a school teaches an answer: from which rank, in which short form, to what end, and what it watches for. */
final readonly class Teaching
{
    /** What stands for the rank where those under 16 do not learn it. */
    public const NOT_FOR_YOUTH = 'none';

    /**
     * @param string       $rank     id of the rank at which it is introduced
     * @param ?Doctrine    $doctrine null for the school's own
     * @param list<Mistake> $mistakes  the usual ones
     * @param list<Waiver>  $waived
     * @param ?string       $rankYouth id of the rank at which those under 16 learn it, `none` where they do not; null
     *     for the same
     * @param ?string       $variantOf id of the answer that it is another form of
     */
    public function __construct(
        public string $rank,
        public ?ShortForm $short = null,
        public ?Doctrine $doctrine = null,
        public array $mistakes = [],
        public array $waived = [],
        public ?string $rankYouth = null,
        public ?string $variantOf = null,
    ) {}

    /** Id of the rank at which those under 16 learn it; null where they do not. */
    public function youthRank(): ?string
    {
        return $this->rankYouth === self::NOT_FOR_YOUTH ? null : $this->rankYouth ?? $this->rank;
    }

    /**
     * The same from another rank on. The short form stays where it still comes earlier.
     *
     * @param string             $rank  id
     * @param array<string, int> $order position by id of the rank
     */
    public function from(string $rank, array $order): self
    {
        $short = $this->short !== null && $order[$this->short->rank] < $order[$rank] ? $this->short : null;

        return new self(
            $rank,
            $short,
            $this->doctrine,
            $this->mistakes,
            $this->waived,
            $this->rankYouth,
            $this->variantOf,
        );
    }

    /**
     * Position of the lowest rank at which it is introduced, whole or in its short form.
     *
     * @param array<string, int> $order position by id of the rank
     */
    public function introducedAt(array $order): int
    {
        return min($order[$this->rank], $order[$this->short->rank ?? $this->rank]);
    }

    /** What of the beats is taught at a rank: all of them from its own rank on, the short form before. */
    public function taughtAt(Beats $beats, int $position, int $own): Beats
    {
        return $position >= $own || $this->short === null ? $beats : $beats->shortened($this->short->beats);
    }
}
