<?php

declare(strict_types=1);

namespace StoneDrill\Core\Attack;

/** How the defender stands, sits or lies at the start. */
enum Posture: string
{
    case Standing = 'standing';
    case Seated = 'seated';
    case Kneeling = 'kneeling';
    case Back = 'back';
    case Wall = 'wall';
}
