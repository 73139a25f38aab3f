<?php

declare(strict_types=1);

namespace StoneDrill\Core\Checks;

/** How much a finding matters. */
enum Severity: string
{
    /** As it is written it does not work, or is not to be taught. */
    case Stop = 'stop';
    /** It works, and something about it is likely to go wrong. */
    case Warn = 'warn';
    /** Worth a second look. */
    case Note = 'note';

    /** What it is where a figure is short by less than the school minds. */
    public function milder(): self
    {
        return $this === self::Stop ? self::Warn : self::Note;
    }
}
