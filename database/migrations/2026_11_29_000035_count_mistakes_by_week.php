<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Mistakes of tries that nothing replaces, counted by week for each attack, each student and each answer. */
return new class () extends Migration {
    public function up(): void
    {
        Schema::create('mistake_weeks', function (Blueprint $table): void {
            $table->foreignId('school_id')->constrained()->cascadeOnDelete();
            $table->date('week')->comment('its Monday, in UTC');
            $table->text('of')->comment('attack, student or answer');
            $table->foreignId('whose')->comment('id of that');
            $table->text('mistake');
            $table->integer('times');
        });
        // By statement, after the count of the school's reps: whoever has that row in hand is alone with these.
        DB::unprepared(
            <<<'SQL'
            create unique index mistake_weeks_one on mistake_weeks (school_id, of, week, whose, mistake) include (times);

            create or replace function reps_count_weeks_of_mistakes() returns trigger language plpgsql as $$
            begin
                insert into mistake_weeks as w (school_id, week, of, whose, mistake, times)
                    select c.school_id, date_trunc('week', c.at at time zone 'UTC')::date, o.of, o.whose, m.mistake, sum(c.change)
                    from (
                        select school_id, at, attack_id, student_id, answer_id, mistakes, 1 as change from added
                        union all
                        select r.school_id, r.at, r.attack_id, r.student_id, r.answer_id, r.mistakes, -1 from reps r join added a on a.school_id = r.school_id and a.replaces = r.id
                    ) c
                    cross join lateral json_array_elements_text(c.mistakes) as m(mistake)
                    cross join lateral (values ('attack', c.attack_id), ('student', c.student_id), ('answer', c.answer_id)) as o(of, whose)
                    where o.whose is not null
                    group by 1, 2, 3, 4, 5
                    on conflict (school_id, of, week, whose, mistake) do update set times = w.times + excluded.times;
                return null;
            end
            $$;
            create trigger reps_count_weeks_of_mistakes after insert on reps referencing new table as added for each statement execute function reps_count_weeks_of_mistakes();

            insert into mistake_weeks (school_id, week, of, whose, mistake, times)
                select m.school_id, date_trunc('week', m.at at time zone 'UTC')::date, o.of, o.whose, m.mistake, count(*)
                from rep_mistakes m cross join lateral (values ('attack', m.attack_id), ('student', m.student_id), ('answer', m.answer_id)) as o(of, whose)
                where o.whose is not null group by 1, 2, 3, 4, 5;

            alter table mistake_weeks enable row level security;
            alter table mistake_weeks force row level security;
            create policy own_school on mistake_weeks using (
                school_id = (select nullif(nullif(current_setting('stonedrill.school', true), 'all'), '')::bigint) or (select current_setting('stonedrill.school', true)) = 'all'
            );
            SQL
            ,
        );
    }

    public function down(): void
    {
        DB::unprepared(
            'drop trigger if exists reps_count_weeks_of_mistakes on reps; drop function if exists reps_count_weeks_of_mistakes;',
        );
        Schema::dropIfExists('mistake_weeks');
    }
};
