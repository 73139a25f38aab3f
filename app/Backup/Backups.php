<?php

declare(strict_types=1);

namespace App\Backup;

use Carbon\CarbonImmutable;
use Generator;
use Illuminate\Contracts\Config\Repository;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;

/** The backups of this installation: made, kept for a time, and used. */
final readonly class Backups
{
    /** How many are kept: the last of each of so many days, weeks and months. */
    public const DAYS = 7;

    public const WEEKS = 4;

    public const MONTHS = 12;

    private const NAME = 'Ymd\\THis\\Z';

    private const ENDING = '.drill-backup';

    public function __construct(private Repository $config, private Database $database) {}

    /** @return list<Backup> the newest first */
    public function all(): array
    {
        $all = [];
        foreach (glob($this->folder().'/*'.self::ENDING) ?: [] as $path) {
            $at = CarbonImmutable::createFromFormat(self::NAME, basename($path, self::ENDING), 'UTC');
            if ($at instanceof CarbonImmutable) {
                $all[$at->getTimestamp()] = new Backup($path, $at, (int) filesize($path));
            }
        }
        krsort($all);

        return array_values($all);
    }

    /** @throws BackupFailed when it cannot be made; nothing is left of it then */
    public function make(CarbonImmutable $now): Backup
    {
        File::ensureDirectoryExists($this->folder(), 0o700);
        $path = $this->folder().'/'.$now->utc()->format(self::NAME).self::ENDING;
        $part = $path.'.part';
        try {
            $to = fopen($part, 'wb') ?: throw BackupFailed::full();
            chmod($part, 0o600);
            $about = ['made' => $now->toIso8601String(), 'app_key' => $this->config->get('app.key'), 'migrations' => $this->migrations()];
            $this->seal()->write($to, $about, $this->database->dump());
            fclose($to);
            rename($part, $path);
        } finally {
            File::delete($part);
        }

        return new Backup($path, $now, (int) filesize($path));
    }

    /**
     * Puts what a backup holds in the place of everything that is there.
     *
     * @throws BackupFailed when it cannot be used; nothing is changed then
     *
     * @return string the key of the application with which the backup was made
     */
    public function restore(string $path): string
    {
        // Read to its end before anything is touched.
        foreach ($this->pieces($path) as $number => $piece) {
            $about ??= (array) json_decode($piece, true);
        }
        $ahead = array_diff($about['migrations'] ?? [], $this->known());
        if ($ahead !== []) {
            throw BackupFailed::newer((string) end($ahead));
        }
        $content = $this->pieces($path);
        $content->next();
        $this->database->restore((static function () use ($content): Generator {
            for (; $content->valid(); $content->next()) {
                yield $content->current();
            }
        })());
        DB::purge();

        return (string) ($about['app_key'] ?? '');
    }

    /**
     * Deletes what is not kept any longer.
     *
     * @return int how many went
     */
    public function prune(): int
    {
        $all = $this->all();
        $kept = [];
        foreach (['Y-m-d' => self::DAYS, 'o-W' => self::WEEKS, 'Y-m' => self::MONTHS] as $period => $most) {
            $last = [];
            foreach ($all as $backup) {
                $last[$backup->at->format($period)] ??= $backup->path;
            }
            $kept = [...$kept, ...array_slice(array_values($last), 0, $most)];
        }
        $gone = array_filter($all, static fn (Backup $backup): bool => ! in_array($backup->path, $kept, true));
        File::delete(array_column($gone, 'path'));

        return count($gone);
    }

    /** @return Generator<int, string> what it says of itself, then its content */
    private function pieces(string $path): Generator
    {
        $from = is_file($path) ? fopen($path, 'rb') : false;
        if ($from === false) {
            throw BackupFailed::noBackup();
        }
        try {
            yield from $this->seal()->read($from);
        } finally {
            fclose($from);
        }
    }

    private function seal(): Seal
    {
        return new Seal((string) ($this->config->get('installation.backups.key') ?: $this->config->get('app.key')));
    }

    private function folder(): string
    {
        return (string) $this->config->get('installation.backups.folder');
    }

    /** @return list<string> those that the database has had */
    private function migrations(): array
    {
        return array_map(strval(...), array_values(DB::table('migrations')->orderBy('id')->pluck('migration')->all()));
    }

    /** @return list<string> those that this release has */
    private function known(): array
    {
        return array_map(static fn (string $file): string => basename($file, '.php'), glob(database_path('migrations/*.php')) ?: []);
    }
}
