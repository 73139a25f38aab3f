<?php

declare(strict_types=1);

namespace StoneDrill\Core\Session\Season;

/** The classes of one candidate, into which tries are put as late as there is room. */
final class Places
{
    /** @var array<int, int> tries that there is room for, by the place of the class */
    private array $room;

    /** @var array<string, array<int, int>> tries by the cell's key, then the place of the class */
    private array $tries = [];

    /**
     * @param list<SeasonClass> $classes the first one first
     * @param list<int>         $own     places of those that the candidate comes to
     */
    public function __construct(private readonly array $classes, array $own)
    {
        $this->room = array_intersect_key(array_column($classes, 'reps'), array_flip($own));
    }

    /** Tries that there is still room for. */
    public function room(): int
    {
        return array_sum($this->room);
    }

    /**
     * @param int $from place of the first class that may have them
     *
     * @return int how many found room
     */
    public function put(string $key, int $count, int $from): int
    {
        $put = 0;
        for ($place = count($this->classes) - 1; $place >= $from && $put < $count; $place--) {
            $here = min(Need::IN_CLASS - ($this->tries[$key][$place] ?? 0), $count - $put, $this->room[$place] ?? 0);
            if ($here > 0) {
                $this->tries[$key][$place] = ($this->tries[$key][$place] ?? 0) + $here;
                $this->room[$place] -= $here;
                $put += $here;
            }
        }

        return $put;
    }

    /** @return list<int> when a cell is tried, the first one first */
    public function times(string $key): array
    {
        $tries = $this->tries[$key] ?? [];
        ksort($tries);
        $times = [];
        foreach ($tries as $place => $count) {
            array_push($times, ...array_fill(0, $count, $this->classes[$place]->at));
        }

        return $times;
    }

    /** @return array<int, array<string, int>> tries by the place of the class, then the cell's key */
    public function drill(): array
    {
        $drill = [];
        foreach ($this->tries as $key => $tries) {
            foreach ($tries as $place => $count) {
                $drill[$place][$key] = $count;
            }
        }
        ksort($drill);

        return $drill;
    }
}
