<?php

declare(strict_types=1);

namespace App\Persistence;

use App\Footage\CatalogueZip;
use App\Footage\FootageSource;
use App\Footage\FootageType;
use StoneDrill\Core\Curriculum\Footage;
use StoneDrill\Core\Exchange\CatalogueReader;
use StoneDrill\Core\Exchange\Format;
use StoneDrill\Core\Exchange\Problem;
use StoneDrill\Core\Exchange\SchoolFile;
use StoneDrill\Core\Exchange\UnreadableCatalogue;
use StoneDrill\Core\Text;

/** A catalogue file that somebody brings: by itself, or in a zip with pictures and clips. */
final readonly class CatalogueUpload
{
    /** What its name can end in, as it is stored. */
    public const ENDINGS = ['yaml', 'json', 'zip'];

    /** @param FootageSource|null $footage null where it came by itself */
    private function __construct(public SchoolFile $file, public ?FootageSource $footage) {}

    /**
     * @param string $path   of a file of this machine
     * @param string $ending one of {@see ENDINGS}
     *
     * @throws UnreadableCatalogue with everything that is wrong in it
     */
    public static function read(string $path, string $ending): self
    {
        $reader = new CatalogueReader();
        if ($ending !== 'zip') {
            return new self($reader->read((string) file_get_contents($path), Format::from($ending)), null);
        }
        $zip = new CatalogueZip($path);
        $file = $reader->read(...$zip->catalogue());
        $problems = self::problems($file->footage, $zip);
        if ($problems !== []) {
            throw UnreadableCatalogue::of($problems);
        }

        return new self($file, $zip);
    }

    /** How a file is stored that was called so. */
    public static function ending(string $name, string $text): string
    {
        return strtolower(pathinfo($name, PATHINFO_EXTENSION)) === 'zip' ? 'zip' : Format::of($name, $text)->value;
    }

    /** @return list<Text> what was read otherwise than it is written there */
    public function notices(): array
    {
        $left = $this->footage === null ? count($this->file->footage) : 0;

        return [...$this->file->notices, ...$left === 0 ? [] : [Text::of('file.footage-left', ['count' => $left])]];
    }

    /**
     * @param list<Footage> $footage
     *
     * @return list<Problem>
     */
    private static function problems(array $footage, FootageSource $files): array
    {
        $problems = [];
        foreach ($footage as $place => $one) {
            $file = $files->file($one->file);
            $type = $file === null ? null : FootageType::of($file);
            if ($file === null) {
                $problems[] = new Problem(
                    "/footage/{$place}/file",
                    Text::of('file.word', ['word' => $one->file]),
                    Text::of('file.beside'),
                );
            } elseif ($type === null || $type !== FootageType::promised($one->file)) {
                $problems[] = new Problem(
                    "/footage/{$place}/file",
                    Text::of('file.holds', ['name' => $one->file, 'type' => FootageType::said($file)]),
                    Text::of('file.footage-type'),
                );
            }
        }

        return $problems;
    }
}
