<?php

declare(strict_types=1);

namespace App\Persistence;

use Illuminate\Database\Eloquent\Model;
use StoneDrill\Core\Technique\Notation\NotationException;
use Throwable;

/** Reads rows one by one, and remembers each that cannot be read instead of stopping there. */
final class RowReader
{
    private const MAX_LETTERS = 300;

    /** @var list<UnreadableRow> */
    public array $unreadable = [];

    /**
     * @template T
     *
     * @param callable(): T $read
     *
     * @return T|null null where the row cannot be read
     */
    public function read(Model $row, callable $read): mixed
    {
        try {
            return $read();
        } catch (Throwable $error) {
            $this->refuse($row, self::text($error));

            return null;
        }
    }

    /**
     * A setting that has something sound to fall back on.
     *
     * @template T
     *
     * @param callable(): T $read
     * @param T             $usual
     *
     * @return T
     */
    public function setting(Model $row, string $name, callable $read, mixed $usual): mixed
    {
        try {
            return $read();
        } catch (Throwable $error) {
            $this->refuse($row, __('unreadable.setting', ['name' => $name, 'why' => self::text($error)]));

            return $usual;
        }
    }

    public function refuse(Model $row, string $why): void
    {
        $title = (string) ($row->getAttributes()['title'] ?? ($row->getAttributes()['name'] ?? ''));
        $this->unreadable[] = new UnreadableRow(
            $row->getTable(),
            (int) $row->getKey(),
            $title,
            mb_strimwidth($why, 0, self::MAX_LETTERS, '…'),
        );
    }

    private static function text(Throwable $error): string
    {
        return match (true) {
            $error instanceof NotationException => __('unreadable.beats', ['why' => say($error->errors[0]->text())]),
            $error instanceof UnreadableValue => $error->getMessage(),
            default => __('unreadable.unknown', ['error' => class_basename($error).': '.$error->getMessage()]),
        };
    }
}
