<?php

declare(strict_types=1);

namespace App\View\Wall;

/** A drawing made to stand alone, as a file: its title and its ink in itself. */
final readonly class Ink
{
    /** @param string $file of the ink, among the views */
    public static function into(string $svg, string $title, string $file): string
    {
        $ink = sprintf('><title>%s</title><style>%s</style>', e($title), file_get_contents(resource_path("views/{$file}")));

        return '<?xml version="1.0" encoding="UTF-8"?>'."\n".preg_replace('/>/', $ink, ltrim($svg), 1);
    }
}
