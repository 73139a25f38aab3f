<?php

declare(strict_types=1);

namespace StoneDrill\Core\Curriculum;

use StoneDrill\Core\Geometry\BearingStyle;
use StoneDrill\Core\Technique\Notation\Vocabulary;

/** What a school has chosen for itself. */
final readonly class School
{
    /** Share of a rank's students that must hold an attack for it to count as proven. */
    public const SHARE = 0.8;

    /** Where a time of day without an offset is meant, unless the school says otherwise. */
    public const ZONE = 'UTC';

    /** Statures of the built-in sizes, in metres. */
    public const SIZES = ['child' => 1.25, 'small' => 1.52, 'medium' => 1.68, 'large' => 1.85];

    /**
     * @param string                               $typical     the size of a body of which nothing is known
     * @param array<string, float>                 $sizes       stature in metres, by name of the size
     * @param array<string, float>                 $holeFactors factor by kind of hole, where it is not the default
     * @param list<PolicyRow>                      $policy      what is not taught to whom
     * @param array<string, array<string, string>> $aliases     own words for those of the notation, by group
     * @param string                               $zone        name of a time zone, such as Europe/Lisbon
     */
    public function __construct(
        public string $name,
        public Doctrine $doctrine,
        public BearingStyle $bearings = BearingStyle::Clock,
        public string $typical = 'medium',
        public float $share = self::SHARE,
        public array $sizes = self::SIZES,
        public array $holeFactors = [],
        public ?array $policy = null,
        public array $aliases = [],
        public string $zone = self::ZONE,
    ) {}

    public function vocabulary(): Vocabulary
    {
        return Vocabulary::standard()->withAliases($this->aliases);
    }
}
