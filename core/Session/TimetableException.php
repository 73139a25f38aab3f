<?php

declare(strict_types=1);

namespace StoneDrill\Core\Session;

use RuntimeException;
use StoneDrill\Core\Text;

/** Why the minutes of a class cannot be shared out. */
final class TimetableException extends RuntimeException
{
    private function __construct(public readonly Text $text)
    {
        parent::__construct($text->key);
    }

    public static function tooShort(int $minutes, int $least): self
    {
        return new self(Text::of('classes.too-short', ['minutes' => $minutes, 'least' => $least]));
    }

    public static function locked(int $minutes, int $locked): self
    {
        return new self(Text::of('classes.locked', ['minutes' => $minutes, 'locked' => $locked]));
    }
}
