<?php

declare(strict_types=1);

namespace StoneDrill\Core\Solo;

/** What a basic or a form may hold: one limit for what is typed, for what is stored, and for what a file brings. */
final class SoloLimits
{
    /** Letters of a name, a surface, a point or a mistake. */
    public const LETTERS = 200;

    /** Points, or mistakes, of one basic. */
    public const LINES = 10;
}
