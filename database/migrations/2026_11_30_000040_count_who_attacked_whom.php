<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/**
 * Who has attacked whom how often, in tries that count and that nothing replaces: the plan of a class reads some rows
 * of each who comes.
 */
return new class () extends Migration {
    public function up(): void
    {
        Schema::create('partner_counts', function (Blueprint $table): void {
            $table->foreignId('school_id')->constrained()->cascadeOnDelete();
            $table->foreignId('student_id')->comment('who defended')->constrained()->cascadeOnDelete();
            $table->foreignId('attacker_id')->constrained('students')->cascadeOnDelete();
            $table->bigInteger('tries');
            $table->primary(['school_id', 'student_id', 'attacker_id']);
        });
        // By statement, after the count of the school's reps: whoever has that row in hand is alone with these.
        DB::unprepared(
            <<<'SQL'
            create or replace function reps_count_partners() returns trigger language plpgsql as $$
            begin
                insert into partner_counts as p (school_id, student_id, attacker_id, tries)
                    select school_id, student_id, attacker_id, sum(change) from (
                        select school_id, student_id, attacker_id, source, outcome, 1 as change from added
                        union all
                        select r.school_id, r.student_id, r.attacker_id, r.source, r.outcome, -1 from reps r join added a on a.school_id = r.school_id and a.replaces = r.id
                    ) changes
                    where attacker_id is not null and source <> 'home' and outcome <> 'stopped'
                    group by school_id, student_id, attacker_id
                    on conflict (school_id, student_id, attacker_id) do update set tries = p.tries + excluded.tries;
                return null;
            end
            $$;
            create trigger reps_count_whom after insert on reps referencing new table as added for each statement execute function reps_count_partners();

            insert into partner_counts (school_id, student_id, attacker_id, tries)
                select r.school_id, r.student_id, r.attacker_id, count(*) from reps r
                where r.attacker_id is not null and r.source <> 'home' and r.outcome <> 'stopped'
                    and not exists (select 1 from reps later where later.school_id = r.school_id and later.replaces = r.id)
                group by r.school_id, r.student_id, r.attacker_id;

            alter table partner_counts enable row level security;
            alter table partner_counts force row level security;
            create policy own_school on partner_counts using (
                school_id = (select nullif(nullif(current_setting('stonedrill.school', true), 'all'), '')::bigint) or (select current_setting('stonedrill.school', true)) = 'all'
            );
            SQL
            ,
        );
    }

    public function down(): void
    {
        DB::unprepared('drop trigger if exists reps_count_whom on reps; drop function if exists reps_count_partners;');
        Schema::dropIfExists('partner_counts');
    }
};
