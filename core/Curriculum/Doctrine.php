<?php

declare(strict_types=1);

namespace StoneDrill\Core\Curriculum;

/** What a school wants an answer to be for. */
enum Doctrine: string
{
    /** Leave at once. */
    case Escape = 'escape';
    /** Hit, then leave. */
    case Counter = 'counter';
    /** Hold or put down without striking. */
    case Control = 'control';
    /** Blows, then hold or leave. */
    case Subdue = 'subdue';
}
