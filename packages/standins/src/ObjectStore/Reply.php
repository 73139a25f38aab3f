<?php

declare(strict_types=1);

namespace StoneDrill\StandIns\ObjectStore;

/** What the store answers: a text, or a part of a file. */
final readonly class Reply
{
    /**
     * @param array<string, string> $headers
     * @param string                $file    sent instead of the text, where it is not empty
     * @param int                   $from    its first byte that is sent
     * @param int<0, max>           $length  how many are
     */
    public function __construct(
        public int $status,
        public array $headers = [],
        public string $text = '',
        public string $file = '',
        public int $from = 0,
        public int $length = 0,
    ) {}

    public static function xml(string $name, string $content, int $status = 200): self
    {
        return new self(
            $status,
            ['Content-Type' => 'application/xml'],
            "<?xml version=\"1.0\" encoding=\"UTF-8\"?>\n<{$name}>{$content}</{$name}>",
        );
    }

    public static function error(int $status, string $code): self
    {
        return self::xml('Error', "<Code>{$code}</Code>", $status);
    }

    public function send(bool $withContent): void
    {
        http_response_code($this->status);
        foreach ($this->headers as $name => $value) {
            header("{$name}: {$value}");
        }
        if ($withContent) {
            echo $this->file === ''
                ? $this->text
                : file_get_contents($this->file, offset: $this->from, length: $this->length);
        }
    }
}
