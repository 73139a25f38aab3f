<?php

declare(strict_types=1);

namespace StoneDrill\Core\Coverage;

use StoneDrill\Core\Curriculum\School;

/** The kinds of holes, in the order in which equally heavy ones are listed. */
enum HoleKind: string
{
    /** Nothing answers it. */
    case Open = 'open';
    /** Every answer is hit, short, kept from acting, or still held. */
    case Fails = 'fails';
    /** Every answer does what the contact policy does not teach there. */
    case Barred = 'barred';
    /** Every answer ends where the attacker still reaches. */
    case NoWayOut = 'no way out';
    /** First answered at a later rank than the one that needs it. */
    case Late = 'late';
    /** Only its other side is taught in time. */
    case OneSided = 'one-sided';
    /** Fails when the defender is smaller and the attacker larger than usual. */
    case SizeBound = 'size-bound';
    /** Only works before the attack has landed, and nothing answers it after. */
    case EarlyOnly = 'early-only';
    /** Too few students of the rank hold it. */
    case Unproven = 'unproven';
    /** Hangs on an effect for which nothing is prepared should it not come. */
    case NoWhatIf = 'no what-if';
    /** Held by enough students now, and not in 30 days. */
    case Fading = 'fading';
    /** A feasible value that no attack of the catalogue has. */
    case Uncatalogued = 'uncatalogued';

    /** What such a hole weighs against an open one, unless the school sets it otherwise. */
    public function factor(): float
    {
        return match ($this) {
            self::Open => 1.0,
            self::Fails => 0.95,
            self::Barred => 0.9,
            self::NoWayOut => 0.8,
            self::Late => 0.7,
            self::OneSided, self::SizeBound => 0.6,
            self::EarlyOnly, self::Unproven => 0.5,
            self::NoWhatIf => 0.4,
            self::Fading => 0.3,
            self::Uncatalogued => 0.2,
        };
    }

    /** The factor that a school has set, or the usual one. */
    public function factorIn(School $school): float
    {
        return $school->holeFactors[$this->value] ?? $this->factor();
    }

    /** Position in the list of kinds. */
    public function order(): int
    {
        static $order = null;
        $order ??= array_flip(array_column(self::cases(), 'value'));

        return $order[$this->value];
    }
}
