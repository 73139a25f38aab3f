<?php

declare(strict_types=1);

namespace StoneDrill\Core\Coverage;

/** The ways to close a hole, the least work first. */
enum MoveKind: string
{
    /** Teach an answer's other side too. */
    case Mirror = 'mirror';
    /** Let an answer to something alike count here too. */
    case Widen = 'widen';
    /** Introduce an answer at the rank that needs it. */
    case Earlier = 'earlier';
    /** Put something allowed in the place of what the policy does not teach. */
    case Soften = 'soften';
    /** Write an answer. */
    case Write = 'write one';
}
