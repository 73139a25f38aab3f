<?php

declare(strict_types=1);

namespace StoneDrill\Core\Technique;

/** How a beat reads for some: for youth, or for those of one rank. */
final readonly class Reading
{
    public const YOUTH = 'youth';

    /**
     * @param string $for  `youth`, or what a rank is called, in lower case
     * @param Beat   $beat what they do; its branches are those of the beat that it stands under
     */
    public function __construct(public string $for, public Beat $beat) {}

    public function isForYouth(): bool
    {
        return $this->for === self::YOUTH;
    }

    public function mirror(): self
    {
        return new self($this->for, $this->beat->mirror());
    }
}
