<?php

declare(strict_types=1);

namespace App\Console;

use Carbon\CarbonImmutable;
use Illuminate\Contracts\Config\Repository;
use Illuminate\Contracts\Filesystem\Filesystem;
use Illuminate\Support\Facades\DB;

/** Removes what nobody will ask for again. Nothing that a school has written is touched. */
final readonly class Housekeeping
{
    /** Hours after which a file that was looked at and not imported goes, and a sheet that was made. */
    public const UPLOAD_HOURS = 24;

    /** Minutes after which the session of somebody who never signed in goes. */
    public const GUEST_MINUTES = 120;

    private const UPLOADS = ['imports', 'reps', 'sheets'];

    public function __construct(private Filesystem $files, private Repository $config) {}

    public function run(CarbonImmutable $now): void
    {
        // The database cache keeps what is over until it is asked for again.
        foreach (['cache', 'cache_locks'] as $table) {
            DB::table($table)->where('expiration', '<=', $now->getTimestamp())->delete();
        }
        DB::table('sessions')->where('last_activity', '<=', $now->subMinutes((int) $this->config->get('session.lifetime'))->getTimestamp())->delete();
        DB::table('sessions')->whereNull('user_id')->where('last_activity', '<=', $now->subMinutes(self::GUEST_MINUTES)->getTimestamp())->delete();
        $this->removeUploads($now->subHours(self::UPLOAD_HOURS)->getTimestamp());
    }

    private function removeUploads(int $before): void
    {
        foreach (self::UPLOADS as $folder) {
            foreach ($this->files->allFiles($folder) as $file) {
                if ($this->files->lastModified($file) <= $before) {
                    $this->files->delete($file);
                }
            }
        }
    }
}
