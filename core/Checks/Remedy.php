<?php

declare(strict_types=1);

namespace StoneDrill\Core\Checks;

use StoneDrill\Core\Technique\Beats;
use StoneDrill\Core\Text;

/** A change of an answer that was tried and ends a finding without making anything stop that did not before. */
final readonly class Remedy
{
    /** @param Text $words what it does, as a button says it */
    public function __construct(public Text $words, public Beats $beats) {}
}
