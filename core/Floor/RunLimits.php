<?php

declare(strict_types=1);

namespace StoneDrill\Core\Floor;

/**
 * How much of an answer is run at most, so that no text costs more than a moment. No answer that is taught comes near.
 */
final readonly class RunLimits
{
    /** Beats of one run. The main line is run whole; its branches, and what they go to, only up to this. */
    public const FRAMES = 1_000;

    /** Beats that are run again with something left out. */
    public const RERUN = 1_000;

    /** Beats of an answer that is tried at near attacks, with bodies of any two sizes. */
    public const WIDENED = 60;

    /** Changes that are tried to mend what is found. */
    public const MENDS = 200;
}
