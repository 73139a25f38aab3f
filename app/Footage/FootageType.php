<?php

declare(strict_types=1);

namespace App\Footage;

use finfo;

/** What a picture or a clip is, read from its content. */
enum FootageType: string
{
    case Jpeg = 'jpeg';
    case Png = 'png';
    case Webp = 'webp';
    case Mp4 = 'mp4';
    case Webm = 'webm';

    private const PICTURE_BYTES = 20_000_000;

    private const CLIP_BYTES = 64_000_000;

    /** What it holds, whatever it is called; null for anything that is not taken. */
    public static function of(string $path): ?self
    {
        return match (self::said($path)) {
            'image/jpeg' => self::Jpeg,
            'image/png' => self::Png,
            'image/webp' => self::Webp,
            'video/mp4', 'video/x-m4v' => self::Mp4,
            'video/webm' => self::Webm,
            default => null,
        };
    }

    /** What its content is called by those who keep lists of it, such as `video/quicktime`. */
    public static function said(string $path): string
    {
        return (new finfo(FILEINFO_MIME_TYPE))->file($path) ?: 'application/octet-stream';
    }

    /** What the ending of a name promises; null when that is none of them. */
    public static function promised(string $name): ?self
    {
        return match (strtolower(pathinfo($name, PATHINFO_EXTENSION))) {
            'jpg', 'jpeg', 'jpe' => self::Jpeg,
            'png' => self::Png,
            'webp' => self::Webp,
            'mp4', 'm4v' => self::Mp4,
            'webm' => self::Webm,
            default => null,
        };
    }

    public function isClip(): bool
    {
        return $this === self::Mp4 || $this === self::Webm;
    }

    public function mime(): string
    {
        return ($this->isClip() ? 'video/' : 'image/').$this->value;
    }

    public function ending(): string
    {
        return $this === self::Jpeg ? 'jpg' : $this->value;
    }

    public function mostBytes(): int
    {
        return $this->isClip() ? self::CLIP_BYTES : self::PICTURE_BYTES;
    }
}
