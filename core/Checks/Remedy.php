<?php

declare(strict_types=1);

namespace StoneDrill\Core\Checks;

use StoneDrill\Core\Answer\Beats;

/** A change of an answer that was tried and ends a finding without making anything stop that did not before. */
final readonly class Remedy
{
    /** @param string $words what it does, as a button says it */
    public function __construct(public string $words, public Beats $beats) {}
}
