<?php

declare(strict_types=1);

namespace StoneDrill\Core\Checks;

use StoneDrill\Core\Text;

/** The main line run again with one thing not as assumed. */
final readonly class Shortfall
{
    /**
     * @param Text    $without    what was not as assumed, such as `2 rocked` for the effect of the second beat
     * @param ?string $beat       number of the beat whose effect did not come; null where the head was elsewhere
     * @param ?string $failsAt    number of the first beat that then fails and did not before; null when none does
     * @param bool    $isBackedUp whether a branch answers it, or nothing fails
     * @param ?Text   $because    what fails there
     */
    public function __construct(
        public Text $without,
        public ?string $beat,
        public ?string $failsAt,
        public bool $isBackedUp,
        public ?Text $because = null,
    ) {}
}
