<?php

declare(strict_types=1);

namespace StoneDrill\Core\Floor;

/** An answer that has been run: where both started, and every beat, branches after their beat. */
final readonly class Run
{
    /** @var array<array-key, Frame> by number */
    private array $byNumber;

    /** @var list<Frame> the main line */
    public array $mainLine;

    /**
     * @param list<Frame>   $frames
     * @param list<Landing>      $landings where branches run on into other answers
     * @param array<int, Snapshot> $snapshots  of the main line's beats that can go otherwise, by position from 0
     * @param bool               $isCut    whether branches were left out, since it is long enough ({@see RunLimits})
     */
    public function __construct(
        public Frame $start,
        public array $frames,
        public array $landings = [],
        public array $snapshots = [],
        public bool $isCut = false,
    ) {
        $byNumber = ['0' => $start];
        $mainLine = [];
        foreach ($frames as $frame) {
            $byNumber[$frame->number] = $frame;
            if ($frame->isOnMainLine()) {
                $mainLine[] = $frame;
            }
        }
        [$this->byNumber, $this->mainLine] = [$byNumber, $mainLine];
    }

    public function frame(string $number): ?Frame
    {
        return $this->byNumber[$number] ?? null;
    }

    /** The end of the main line. */
    public function end(): Frame
    {
        return $this->mainLine === [] ? $this->start : $this->mainLine[count($this->mainLine) - 1];
    }

    /** The beat before one, on its own line: what a branch comes from, before its first beat. */
    public function before(Frame $frame): Frame
    {
        if ($frame->isOnMainLine()) {
            $at = array_search($frame, $this->mainLine, true);

            return is_int($at) && $at > 0 ? $this->mainLine[$at - 1] : $this->start;
        }
        $parts = explode('.', $frame->number);
        $last = (int) array_pop($parts);
        $prefix = $parts === [] ? '' : implode('.', $parts).'.';
        $isFirst = $frame->condition !== null || $last === 1;
        $number = match (true) {
            ! $isFirst => $prefix.($last - 1),
            default => implode('.', $parts),
        };
        return $this->byNumber[$number] ?? $this->start;
    }
}
