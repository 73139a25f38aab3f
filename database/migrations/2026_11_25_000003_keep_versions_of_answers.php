<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Every version of an answer, whichever way it was saved: the database itself keeps them. */
return new class () extends Migration {
    public function up(): void
    {
        Schema::create('answer_versions', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('school_id')->constrained()->cascadeOnDelete();
            $table->foreignId('answer_id');
            $table->integer('version');
            $table->json('content');
            $table->foreignId('saved_by_id')->nullable()->constrained('users')->nullOnDelete();
            $table->timestampTz('saved_at');
            $table->unique(['school_id', 'answer_id', 'version']);
            $table
                ->foreign(['school_id', 'answer_id'])
                ->references(['school_id', 'id'])
                ->on('answers')
                ->cascadeOnDelete();
        });
        DB::unprepared(
            <<<'SQL'
            create or replace function answers_keep_versions() returns trigger language plpgsql as $$
            begin
                if tg_op = 'INSERT' or new.version <> old.version then
                    insert into answer_versions (school_id, answer_id, version, content, saved_by_id, saved_at)
                    values (new.school_id, new.id, new.version, json_build_object(
                        'title', new.title, 'label', new.label, 'pattern', new.pattern, 'mirrored', new.mirrored, 'rank_id', new.rank_id,
                        'short_rank_id', new.short_rank_id, 'short_beats', new.short_beats, 'doctrine', new.doctrine, 'faults', new.faults,
                        'waived', new.waived, 'beats', new.beats
                    ), new.updated_by_id, coalesce(new.updated_at, now()));
                end if;
                return new;
            end
            $$;
            create trigger answers_keep_versions after insert or update on answers
                for each row execute function answers_keep_versions();
            insert into answer_versions (school_id, answer_id, version, content, saved_by_id, saved_at)
            select school_id, id, version, json_build_object(
                'title', title, 'label', label, 'pattern', pattern, 'mirrored', mirrored, 'rank_id', rank_id,
                'short_rank_id', short_rank_id, 'short_beats', short_beats, 'doctrine', doctrine, 'faults', faults,
                'waived', waived, 'beats', beats
            ), updated_by_id, coalesce(updated_at, now()) from answers;
            SQL
            ,
        );
    }

    public function down(): void
    {
        DB::unprepared(
            'drop trigger if exists answers_keep_versions on answers; drop function if exists answers_keep_versions',
        );
        Schema::dropIfExists('answer_versions');
    }
};
