<?php

declare(strict_types=1);

namespace StoneDrill\Core\Coverage;

use StoneDrill\Core\Text;

/** Where an answer fails in a cell, or has a weakness there. */
final readonly class Failure
{
    /**
     * @param string $answer  id
     * @param string $beat    number of the beat
     * @param Text   $message what is wrong there, with its figure
     */
    public function __construct(public string $answer, public string $beat, public Text $message) {}
}
