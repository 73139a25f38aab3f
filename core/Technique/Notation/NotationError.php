<?php

declare(strict_types=1);

namespace StoneDrill\Core\Technique\Notation;

use StoneDrill\Core\Text;

/** One place in a text of beats that cannot be read. */
final readonly class NotationError
{
    /**
     * @param int     $line     from 1
     * @param int     $column   from 1, in characters
     * @param Text    $found    what stands there, as a reader would say it
     * @param Text    $expected what could stand there
     * @param ?string $nearest  the known word that was probably meant
     */
    public function __construct(
        public int $line,
        public int $column,
        public Text $found,
        public Text $expected,
        public ?string $nearest = null,
    ) {}

    public function text(): Text
    {
        return Text::of('notation.error', [
            'line' => $this->line,
            'column' => $this->column,
            'found' => $this->found,
            'expected' => $this->expected,
            'hint' => $this->nearest === null ? '' : Text::of('file.did-you-mean', ['word' => $this->nearest]),
        ]);
    }
}
