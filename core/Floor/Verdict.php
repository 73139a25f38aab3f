<?php

declare(strict_types=1);

namespace StoneDrill\Core\Floor;

/** What became of an attack: it lands, or this kept it from landing. */
enum Verdict: string
{
    case Lands = 'lands';
    case Stopped = 'stopped';
    /** A push that the defender gives with. */
    case Ridden = 'ridden';
    case Intercepted = 'intercepted';
    /** The head was taken under it. */
    case Under = 'under';
    case Out = 'out';
    /** The body left its line. */
    case Off = 'off';
    /** The defender stands inside what comes round. */
    case Inside = 'inside';
}
