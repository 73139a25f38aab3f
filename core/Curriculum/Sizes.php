<?php

declare(strict_types=1);

namespace StoneDrill\Core\Curriculum;

use StoneDrill\Core\Attack\Build;
use StoneDrill\Core\Floor\Bodies;

/** The sizes of bodies that a school tries its answers with. */
final readonly class Sizes
{
    public function __construct(private School $school) {}

    /** @return array<string, float> stature in metres by name */
    public function all(): array
    {
        return $this->school->statures->sizes;
    }

    /**
     * Two bodies by the names of their sizes.
     *
     * @param ?string $defender null for the school's typical size
     * @param ?string $attacker null for what the attack's build says
     */
    public function bodies(?string $defender, ?string $attacker, Build $build): Bodies
    {
        $defender ??= $this->school->statures->typical;

        return new Bodies($this->stature($defender), $this->stature($attacker ?? $this->attacker($defender, $build)));
    }

    /**
     * The size of an attacker of this build against a defender of this size: the next built-in one, where there is one.
     */
    public function attacker(string $defender, Build $build): string
    {
        $step = match ($build) {
            Build::Smaller => -1,
            Build::Alike => 0,
            Build::Larger => 1,
        };

        return $step === 0 ? $defender : $this->next($defender, $step);
    }

    /** The built-in size next to this one: smaller below 0, larger above; the last one has no next and stays. */
    public function next(string $size, int $step): string
    {
        $names = array_keys(Statures::BUILT_IN);
        $at = array_search($size, $names, true);
        if ($at === false) {
            $away = array_map(fn (string $name): float => abs($this->stature($name) - $this->stature($size)), $names);
            $at = (int) array_search(min($away), $away, true);
        }

        return $names[max(0, min(count($names) - 1, $at + $step))];
    }

    private function stature(string $name): float
    {
        return $this->school->statures->sizes[$name];
    }
}
