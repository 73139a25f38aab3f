<?php

declare(strict_types=1);

namespace StoneDrill\Core\Coverage;

/** One way to close a hole. */
final readonly class Move
{
    /** @param ?string $answer id of the answer that is moved, null where one is to be written */
    public function __construct(public MoveKind $kind, public ?string $answer) {}
}
