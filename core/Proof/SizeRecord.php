<?php

declare(strict_types=1);

namespace StoneDrill\Core\Proof;

use StoneDrill\Core\Attack\Side;

/**
 * How an answer holds up on one side at one rung against attackers of one size, beside those who are alike. An
 * estimate.
 */
final readonly class SizeRecord
{
    /**
     * @param string $answer id
     * @param string $size   `smaller`, `alike` or `larger`, as the attacker is
     * @param float  $above  how much larger the share is than against those alike, where that is sure with eight in
     *     ten; 0 where it is not
     */
    public function __construct(
        public string $answer,
        public Side $side,
        public int $rung,
        public string $size,
        public Tally $tally,
        public Share $share,
        public float $above,
    ) {}
}
