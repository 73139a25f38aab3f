<?php

declare(strict_types=1);

namespace StoneDrill\Core\Attack;

/** What keeps a limb of the defender's from moving freely. */
enum LimbLimit: string
{
    case None = 'none';
    /** Held at the wrist: it grips, strips, moves the hold, and strikes only near the hand that holds it. */
    case WristHeld = 'wrist-held';
    /** The attacker's arms are threaded under it: it does nothing. */
    case Threaded = 'threaded';
    /** The arm is at the body: the hand reaches only what is low. */
    case HandPinned = 'hand-pinned';
    /** The arm is at the body: the elbow does nothing. */
    case ElbowPinned = 'elbow-pinned';
}
