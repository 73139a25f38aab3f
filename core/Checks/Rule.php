<?php

declare(strict_types=1);

namespace StoneDrill\Core\Checks;

use StoneDrill\Core\Answer\Limb;
use StoneDrill\Core\Floor\Frame;

/** What a check is called, how much it matters and what sets it off. */
final readonly class Rule
{
    /** @param string $trigger what sets it off, as the table of checks says it */
    public function __construct(public string $name, public Severity $severity, public string $trigger) {}

    public function at(Frame $frame, string $message, string $mend, ?Limb $limb = null): Finding
    {
        return new Finding($this->name, $this->severity, $frame->number, $message, $mend, $limb);
    }
}
