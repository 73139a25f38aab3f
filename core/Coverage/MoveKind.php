<?php

declare(strict_types=1);

namespace StoneDrill\Core\Coverage;

/** The ways to close a hole, the least work first. */
enum MoveKind: string
{
    /** Teach an answer's other side too. */
    case Mirror = 'mirror';
    /** Introduce an answer at the rank that needs it. */
    case Earlier = 'earlier';
    /** Write an answer. */
    case Write = 'write one';
}
