<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/**
 * A second wall between schools, behind the queries that name theirs: while somebody of a school is served, the
 * database shows no other school's rows, and who has not said for whom they ask is shown none at all.
 */
return new class () extends Migration {
    private const TABLES = [
        'answer_versions', 'answers', 'attacks', 'class_attendance', 'drill_list_items', 'drill_lists', 'footage',
        'footage_students', 'kinds', 'proof_windows', 'rank_awards', 'ranks', 'rep_counts', 'rep_mistakes', 'rep_weeks',
        'reps', 'rungs', 'solo_marks', 'solo_practices', 'solos', 'students', 'test_candidates', 'test_items',
        'test_marks', 'test_solos', 'tests', 'training_classes',
    ];

    public function up(): void
    {
        foreach (self::TABLES as $table) {
            // Asked once a query, not once a row.
            DB::unprepared(
                <<<SQL
                alter table {$table} enable row level security;
                alter table {$table} force row level security;
                create policy own_school on {$table} using (
                    school_id = (select nullif(nullif(current_setting('stonedrill.school', true), 'all'), '')::bigint) or (select current_setting('stonedrill.school', true)) = 'all'
                );
                SQL
                ,
            );
        }
    }

    public function down(): void
    {
        foreach (self::TABLES as $table) {
            DB::unprepared(<<<SQL
                drop policy own_school on {$table};
                alter table {$table} no force row level security;
                alter table {$table} disable row level security;
                SQL);
        }
    }
};
