<?php

declare(strict_types=1);

namespace Tests\Architecture;

use FilesystemIterator;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;
use StoneDrill\Core\Rules;

/** What the tests of Rules share. */
final class RulesFixture
{
    /** What the code of core/ is, comments and spaces left out. */
    public static function rulesOfNow(): string
    {
        $files = new RecursiveIteratorIterator(
            new RecursiveDirectoryIterator(dirname(__DIR__, 2).'/core', FilesystemIterator::SKIP_DOTS),
        );
        $code = [];
        foreach ($files as $file) {
            if (str_ends_with((string) $file, '.php') && $file->getFilename() !== 'Rules.php') {
                $code[substr((string) $file, strlen(dirname(__DIR__, 2).'/core'))] = php_strip_whitespace(
                    (string) $file,
                );
            }
        }
        ksort($code);

        return hash('xxh128', implode("\n", $code));
    }
}
