<?php

declare(strict_types=1);

namespace App\Backup;

use Generator;
use SodiumException;

/**
 * A file of sealed parts: XChaCha20-Poly1305 as libsodium's secretstream has it. It says at once when the key is
 * another one, when a part was changed or left out, and when its end is missing.
 *
 * Its bytes: the words of MAGIC, the header of the stream (24), then each part after its length (4, big-endian).
 */
final readonly class Seal
{
    private const MAGIC = "stone-drill-backup/1\n";

    /** Bytes of a part before it is sealed. */
    private const PART = 65_536;

    private string $key;

    /** @param string $secret any text; whoever has it can open the file */
    public function __construct(string $secret)
    {
        $this->key = sodium_crypto_generichash($secret, '', SODIUM_CRYPTO_SECRETSTREAM_XCHACHA20POLY1305_KEYBYTES);
    }

    /**
     * @param resource                  $to
     * @param array<string, mixed>      $about what the file says of itself, sealed too
     * @param iterable<string>          $content in pieces of any length
     */
    public function write($to, array $about, iterable $content): void
    {
        [$state, $header] = sodium_crypto_secretstream_xchacha20poly1305_init_push($this->key);
        fwrite($to, self::MAGIC.$header);
        $push = static function (string $part, int $tag) use (&$state, $to): void {
            $sealed = sodium_crypto_secretstream_xchacha20poly1305_push($state, $part, '', $tag);
            if (fwrite($to, pack('N', strlen($sealed)).$sealed) !== strlen($sealed) + 4) {
                throw BackupFailed::full();
            }
        };
        $push(
            (string) json_encode($about, JSON_THROW_ON_ERROR),
            SODIUM_CRYPTO_SECRETSTREAM_XCHACHA20POLY1305_TAG_MESSAGE,
        );
        $waiting = '';
        foreach ($content as $piece) {
            $waiting .= $piece;
            while (strlen($waiting) > self::PART) {
                $push(substr($waiting, 0, self::PART), SODIUM_CRYPTO_SECRETSTREAM_XCHACHA20POLY1305_TAG_MESSAGE);
                $waiting = substr($waiting, self::PART);
            }
        }
        $push($waiting, SODIUM_CRYPTO_SECRETSTREAM_XCHACHA20POLY1305_TAG_FINAL);
    }

    /**
     * What the file says of itself, then its content in pieces.
     *
     * @param resource $from
     *
     * @throws BackupFailed when it is no such file, was changed, is not whole, or was sealed with another key
     *
     * @return Generator<int, string> the first piece is the JSON of what it says of itself
     */
    public function read($from): Generator
    {
        $bytes = SODIUM_CRYPTO_SECRETSTREAM_XCHACHA20POLY1305_HEADERBYTES;
        if (fread($from, strlen(self::MAGIC)) !== self::MAGIC) {
            throw BackupFailed::noBackup();
        }
        try {
            $state = sodium_crypto_secretstream_xchacha20poly1305_init_pull((string) fread($from, $bytes), $this->key);
            do {
                $length = unpack('N', str_pad((string) fread($from, 4), 4, "\0"))[1] ?? 0;
                $sealed = $length > 0 && $length <= 2 * self::PART ? (string) stream_get_contents($from, $length) : '';
                $part = $sealed === '' ? false : sodium_crypto_secretstream_xchacha20poly1305_pull($state, $sealed);
                if (! is_array($part)) {
                    throw BackupFailed::changed();
                }
                yield $part[0];
            } while ($part[1] !== SODIUM_CRYPTO_SECRETSTREAM_XCHACHA20POLY1305_TAG_FINAL);
        } catch (SodiumException) {
            throw BackupFailed::changed();
        }
        if (fread($from, 1) !== '') {
            throw BackupFailed::changed();
        }
    }
}
