<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

return new class () extends Migration {
    private const TABLES = [
        'ranks', 'rungs', 'kinds', 'attacks', 'answers', 'students', 'rank_awards', 'solos', 'solo_marks',
        'solo_practices', 'training_classes', 'class_attendance', 'tests', 'test_candidates', 'test_items',
        'test_marks', 'test_solos', 'footage', 'footage_students', 'users', 'guardianships', 'invitations', 'tablets',
        'drill_lists', 'drill_list_items',
    ];

    /**
     * What a school's rows of a table are at: how many there are, and which transaction wrote each last, and where it
     * lies. A connection plans each question of it once.
     */
    public function up(): void
    {
        $cases = implode(
            "\n",
            array_map(
                static fn (string $table): string => <<<SQL
                when '{$table}' then return (select count(*) || '.' || coalesce(sum(hashtext(xmin::text || ctid::text)::bigint), 0) from {$table} where school_id = school);
                SQL
                ,
                self::TABLES,
            ),
        );
        DB::unprepared(
            <<<SQL
            create or replace function rows_at(what text, school bigint) returns text language plpgsql stable as $$
            begin
                case what
                    {$cases}
                end case;
            end
            $$;
            SQL
            ,
        );
    }

    public function down(): void
    {
        DB::statement('drop function if exists rows_at(text, bigint)');
    }
};
