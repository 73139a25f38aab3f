<?php

declare(strict_types=1);

namespace App\Footage;

/** Files in a folder, such as those of the demo. */
final readonly class FootageFolder implements FootageSource
{
    public function __construct(private string $folder) {}

    public function file(string $name): ?string
    {
        $file = "{$this->folder}/{$name}";

        return is_file($file) ? $file : null;
    }
}
