<?php

declare(strict_types=1);

namespace StoneDrill\Core\Solo;

/** What is practised by itself. */
enum BasicKind: string
{
    case Strike = 'strike';
    case Kick = 'kick';
    case Block = 'block';
    case Step = 'step';
    case Stance = 'stance';
}
