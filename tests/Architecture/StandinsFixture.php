<?php

declare(strict_types=1);

namespace Tests\Architecture;

use FilesystemIterator;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;

/** What the tests of Standins share. */
final class StandinsFixture
{
    /** @return array<string, string> source by file of a package, its tests left out */
    public static function sources(string ...$folders): array
    {
        $sources = [];
        foreach ($folders as $folder) {
            $files = new RecursiveIteratorIterator(
                new RecursiveDirectoryIterator(
                    dirname(__DIR__, 2).'/vendor/'.$folder,
                    FilesystemIterator::SKIP_DOTS,
                ),
            );
            foreach ($files as $file) {
                if ($file->getExtension() === 'php') {
                    $sources[$file->getPathname()] = (string) file_get_contents($file->getPathname());
                }
            }
        }

        return $sources;
    }
}
