<?php

declare(strict_types=1);

namespace App\Footage;

/** The files that lie beside a catalogue file. */
interface FootageSource
{
    /**
     * A file of this machine with the content of one of them, as long as this object lives.
     *
     * @param string $name as `footage` of the catalogue file says it
     *
     * @return string|null null when there is no such file, or one that is too large
     */
    public function file(string $name): ?string;
}
