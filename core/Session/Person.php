<?php

declare(strict_types=1);

namespace StoneDrill\Core\Session;

/** Somebody in a class, as far as it matters for who works with whom. */
final readonly class Person
{
    /**
     * @param string $id     unique among them
     * @param int    $rank   position of the rank, the lowest 0
     * @param ?float $height stature in metres
     * @param bool   $lacksLarger whether somebody larger never attacked them
     */
    public function __construct(
        public string $id,
        public int $rank,
        public ?float $height = null,
        public bool $lacksLarger = false,
    ) {}
}
