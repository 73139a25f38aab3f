<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** How many reps each student has, and when the last was: a list of people counts none of them. */
return new class () extends Migration {
    public function up(): void
    {
        Schema::create('student_reps', function (Blueprint $table): void {
            $table->foreignId('student_id')->primary()->constrained()->cascadeOnDelete();
            $table->foreignId('school_id')->constrained()->cascadeOnDelete();
            $table->bigInteger('count');
            $table->timestampTz('last_at')->comment('moment of the latest');
            $table->index('school_id');
        });
        // By statement, after the count of the school's reps: whoever has that row in hand is alone with these.
        DB::unprepared(
            <<<'SQL'
            create or replace function reps_count_whose() returns trigger language plpgsql as $$
            begin
                insert into student_reps as s (student_id, school_id, count, last_at) select student_id, school_id, count(*), max(at) from added group by student_id, school_id
                    on conflict (student_id) do update set count = s.count + excluded.count, last_at = greatest(s.last_at, excluded.last_at);
                return null;
            end
            $$;
            create trigger reps_count_whose after insert on reps referencing new table as added for each statement execute function reps_count_whose();

            insert into student_reps (student_id, school_id, count, last_at) select student_id, school_id, count(*), max(at) from reps group by student_id, school_id;

            alter table student_reps enable row level security;
            alter table student_reps force row level security;
            create policy own_school on student_reps using (
                school_id = (select nullif(nullif(current_setting('stonedrill.school', true), 'all'), '')::bigint) or (select current_setting('stonedrill.school', true)) = 'all'
            );
            SQL
            ,
        );
    }

    public function down(): void
    {
        DB::unprepared('drop trigger if exists reps_count_whose on reps; drop function if exists reps_count_whose;');
        Schema::dropIfExists('student_reps');
    }
};
