<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/**
 * What is counted by week is asked for by attack and by answer, and how long tries took by the attack: without an index
 * all reps were read.
 */
return new class () extends Migration {
    public function up(): void
    {
        DB::unprepared(
            <<<'SQL'
            create index rep_weeks_attack on rep_weeks (school_id, attack_id);
            create index rep_weeks_answer on rep_weeks (school_id, answer_id);
            create index reps_timed on reps (school_id, attack_id) include (id, rung, seconds) where seconds is not null;
            SQL
            ,
        );
    }

    public function down(): void
    {
        DB::unprepared('drop index if exists rep_weeks_attack, rep_weeks_answer, reps_timed;');
    }
};
