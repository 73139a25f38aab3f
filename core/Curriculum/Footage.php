<?php

declare(strict_types=1);

namespace StoneDrill\Core\Curriculum;

/** A picture or a short clip of an attack, an answer, a mistake in an answer, a basic or a form. */
final readonly class Footage
{
    /** Letters of what is said below it. */
    public const LETTERS = 300;

    /** Letters of the mistake that it shows. */
    public const MISTAKE = 400;

    /** Letters of the name of its file. */
    public const NAME = 120;

    /** How many of one attack, answer or basic. */
    public const MOST = 40;

    /** Seconds of a clip. */
    public const SECONDS = 180;

    /**
     * @param string       $file    name of its file beside the catalogue file
     * @param string       $id      of what it is of
     * @param string       $mistake of the answer or the basic that it shows; empty for none
     * @param list<string> $shows   ids of the students who can be seen
     */
    public function __construct(
        public string $file,
        public FootageOf $of,
        public string $id,
        public string $mistake = '',
        public string $caption = '',
        public BeatTimes $beats = new BeatTimes(),
        public array $shows = [],
    ) {}
}
