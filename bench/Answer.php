<?php

declare(strict_types=1);

namespace Bench;

/** What a server answered, and how long it took, in seconds. A status of 0 is no answer. */
final readonly class Answer
{
    public function __construct(public int $status, public string $body, public float $seconds) {}
}
