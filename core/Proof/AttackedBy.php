<?php

declare(strict_types=1);

namespace StoneDrill\Core\Proof;

/** Who attacked in a rep where it was no student. */
enum AttackedBy: string
{
    case Instructor = 'instructor';

    /** It was done alone. */
    case Nobody = 'nobody';
}
