<?php

declare(strict_types=1);

namespace StoneDrill\Core\Curriculum;

use StoneDrill\Core\Geometry\BearingStyle;

/** How a school writes bearings, words and times, what it looks for, and how it divides its classes. */
final readonly class Conventions
{
    /** Where a time of day without an offset is meant, unless the school says otherwise. */
    public const ZONE = 'UTC';

    /**
     * @param array<string, array<string, string>> $aliases own words for those of the notation, by group
     * @param string                               $zone    name of a time zone, such as Europe/Lisbon
     */
    public function __construct(
        public BearingStyle $bearings = BearingStyle::Clock,
        public array $aliases = [],
        public string $zone = self::ZONE,
        public Nouns $nouns = new Nouns(),
        public FacetScope $scope = new FacetScope(),
        public ClassHabits $classes = new ClassHabits(),
    ) {}
}
