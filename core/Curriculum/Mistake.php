<?php

declare(strict_types=1);

namespace StoneDrill\Core\Curriculum;

use StoneDrill\Core\Technique\Beat;
use StoneDrill\Core\Technique\Beats;

/** A usual mistake in an answer: what it is called, and where it is known, what is done instead of which beat. */
final readonly class Mistake
{
    /**
     * @param ?int   $at      number of the beat that it is made at, from 1
     * @param ?Beats $instead what is done in its place; null where only the words are known
     */
    public function __construct(public string $text, public ?int $at = null, public ?Beats $instead = null) {}

    /** The beats of an answer with the mistake made; null where it is not known how. */
    public function in(Beats $beats): ?Beats
    {
        return $this->instead === null || $this->at === null || ! isset($beats->line[$this->at - 1])
            ? null
            : $beats->replaced($this->at - 1, ...$this->instead->line);
    }

    /** The beat that it is made at, as it should be. */
    public function beat(Beats $beats): ?Beat
    {
        return $beats->line[($this->at ?? 0) - 1] ?? null;
    }
}
