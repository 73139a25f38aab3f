<?php

declare(strict_types=1);

namespace StoneDrill\Core\Session;

/** How a test went. */
final readonly class TestResult
{
    /**
     * @param float     $share    of all credit that there was
     * @param list<int> $untested places of items that nobody saw
     * @param list<int> $critical places of critical items on which somebody froze or was hit
     * @param list<int> $retest   places of the items that are to be shown again; none where it is passed
     * @param list<int> $solos    places of basics and forms that are to be shown again: nobody saw them, or they are
     *     not there yet
     */
    public function __construct(
        public bool $isPassed,
        public float $share,
        public array $untested,
        public array $critical,
        public array $retest,
        public array $solos = [],
    ) {}
}
