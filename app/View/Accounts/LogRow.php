<?php

declare(strict_types=1);

namespace App\View\Accounts;

use App\Models\LogEntry;
use App\Models\School;
use App\Models\User;
use Illuminate\Support\Str;

/** One entry of a school's log, in words. */
final readonly class LogRow
{
    public string $at;

    public string $who;

    public string $what;

    /** @var list<array{column: string, before: string, after: string}> */
    public array $changes;

    public string $from;

    public function __construct(LogEntry $entry, School $school, LogWords $words)
    {
        $causer = $entry->causer;
        $this->at = $entry->created_at->setTimezone($school->timeZone())->format('Y-m-d H:i:s');
        $this->who = $causer instanceof User ? $causer->name : __('words.somebody');
        $this->what = __("log.events.{$entry->event}", [
            'thing' => __('log.things.'.Str::kebab(class_basename((string) $entry->subject_type))),
            'name' => $words->subject($entry),
        ]);
        $this->from = (string) $entry->address;
        $old = (array) ($entry->properties['old'] ?? []);
        $new = (array) ($entry->properties['attributes'] ?? []);
        $changes = [];
        foreach (array_keys($new + $old) as $column) {
            $column = (string) $column;
            [$before, $after] = $words->change($column, $old[$column] ?? null, $new[$column] ?? null);
            $changes[] = ['column' => $words->column($column), 'before' => $before, 'after' => $after];
        }
        // What was nothing and is nothing tells nothing.
        $this->changes = array_values(
            array_filter(
                $changes,
                static fn (array $change): bool => $change['before'] !== '' || $change['after'] !== '',
            ),
        );
    }
}
