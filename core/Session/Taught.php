<?php

declare(strict_types=1);

namespace StoneDrill\Core\Session;

/** An answer that a band is taught, and why it. */
final readonly class Taught
{
    /**
     * @param string $answer  id
     * @param float  $value   what it is worth to all of the band
     * @param int    $untried how many of the band have never tried it
     * @param int    $open    how many have, and do not hold it
     * @param float  $known   share of its basics that is known, on average over those
     * @param ?string $goesFor id of the rank as at which the way to its test teaches it now; null where none does
     */
    private function __construct(
        public string $answer,
        public float $value,
        public int $untried,
        public int $open,
        public float $known,
        public ?string $goesFor,
    ) {}

    /** @param list<Worth|null> $worth to each of the band */
    public static function of(string $answer, float $value, array $worth, ?string $goesFor = null): self
    {
        $worth = array_values(array_filter($worth));
        $untried = count(array_filter($worth, static fn (Worth $one): bool => $one->isUntried));

        return new self(
            $answer,
            $value,
            $untried,
            count($worth) - $untried,
            $worth === []
                ? 0.0
                : array_sum(array_map(static fn (Worth $one): float => $one->known, $worth)) / count($worth),
            $goesFor,
        );
    }
}
