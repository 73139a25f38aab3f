<?php

declare(strict_types=1);

namespace App\View\Wall;

/** What is said of a stone, and where it leads. */
final readonly class StoneLabel
{
    /**
     * @param string $title  of the attack, with its side
     * @param string $text   what it is, who answers it, what is wrong
     * @param ?int   $number of the hole in the list beside the wall
     */
    public function __construct(
        public string $url,
        public string $title,
        public string $text,
        public ?int $number,
    ) {}
}
