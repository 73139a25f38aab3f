<?php

declare(strict_types=1);

namespace StoneDrill\Core\Session;

/** Who has worked with whom: in the classes before, and today. */
final readonly class Meetings
{
    /** Classes that count. */
    public const CLASSES = 8;

    /**
     * @param array<string, list<int>>  $before how many classes ago two met, by their ids in order, with a space
     *     between; 1 is the last class
     * @param array<string, true>       $today  pairs that met today, named likewise
     */
    public function __construct(public array $before = [], public array $today = []) {}

    /**
     * @param list<list<array{string, string}>> $classes who worked with whom in each class before, the last one first
     * @param list<array{string, string}>       $today   the same of this one
     */
    public static function of(array $classes, array $today = []): self
    {
        $before = [];
        foreach (array_slice($classes, 0, self::CLASSES) as $place => $pairs) {
            foreach (array_unique(array_map(static fn (array $pair): string => self::key(...$pair), $pairs)) as $key) {
                $before[$key][] = $place + 1;
            }
        }

        return new self(
            $before,
            array_fill_keys(array_map(static fn (array $pair): string => self::key(...$pair), $today), true),
        );
    }

    public static function key(string $a, string $b): string
    {
        return $a < $b ? "{$a} {$b}" : "{$b} {$a}";
    }

    /** How much two have met before: 1 for the last class, an eighth less for each class longer ago. */
    public function weight(string $a, string $b): float
    {
        $ago = array_filter(
            $this->before[self::key($a, $b)] ?? [],
            static fn (int $classes): bool => $classes >= 1 && $classes <= self::CLASSES,
        );

        return array_sum(
            array_map(static fn (int $classes): float => (self::CLASSES + 1 - $classes) / self::CLASSES, $ago),
        );
    }

    public function haveMetToday(string $a, string $b): bool
    {
        return isset($this->today[self::key($a, $b)]);
    }

    /** @param list<Round> $rounds that were worked today */
    public function with(array $rounds): self
    {
        $today = $this->today;
        foreach ($rounds as $round) {
            foreach ($round->pairs as [$a, $b]) {
                $today[self::key($a, $b)] = true;
            }
        }

        return new self($this->before, $today);
    }
}
