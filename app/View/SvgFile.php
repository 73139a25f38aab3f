<?php

declare(strict_types=1);

namespace App\View;

use Illuminate\Http\Response;

/** A drawing as a file that stands alone. */
final readonly class SvgFile
{
    private const HEAD = '<?xml version="1.0" encoding="UTF-8"?>'."\n";

    /** @param string $name of the file, without its ending */
    public static function of(string $svg, string $name): Response
    {
        return new Response(self::HEAD.ltrim($svg), 200, [
            'Content-Type' => 'image/svg+xml',
            'Content-Disposition' => sprintf('attachment; filename="%s.svg"', $name),
        ]);
    }

    /**
     * A drawing that is inked by the page's styles, with its title and its ink in itself.
     *
     * @param string $ink a file of styles among the views
     */
    public static function inked(string $svg, string $title, string $ink): string
    {
        $head = sprintf(
            '><title>%s</title><style>%s</style>',
            e($title),
            file_get_contents(resource_path("views/{$ink}")),
        );

        return (string) preg_replace('/>/', $head, ltrim($svg), 1);
    }
}
