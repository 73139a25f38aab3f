<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Http\UploadedFile;
use Symfony\Component\Process\Process;

/** Pictures and clips of nothing, with places in them. */
final class FootageFixture
{
    public const PLACE = 'PLACE-52.3702';

    /** A picture, red on the left and blue on the right. */
    public static function picture(string $type = 'jpeg', int $width = 60, int $height = 40): string
    {
        $picture = imagecreatetruecolor($width, $height);
        imagefilledrectangle(
            $picture,
            0,
            0,
            intdiv($width, 2) - 1,
            $height,
            (int) imagecolorallocate($picture, 220, 30, 30),
        );
        imagefilledrectangle(
            $picture,
            intdiv($width, 2),
            0,
            $width,
            $height,
            (int) imagecolorallocate($picture, 30, 30, 220),
        );
        ob_start();
        ['jpeg' => imagejpeg(...), 'png' => imagepng(...), 'webp' => imagewebp(...)][$type]($picture);

        return (string) ob_get_clean();
    }

    /** A JPEG as a phone writes it: with its place (52° 22′ N), and how it was held, as EXIF numbers that. */
    public static function withPlace(int $held = 1): string
    {
        $entry = static fn (int $tag, int $type, int $count, string $value): string => pack('vvV', $tag, $type, $count)
            .str_pad($value, 4, "\0");
        $rational = static fn (int $whole): string => pack('VV', $whole, 1);
        $words = self::PLACE."\0";
        // Header 8, first list 2 + 3 × 12 + 4 = 42, the list of the place 2 + 2 × 12 + 4 = 30: what is pointed to
        // begins at 80.
        $tiff = "II*\0"
        .pack('V', 8)
        .pack('v', 3)
        .$entry(0x010e, 2, strlen($words), pack('V', 80))
        .$entry(0x0112, 3, 1, pack('v', $held))
        .$entry(0x8825, 4, 1, pack('V', 50))
        .pack('V', 0)
        .pack('v', 2)
        .$entry(1, 2, 2, "N\0")
        .$entry(2, 5, 3, pack('V', 80 + strlen($words)))
        .pack('V', 0)
        .$words
        .$rational(52)
        .$rational(22)
        .$rational(12);
        $part = "Exif\0\0".$tiff;

        return substr_replace(self::picture(), "\xFF\xE1".pack('n', strlen($part) + 2).$part, 2, 0);
    }

    /** A PNG with a text in it that tells its place. */
    public static function pngWithPlace(): string
    {
        $part = 'tEXtLocation'."\0".self::PLACE;

        return substr_replace(
            self::picture('png'),
            pack('N', strlen($part) - 4).$part.pack('N', crc32($part)),
            33,
            0,
        );
    }

    /** A WebP with a part behind its picture that tells its place. */
    public static function webpWithPlace(): string
    {
        $bytes = self::picture('webp').'EXIF'.pack('V', strlen(self::PLACE) + 1).self::PLACE."\0";
        $bytes .= strlen($bytes) % 2 === 0 ? '' : "\0";

        return substr_replace($bytes, pack('V', strlen($bytes) - 8), 4, 4);
    }

    /** @param list<string> $with further words for ffmpeg, before the name of the file */
    public static function clip(string $type = 'mp4', array $with = [], float $seconds = 2): string
    {
        $file = sys_get_temp_dir().'/clip-'.bin2hex(random_bytes(6)).'.'.$type;
        $codecs = $type === 'webm'
            ? ['-c:v', 'libvpx', '-c:a', 'libopus']
            : ['-c:v', 'libx264', '-pix_fmt', 'yuv420p', '-c:a', 'aac'];
        (new Process([
            'ffmpeg',
            '-nostdin',
            '-v',
            'error',
            '-y',
            '-f',
            'lavfi',
            '-i',
            "testsrc=size=160x120:rate=10:duration={$seconds}",
            '-f',
            'lavfi',
            '-i',
            "sine=440:duration={$seconds}",
            ...$codecs,
            '-movflags',
            'use_metadata_tags',
            '-metadata',
            'location='.self::PLACE,
            '-metadata:s:v',
            'title='.self::PLACE,
            ...$with,
            $file,
        ]))->mustRun();
        $bytes = (string) file_get_contents($file);
        unlink($file);

        return $bytes;
    }

    public static function upload(string $bytes, string $name): UploadedFile
    {
        return UploadedFile::fake()->createWithContent($name, $bytes);
    }

    /** The first bytes of a PNG that says it has so many pixels, with nothing behind them. */
    public static function bomb(int $side): string
    {
        $head = 'IHDR'.pack('NN', $side, $side)."\x08\x02\0\0\0";

        return "\x89PNG\r\n\x1A\n".pack('N', 13).$head.pack('N', crc32($head));
    }
}
