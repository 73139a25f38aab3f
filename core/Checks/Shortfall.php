<?php

declare(strict_types=1);

namespace StoneDrill\Core\Checks;

/** The main line run again with something otherwise than assumed. */
final readonly class Shortfall
{
    /**
     * @param string  $without what was otherwise, such as `2 rocked` for the effect of the second beat
     * @param ?string $beat    number of the beat whose effect did not come; null where his head was elsewhere
     * @param ?string $failsAt number of the first beat that then fails and did not before; null when none does
     * @param bool    $isBackedUp whether a branch answers it, or nothing fails
     * @param string  $because what fails there, empty when nothing does
     */
    public function __construct(public string $without, public ?string $beat, public ?string $failsAt, public bool $isBackedUp, public string $because = '') {}
}
