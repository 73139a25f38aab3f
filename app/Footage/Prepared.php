<?php

declare(strict_types=1);

namespace App\Footage;

/** A picture or a clip of which nothing is left but what is seen and heard. */
final readonly class Prepared
{
    /**
     * @param string     $path      of the file itself
     * @param string     $thumbnail path of a small JPEG of it
     * @param float|null $seconds   of a clip
     */
    public function __construct(
        public string $path,
        public string $thumbnail,
        public int $width,
        public int $height,
        public ?float $seconds = null,
    ) {}
}
