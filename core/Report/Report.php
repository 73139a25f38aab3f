<?php

declare(strict_types=1);

namespace StoneDrill\Core\Report;

/** What a question to the core is answered with: one value, however it is printed. */
interface Report
{
    /**
     * The answer for a program, with the keys of the open JSON. Texts in it are {@see \StoneDrill\Core\Text} values.
     *
     * @return array<string, mixed>
     */
    public function document(): array;
}
