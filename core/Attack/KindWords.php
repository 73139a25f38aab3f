<?php

declare(strict_types=1);

namespace StoneDrill\Core\Attack;

/** What a school calls a kind of its own. */
final readonly class KindWords
{
    /** @param list<string> $cautions what can hurt a partner in training */
    public function __construct(public string $name, public array $cautions = []) {}
}
