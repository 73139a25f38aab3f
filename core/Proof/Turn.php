<?php

declare(strict_types=1);

namespace StoneDrill\Core\Proof;

/** That somebody's proven rung of one side of an attack is another one than a week before. */
final readonly class Turn
{
    /**
     * @param string $student id
     * @param string $cell    key of the cell
     * @param ?int   $from    the highest rung that was held, null where none was
     * @param ?int   $to      the highest that is
     */
    public function __construct(public string $student, public string $cell, public ?int $from, public ?int $to) {}
}
