<?php

declare(strict_types=1);

namespace StoneDrill\Core;

/**
 * Which rules a result was worked out by. Whatever keeps results keeps this with them, so that no release shows what an
 * earlier one has found.
 */
final readonly class Rules
{
    /** Raised whenever anything in core/ changes what is found; tests/Architecture/RulesTest.php says when. */
    public const VERSION = 24;
}
