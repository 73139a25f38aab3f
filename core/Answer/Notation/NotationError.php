<?php

declare(strict_types=1);

namespace StoneDrill\Core\Answer\Notation;

/** One place in a text of beats that cannot be read. */
final readonly class NotationError
{
    /**
     * @param int     $line     from 1
     * @param int     $column   from 1, in characters
     * @param string  $found    what stands there, as a reader would say it
     * @param string  $expected what could stand there
     * @param ?string $nearest  the known word that was probably meant
     */
    public function __construct(
        public int $line,
        public int $column,
        public string $found,
        public string $expected,
        public ?string $nearest = null,
    ) {}

    public function toText(): string
    {
        $nearest = $this->nearest === null ? '' : sprintf(' Did you mean “%s”?', $this->nearest);

        return sprintf('Line %d, column %d: found %s, expected %s.%s', $this->line, $this->column, $this->found, $this->expected, $nearest);
    }
}
