<?php

declare(strict_types=1);

namespace StoneDrill\StandIns\ObjectStore;

/**
 * A store that speaks as much of S3 as is asked of it here: put, get (whole or a range), head, delete and list objects, and uploads
 * in parts. Each object is a file in a folder. It lets in whoever names its key; signatures are not checked. For trying and for tests.
 */
final readonly class ObjectStore
{
    public function __construct(private string $folder, private string $key) {}

    /**
     * @param array<string, string> $query
     * @param array<string, string> $headers by names in small letters
     * @param resource              $body
     *
     * @return array{int, array<string, string>, string|null, array{string, int, int}|null} status, headers, text, and the file, begin and length that is sent instead
     */
    public function answer(string $method, string $path, array $query, array $headers, $body): array
    {
        if (! str_contains($headers['authorization'] ?? '', "Credential={$this->key}/")) {
            return self::error(403, 'AccessDenied');
        }
        [$bucket, $name] = [...explode('/', ltrim(rawurldecode($path), '/'), 2), ''];
        if ($bucket === '' || str_contains("/{$bucket}/{$name}/", '/../')) {
            return self::error(400, 'InvalidURI');
        }
        $file = "{$this->folder}/{$bucket}/".strtr($name, ['%' => '%25', '/' => '%2F']);
        is_dir(dirname($file)) || mkdir(dirname($file), 0o700, true);

        return match (true) {
            $name === '' => $method === 'GET' ? $this->list($bucket, $query['prefix'] ?? '') : self::error(501, 'NotImplemented'),
            $method === 'POST' && isset($query['uploads']) => self::xml('InitiateMultipartUploadResult', '<UploadId>'.bin2hex(random_bytes(8)).'</UploadId>'),
            $method === 'POST' && isset($query['uploadId']) => self::join($file, $query['uploadId']),
            $method === 'PUT' && isset($query['uploadId']) => self::put("{$file}.part-{$query['uploadId']}-".sprintf('%05d', (int) ($query['partNumber'] ?? 0)), $body),
            $method === 'PUT' => self::put($file, $body),
            $method === 'DELETE' => self::delete($file),
            ! is_file($file) => self::error(404, 'NoSuchKey'),
            default => self::get($file, $headers['range'] ?? ''),
        };
    }

    /** @param resource $body */
    private static function put(string $file, $body): array
    {
        $to = fopen($file, 'wb');
        stream_copy_to_stream($body, $to);
        fclose($to);

        return [200, ['ETag' => '"'.md5_file($file).'"'], '', null];
    }

    private static function join(string $file, string $upload): array
    {
        $parts = glob(addcslashes($file, '[]*?\\').".part-{$upload}-*") ?: [];
        $to = fopen($file, 'wb');
        foreach ($parts as $part) {
            $from = fopen($part, 'rb');
            stream_copy_to_stream($from, $to);
            fclose($from);
            unlink($part);
        }
        fclose($to);

        return self::xml('CompleteMultipartUploadResult', '<ETag>"'.md5_file($file).'"</ETag>');
    }

    private static function delete(string $file): array
    {
        is_file($file) && unlink($file);

        return [204, [], '', null];
    }

    private static function get(string $file, string $range): array
    {
        $size = (int) filesize($file);
        $headers = ['ETag' => '"'.md5_file($file).'"', 'Last-Modified' => gmdate('D, d M Y H:i:s', (int) filemtime($file)).' GMT', 'Content-Type' => 'application/octet-stream', 'Accept-Ranges' => 'bytes'];
        if (preg_match('/^bytes=(\d+)-(\d*)$/D', $range, $found) === 1 && (int) $found[1] < $size) {
            $end = $found[2] === '' ? $size - 1 : min($size - 1, (int) $found[2]);

            return [206, [...$headers, 'Content-Range' => "bytes {$found[1]}-{$end}/{$size}", 'Content-Length' => (string) ($end - (int) $found[1] + 1)], null, [$file, (int) $found[1], $end - (int) $found[1] + 1]];
        }

        return [200, [...$headers, 'Content-Length' => (string) $size], null, [$file, 0, $size]];
    }

    private function list(string $bucket, string $prefix): array
    {
        $rows = '';
        $count = 0;
        foreach (glob("{$this->folder}/{$bucket}/*") ?: [] as $file) {
            $name = rawurldecode(basename($file));
            if (str_starts_with($name, $prefix) && ! str_contains($name, '.part-')) {
                $count++;
                $rows .= sprintf('<Contents><Key>%s</Key><LastModified>%s</LastModified><Size>%d</Size></Contents>', htmlspecialchars($name, ENT_XML1), gmdate('Y-m-d\TH:i:s.000\Z', (int) filemtime($file)), filesize($file));
            }
        }

        return self::xml('ListBucketResult', "<Name>{$bucket}</Name><KeyCount>{$count}</KeyCount><IsTruncated>false</IsTruncated>{$rows}");
    }

    private static function xml(string $name, string $content, int $status = 200): array
    {
        return [$status, ['Content-Type' => 'application/xml'], "<?xml version=\"1.0\" encoding=\"UTF-8\"?>\n<{$name}>{$content}</{$name}>", null];
    }

    private static function error(int $status, string $code): array
    {
        return self::xml('Error', "<Code>{$code}</Code>", $status);
    }
}
