<?php

declare(strict_types=1);

namespace App\Console;

use App\Footage\FootageStore;
use App\Persistence\RevisionCache;
use Carbon\CarbonImmutable;
use Illuminate\Contracts\Cache\Repository as Cache;
use Illuminate\Contracts\Config\Repository;
use Illuminate\Contracts\Filesystem\Filesystem;
use Illuminate\Support\Facades\DB;
use SplFileInfo;
use Symfony\Component\Finder\Finder;

/** Removes what nobody will ask for again. Nothing that a school has written is touched. */
final readonly class Housekeeping
{
    /** Hours after which a file that was looked at and not imported goes, and a sheet that was made. */
    public const UPLOAD_HOURS = 24;

    /** Minutes after which the session of somebody who never signed in goes. */
    public const GUEST_MINUTES = 120;

    /** The code with which what is kept was worked out. */
    private const CODE = 'code';

    private const UPLOADS = ['imports', 'reps', 'sheets', 'exports'];

    public function __construct(
        private Filesystem $files,
        private Repository $config,
        private Cache $cache,
        private FootageStore $footage,
    ) {}

    public function run(CarbonImmutable $now): void
    {
        // The database cache keeps what is over until it is asked for again.
        foreach (['cache', 'cache_locks'] as $table) {
            DB::table($table)->where('expiration', '<=', $now->getTimestamp())->delete();
        }
        DB::table('sessions')
            ->where(
                'last_activity',
                '<=',
                $now->subMinutes((int) $this->config->get('session.lifetime'))->getTimestamp(),
            )
            ->delete();
        DB::table('sessions')
            ->whereNull('user_id')
            ->where('last_activity', '<=', $now->subMinutes(self::GUEST_MINUTES)->getTimestamp())
            ->delete();
        $this->foldChanges();
        $this->removeUploads($now->subHours(self::UPLOAD_HOURS)->getTimestamp());
        $this->footage->tidy($now->subHours(self::UPLOAD_HOURS)->getTimestamp());
    }

    /** What was noted of writes to a school's rows becomes one note a part, which says the same. */
    private function foldChanges(): void
    {
        DB::delete('delete from row_changes where school_id not in (select id from schools)');
        DB::statement(
            <<<'SQL'
            with noted as (
                select id from row_changes where (school_id, part) in (
                    select school_id, part from row_changes group by school_id, part having count(*) > 1
                ) for update skip locked
            ), gone as (
                delete from row_changes c using noted where c.id = noted.id returning c.school_id, c.part, c.salt
            )
            insert into row_changes (school_id, part, salt)
                select school_id, part, bit_xor(salt) from gone group by school_id, part
            SQL
            ,
        );
    }

    /** What was worked out or drawn with another code in the same place goes: it has other shapes, or other words. */
    public function forgetOtherCode(): void
    {
        $code = hash(
            'xxh128',
            implode(
                '',
                array_map(
                    static fn (SplFileInfo $file): string => (string) hash_file('xxh128', $file->getPathname()),
                    iterator_to_array(
                        Finder::create()
                            ->files()
                            ->in([base_path('core'), app_path(), lang_path(), resource_path('views')])
                            ->name('*.php')
                            ->sortByName(),
                        false,
                    ),
                ),
            ),
        );
        if ($this->cache->get(self::CODE) !== $code) {
            DB::table('cache')
                ->where('key', 'like', $this->config->get('cache.prefix').RevisionCache::named('%'))
                ->delete();
            $this->cache->forever(self::CODE, $code);
        }
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
