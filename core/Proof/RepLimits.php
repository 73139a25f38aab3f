<?php

declare(strict_types=1);

namespace StoneDrill\Core\Proof;

/** What a rep may hold at most: the same on the device, in forms and files, and in the database. */
final readonly class RepLimits
{
    /** From call to finish. */
    public const SECONDS = 3600;

    /** Mistakes seen in one try. */
    public const MISTAKES = 20;

    /** Letters of one of them. */
    public const MISTAKE = 300;

    /** Letters. */
    public const STRESSOR = 200;

    /** The highest version of the rules that a rep may name. */
    public const RULES = 9999;

    /** Letters. */
    public const REASON = 500;

    /** No rep is older than this day. */
    public const EARLIEST = '2000-01-01';

    /** Reps that a device sends at once. */
    public const SENT_AT_ONCE = 100;
}
