<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/** Columns take the names of the glossary. What the triggers check, and what is kept of older versions, follows. */
return new class () extends Migration {
    /** Old name => new name, by table. */
    private const COLUMNS = [
        'kinds' => ['his_busy' => 'attacker_busy', 'yours' => 'defender_held'],
        'answers' => ['faults' => 'mistakes'],
        'reps' => ['faults' => 'mistakes'],
        'drill_list_items' => ['otherwise' => 'differences'],
    ];

    /** By table: the columns that hold a list of texts, by their new names. */
    private const LISTS = [
        'kinds' => ['attacker_busy', 'defender_held', 'hands', 'cautions'],
        'answers' => ['mistakes'],
        'reps' => ['mistakes'],
    ];

    public function up(): void
    {
        $this->rename(self::COLUMNS, self::LISTS);
    }

    public function down(): void
    {
        $old = array_map(array_flip(...), self::COLUMNS);
        $lists = [];
        foreach (self::LISTS as $table => $columns) {
            $lists[$table] = array_map(
                static fn (string $column): string => $old[$table][$column] ?? $column,
                $columns,
            );
        }
        $this->rename($old, $lists);
    }

    /**
     * @param array<string, array<string, string>> $renames by table: the name now => the name then
     * @param array<string, list<string>>          $lists   by table: the columns that hold a list of texts, then
     */
    private function rename(array $renames, array $lists): void
    {
        foreach ($renames as $table => $columns) {
            foreach ($columns as $from => $to) {
                DB::statement("alter table {$table} rename column {$from} to {$to}");
            }
        }
        foreach ($lists as $table => $columns) {
            DB::statement("drop trigger {$table}_lists_hold_texts on {$table}");
            DB::statement(
                sprintf(
                    'create trigger %1$s_lists_hold_texts before insert or update of %2$s on %1$s for each row execute function lists_hold_texts(%3$s)',
                    $table,
                    implode(', ', $columns),
                    implode(', ', array_map(static fn (string $column): string => "'{$column}'", $columns)),
                ),
            );
        }
        $this->renameInVersions(array_key_first($renames['answers']), reset($renames['answers']));
    }

    /** The columns of an answer are keys in what is kept of its versions. */
    private function renameInVersions(string $from, string $to): void
    {
        DB::unprepared(
            <<<SQL
            create or replace function answers_keep_versions() returns trigger language plpgsql as \$\$
            begin
                if tg_op = 'INSERT' or new.version <> old.version then
                    insert into answer_versions (school_id, answer_id, version, content, saved_by_id, saved_at)
                    values (new.school_id, new.id, new.version, json_build_object(
                        'title', new.title, 'label', new.label, 'pattern', new.pattern, 'mirrored', new.mirrored, 'rank_id', new.rank_id,
                        'short_rank_id', new.short_rank_id, 'short_beats', new.short_beats, 'doctrine', new.doctrine, '{$to}', new.{$to},
                        'waived', new.waived, 'beats', new.beats
                    ), new.updated_by_id, coalesce(new.updated_at, now()));
                end if;
                return new;
            end
            \$\$;
            update answer_versions set content = (
                select json_object_agg(case key when '{$from}' then '{$to}' else key end, value order by place)
                from json_each(content) with ordinality as entries (key, value, place)
            );
            SQL
            ,
        );
    }
};
