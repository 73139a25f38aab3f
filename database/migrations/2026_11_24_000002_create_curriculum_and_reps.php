<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    /** What each facet could be when the tables were made. */
    private const FACETS = [
        'hand' => ['left', 'right', 'both', 'none'],
        'bearing' => ['1', '2', '3', '4', '5', '6', '7', '8', '9', '10', '11', '12'],
        'thumb' => ['up', 'down', 'inside', 'outside', 'n/a'],
        'phase' => ['reaching', 'landed', 'moving', 'follow-up'],
        'entry' => ['stand', 'step', 'through'],
        'posture' => ['standing', 'seated', 'kneeling', 'back', 'wall'],
        'notice' => ['ready', 'off-guard'],
        'place' => ['open', 'narrow', 'obstacles', 'stairs', 'crowd'],
        'others' => ['alone', 'second', 'ally'],
        'intent' => ['move', 'pin', 'choke', 'strike', 'take-down'],
        'build' => ['smaller', 'alike', 'larger'],
    ];

    public function up(): void
    {
        Schema::create('attacks', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('school_id')->constrained()->cascadeOnDelete();
            $table->string('code', 120);
            $table->string('title', 200);
            $table->string('kind', 120);
            foreach (array_keys(self::FACETS) as $facet) {
                $table->string($facet, 20);
            }
            $table->foreignId('needed_by_id')->nullable();
            $table->foreignId('needed_by_youth_id')->nullable();
            $table->smallInteger('prevalence')->default(3);
            $table->boolean('critical')->default(false);
            $table->text('notes')->default('');
            $table->json('cautions')->default('[]');
            $table->integer('version')->default(1);
            $table->foreignId('updated_by_id')->nullable()->constrained('users')->nullOnDelete();
            $table->timestampsTz();
            $table->unique(['school_id', 'id']);
            $table->unique(['school_id', 'code']);
            $table
                ->foreign(['school_id', 'needed_by_id'])
                ->references(['school_id', 'id'])
                ->on('ranks');
            $table
                ->foreign(['school_id', 'needed_by_youth_id'])
                ->references(['school_id', 'id'])
                ->on('ranks');
        });
        foreach (self::FACETS as $facet => $values) {
            $this->check('attacks', $facet, $values);
        }
        DB::statement('alter table attacks add constraint attacks_prevalence_check check (prevalence between 1 and 5)');

        Schema::create('answers', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('school_id')->constrained()->cascadeOnDelete();
            $table->string('code', 120);
            $table->string('title', 200);
            $table->string('label', 40)->default('');
            $table->foreignId('attack_id');
            $table->json('pattern')->default('{}');
            $table->boolean('mirrored')->default(false);
            $table->foreignId('rank_id');
            $table->foreignId('short_rank_id')->nullable();
            $table->smallInteger('short_beats')->nullable();
            $table->string('doctrine', 20)->nullable();
            $table->json('faults')->default('[]');
            $table->json('waived')->default('[]');
            $table->text('beats');
            $table->integer('version')->default(1);
            $table->foreignId('updated_by_id')->nullable()->constrained('users')->nullOnDelete();
            $table->timestampsTz();
            $table->unique(['school_id', 'id']);
            $table->unique(['school_id', 'code']);
            $table
                ->foreign(['school_id', 'attack_id'])
                ->references(['school_id', 'id'])
                ->on('attacks');
            $table
                ->foreign(['school_id', 'rank_id'])
                ->references(['school_id', 'id'])
                ->on('ranks');
            $table
                ->foreign(['school_id', 'short_rank_id'])
                ->references(['school_id', 'id'])
                ->on('ranks');
        });
        $this->check('answers', 'doctrine', ['escape', 'counter', 'control']);
        DB::statement(
            'alter table answers add constraint answers_short_check check ((short_rank_id is null) = (short_beats is null) and (short_beats is null or short_beats between 1 and 99))',
        );

        Schema::create('reps', function (Blueprint $table): void {
            $table->uuid('id');
            $table->foreignId('school_id')->constrained()->cascadeOnDelete();
            $table->foreignId('student_id');
            $table->foreignId('attack_id');
            $table->string('side', 20);
            $table->smallInteger('rung');
            $table->string('outcome', 20);
            $table->timestampTz('at');
            $table->foreignId('answer_id')->nullable();
            $table->json('faults')->default('[]');
            $table->string('touched', 20)->nullable();
            $table->double('seconds')->nullable();
            $table->string('stressor', 200)->nullable();
            $table->string('source', 20)->default('seen');
            $table->uuid('replaces')->nullable();
            $table->foreignId('recorded_by_id')->nullable()->constrained('users')->nullOnDelete();
            $table->timestampTz('recorded_at')->useCurrent();
            // A client's id means a rep of its own school: a file that two schools bring in loses nothing in either.
            $table->primary(['school_id', 'id']);
            $table->unique(['school_id', 'replaces']);
            $table->index(['school_id', 'student_id', 'attack_id', 'at']);
            $table
                ->foreign(['school_id', 'student_id'])
                ->references(['school_id', 'id'])
                ->on('students');
            $table
                ->foreign(['school_id', 'attack_id'])
                ->references(['school_id', 'id'])
                ->on('attacks');
            $table
                ->foreign(['school_id', 'answer_id'])
                ->references(['school_id', 'id'])
                ->on('answers');
            $table
                ->foreign(['school_id', 'rung'])
                ->references(['school_id', 'number'])
                ->on('rungs');
        });
        // A rep replaces one of its own school only; the key it points to exists once the table does.
        DB::statement(
            'alter table reps add constraint reps_replaces_foreign foreign key (school_id, replaces) references reps (school_id, id)',
        );
        $this->check('reps', 'side', ['written', 'mirrored']);
        $this->check('reps', 'outcome', ['clean', 'scraped', 'recovered', 'late', 'hit', 'froze', 'stopped']);
        $this->check('reps', 'touched', ['arm', 'body', 'head']);
        $this->check('reps', 'source', ['seen', 'home']);
        DB::statement(
            'alter table reps add constraint reps_figures_check check (seconds between 0 and 3600 and replaces is distinct from id)',
        );

        // Reps are only ever added. Who deletes a person only loses the name under "recorded by".
        DB::unprepared(
            <<<'SQL'
            create or replace function reps_stay_as_they_are() returns trigger language plpgsql as $$
            begin
                if tg_op = 'UPDATE' and to_jsonb(new) - 'recorded_by_id' = to_jsonb(old) - 'recorded_by_id' then
                    return new;
                end if;
                if tg_op = 'DELETE' and not exists (select 1 from schools where id = old.school_id) then
                    return old;
                end if;
                raise exception 'Reps are never changed or deleted; a correction is a new rep that replaces the old one.';
            end
            $$;
            create trigger reps_stay_as_they_are before update or delete on reps
                for each row execute function reps_stay_as_they_are();
            SQL
            ,
        );
    }

    public function down(): void
    {
        foreach (['reps', 'answers', 'attacks'] as $table) {
            Schema::dropIfExists($table);
        }
        DB::statement('drop function if exists reps_stay_as_they_are');
    }

    /** @param list<string> $values */
    private function check(string $table, string $column, array $values): void
    {
        $list = implode(', ', array_map(static fn (string $value): string => "'{$value}'", $values));
        DB::statement("alter table {$table} add constraint {$table}_{$column}_check check ({$column} in ({$list}))");
    }
};
