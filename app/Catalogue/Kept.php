<?php

declare(strict_types=1);

namespace App\Catalogue;

use Illuminate\Support\Facades\Cache;

/** What was worked out of a school's rows, kept until they change. The newest takes the place of what was kept before. */
final readonly class Kept
{
    /**
     * @template T
     *
     * @param string        $revision of everything it hangs on
     * @param int           $seconds  after which it is worked out anew all the same
     * @param callable(): T $work
     *
     * @return T
     */
    public static function of(string $name, string $revision, int $seconds, callable $work): mixed
    {
        [$of, $value] = Cache::get($name) ?? ['', null];
        if ($of !== $revision) {
            $value = $work();
            Cache::put($name, [$revision, $value], $seconds);
        }

        return $value;
    }

    /** What is kept of that revision; null where nothing is. */
    public static function known(string $name, string $revision): mixed
    {
        [$of, $value] = Cache::get($name) ?? ['', null];

        return $of === $revision ? $value : null;
    }
}
