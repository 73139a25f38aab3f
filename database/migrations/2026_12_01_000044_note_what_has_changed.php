<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/**
 * Each statement that writes rows of a school notes that in a row of its own: nobody waits for anybody, and what a part
 * is at is told by what was noted of it, however many rows there are. Until now all of them were looked at, which took
 * longer with every class and all that was practised at home. What is noted is a number by chance, so that nothing is
 * ever at the same again; notes can be folded into one without changing what they say together.
 */
return new class () extends Migration {
    private const PARTS = [
        'curriculum' => ['ranks', 'rungs', 'kinds', 'attacks', 'answers'],
        'students' => ['students'],
        'rest' => [
            'rank_awards', 'solos', 'solo_marks', 'solo_practices', 'training_classes', 'class_attendance', 'tests',
            'test_candidates', 'test_items', 'test_marks', 'test_solos', 'footage', 'footage_students',
        ],
        'around' => ['users', 'guardianships', 'invitations', 'tablets', 'drill_lists', 'drill_list_items'],
    ];

    private const WRITES = ['insert' => 'new', 'update' => 'new', 'delete' => 'old'];

    public function up(): void
    {
        // Without a reference to the school: what goes with one that is deleted is noted, too.
        Schema::create('row_changes', static function (Blueprint $table): void {
            $table->id();
            $table->bigInteger('school_id');
            $table->string('part', 20);
            $table->bigInteger('salt')->comment('by chance');
        });
        DB::unprepared(
            <<<'SQL'
            create index row_changes_part on row_changes (school_id, part) include (salt);

            create or replace function note_changed_rows() returns trigger language plpgsql as $$
            begin
                insert into row_changes (school_id, part, salt)
                    select school_id, tg_argv[0], hashtextextended(gen_random_uuid()::text, 0)
                    from (select distinct school_id from changed) as schools;
                -- Once in a while what was noted becomes one note, but for what somebody else has in hand.
                if random() < 0.01 then
                    with noted as (
                        select id from row_changes
                        where part = tg_argv[0] and school_id in (select school_id from changed) for update skip locked
                    ), gone as (
                        delete from row_changes c using noted where c.id = noted.id returning c.school_id, c.salt
                    )
                    insert into row_changes (school_id, part, salt)
                        select school_id, tg_argv[0], bit_xor(salt) from gone group by school_id;
                end if;
                return null;
            end
            $$;
            SQL
            ,
        );
        foreach (self::PARTS as $part => $tables) {
            DB::insert(
                'insert into row_changes (school_id, part, salt) select id, ?, hashtextextended(gen_random_uuid()::text, 0) from schools',
                [$part],
            );
            foreach ($tables as $table) {
                foreach (self::WRITES as $write => $rows) {
                    DB::unprepared(
                        "create trigger {$table}_note_{$write} after {$write} on {$table} referencing {$rows} table as changed for each statement execute function note_changed_rows('{$part}');",
                    );
                }
            }
        }
        DB::unprepared(
            <<<'SQL'
            create or replace function part_at(what text, school bigint) returns text language plpgsql stable as $$
            begin
                return (select coalesce(bit_xor(salt), 0) from row_changes where school_id = school and part = what);
            end
            $$;
            SQL
            ,
        );
    }

    public function down(): void
    {
        (require __DIR__.'/2026_11_30_000041_tell_at_once_what_rows_are_at.php')->up();
        foreach (array_merge(...array_values(self::PARTS)) as $table) {
            foreach (array_keys(self::WRITES) as $write) {
                DB::statement("drop trigger if exists {$table}_note_{$write} on {$table}");
            }
        }
        DB::statement('drop function if exists note_changed_rows()');
        Schema::dropIfExists('row_changes');
    }
};
