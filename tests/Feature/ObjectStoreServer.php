<?php

declare(strict_types=1);

namespace Tests\Feature;

use Symfony\Component\Process\Process;

/** The object store that stands in for an outside one, on a port of this machine. */
final class ObjectStoreServer
{
    public readonly string $folder;

    private Process $process;

    public function __construct()
    {
        $this->folder = sys_get_temp_dir().'/objects-'.bin2hex(random_bytes(6));
        mkdir($this->folder);
        $socket = stream_socket_server('tcp://127.0.0.1:0');
        $address = (string) stream_socket_get_name($socket, false);
        fclose($socket);
        $this->process = new Process(
            [
                'php',
                '-d',
                'post_max_size=0',
                '-S',
                $address,
                dirname(__DIR__, 2).'/packages/standins/src/ObjectStore/serve.php',
            ],
            env: ['OBJECT_STORE_FOLDER' => $this->folder, 'OBJECT_STORE_KEY' => 'try'],
        );
        $this->process->start();
        for ($try = 0; $try < 100 && @stream_socket_client("tcp://{$address}") === false; $try++) {
            usleep(50_000);
        }
        config([
            'installation.footage' => 's3',
            'filesystems.disks.s3' => [
                ...config('filesystems.disks.s3'),
                'key' => 'try',
                'secret' => 'try',
                'bucket' => 'drill',
                'endpoint' => "http://{$address}",
            ],
        ]);
    }

    public function stop(): void
    {
        $this->process->stop(1);
        exec('rm -rf '.escapeshellarg($this->folder));
    }

    /** @return list<string> names of what is in it */
    public function names(): array
    {
        return array_map(
            static fn (string $file): string => rawurldecode(basename($file)),
            glob($this->folder.'/drill/*') ?: [],
        );
    }
}
