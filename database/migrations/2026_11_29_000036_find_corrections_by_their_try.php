<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/**
 * Each rep has one correction, which is of the same student and attack: found in an index that holds the few that
 * correct one, where it held all that correct none too. Until 1.1 a correction could be of another student or attack:
 * those that it replaces are listed.
 */
return new class () extends Migration {
    public function up(): void
    {
        Schema::create('reps_corrected_elsewhere', function (Blueprint $table): void {
            $table->foreignId('school_id')->constrained()->cascadeOnDelete();
            $table->uuid('rep_id');
            $table->primary(['school_id', 'rep_id']);
        });
        DB::unprepared(
            <<<'SQL'
            create unique index reps_corrections on reps (school_id, replaces) where replaces is not null;
            create index reps_corrections_of on reps (school_id, student_id, attack_id) include (replaces) where replaces is not null;
            alter table reps drop constraint reps_school_id_replaces_unique;

            create or replace function reps_note_corrections() returns trigger language plpgsql as $$
            begin
                insert into reps_corrected_elsewhere (school_id, rep_id) select r.school_id, r.id from reps r
                    where r.school_id = new.school_id and r.id = new.replaces and (r.student_id, r.attack_id) <> (new.student_id, new.attack_id) on conflict do nothing;
                return new;
            end
            $$;
            create trigger reps_note_corrections after insert on reps for each row when (new.replaces is not null) execute function reps_note_corrections();

            insert into reps_corrected_elsewhere (school_id, rep_id) select r.school_id, r.id from reps c join reps r on r.school_id = c.school_id and r.id = c.replaces
                where (r.student_id, r.attack_id) <> (c.student_id, c.attack_id);

            alter table reps_corrected_elsewhere enable row level security;
            alter table reps_corrected_elsewhere force row level security;
            create policy own_school on reps_corrected_elsewhere using (
                school_id = (select nullif(nullif(current_setting('stonedrill.school', true), 'all'), '')::bigint) or (select current_setting('stonedrill.school', true)) = 'all'
            );
            SQL
            ,
        );
    }

    public function down(): void
    {
        DB::unprepared(
            <<<'SQL'
            drop trigger if exists reps_note_corrections on reps;
            drop function if exists reps_note_corrections;
            alter table reps add constraint reps_school_id_replaces_unique unique (school_id, replaces);
            drop index reps_corrections, reps_corrections_of;
            SQL
            ,
        );
        Schema::dropIfExists('reps_corrected_elsewhere');
    }
};
