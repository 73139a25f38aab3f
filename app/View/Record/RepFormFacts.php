<?php

declare(strict_types=1);

namespace App\View\Record;

use App\View\Board\ProofLine;
use StoneDrill\Core\Curriculum\Ladder;

/** What stands around the form of a rep: the rungs that can be chosen, and what is proven by now. */
final readonly class RepFormFacts
{
    public function __construct(public Ladder $ladder, public ProofLine $proof) {}

    /** @return array<int, string> names by number */
    public function rungs(): array
    {
        $rungs = [];
        foreach ($this->ladder->rungs as $rung) {
            $rungs[$rung->id] = "{$rung->id} {$rung->name}";
        }

        return $rungs;
    }
}
