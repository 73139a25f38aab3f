<?php

declare(strict_types=1);

namespace StoneDrill\Core\Curriculum;

/** How tall the bodies are that a school reckons with. */
final readonly class Statures
{
    /** Statures of the built-in sizes, in metres. */
    public const BUILT_IN = ['child' => 1.25, 'small' => 1.52, 'medium' => 1.68, 'large' => 1.85];

    /** The size of a body of which nothing is known, unless the school says otherwise. */
    public const TYPICAL = 'medium';

    /**
     * @param string               $typical the size of a body of which nothing is known
     * @param array<string, float> $sizes   stature in metres, by name of the size
     */
    public function __construct(public string $typical = self::TYPICAL, public array $sizes = self::BUILT_IN) {}

    /** Metres of a body of which nothing is known. */
    public function typical(): float
    {
        return $this->sizes[$this->typical];
    }
}
