<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Tries that nothing replaces, counted by week: whoever looks at months reads hundreds of rows, not millions. */
return new class () extends Migration {
    public function up(): void
    {
        Schema::create('rep_weeks', function (Blueprint $table): void {
            $table->foreignId('school_id')->constrained()->cascadeOnDelete();
            $table->date('week')->comment('its Monday, in UTC');
            $table->foreignId('attack_id');
            $table->foreignId('answer_id')->default(0)->comment('0 where none was told');
            $table->text('side');
            $table->smallInteger('rung');
            $table->integer('tries');
            $table->integer('clean');
            $table->primary(['school_id', 'week', 'attack_id', 'answer_id', 'side', 'rung']);
        });
        // By statement, after the count of the school's reps: whoever has that row in hand is alone with these.
        DB::unprepared(
            <<<'SQL'
            create or replace function reps_count_weeks() returns trigger language plpgsql as $$
            begin
                insert into rep_weeks as w (school_id, week, attack_id, answer_id, side, rung, tries, clean)
                    select school_id, date_trunc('week', at at time zone 'UTC')::date, attack_id, coalesce(answer_id, 0), side, rung, sum(change), coalesce(sum(change) filter (where outcome = 'clean'), 0)
                    from (
                        select school_id, at, attack_id, answer_id, side, rung, outcome, 1 as change from added
                        union all
                        select r.school_id, r.at, r.attack_id, r.answer_id, r.side, r.rung, r.outcome, -1 from reps r join added a on a.school_id = r.school_id and a.replaces = r.id
                    ) changes
                    group by 1, 2, 3, 4, 5, 6
                    on conflict (school_id, week, attack_id, answer_id, side, rung)
                    do update set tries = w.tries + excluded.tries, clean = w.clean + excluded.clean;
                return null;
            end
            $$;
            create trigger reps_count_weeks after insert on reps referencing new table as added for each statement execute function reps_count_weeks();

            insert into rep_weeks (school_id, week, attack_id, answer_id, side, rung, tries, clean)
                select r.school_id, date_trunc('week', r.at at time zone 'UTC')::date, r.attack_id, coalesce(r.answer_id, 0), r.side, r.rung, count(*), count(*) filter (where r.outcome = 'clean')
                from reps r where not exists (select 1 from reps later where later.school_id = r.school_id and later.replaces = r.id)
                group by 1, 2, 3, 4, 5, 6;
            SQL
            ,
        );
    }

    public function down(): void
    {
        DB::unprepared('drop trigger if exists reps_count_weeks on reps; drop function if exists reps_count_weeks;');
        Schema::dropIfExists('rep_weeks');
    }
};
