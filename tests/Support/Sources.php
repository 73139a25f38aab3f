<?php

declare(strict_types=1);

namespace Tests\Support;

use FilesystemIterator;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;
use SplFileInfo;

/** The sources of the application, as the tests of its architecture read them. */
final class Sources
{
    public static function root(): string
    {
        return dirname(__DIR__, 2);
    }

    /** @return array<string, string> code without comments by path */
    public static function php(string $folder): array
    {
        return array_map(
            static fn (string $path): string => php_strip_whitespace(self::root().'/'.$path),
            self::paths($folder, '.php', '.blade.php'),
        );
    }

    /** @return array<string, string> by path */
    public static function blade(): array
    {
        return array_map(
            static fn (string $path): string => (string) file_get_contents(self::root().'/'.$path),
            self::paths('resources/views', '.blade.php'),
        );
    }

    /** @return array<string, string> paths by themselves, in order */
    public static function paths(string $folder, string $suffix, string $but = "\0"): array
    {
        $paths = [];
        foreach (
            new RecursiveIteratorIterator(
                new RecursiveDirectoryIterator(self::root().'/'.$folder, FilesystemIterator::SKIP_DOTS),
            ) as $file
        ) {
            assert($file instanceof SplFileInfo);
            if (str_ends_with($file->getFilename(), $suffix) && ! str_ends_with($file->getFilename(), $but)) {
                $path = substr($file->getPathname(), strlen(self::root()) + 1);
                $paths[$path] = $path;
            }
        }
        ksort($paths);

        return $paths;
    }
}
