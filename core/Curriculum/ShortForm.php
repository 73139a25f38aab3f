<?php

declare(strict_types=1);

namespace StoneDrill\Core\Curriculum;

/** A shorter form of an answer, taught from an earlier rank: its first beats and its last. */
final readonly class ShortForm
{
    /**
     * @param string       $rank  id of the rank
     * @param positive-int $beats how many of the first beats
     */
    public function __construct(public string $rank, public int $beats) {}
}
