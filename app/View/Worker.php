<?php

declare(strict_types=1);

namespace App\View;

/** What keeps pages on a device, so that they open without a network. */
final class Worker
{
    /** Its address: another build of scripts and styles is another worker. */
    public static function address(): string
    {
        $manifest = public_path('build/manifest.json');

        return '/mat-worker.js?v='
            .(is_file($manifest) ? substr((string) hash_file('xxh128', $manifest), 0, 12) : 'none');
    }
}
