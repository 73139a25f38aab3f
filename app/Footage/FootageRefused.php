<?php

declare(strict_types=1);

namespace App\Footage;

use RuntimeException;

/** Why a picture or a clip cannot be used. */
final class FootageRefused extends RuntimeException
{
    /** @param string $reason a key of `footage.refused` */
    private function __construct(public readonly string $reason, string $said = '')
    {
        parent::__construct($said === '' ? $reason : "{$reason}: {$said}");
    }

    /** @param string $said what the program that reads it said */
    public static function broken(string $said = ''): self
    {
        return new self('broken', $said);
    }

    public static function tooManyPixels(): self
    {
        return new self('pixels');
    }

    public static function tooLong(): self
    {
        return new self('long');
    }

    /** A clip without a picture, or packed in a way that not every browser plays. */
    public static function packed(string $codec): self
    {
        return new self('packed', $codec);
    }

    public static function noProgram(): self
    {
        return new self('no-program');
    }
}
