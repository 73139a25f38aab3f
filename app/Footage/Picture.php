<?php

declare(strict_types=1);

namespace App\Footage;

use GdImage;

/**
 * Prepares pictures: each is drawn anew, so that nothing stays of what a camera or anybody else has written into the
 * file: place, time, device, a second picture, a program. One that is bare already keeps its bytes, and does not lose
 * by being passed on.
 */
final readonly class Picture
{
    /** What a picture may have before it is unpacked: a phone takes 12 to 50 million. */
    private const PIXELS = 50_000_000;

    /** Pixels of its longer side that are kept. */
    private const SIDE = 2400;

    private const THUMBNAIL = 480;

    private const QUALITY = 88;

    /**
     * How a picture was held, as EXIF numbers it: degrees to turn against the clock, and whether it is flipped first.
     */
    private const HELD = [
        2 => [0, true], 3 => [180, false], 4 => [180, true], 5 => [90, true], 6 => [270, false], 7 => [270, true],
        8 => [90, false],
    ];

    /**
     * @param string $folder where what is made is put
     *
     * @throws FootageRefused
     */
    public function prepare(string $path, FootageType $type, string $folder): Prepared
    {
        [$width, $height] = @getimagesize($path) ?: [0, 0];
        if ($width * $height > self::PIXELS) {
            throw FootageRefused::tooManyPixels();
        }
        $picture = self::open($path, $type) ?? throw FootageRefused::broken();
        $to = "{$folder}/picture";
        if (self::isBare($path, $type) && max($width, $height) <= self::SIDE) {
            copy($path, $to);
        } else {
            $picture = self::within(self::upright($picture, $path, $type), self::SIDE);
            imagesavealpha($picture, true);
            match ($type) {
                FootageType::Png => imagepng($picture, $to),
                FootageType::Webp => imagewebp($picture, $to, self::QUALITY),
                default => imagejpeg($picture, $to, self::QUALITY),
            };
        }
        $small = "{$folder}/thumbnail";
        imagejpeg(self::onPaper(self::within($picture, self::THUMBNAIL)), $small, self::QUALITY);

        return new Prepared($to, $small, imagesx($picture), imagesy($picture));
    }

    /** Null when it cannot be read to its end. */
    private static function open(string $path, FootageType $type): ?GdImage
    {
        $isCut = false;
        // Half a JPEG is drawn grey below, and only told in a warning.
        ini_set('gd.jpeg_ignore_warning', '0');
        set_error_handler(static function (int $level, string $said) use (&$isCut): bool {
            $isCut = $isCut || str_contains(strtolower($said), 'premature end');

            return true;
        });
        try {
            $picture = match ($type) {
                FootageType::Png => imagecreatefrompng($path),
                FootageType::Webp => imagecreatefromwebp($path),
                default => imagecreatefromjpeg($path),
            };
        } finally {
            restore_error_handler();
        }
        if ($picture === false || $isCut) {
            return null;
        }
        imagepalettetotruecolor($picture);
        imagealphablending($picture, false);

        return $picture;
    }

    /**
     * Whether a file surely holds nothing but a picture, as those that were drawn here do. Where that is not sure it is
     * drawn anew. A PNG is drawn anew always: it loses nothing.
     */
    private static function isBare(string $path, FootageType $type): bool
    {
        $bytes = (string) file_get_contents($path);
        $has = static fn (string $word): bool => str_contains($bytes, $word);
        if ($type === FootageType::Webp) {
            return (unpack('V', substr($bytes, 4, 4))[1] ?? 0) + 8 === strlen($bytes)
                && ! $has('EXIF')
                && ! $has('XMP ')
                && ! $has('ICCP')
                && ! $has('ANIM');
        }
        @getimagesize($path, $parts);

        // Of a JPEG: none of the parts that programs write into, one picture, and nothing behind it.
        return $type === FootageType::Jpeg
            && array_diff(array_keys($parts ?? []), ['APP0']) === []
            && preg_match(
                '/^\xFF\xD8(?:\xFF\xE0.{2}JFIF.{10})?(?:\xFF\xFE\x00.CREATOR: gd-jpeg[^\xFF]*)?\xFF[\xDB\xC0\xC2\xC4]/sD',
                $bytes,
            ) === 1
            && substr_count($bytes, "\xFF\xD8\xFF") === 1
            && substr_count($bytes, "\xFF\xFE") <= 1
            && str_ends_with($bytes, "\xFF\xD9");
    }

    /** As it was held when it was taken. */
    private static function upright(GdImage $picture, string $path, FootageType $type): GdImage
    {
        $said = $type === FootageType::Jpeg ? @exif_read_data($path) : false;
        $held = is_array($said) ? $said['Orientation'] ?? 1 : 1;
        [$degrees, $isFlipped] = self::HELD[is_int($held) ? $held : 1] ?? [0, false];
        if ($isFlipped) {
            imageflip($picture, IMG_FLIP_HORIZONTAL);
        }

        return $degrees === 0 ? $picture : (imagerotate($picture, $degrees, 0) ?: $picture);
    }

    private static function within(GdImage $picture, int $side): GdImage
    {
        [$width, $height] = [imagesx($picture), imagesy($picture)];
        $share = $side / max($width, $height);

        return $share >= 1
            ? $picture
            : (imagescale($picture, max(1, (int) round($share * $width)), max(1, (int) round($share * $height)))
                ?: $picture);
    }

    /** What can be seen through is white. */
    private static function onPaper(GdImage $picture): GdImage
    {
        $paper = imagecreatetruecolor(max(1, imagesx($picture)), max(1, imagesy($picture)))
        ?: throw FootageRefused::broken();
        imagefill($paper, 0, 0, (int) imagecolorallocate($paper, 255, 255, 255));
        imagecopy($paper, $picture, 0, 0, 0, 0, imagesx($picture), imagesy($picture));

        return $paper;
    }
}
