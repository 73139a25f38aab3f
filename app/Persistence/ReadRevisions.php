<?php

declare(strict_types=1);

namespace App\Persistence;

/** What one request has read of what is kept, so that it reads nothing twice. */
final class ReadRevisions
{
    /** @var array<string, array{string, mixed}> key and value, by name */
    public array $values = [];

    /** @var array<string, mixed> what is kept of other revisions, or null where nothing is, by name */
    public array $others = [];

    /** @var array<string, string> what rows of a kind were at, by the question that was asked */
    public array $revisions = [];

    /** Whether it shows something of before, while a job works out what is now. */
    public bool $isBehind = false;

    /** Nothing has been read yet. */
    public function begin(): void
    {
        [$this->revisions, $this->others, $this->isBehind] = [[], [], false];
    }
}
