<?php

declare(strict_types=1);

namespace StoneDrill\Core\Floor;

/** A beat of a main line from which it can go otherwise. */
final readonly class Snapshot
{
    /** @param ?Scene $scene both after its strikes and before its effect, kept where it has one or a branch */
    public function __construct(public ?Scene $scene, public BeatLog $log) {}
}
