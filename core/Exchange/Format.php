<?php

declare(strict_types=1);

namespace StoneDrill\Core\Exchange;

/** The two spellings of the open file. */
enum Format: string
{
    case Json = 'json';
    case Yaml = 'yaml';

    /** The value of the key `format` in every file. */
    public const VERSION = 'stone-drill/1';

    /** Keys of older files, with what they are called now. Files are written with the new ones. */
    public const RENAMED = ['faults' => 'mistakes', 'his_busy' => 'attacker_busy', 'yours' => 'defender_held'];

    /** Told by the file's ending, and where that says nothing by its first sign. */
    public static function of(string $name, string $text): self
    {
        return match (strtolower(pathinfo($name, PATHINFO_EXTENSION))) {
            'json' => self::Json,
            'yaml', 'yml' => self::Yaml,
            default => str_starts_with(ltrim($text), '{') ? self::Json : self::Yaml,
        };
    }
}
