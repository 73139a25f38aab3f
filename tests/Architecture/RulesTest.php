<?php

declare(strict_types=1);

use StoneDrill\Core\Rules;

/** What the code of core/ is, comments and spaces left out. */
function rulesOfNow(): string
{
    $files = new RecursiveIteratorIterator(new RecursiveDirectoryIterator(dirname(__DIR__, 2).'/core', FilesystemIterator::SKIP_DOTS));
    $code = [];
    foreach ($files as $file) {
        if (str_ends_with((string) $file, '.php') && $file->getFilename() !== 'Rules.php') {
            $code[substr((string) $file, strlen(dirname(__DIR__, 2).'/core'))] = php_strip_whitespace((string) $file);
        }
    }
    ksort($code);

    return hash('xxh128', implode("\n", $code));
}

it('has another version of the rules whenever the rules are other ones', function (): void {
    $known = trim((string) file_get_contents(dirname(__DIR__).'/fixtures/rules-version.txt'));

    // Changed core/ on purpose? Raise Rules::VERSION and write the line below into tests/fixtures/rules-version.txt.
    expect($known)->toBe(Rules::VERSION.' '.rulesOfNow());
});
