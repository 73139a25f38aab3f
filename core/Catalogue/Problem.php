<?php

declare(strict_types=1);

namespace StoneDrill\Core\Catalogue;

/** One place in a catalogue file that cannot be read. */
final readonly class Problem
{
    /**
     * @param string  $pointer  JSON pointer (RFC 6901); empty for the whole file
     * @param string  $found    what stands there
     * @param string  $expected what could stand there
     * @param ?string $nearest  the known word that was probably meant
     * @param ?int    $line     line in the file, or in the beats that the pointer leads to
     * @param ?int    $column   column in that line
     */
    public function __construct(
        public string $pointer,
        public string $found,
        public string $expected,
        public ?string $nearest = null,
        public ?int $line = null,
        public ?int $column = null,
    ) {}

    public function toText(): string
    {
        $place = array_filter([
            $this->pointer,
            $this->line === null ? '' : 'line '.$this->line,
            $this->column === null ? '' : 'column '.$this->column,
        ]);

        return sprintf(
            '%s: found %s, expected %s.%s',
            implode(', ', $place) ?: 'file',
            $this->found,
            $this->expected,
            $this->nearest === null ? '' : sprintf(' Did you mean “%s”?', $this->nearest),
        );
    }
}
