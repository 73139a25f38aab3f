<?php

declare(strict_types=1);

namespace StoneDrill\Core\Floor;

/** What a run leaves, while it is run. */
final class Recording
{
    /** @var list<Frame> */
    public array $frames = [];

    /** @var list<Landing> */
    public array $landings = [];

    /** @var array<int, Snapshot> of the main line's beats that can go otherwise */
    public array $snapshots = [];

    /** Whether a branch was left out, or ended early, since the run is long enough. */
    public bool $isCut = false;

    /** Whether another branch can be run. */
    public function hasRoom(): bool
    {
        $hasRoom = count($this->frames) < RunLimits::FRAMES;
        $this->isCut = $this->isCut || ! $hasRoom;

        return $hasRoom;
    }

    /**
     * As much of a branch as there is room for.
     *
     * @param list<?\StoneDrill\Core\Technique\Beat> $line
     *
     * @return list<?\StoneDrill\Core\Technique\Beat>
     */
    public function fit(array $line): array
    {
        $fitting = array_slice($line, 0, RunLimits::FRAMES - count($this->frames));
        $this->isCut = $this->isCut || count($fitting) < count($line);

        return $fitting;
    }
}
