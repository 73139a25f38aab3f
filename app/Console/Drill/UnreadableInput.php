<?php

declare(strict_types=1);

namespace App\Console\Drill;

use App\View\Texts;
use RuntimeException;
use StoneDrill\Core\Exchange\Problem;
use StoneDrill\Core\Exchange\UnreadableCatalogue;
use StoneDrill\Core\Text;

/** A call that cannot be carried out: a file that is not there, an id or a date that means nothing. */
final class UnreadableInput extends RuntimeException
{
    /** @param list<Problem> $problems of the file, where it could be opened */
    private function __construct(string $message, public readonly array $problems = [])
    {
        parent::__construct($message);
    }

    public static function catalogue(string $path, UnreadableCatalogue $reason, Texts $texts): self
    {
        return new self(
            implode(
                "\n",
                array_map(
                    static fn (Problem $problem): string => $path.' '.$texts->say($problem->text()),
                    $reason->problems,
                ),
            ),
            $reason->problems,
        );
    }

    public static function file(string $path, Texts $texts): self
    {
        return new self($texts->say(Text::of('cli.no-file', ['path' => $path])));
    }

    /** @param Text $expected what could stand there */
    public static function option(
        string $option,
        string $found,
        Text $expected,
        Texts $texts,
        ?string $nearest = null,
    ): self {
        return new self(
            $texts->say(
                Text::of('cli.option', [
                    'option' => $option,
                    'found' => $found,
                    'expected' => $expected,
                    'hint' => $nearest === null ? '' : Text::of('file.did-you-mean', ['word' => $nearest]),
                ]),
            ),
        );
    }
}
