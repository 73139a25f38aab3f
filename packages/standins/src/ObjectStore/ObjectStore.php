<?php

declare(strict_types=1);

namespace StoneDrill\StandIns\ObjectStore;

/**
 * A store that speaks as much of S3 as is asked of it here: put, get (whole or a range), head, delete and list objects,
 * and uploads in parts. Each object is a file in a folder. It lets in whoever names its key; signatures are not
 * checked. For trying and for tests.
 */
final readonly class ObjectStore
{
    public function __construct(private string $folder, private string $key) {}

    /**
     * @param array<array-key, mixed> $query
     * @param array<string, string>   $headers by names in small letters
     * @param string                  $body    where what is sent can be read
     */
    public function answer(string $method, string $path, array $query, array $headers, string $body): Reply
    {
        if (! str_contains($headers['authorization'] ?? '', "Credential={$this->key}/")) {
            return Reply::error(403, 'AccessDenied');
        }
        [$bucket, $name] = [...explode('/', ltrim(rawurldecode($path), '/'), 2), ''];
        if ($bucket === '' || str_contains("/{$bucket}/{$name}/", '/../')) {
            return Reply::error(400, 'InvalidURI');
        }
        $query = array_filter($query, is_string(...));
        $file = "{$this->folder}/{$bucket}/".strtr($name, ['%' => '%25', '/' => '%2F']);
        is_dir(dirname($file)) || mkdir(dirname($file), 0o700, true);
        $upload = preg_replace('/[^0-9a-f]/', '', $query['uploadId'] ?? '');

        return match (true) {
            $name === '' => $method === 'GET'
                ? $this->list($bucket, $query['prefix'] ?? '')
                : Reply::error(501, 'NotImplemented'),
            $method === 'POST' && isset($query['uploads']) => Reply::xml(
                'InitiateMultipartUploadResult',
                '<UploadId>'.bin2hex(random_bytes(8)).'</UploadId>',
            ),
            $method === 'POST' => self::join($file, (string) $upload),
            $method === 'PUT' => self::put(
                $upload === '' ? $file : sprintf('%s.part-%s-%05d', $file, $upload, $query['partNumber'] ?? 0),
                $body,
            ),
            $method === 'DELETE' => self::delete($file),
            ! is_file($file) => Reply::error(404, 'NoSuchKey'),
            default => self::get($file, $headers['range'] ?? ''),
        };
    }

    private static function put(string $file, string $body): Reply
    {
        copy($body, $file);

        return new Reply(200, ['ETag' => self::tag($file)]);
    }

    private static function join(string $file, string $upload): Reply
    {
        file_put_contents($file, '');
        foreach (glob(addcslashes($file, '[]*?\\').".part-{$upload}-*") ?: [] as $part) {
            file_put_contents($file, (string) file_get_contents($part), FILE_APPEND);
            unlink($part);
        }

        return Reply::xml('CompleteMultipartUploadResult', '<ETag>'.self::tag($file).'</ETag>');
    }

    private static function delete(string $file): Reply
    {
        is_file($file) && unlink($file);

        return new Reply(204);
    }

    private static function get(string $file, string $range): Reply
    {
        $size = max(0, (int) filesize($file));
        $headers = [
            'ETag' => self::tag($file),
            'Last-Modified' => gmdate('D, d M Y H:i:s', (int) filemtime($file)).' GMT',
            'Content-Type' => 'application/octet-stream',
            'Accept-Ranges' => 'bytes',
        ];
        if (preg_match('/^bytes=(\d+)-(\d*)$/D', $range, $found) !== 1 || (int) $found[1] >= $size) {
            return new Reply(200, [...$headers, 'Content-Length' => (string) $size], '', $file, 0, $size);
        }
        $end = $found[2] === '' ? $size - 1 : min($size - 1, (int) $found[2]);
        $length = max(0, $end - (int) $found[1] + 1);

        return new Reply(
            206,
            [...$headers, 'Content-Range' => "bytes {$found[1]}-{$end}/{$size}", 'Content-Length' => (string) $length],
            '',
            $file,
            (int) $found[1],
            $length,
        );
    }

    private function list(string $bucket, string $prefix): Reply
    {
        $rows = [];
        foreach (glob("{$this->folder}/{$bucket}/*") ?: [] as $file) {
            $name = rawurldecode(basename($file));
            if (str_starts_with($name, $prefix) && ! str_contains($name, '.part-')) {
                $rows[] = sprintf(
                    '<Contents><Key>%s</Key><LastModified>%s</LastModified><Size>%d</Size></Contents>',
                    htmlspecialchars($name, ENT_XML1),
                    gmdate('Y-m-d\TH:i:s.000\Z', (int) filemtime($file)),
                    filesize($file),
                );
            }
        }

        return Reply::xml(
            'ListBucketResult',
            "<Name>{$bucket}</Name><KeyCount>"
                .count($rows)
                .'</KeyCount><IsTruncated>false</IsTruncated>'
                .implode('', $rows),
        );
    }

    private static function tag(string $file): string
    {
        return '"'.md5_file($file).'"';
    }
}
