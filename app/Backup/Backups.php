<?php

declare(strict_types=1);

namespace App\Backup;

use App\Footage\FootageStore;
use App\Models\Footage;
use App\Models\FootageState;
use Aws\Exception\AwsException;
use Carbon\CarbonImmutable;
use Generator;
use Illuminate\Contracts\Config\Repository;
use Illuminate\Contracts\Filesystem\Factory;
use Illuminate\Contracts\Filesystem\Filesystem;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use League\Flysystem\FilesystemException;

/** The backups of this installation: made, kept for a time, and used. */
final readonly class Backups
{
    /** How many are kept: the last of each of so many days, weeks and months. */
    public const DAYS = 7;

    public const WEEKS = 4;

    public const MONTHS = 12;

    private const NAME = 'Ymd\\THis\\Z';

    private const ENDING = '.drill-backup';

    /** What the dump is called in a backup; every other name is that of a picture or a clip, or its thumbnail. */
    private const DUMP = 'database';

    /** Where copies lie on the other disk, and how such a one is called. */
    private const COPIES = 'backups/';

    private const COPY = 'copy:';

    public function __construct(
        private Repository $config,
        private Database $database,
        private FootageStore $footage,
        private Factory $disks,
    ) {}

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
            $about = [
                'made' => $now->toIso8601String(),
                'app_key' => $this->config->get('app.key'),
                'migrations' => $this->migrations(),
                'files' => true,
            ];
            $this->seal()->write($to, $about, Parcel::pack($this->files()));
            fclose($to);
            rename($part, $path);
        } finally {
            File::delete($part);
        }

        return new Backup($path, $now, (int) filesize($path));
    }

    /**
     * Copies one to the other disk, where there is one.
     *
     * @throws BackupFailed when the disk does not take it; the backup itself is there
     */
    public function copy(Backup $backup): void
    {
        if ($this->copies() === null) {
            return;
        }
        $from = fopen($backup->path, 'rb');
        try {
            $this->copies()->writeStream(self::COPIES.$backup->name(), $from ?: throw BackupFailed::noBackup());
        } catch (FilesystemException | AwsException $error) {
            throw BackupFailed::notCopied($error->getMessage());
        } finally {
            is_resource($from) && fclose($from);
        }
    }

    /**
     * A backup to be restored: a file here, or `copy:NAME` of the other disk, which is fetched.
     *
     * @throws BackupFailed when there is none of that name
     *
     * @return string the path of the file
     */
    public function fetch(string $name): string
    {
        if (! str_starts_with($name, self::COPY)) {
            return $name;
        }
        $file = self::COPIES.basename(substr($name, strlen(self::COPY)));
        if ($this->copies()?->exists($file) !== true) {
            throw BackupFailed::noCopy($this->allCopies());
        }
        File::ensureDirectoryExists($this->folder(), 0o700);
        $path = $this->folder().'/'.basename($file);
        $to = fopen($path, 'wb') ?: throw BackupFailed::full();
        chmod($path, 0o600);
        stream_copy_to_stream($this->copies()->readStream($file) ?? throw BackupFailed::noBackup(), $to);
        fclose($to);

        return $path;
    }

    /** @return list<string> names of the copies, the newest first */
    private function allCopies(): array
    {
        $names = array_map(basename(...), $this->copies()?->files(rtrim(self::COPIES, '/')) ?? []);
        rsort($names);

        return $names;
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
        foreach ($this->content($path, ($about['files'] ?? false) === true) as $name => $content) {
            if ($name === self::DUMP) {
                $this->database->restore($content);
                DB::purge();
            } else {
                $this->footage->restore($name, $content);
            }
        }

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
        // What is not here any more is not kept there either; what is there of another machine is not ours.
        $this->copies()?->delete(
            array_map(static fn (Backup $backup): string => self::COPIES.$backup->name(), array_values($gone)),
        );

        return count($gone);
    }

    /**
     * The dump, then the files of the rows that are in it: a file is kept until its row is gone.
     *
     * @return Generator<string, iterable<string>>
     */
    private function files(): Generator
    {
        yield self::DUMP => $this->database->dump();
        foreach (Footage::query()->where('state', FootageState::Ready)->distinct()->pluck('path') as $path) {
            foreach ([$path, FootageStore::thumbnail($path)] as $file) {
                $local = $this->footage->local($file);
                if ($local !== null) {
                    yield $file => self::read($local);
                }
            }
        }
    }

    /** @return Generator<int, string> */
    private static function read(string $file): Generator
    {
        $from = fopen($file, 'rb');
        while ($from !== false && ! feof($from)) {
            yield (string) fread($from, 65_536);
        }
    }

    /**
     * @param bool $hasFiles whether it holds several files, and not, as those of earlier releases, the dump alone
     *
     * @return Generator<string, Generator<int, string>> content by name
     */
    private function content(string $path, bool $hasFiles): Generator
    {
        $pieces = $this->pieces($path);
        $pieces->next();
        $rest = (static function () use ($pieces): Generator {
            for (; $pieces->valid(); $pieces->next()) {
                yield $pieces->current();
            }
        })();
        if ($hasFiles) {
            yield from Parcel::unpack($rest);
        } else {
            yield self::DUMP => $rest;
        }
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

    private function copies(): ?Filesystem
    {
        $disk = (string) $this->config->get('installation.backups.disk');

        return $disk === '' ? null : $this->disks->disk($disk);
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
        return array_map(
            static fn (string $file): string => basename($file, '.php'),
            glob(database_path('migrations/*.php')) ?: [],
        );
    }
}
