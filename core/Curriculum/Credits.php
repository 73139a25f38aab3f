<?php

declare(strict_types=1);

namespace StoneDrill\Core\Curriculum;

/**
 * What a school gives for a try that was neither clean nor failed: nothing, half, or all of it, so that the credit of a
 * test is a whole number of halves.
 */
final readonly class Credits
{
    public const USUAL = 0.5;

    /** What may be given. */
    public const CHOICES = [0.0, 0.5, 1.0];

    /**
     * @param float $arm       scraped, touched on the arm, or nobody said where
     * @param float $body      scraped, touched on the body or on the head
     * @param float $recovered froze or failed, made space, and went on
     */
    public function __construct(
        public float $arm = self::USUAL,
        public float $body = self::USUAL,
        public float $recovered = self::USUAL,
    ) {}

    public function isUsual(): bool
    {
        return $this == new self();
    }
}
