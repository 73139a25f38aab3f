<?php

declare(strict_types=1);

namespace Bench;

use CurlHandle;
use CURLStringFile;

/** Somebody signed in to a running server, as a script sees it. */
final class Browser
{
    private CurlHandle $curl;

    private string $token = '';

    /** @var array<string, string> kept here, since curl cuts a request short whose address and cookies are long */
    private array $cookies = [];

    public function __construct(private readonly string $base)
    {
        $this->curl = curl_init();
        curl_setopt_array($this->curl, [
            CURLOPT_RETURNTRANSFER => true,
            CURLOPT_TIMEOUT => 120,
            CURLOPT_PATH_AS_IS => true,
            CURLOPT_HEADERFUNCTION => function (CurlHandle $curl, string $line): int {
                if (preg_match('/^Set-Cookie: ([^=]+)=([^;]*)/i', $line, $cookie) === 1) {
                    $this->cookies[$cookie[1]] = $cookie[2];
                }

                return strlen($line);
            },
        ]);
    }

    /** The same person on a line of its own. */
    public function again(): self
    {
        $other = new self($this->base);
        [$other->token, $other->cookies] = [$this->token, $this->cookies];

        return $other;
    }

    public function signIn(string $email, string $password = 'saltmarsh'): self
    {
        $this->get('/sign-in');
        $this->send('POST', '/sign-in', ['email' => $email, 'password' => $password]);
        $this->get('/school');

        return $this;
    }

    public function get(string $path): Answer
    {
        $answer = $this->ask('GET', $path, null, []);
        if (preg_match('/name="csrf-token" content="([^"]+)"/', $answer->body, $token) === 1) {
            $this->token = $token[1];
        }

        return $answer;
    }

    /** @param array<array-key, mixed> $fields */
    public function send(string $method, string $path, array $fields, bool $isJson = false): Answer
    {
        $headers = [
            "X-CSRF-TOKEN: {$this->token}",
            ...$isJson ? ['Content-Type: application/json', 'Accept: application/json'] : [],
        ];

        return $this->ask(
            $method,
            $path,
            $isJson ? (string) json_encode($fields, JSON_INVALID_UTF8_SUBSTITUTE) : http_build_query($fields),
            $headers,
        );
    }

    public function upload(string $path, string $name, string $content): Answer
    {
        return $this->ask(
            'POST',
            $path,
            ['file' => new CURLStringFile($content, $name)],
            ["X-CSRF-TOKEN: {$this->token}"],
        );
    }

    /**
     * A request of this person on a line of its own, ready to be sent beside others.
     *
     * @param array<array-key, mixed>|null $json
     * @param bool                         $isPart whether a page asks for it by itself
     */
    public function prepared(string $path, ?array $json = null, bool $isPart = false): CurlHandle
    {
        $line = curl_init();
        curl_setopt_array($line, [CURLOPT_RETURNTRANSFER => true, CURLOPT_TIMEOUT => 60, CURLOPT_ENCODING => 'gzip']);
        $this->direct(
            $line,
            $json === null ? 'GET' : 'POST',
            $path,
            $json === null ? null : (string) json_encode($json),
            [
                "X-CSRF-TOKEN: {$this->token}",
                ...$isPart ? ['HX-Request: true'] : [],
                ...$json === null ? [] : ['Content-Type: application/json', 'Accept: application/json'],
            ],
        );

        return $line;
    }

    /**
     * @param string|array<string, mixed>|null $body
     * @param list<string>                     $headers
     */
    private function ask(string $method, string $path, string|array|null $body, array $headers): Answer
    {
        $this->direct($this->curl, $method, $path, $body, $headers);
        $began = microtime(true);
        $content = curl_exec($this->curl);

        return new Answer(
            (int) curl_getinfo($this->curl, CURLINFO_RESPONSE_CODE),
            is_string($content) ? $content : '',
            microtime(true) - $began,
        );
    }

    /**
     * @param string|array<string, mixed>|null $body
     * @param list<string>                     $headers
     */
    private function direct(
        CurlHandle $curl,
        string $method,
        string $path,
        string|array|null $body,
        array $headers,
    ): void {
        curl_setopt_array($curl, [CURLOPT_URL => $this->base.$path, CURLOPT_HTTPGET => true]);
        if ($body !== null) {
            curl_setopt_array($curl, [CURLOPT_POST => true, CURLOPT_POSTFIELDS => $body]);
        }
        curl_setopt_array($curl, [
            CURLOPT_CUSTOMREQUEST => $method,
            CURLOPT_HTTPHEADER => [
                ...$headers,
                'Expect:',
                'Cookie: '
                .implode(
                    '; ',
                    array_map(
                        static fn (string $name, string $value): string => "{$name}={$value}",
                        array_keys($this->cookies),
                        $this->cookies,
                    ),
                ),
            ],
        ]);
    }
}
