<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/**
 * A school's time zone; and limits that the database keeps too, for what is written from now on. Rows of before stay as
 * they are, and whoever changes another column of one is not stopped: they are shown with what is wrong with them.
 */
return new class () extends Migration {
    /** By table: the columns that hold a list of texts. */
    private const LISTS = [
        'rungs' => ['stressors'],
        'kinds' => ['his_busy', 'yours', 'hands', 'cautions'],
        'students' => ['flags'],
        'attacks' => ['cautions'],
        'answers' => ['faults'],
        'reps' => ['faults'],
    ];

    public function up(): void
    {
        DB::statement("alter table schools add column zone varchar(64) not null default 'UTC'");
        // What was kept before there was a number was kept by rules 1.
        DB::statement('alter table proof_windows add column rules smallint not null default 1');
        DB::unprepared(
            <<<'SQL'
            create or replace function lists_hold_texts() returns trigger language plpgsql as $$
            declare
                name text;
                value json;
            begin
                foreach name in array tg_argv loop
                    execute format('select ($1).%I', name) into value using new;
                    if value is null or json_typeof(value) <> 'array' or jsonb_path_exists(value::jsonb, 'strict $[*] ? (@.type() != "string")') then
                        raise exception 'The column % of % holds a list of texts.', name, tg_table_name using errcode = 'check_violation';
                    end if;
                end loop;
                return new;
            end
            $$;
            create or replace function answers_keep_to_size() returns trigger language plpgsql as $$
            begin
                if octet_length(new.beats) > 65536 then
                    raise exception 'The beats of an answer take at most 65536 bytes.' using errcode = 'check_violation';
                end if;
                return new;
            end
            $$;
            create trigger answers_keep_to_size before insert or update of beats on answers for each row execute function answers_keep_to_size();
            create or replace function reps_give_reasons() returns trigger language plpgsql as $$
            begin
                if new.replaces is not null and coalesce(trim(new.reason), '') = '' then
                    raise exception 'A correction says why.' using errcode = 'check_violation';
                end if;
                return new;
            end
            $$;
            create trigger reps_give_reasons before insert on reps for each row execute function reps_give_reasons();
            SQL
            ,
        );
        foreach (self::LISTS as $table => $columns) {
            DB::statement(
                sprintf(
                    'create trigger %1$s_lists_hold_texts before insert or update of %2$s on %1$s for each row execute function lists_hold_texts(%3$s)',
                    $table,
                    implode(', ', $columns),
                    implode(', ', array_map(static fn (string $column): string => "'{$column}'", $columns)),
                ),
            );
        }
    }

    public function down(): void
    {
        foreach (array_keys(self::LISTS) as $table) {
            DB::statement("drop trigger {$table}_lists_hold_texts on {$table}");
        }
        DB::unprepared(
            <<<'SQL'
            drop trigger reps_give_reasons on reps; drop function reps_give_reasons;
            drop trigger answers_keep_to_size on answers; drop function answers_keep_to_size;
            drop function lists_hold_texts;
            SQL
            ,
        );
        DB::statement('alter table proof_windows drop column rules');
        DB::statement('alter table schools drop column zone');
    }
};
