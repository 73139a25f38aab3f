<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        Schema::create('schools', function (Blueprint $table): void {
            $table->id();
            $table->string('name', 200);
            $table->string('doctrine', 20);
            $table->string('bearings', 20)->default('clock');
            $table->string('typical', 40)->default('medium');
            $table->double('share')->default(0.8);
            $table->json('sizes')->default('{}');
            $table->json('hole_factors')->default('{}');
            $table->json('policy')->nullable();
            $table->json('aliases')->default('{}');
            $table->timestampsTz();
        });
        $this->check('schools', 'doctrine', ['escape', 'counter', 'control']);
        $this->check('schools', 'bearings', ['clock', 'degrees', 'directions']);
        DB::statement('alter table schools add constraint schools_share_check check (share > 0 and share <= 1)');

        Schema::create('rungs', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('school_id')->constrained()->cascadeOnDelete();
            $table->smallInteger('number');
            $table->string('name', 200);
            $table->double('pace');
            $table->boolean('attack_told');
            $table->boolean('moment_told');
            $table->smallInteger('resistance');
            $table->boolean('follow_ups');
            $table->json('stressors')->default('[]');
            $table->unique(['school_id', 'number']);
        });
        DB::statement(
            'alter table rungs add constraint rungs_figures_check check (number between 1 and 99 and pace > 0 and resistance between 0 and 3)',
        );

        Schema::create('ranks', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('school_id')->constrained()->cascadeOnDelete();
            $table->smallInteger('position');
            $table->string('code', 120);
            $table->string('name', 200);
            $table->smallInteger('max_beats');
            $table->smallInteger('goal_rung');
            $table->unique(['school_id', 'id']);
            $table->unique(['school_id', 'code']);
            $table
                ->foreign(['school_id', 'goal_rung'])
                ->references(['school_id', 'number'])
                ->on('rungs');
        });
        DB::statement('alter table ranks add constraint ranks_max_beats_check check (max_beats between 1 and 99)');
        DB::statement(
            'alter table ranks add constraint ranks_school_id_position_unique unique (school_id, position) deferrable initially deferred',
        );

        Schema::create('kinds', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('school_id')->constrained()->cascadeOnDelete();
            $table->string('code', 120);
            $table->string('name', 200);
            $table->string('family', 20);
            $table->string('start', 20);
            foreach (['his_busy', 'yours', 'hands', 'bearings', 'cautions'] as $list) {
                $table->json($list)->default('[]');
            }
            $table->unique(['school_id', 'code']);
        });
        $this->check('kinds', 'family', [
            'grab', 'choke', 'hug', 'head', 'push', 'strike', 'kick', 'takedown', 'ground', 'threat',
        ]);
        $this->check('kinds', 'start', ['grab', 'hug', 'delivered', 'ground', 'astride', 'threat']);

        Schema::create('students', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('school_id')->constrained()->cascadeOnDelete();
            $table->string('code', 120);
            $table->string('name', 200);
            $table->foreignId('rank_id');
            $table->double('height')->nullable();
            $table->date('born')->nullable();
            $table->json('flags')->default('[]');
            $table->timestampsTz();
            $table->unique(['school_id', 'id']);
            $table->unique(['school_id', 'code']);
            $table
                ->foreign(['school_id', 'rank_id'])
                ->references(['school_id', 'id'])
                ->on('ranks');
        });
        DB::statement('alter table students add constraint students_height_check check (height between 0.8 and 2.4)');

        Schema::create('users', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('school_id')->constrained()->cascadeOnDelete();
            $table->foreignId('student_id')->nullable()->unique();
            $table->string('name', 200);
            $table->string('email', 200)->unique();
            $table->string('password');
            $table->string('role', 20);
            $table->rememberToken();
            $table->timestampsTz();
            $table
                ->foreign(['school_id', 'student_id'])
                ->references(['school_id', 'id'])
                ->on('students')
                ->cascadeOnDelete();
        });
        $this->check('users', 'role', ['head', 'instructor', 'assistant', 'student']);
        DB::statement(
            "alter table users add constraint users_student_check check ((role = 'student') = (student_id is not null))",
        );

        Schema::create('sessions', function (Blueprint $table): void {
            $table->string('id')->primary();
            $table->foreignId('user_id')->nullable()->index();
            $table->string('ip_address', 45)->nullable();
            $table->text('user_agent')->nullable();
            $table->longText('payload');
            $table->integer('last_activity')->index();
        });

        Schema::create('cache', function (Blueprint $table): void {
            $table->string('key')->primary();
            $table->mediumText('value');
            $table->integer('expiration');
        });

        Schema::create('cache_locks', function (Blueprint $table): void {
            $table->string('key')->primary();
            $table->string('owner');
            $table->integer('expiration');
        });
    }

    public function down(): void
    {
        foreach (
            ['cache_locks', 'cache', 'sessions', 'users', 'students', 'kinds', 'ranks', 'rungs', 'schools'] as $table
        ) {
            Schema::dropIfExists($table);
        }
    }

    /** @param list<string> $values */
    private function check(string $table, string $column, array $values): void
    {
        $list = implode(', ', array_map(static fn (string $value): string => "'{$value}'", $values));
        DB::statement("alter table {$table} add constraint {$table}_{$column}_check check ({$column} in ({$list}))");
    }
};
