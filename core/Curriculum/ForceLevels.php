<?php

declare(strict_types=1);

namespace StoneDrill\Core\Curriculum;

use StoneDrill\Core\Attack\Family;
use StoneDrill\Core\Attack\Intent;
use StoneDrill\Core\Attack\Kind;

/**
 * How far a school reckons that each hazard can go, and how far it may go against what an attacker wants, both from 0
 * to 4 (domain.md §7): planning estimates. The law of the place decides.
 */
final readonly class ForceLevels
{
    public const MAX = 4;

    /** By hazard; contact by itself has none. */
    public const HAZARDS = [
        'wrist-lock' => 2,
        'elbow-lock' => 3,
        'fingers' => 2,
        'neck' => 3,
        'throat' => 4,
        'eyes' => 4,
        'spine' => 4,
        'knee' => 3,
        'head-contact' => 2,
        'fall' => 2,
        'ground-impact' => 3,
        'choke' => 4,
    ];

    /** By intent; whoever only threatens wants nothing of these yet. */
    public const ALLOWED = ['move' => 2, 'pin' => 2, 'strike' => 3, 'take-down' => 3, 'choke' => 4, 'threat' => 1];

    /**
     * @param array<string, int> $hazards
     * @param array<string, int> $allowed
     */
    public function __construct(public array $hazards = self::HAZARDS, public array $allowed = self::ALLOWED) {}

    public function of(Hazard $hazard): int
    {
        return $this->hazards[$hazard->value] ?? 0;
    }

    /** The highest level that answers it in proportion. */
    public function allows(Kind $kind, Intent $intent): int
    {
        return $this->allowed[$kind->family === Family::Threat ? 'threat' : $intent->value];
    }
}
