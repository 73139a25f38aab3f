<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Http\UploadedFile;

/** What the tests of School share. */
final class SchoolFixture
{
    public static function catalogueFile(array $replace = [], string $name = 'small.yaml'): UploadedFile
    {
        return UploadedFile::fake()->createWithContent(
            $name,
            strtr((string) file_get_contents(dirname(__DIR__).'/fixtures/small.yaml'), $replace),
        );
    }
}
