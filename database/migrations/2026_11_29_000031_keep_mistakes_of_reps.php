<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/**
 * The mistakes of reps that nothing replaces, one a row: whoever counts them reads neither the reps nor what corrects
 * them.
 */
return new class () extends Migration {
    public function up(): void
    {
        Schema::create('rep_mistakes', function (Blueprint $table): void {
            $table->foreignId('school_id')->constrained()->cascadeOnDelete();
            $table->uuid('rep_id');
            $table->timestampTz('at');
            $table->foreignId('attack_id');
            $table->foreignId('student_id');
            $table->foreignId('answer_id')->nullable();
            $table->text('mistake');
            $table->index(['school_id', 'rep_id']);
        });
        DB::unprepared(
            <<<'SQL'
            create index rep_mistakes_when on rep_mistakes (school_id, at) include (attack_id, student_id, answer_id, mistake);

            create or replace function reps_keep_mistakes() returns trigger language plpgsql as $$
            begin
                delete from rep_mistakes where school_id = new.school_id and rep_id = new.replaces;
                insert into rep_mistakes (school_id, rep_id, at, attack_id, student_id, answer_id, mistake)
                    select new.school_id, new.id, new.at, new.attack_id, new.student_id, new.answer_id, m.mistake from json_array_elements_text(new.mistakes) as m(mistake);
                return new;
            end
            $$;
            create trigger reps_keep_mistakes after insert on reps for each row
                when (new.replaces is not null or new.mistakes::text <> '[]') execute function reps_keep_mistakes();

            insert into rep_mistakes (school_id, rep_id, at, attack_id, student_id, answer_id, mistake)
                select r.school_id, r.id, r.at, r.attack_id, r.student_id, r.answer_id, m.mistake from reps r cross join lateral json_array_elements_text(r.mistakes) as m(mistake)
                where r.mistakes::text <> '[]' and not exists (select 1 from reps later where later.school_id = r.school_id and later.replaces = r.id);
            SQL
            ,
        );
    }

    public function down(): void
    {
        DB::unprepared(
            'drop trigger if exists reps_keep_mistakes on reps; drop function if exists reps_keep_mistakes;',
        );
        Schema::dropIfExists('rep_mistakes');
    }
};
