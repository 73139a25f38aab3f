<?php

declare(strict_types=1);

namespace App\Footage;

use Closure;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Str;
use StoneDrill\Core\Exchange\Format;
use StoneDrill\Core\Exchange\Reading\Document;
use StoneDrill\Core\Exchange\UnreadableCatalogue;
use StoneDrill\Core\Text;
use ZipArchive;

/**
 * A catalogue file with its pictures and clips beside it, in one zip: `catalogue.yaml` (or `.json`) and the folder
 * `footage`.
 */
final class CatalogueZip implements FootageSource
{
    private const CATALOGUE = 'catalogue.';

    private const FOLDER = 'footage/';

    private readonly ZipArchive $zip;

    /** Where files are unpacked; empty before any can be. */
    private string $folder = '';

    /** @throws UnreadableCatalogue when it is none */
    public function __construct(string $path)
    {
        $this->zip = new ZipArchive();
        if ($this->zip->open($path, ZipArchive::RDONLY) !== true) {
            throw UnreadableCatalogue::because(Text::of('file.no-zip'), Text::of('file.zip'));
        }
        $this->folder = sys_get_temp_dir().'/catalogue-'.Str::random(20);
        File::makeDirectory($this->folder, 0o700);
    }

    public function __destruct()
    {
        if ($this->folder !== '') {
            File::deleteDirectory($this->folder);
        }
    }

    /**
     * @param string                $catalogue the catalogue file, as YAML
     * @param iterable<string, string> $files  paths of pictures and clips by their names
     * @param Closure(int): void       $tell   is told the percent that are packed
     */
    public static function write(string $path, string $catalogue, iterable $files, Closure $tell): void
    {
        $zip = new ZipArchive();
        $zip->open($path, ZipArchive::CREATE | ZipArchive::OVERWRITE);
        $zip->addFromString(self::CATALOGUE.Format::Yaml->value, $catalogue);
        foreach ($files as $name => $file) {
            $zip->addFile($file, self::FOLDER.$name);
            // They are packed already.
            $zip->setCompressionName(self::FOLDER.$name, ZipArchive::CM_STORE);
        }
        $zip->registerProgressCallback(0.01, static fn (float $share) => $tell((int) round(100 * $share)));
        $zip->close();
    }

    /**
     * @throws UnreadableCatalogue when there is none in it, or one that is too large
     *
     * @return array{string, Format} the text of its catalogue file
     */
    public function catalogue(): array
    {
        foreach (['yaml' => Format::Yaml, 'yml' => Format::Yaml, 'json' => Format::Json] as $ending => $format) {
            $size = $this->zip->statName(self::CATALOGUE.$ending)['size'] ?? null;
            if ($size > Document::MAX_BYTES) {
                throw UnreadableCatalogue::because(
                    Text::of('file.megabytes', ['size' => (string) round($size / 1e6)]),
                    Text::of('file.max-megabytes', ['max' => Document::MAX_BYTES / 1_000_000]),
                );
            }
            $text = $size === null ? false : $this->zip->getFromName(self::CATALOGUE.$ending, Document::MAX_BYTES);
            if ($text !== false) {
                return [$text, $format];
            }
        }

        throw UnreadableCatalogue::because(Text::of('file.no-catalogue'), Text::of('file.zip'));
    }

    public function file(string $name): ?string
    {
        $file = "{$this->folder}/{$name}";
        if (is_file($file)) {
            return $file;
        }
        // What is said of its size may be wrong: no more than the most is unpacked.
        $most = FootageType::promised($name)?->mostBytes() ?? 0;
        $from = $this->zip->getStream(self::FOLDER.$name);
        if ($from === false || ($this->zip->statName(self::FOLDER.$name)['size'] ?? 0) > $most) {
            return null;
        }
        $to = fopen($file, 'wb');
        $bytes = $to === false ? 0 : (int) stream_copy_to_stream($from, $to, $most + 1);
        fclose($from);
        if ($to === false || ! fclose($to) || $bytes > $most) {
            File::delete($file);

            return null;
        }

        return $file;
    }
}
