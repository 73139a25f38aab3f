<?php

declare(strict_types=1);

namespace StoneDrill\Core\Solo;

use DateTimeImmutable;

/** Once that a student practised a basic or a form at home. It proves nothing. */
final readonly class Practice
{
    /**
     * @param string $student id
     * @param string $basic   id; empty for a form
     * @param string $form    id; empty for a basic
     */
    public function __construct(
        public string $student,
        public string $basic,
        public string $form,
        public DateTimeImmutable $at,
    ) {}
}
