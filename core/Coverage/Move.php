<?php

declare(strict_types=1);

namespace StoneDrill\Core\Coverage;

use StoneDrill\Core\Answer\Beats;
use StoneDrill\Core\Checks\Finding;

/** One way to close a hole. */
final readonly class Move
{
    /**
     * @param ?string       $answer   id of the answer that is moved, null where one is to be written
     * @param list<Finding> $findings what is found anew when it is run in the cell
     * @param ?string       $facet    the facet, or `kind`, that is widened
     * @param ?string       $value    what is allowed in it besides
     * @param ?Beats        $beats    what the answer's beats become where they are softened
     */
    public function __construct(
        public MoveKind $kind,
        public ?string $answer,
        public array $findings = [],
        public ?string $facet = null,
        public ?string $value = null,
        public ?Beats $beats = null,
    ) {}
}
