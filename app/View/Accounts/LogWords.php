<?php

declare(strict_types=1);

namespace App\View\Accounts;

use App\Models\Footage;
use App\Models\LogEntry;
use App\Models\RankAward;
use App\Models\School;
use App\Models\Test;
use App\Models\TrainingClass;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Str;

/**
 * What the log says of what it holds: rows by their names, moments by the school's clocks, lists and tables in words.
 * One for all entries that are read together, since it keeps the names that it looked up.
 */
final class LogWords
{
    /** Characters of a value that are told, and of what is the same before the first difference of two long ones. */
    private const LENGTH = 160;
    private const BEFORE = 30;

    /** Which rows of the school are meant, by the last word of a column that has their ids. */
    private const ROWS = [
        'rank' => ['ranks', 'name'],
        'rank_youth' => ['ranks', 'name'],
        'short_rank' => ['ranks', 'name'],
        'needed_by' => ['ranks', 'name'],
        'needed_by_youth' => ['ranks', 'name'],
        'attack' => ['attacks', 'title'],
        'answer' => ['answers', 'title'],
        'variant_of' => ['answers', 'title'],
        'solo' => ['solos', 'name'],
        'student' => ['everyone', 'name'],
        'students' => ['everyone', 'name'],
        'named' => ['everyone', 'name'],
        'awarded_by' => ['users', 'name'],
    ];

    /** @var array<string, array<int, string>> by relation of the school and id */
    private array $names = [];

    public function __construct(private readonly School $school) {}

    /** What was done to what, as far as it is still known. */
    public function subject(LogEntry $entry): string
    {
        $subject = $entry->subject;
        $known = $subject instanceof Model
            ? $subject->getAttributes()
            : [...(array) ($entry->properties['attributes'] ?? []), ...(array) ($entry->properties['old'] ?? [])];
        $of = fn (string $column): string => $this->value($column, $known[$column] ?? null);

        return match ($entry->subject_type) {
            TrainingClass::class => $of('at'),
            Test::class => implode(', ', array_filter([$of('rank_id'), $of('at')])),
            RankAward::class => implode(', ', array_filter([$of('student_id'), $of('rank_id')])),
            Footage::class => implode(
                ', ',
                array_filter(array_map($of, ['caption', 'answer_id', 'attack_id', 'solo_id'])),
            ),
            default => (string) ($known['title'] ?? ($known['name'] ?? ($known['code'] ?? ''))),
        };
    }

    public function column(string $column): string
    {
        return str_replace('_', ' ', Str::beforeLast($column, '_id'));
    }

    /** @return array{string, string} the two values; of long ones what is about their first difference */
    public function change(string $column, mixed $before, mixed $after): array
    {
        [$before, $after] = [$this->value($column, $before), $this->value($column, $after)];
        if (max(mb_strlen($before), mb_strlen($after)) <= self::LENGTH) {
            return [$before, $after];
        }
        [$first, $second] = [mb_str_split($before), mb_str_split($after)];
        $same = 0;
        while (isset($first[$same], $second[$same]) && $first[$same] === $second[$same]) {
            $same++;
        }
        $from = $same > self::LENGTH - self::BEFORE ? $same - self::BEFORE : 0;
        $told = static fn (array $signs): string => $signs === []
            ? ''
            : ($from > 0 ? '…' : '').Str::limit(implode('', array_slice($signs, $from)), self::LENGTH, '…');

        return [$told($first), $told($second)];
    }

    private function value(string $column, mixed $value): string
    {
        $rows = self::ROWS[Str::beforeLast($column, '_id')] ?? null;
        // How many students a file brought is no list of them.
        if ($rows !== null && array_is_list((array) $value)) {
            $names = array_map(fn (mixed $id): string => $this->name($rows, $id), (array) $value);

            return implode(', ', $names);
        }

        return match (true) {
            is_string($value) && Str::endsWith("_{$column}", '_at') => $this->moment($value),
            is_string($value) && Str::endsWith("_{$column}", ['_on', '_born']) => substr($value, 0, 10),
            default => self::words($value),
        };
    }

    /** @param array{string, string} $rows relation of the school, and the column that names its rows */
    private function name(array $rows, mixed $id): string
    {
        [$relation, $column] = $rows;
        // An id of a file is a word that says something, and what is gone has none but its number.
        return is_numeric($id)
            ? ($this->names[$relation] ??= $this->school
                ->{$relation}()
                ->toBase()
                ->pluck($column, 'id')
                ->all())[(int) $id] ?? "#{$id}"
            : self::words($id);
    }

    /** A moment by the school's clocks; any other text as it is. */
    private function moment(string $text): string
    {
        $at = $text === '' ? false : date_create_immutable($text);

        return $at === false ? $text : $at->setTimezone($this->school->timeZone())->format('Y-m-d H:i');
    }

    private static function words(mixed $value): string
    {
        if (! is_array($value)) {
            return is_bool($value) ? __($value ? 'words.yes-word' : 'log.no') : (string) $value;
        }
        $words = [];
        foreach (array_filter($value, static fn (mixed $one): bool => $one !== null && $one !== []) as $key => $one) {
            $words[] = (is_int($key) ? '' : str_replace('_', ' ', $key).' ').self::words($one);
        }

        return implode(array_filter($value, is_array(...)) === [] ? ', ' : '; ', $words);
    }
}
