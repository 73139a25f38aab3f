<?php

declare(strict_types=1);

namespace StoneDrill\Core\Technique;

/** What one answer may hold: one limit for what is typed, for what is stored, and for what a file brings. */
final readonly class AnswerLimits
{
    /** Bytes of its beats, in the long spelling in which they are stored. */
    public const BYTES = 65_536;

    /** Beats, those of its branches among them. */
    public const BEATS = 500;

    /** Actions of one beat. */
    public const ACTIONS = 20;
}
