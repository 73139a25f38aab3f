<?php

declare(strict_types=1);

namespace StoneDrill\Core\Proof;

/**
 * What a school knows of any answer before it has seen it tried: a beta distribution, fitted by moments to how its
 * answers differ among each other beyond chance (beta-binomial; Kleinman 1973, with the weights of the tries as numbers
 * of trials). Few tries of one answer are drawn toward it.
 */
final readonly class SharedPrior
{
    /** Of fewer groups than this nothing can be fitted: then it is that of domain.md §9, a half and a half. */
    private const LEAST_GROUPS = 3;

    /** Within which weights it stays: as much as one try, and as forty. */
    private const WEAKEST = 1.0;
    private const STRONGEST = 40.0;

    private function __construct(public float $alpha, public float $beta) {}

    /** @param list<Tally> $groups each of one answer */
    public static function of(array $groups): self
    {
        $groups = array_values(array_filter($groups, static fn (Tally $group): bool => $group->weight() > 1e-9));
        $all = array_sum(array_map(static fn (Tally $group): float => $group->weight(), $groups));
        $mean = $all === 0 || $all === 0.0
            ? 0.5
            : array_sum(array_map(static fn (Tally $group): float => $group->success, $groups)) / $all;
        if (count($groups) < self::LEAST_GROUPS || $mean <= 0.0 || $mean >= 1.0) {
            return new self(0.5, 0.5);
        }
        $spread = $squares = 0.0;
        foreach ($groups as $group) {
            $spread += $group->weight() * ($group->success / $group->weight() - $mean) ** 2;
            $squares += $group->weight() ** 2;
        }
        $chance = $mean * (1 - $mean);
        $room = $all - $squares / $all - (count($groups) - 1);
        // How alike tries of one answer are, from 0 to 1; where answers differ no more than by chance it is 0.
        $alike = $room <= 0.0 ? 0.0 : ($spread / $chance - (count($groups) - 1)) / $room;
        $weight = $alike <= 0.0 ? self::STRONGEST : max(self::WEAKEST, min(self::STRONGEST, 1 / $alike - 1));

        return new self($mean * $weight, (1 - $mean) * $weight);
    }

    public function after(Tally $tally): Share
    {
        return new Share($this->alpha + $tally->success, $this->beta + $tally->failure);
    }
}
