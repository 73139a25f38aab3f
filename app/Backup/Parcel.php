<?php

declare(strict_types=1);

namespace App\Backup;

use Generator;

/**
 * Several files one after another in one stream, none of whose lengths need be known before: each its name after the
 * length of the name (two bytes), then pieces after their lengths (four bytes, big-endian), then a length of zero.
 */
final class Parcel
{
    /** Bytes of a piece at the most. */
    private const PIECE = 65_536;

    private string $waiting = '';

    /** @param Generator<int, string> $stream in pieces of any length */
    private function __construct(private readonly Generator $stream) {}

    /**
     * @param iterable<string, iterable<string>> $files content by name, each in pieces
     *
     * @return Generator<int, string>
     */
    public static function pack(iterable $files): Generator
    {
        foreach ($files as $name => $content) {
            yield pack('n', strlen($name)).$name;
            foreach ($content as $piece) {
                foreach ($piece === '' ? [] : str_split($piece, self::PIECE) as $part) {
                    yield pack('N', strlen($part)).$part;
                }
            }
            yield pack('N', 0);
        }
    }

    /**
     * Each file's content is read to its end before the next one is asked for.
     *
     * @param Generator<int, string> $stream
     *
     * @throws BackupFailed when it ends in the middle of a file
     *
     * @return Generator<string, Generator<int, string>> content by name
     */
    public static function unpack(Generator $stream): Generator
    {
        $parcel = new self($stream);
        while (! $parcel->isOver()) {
            $name = $parcel->take(unpack('n', $parcel->take(2))[1] ?? 0);
            $content = $parcel->content();
            yield $name => $content;
            while ($content->valid()) {
                $content->next();
            }
        }
    }

    /** @return Generator<int, string> */
    private function content(): Generator
    {
        while (($length = unpack('N', $this->take(4))[1] ?? 0) > 0) {
            yield $this->take($length);
        }
    }

    private function isOver(): bool
    {
        $this->fill(1);

        return $this->waiting === '';
    }

    private function take(int $bytes): string
    {
        $this->fill($bytes);
        if (strlen($this->waiting) < $bytes) {
            throw BackupFailed::changed();
        }
        $taken = substr($this->waiting, 0, $bytes);
        $this->waiting = substr($this->waiting, $bytes);

        return $taken;
    }

    private function fill(int $bytes): void
    {
        for (; strlen($this->waiting) < $bytes && $this->stream->valid(); $this->stream->next()) {
            $this->waiting .= $this->stream->current();
        }
    }
}
