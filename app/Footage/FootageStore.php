<?php

declare(strict_types=1);

namespace App\Footage;

use App\Models\Footage;
use Illuminate\Contracts\Config\Repository;
use Illuminate\Contracts\Filesystem\Factory;
use Illuminate\Contracts\Filesystem\Filesystem;
use Illuminate\Filesystem\FilesystemAdapter;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Str;

/**
 * Where the files of pictures and clips lie: a disk of this machine, or a store that speaks S3. One that is ready is
 * called by its content, so the same file is kept once a school; one that waits has a name of its own.
 */
final readonly class FootageStore
{
    private const WAITING = 'waiting';

    /** How many bytes of files are kept for one school. */
    public const MOST_OF_SCHOOL = 5_000_000_000;

    public function __construct(private Factory $disks, private Repository $config) {}

    /** Keeps what was sent until it is prepared. */
    public function wait(string $file, int $school): string
    {
        $path = self::WAITING."/{$school}/".Str::random(40);
        $this->put($path, $file);

        return $path;
    }

    /** Keeps what is ready. */
    public function keep(Prepared $prepared, FootageType $type, int $school): string
    {
        $path = sprintf('%d/%s.%s', $school, hash_file('sha256', $prepared->path), $type->ending());
        $this->put($path, $prepared->path);
        $this->put(self::thumbnail($path), $prepared->thumbnail);

        return $path;
    }

    public static function thumbnail(string $path): string
    {
        return $path.'.thumbnail.jpg';
    }

    /** A file of this machine with the content of one that is kept; null when it is gone. */
    public function local(string $path): ?string
    {
        $disk = $this->disk();
        if ($this->isHere()) {
            return $disk->exists($path) ? $disk->path($path) : null;
        }
        $copy = self::copies().'/'.hash('xxh128', $path);
        if (! is_file($copy)) {
            if (! $disk->exists($path)) {
                return null;
            }
            File::ensureDirectoryExists(self::copies(), 0o700);
            $part = $copy.Str::random(8);
            file_put_contents($part, $disk->readStream($path));
            rename($part, $copy);
        }
        touch($copy);

        return $copy;
    }

    /**
     * Puts a file of a backup where it was.
     *
     * @param iterable<string> $content in pieces
     */
    public function restore(string $path, iterable $content): void
    {
        $file = (string) tempnam(sys_get_temp_dir(), 'footage');
        $to = fopen($file, 'wb');
        foreach ($content as $piece) {
            $to !== false && fwrite($to, $piece);
        }
        $to !== false && fclose($to);
        $this->put($path, $file);
        File::delete($file);
    }

    /** Removes the files of a row that is gone, unless another row of its school has the same. */
    public function forget(Footage $footage): void
    {
        if (! Footage::query()->where('school_id', $footage->school_id)->where('path', $footage->path)->exists()) {
            $this->delete($footage->path);
        }
    }

    public function delete(string $path): void
    {
        foreach ([$path, self::thumbnail($path)] as $file) {
            $this->disk()->delete($file);
            if (! $this->isHere()) {
                File::delete(self::copies().'/'.hash('xxh128', $file));
            }
        }
    }

    /** Removes files that no row has, and copies that nobody looked at since. */
    public function tidy(int $before): void
    {
        $disk = $this->disk();
        foreach ($disk->allFiles() as $file) {
            $of = Str::before($file, '.thumbnail.jpg');
            if ($disk->lastModified($file) <= $before && ! Footage::query()->where('path', $of)->exists()) {
                $disk->delete($file);
            }
        }
        foreach (glob(self::copies().'/*') ?: [] as $copy) {
            if (filemtime($copy) <= $before) {
                File::delete($copy);
            }
        }
    }

    private function put(string $path, string $file): void
    {
        $stream = fopen($file, 'rb');
        $this->disk()->put($path, $stream === false ? '' : $stream);
        if (is_resource($stream)) {
            fclose($stream);
        }
    }

    /** @return Filesystem&FilesystemAdapter */
    public function disk(): Filesystem
    {
        $disk = $this->disks->disk($this->name());
        assert($disk instanceof FilesystemAdapter);

        return $disk;
    }

    private function isHere(): bool
    {
        return $this->config->get("filesystems.disks.{$this->name()}.driver") === 'local';
    }

    private function name(): string
    {
        return (string) $this->config->get('installation.footage');
    }

    /** Where what lies elsewhere is copied to while it is looked at. */
    private static function copies(): string
    {
        return storage_path('app/footage-copies');
    }
}
