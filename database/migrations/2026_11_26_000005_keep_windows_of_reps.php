<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/**
 * What proof needs of all reps of a student against one side of an attack, kept beside them. The database marks what
 * new reps touch, whichever way they come; what is marked is worked out again before it is read.
 */
return new class () extends Migration {
    public function up(): void
    {
        Schema::create('proof_windows', function (Blueprint $table): void {
            $table->foreignId('school_id')->constrained()->cascadeOnDelete();
            $table->foreignId('student_id');
            $table->foreignId('attack_id');
            $table->string('side', 20);
            $table->json('tries')->default('[]');
            $table->smallInteger('ever')->nullable();
            $table->integer('count')->default(0);
            $table->bigInteger('last')->nullable();
            $table->boolean('is_stale')->default(true);
            $table->primary(['school_id', 'student_id', 'attack_id', 'side']);
            $table
                ->foreign(['school_id', 'student_id'])
                ->references(['school_id', 'id'])
                ->on('students')
                ->cascadeOnDelete();
            $table
                ->foreign(['school_id', 'attack_id'])
                ->references(['school_id', 'id'])
                ->on('attacks')
                ->cascadeOnDelete();
        });
        DB::statement('create index proof_windows_stale on proof_windows (school_id, student_id) where is_stale');
        Schema::table('reps', static function (Blueprint $table): void {
            $table->string('reason', 500)->nullable();
            $table->index(['school_id', 'student_id', 'at']);
            $table->index(['school_id', 'at']);
        });
        DB::statement(
            'alter table reps add constraint reps_reason_check check (reason is null or replaces is not null)',
        );
        DB::unprepared(
            <<<'SQL'
            create or replace function reps_mark_windows() returns trigger language plpgsql as $$
            begin
                insert into proof_windows (school_id, student_id, attack_id, side) values (new.school_id, new.student_id, new.attack_id, new.side)
                    on conflict (school_id, student_id, attack_id, side) do update set is_stale = true;
                if new.replaces is not null then
                    update proof_windows w set is_stale = true from reps r
                        where r.school_id = new.school_id and r.id = new.replaces
                            and w.school_id = r.school_id and w.student_id = r.student_id and w.attack_id = r.attack_id;
                end if;
                return new;
            end
            $$;
            create trigger reps_mark_windows after insert on reps for each row execute function reps_mark_windows();

            create or replace function attacks_mark_windows() returns trigger language plpgsql as $$
            begin
                update proof_windows set is_stale = true where school_id = new.school_id and attack_id = new.id;
                return new;
            end
            $$;
            create trigger attacks_mark_windows after update of hand, bearing on attacks for each row
                when (old.hand <> new.hand or old.bearing <> new.bearing) execute function attacks_mark_windows();

            create or replace function rungs_mark_windows() returns trigger language plpgsql as $$
            begin
                update proof_windows set is_stale = true where school_id = coalesce(new.school_id, old.school_id);
                return coalesce(new, old);
            end
            $$;
            create trigger rungs_mark_windows after insert or delete on rungs for each row execute function rungs_mark_windows();

            insert into proof_windows (school_id, student_id, attack_id, side)
                select distinct school_id, student_id, attack_id, side from reps;
            SQL
            ,
        );
    }

    public function down(): void
    {
        DB::unprepared(
            <<<'SQL'
            drop trigger if exists reps_mark_windows on reps; drop function if exists reps_mark_windows;
            drop trigger if exists attacks_mark_windows on attacks; drop function if exists attacks_mark_windows;
            drop trigger if exists rungs_mark_windows on rungs; drop function if exists rungs_mark_windows;
            SQL
            ,
        );
        Schema::table('reps', static function (Blueprint $table): void {
            $table->dropIndex(['school_id', 'student_id', 'at']);
            $table->dropIndex(['school_id', 'at']);
            $table->dropColumn('reason');
        });
        Schema::dropIfExists('proof_windows');
    }
};
