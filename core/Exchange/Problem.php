<?php

declare(strict_types=1);

namespace StoneDrill\Core\Exchange;

use StoneDrill\Core\Text;

/** One place in a catalogue file that cannot be read. */
final readonly class Problem
{
    /**
     * @param string  $pointer  JSON pointer (RFC 6901); empty for the whole file
     * @param Text    $found    what stands there
     * @param Text    $expected what could stand there
     * @param ?string $nearest  the known word that was probably meant
     * @param ?int    $line     line in the file, or in the beats that the pointer leads to
     * @param ?int    $column   column in that line
     */
    public function __construct(
        public string $pointer,
        public Text $found,
        public Text $expected,
        public ?string $nearest = null,
        public ?int $line = null,
        public ?int $column = null,
    ) {}

    /** @return list<Text> line and column, where they are known */
    public function place(): array
    {
        return [
            ...$this->line === null ? [] : [Text::of('file.line', ['line' => $this->line])],
            ...$this->column === null ? [] : [Text::of('file.column', ['column' => $this->column])],
        ];
    }

    public function text(): Text
    {
        $place = [...$this->pointer === '' ? [] : [$this->pointer], ...$this->place()];

        return Text::of('file.problem', [
            'place' => $place === [] ? Text::of('file.whole-file') : $place,
            'found' => $this->found,
            'expected' => $this->expected,
            'hint' => $this->nearest === null ? '' : Text::of('file.did-you-mean', ['word' => $this->nearest]),
        ]);
    }
}
