<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/** Each rep has one correction: said by an index that holds the few that correct one, where it held all that correct none too. */
return new class () extends Migration {
    public function up(): void
    {
        DB::unprepared(<<<'SQL'
            create unique index reps_corrections on reps (school_id, replaces) where replaces is not null;
            alter table reps drop constraint reps_school_id_replaces_unique;
            SQL);
    }

    public function down(): void
    {
        DB::unprepared(<<<'SQL'
            alter table reps add constraint reps_school_id_replaces_unique unique (school_id, replaces);
            drop index reps_corrections;
            SQL);
    }
};
