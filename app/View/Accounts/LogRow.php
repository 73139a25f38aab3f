<?php

declare(strict_types=1);

namespace App\View\Accounts;

use App\Models\LogEntry;
use App\Models\School;
use App\Models\User;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Str;

/** One entry of a school's log, in words. */
final readonly class LogRow
{
    /** Characters of a value that are told. */
    private const LENGTH = 160;

    public string $at;

    public string $who;

    public string $what;

    /** @var list<array{column: string, before: string, after: string}> */
    public array $changes;

    public string $from;

    public function __construct(LogEntry $entry, School $school)
    {
        $causer = $entry->causer;
        $this->at = $entry->created_at->setTimezone($school->zone)->format('Y-m-d H:i:s');
        $this->who = $causer instanceof User ? $causer->name : __('words.somebody');
        $this->what = __("log.events.{$entry->event}", [
            'thing' => __('log.things.'.Str::kebab(class_basename((string) $entry->subject_type))),
            'name' => self::name($entry),
        ]);
        $this->from = (string) $entry->address;
        $old = (array) ($entry->properties['old'] ?? []);
        $changes = [];
        foreach ((array) ($entry->properties['attributes'] ?? []) as $column => $after) {
            $changes[] = [
                'column' => Str::of((string) $column)->replace('_', ' ')->toString(),
                'before' => self::text($old[$column] ?? null),
                'after' => self::text($after),
            ];
        }
        // What was nothing and is nothing tells nothing.
        $this->changes = array_values(
            array_filter(
                $changes,
                static fn (array $change): bool => $change['before'] !== '' || $change['after'] !== '',
            ),
        );
    }

    private static function name(LogEntry $entry): string
    {
        $subject = $entry->subject;
        $known = $subject instanceof Model
            ? $subject->getAttributes()
            : (array) ($entry->properties['old'] ?? ($entry->properties['attributes'] ?? []));

        return (string) ($known['title'] ?? ($known['name'] ?? ($known['code'] ?? '')));
    }

    private static function text(mixed $value): string
    {
        return Str::limit(
            match (true) {
                is_bool($value) => __($value ? 'words.yes-word' : 'log.no'),
                is_scalar($value) => (string) $value,
                $value === null, $value === [] => '',
                default => (string) json_encode($value, JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES),
            },
            self::LENGTH,
        );
    }
}
