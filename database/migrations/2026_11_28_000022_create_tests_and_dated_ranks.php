<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Tests: what they ask for, who is examined, how each examiner has marked it; and since when somebody has a rank. */
return new class () extends Migration {
    public function up(): void
    {
        Schema::create('tests', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('school_id')->constrained()->cascadeOnDelete();
            $table->string('code', 120);
            $table->foreignId('rank_id');
            $table->timestampTz('at');
            $table->string('place', 200)->default('');
            $table->boolean('is_drawn')->default(false);
            $table->json('classes')->default('[]');
            $table->timestampTz('cancelled_at')->nullable();
            $table->integer('version')->default(1);
            $table->foreignId('updated_by_id')->nullable()->constrained('users')->nullOnDelete();
            $table->timestampsTz();
            $table->unique(['school_id', 'id']);
            $table->unique(['school_id', 'code']);
            $table->index(['school_id', 'at']);
            $table
                ->foreign(['school_id', 'rank_id'])
                ->references(['school_id', 'id'])
                ->on('ranks');
        });
        Schema::create('test_items', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('school_id');
            $table->foreignId('test_id');
            $table->smallInteger('position');
            $table->foreignId('attack_id');
            $table->string('side', 20);
            $table->smallInteger('rung');
            $table->unique(['school_id', 'id']);
            $table->unique(['test_id', 'position']);
            $table
                ->foreign(['school_id', 'test_id'])
                ->references(['school_id', 'id'])
                ->on('tests')
                ->cascadeOnDelete();
            $table
                ->foreign(['school_id', 'attack_id'])
                ->references(['school_id', 'id'])
                ->on('attacks')
                ->cascadeOnDelete();
        });
        DB::statement(
            "alter table test_items add constraint test_items_side_check check (side in ('written', 'mirrored'))",
        );
        Schema::create('test_candidates', static function (Blueprint $table): void {
            $table->foreignId('school_id');
            $table->foreignId('test_id');
            $table->foreignId('student_id');
            $table->string('result', 20)->nullable();
            $table->timestampTz('decided_at')->nullable();
            $table->date('retest_on')->nullable();
            $table->primary(['test_id', 'student_id']);
            $table
                ->foreign(['school_id', 'test_id'])
                ->references(['school_id', 'id'])
                ->on('tests')
                ->cascadeOnDelete();
            $table
                ->foreign(['school_id', 'student_id'])
                ->references(['school_id', 'id'])
                ->on('students')
                ->cascadeOnDelete();
        });
        DB::statement(
            "alter table test_candidates add constraint test_candidates_result_check check (result in ('passed', 'retest'))",
        );
        Schema::create('test_marks', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('school_id');
            $table->foreignId('test_item_id');
            $table->foreignId('student_id');
            $table->foreignId('examiner_id')->nullable()->constrained('users')->nullOnDelete();
            $table->smallInteger('attempt');
            $table->boolean('settles')->default(false);
            $table->string('outcome', 20);
            $table->json('mistakes')->default('[]');
            $table->string('remark', 500)->default('');
            $table->timestampTz('at');
            $table->unique(['test_item_id', 'student_id', 'attempt', 'settles', 'examiner_id']);
            $table
                ->foreign(['school_id', 'test_item_id'])
                ->references(['school_id', 'id'])
                ->on('test_items')
                ->cascadeOnDelete();
            $table
                ->foreign(['school_id', 'student_id'])
                ->references(['school_id', 'id'])
                ->on('students')
                ->cascadeOnDelete();
        });
        DB::statement(
            "alter table test_marks add constraint test_marks_outcome_check check (outcome in ('clean', 'scraped', 'recovered', 'late', 'hit', 'froze', 'stopped') and attempt between 1 and 2)",
        );
        Schema::create('rank_awards', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('school_id')->constrained()->cascadeOnDelete();
            $table->foreignId('student_id');
            $table->foreignId('rank_id');
            $table->date('awarded_on');
            $table->foreignId('awarded_by_id')->nullable()->constrained('users')->nullOnDelete();
            $table->foreignId('test_id')->nullable()->constrained()->nullOnDelete();
            $table->string('note', 500)->default('');
            $table->timestampsTz();
            $table->index(['school_id', 'student_id']);
            $table
                ->foreign(['school_id', 'student_id'])
                ->references(['school_id', 'id'])
                ->on('students')
                ->cascadeOnDelete();
            $table
                ->foreign(['school_id', 'rank_id'])
                ->references(['school_id', 'id'])
                ->on('ranks')
                ->cascadeOnDelete();
        });
    }

    public function down(): void
    {
        foreach (['rank_awards', 'test_marks', 'test_candidates', 'test_items', 'tests'] as $table) {
            Schema::dropIfExists($table);
        }
    }
};
