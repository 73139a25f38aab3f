<?php

declare(strict_types=1);

namespace Tests\Browser;

/** A web server of the same school that a test can stop and start: what the network is when it is gone. */
final class OwnServer
{
    /** @var resource|null */
    private $process;

    private int $port;

    public function __construct()
    {
        $socket = stream_socket_server('tcp://127.0.0.1:0');
        assert($socket !== false);
        $this->port = (int) substr((string) strrchr((string) stream_socket_get_name($socket, false), ':'), 1);
        fclose($socket);
        $this->start();
    }

    public function base(string $host = '127.0.0.1'): string
    {
        return "http://{$host}:{$this->port}";
    }

    public function start(): void
    {
        $environment = [
            ...getenv(),
            'APP_KEY' => 'base64:AAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAA=',
            'APP_ENV' => 'local',
            'APP_DEBUG' => 'false',
            'DB_DATABASE' => 'stone_drill_browser',
            'APP_URL' => $this->base(),
            'TRUSTED_HOSTS' => "hall.example:{$this->port}",
            'SESSION_DRIVER' => 'database',
            'CACHE_STORE' => 'database',
        ];
        $process = proc_open(
            [
                'php',
                '-d',
                'variables_order=EGPCS',
                '-S',
                "127.0.0.1:{$this->port}",
                dirname(__DIR__, 2).'/bin/router.php',
            ],
            [['file', '/dev/null', 'r'], ['file', '/dev/null', 'w'], ['file', '/dev/null', 'w']],
            $pipes,
            dirname(__DIR__, 2).'/public',
            $environment,
        );
        assert(is_resource($process));
        $this->process = $process;
        for ($try = 0; $try < 100 && ! $this->answers(); $try++) {
            usleep(100_000);
        }
    }

    public function stop(): void
    {
        if ($this->process !== null) {
            proc_terminate($this->process);
            proc_close($this->process);
            $this->process = null;
        }
    }

    private function answers(): bool
    {
        $client = curl_init($this->base().'/up');
        curl_setopt($client, CURLOPT_RETURNTRANSFER, true);

        return curl_exec($client) !== false;
    }

    public function __destruct()
    {
        $this->stop();
    }
}
