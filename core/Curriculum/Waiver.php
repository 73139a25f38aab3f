<?php

declare(strict_types=1);

namespace StoneDrill\Core\Curriculum;

/** A finding that the school accepts on an answer, and why. */
final readonly class Waiver
{
    /**
     * @param string|null $beat  number of the beat, null for the whole answer
     */
    public function __construct(public CheckId $check, public ?string $beat, public string $reason) {}
}
