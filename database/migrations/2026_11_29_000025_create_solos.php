<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Basics and solo forms: what they are, which of them a test asks for, and how students did them. */
return new class () extends Migration {
    public function up(): void
    {
        Schema::create('solos', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('school_id')->constrained()->cascadeOnDelete();
            $table->string('code', 120);
            $table->string('name', 200);
            $table->string('kind', 20);
            $table->foreignId('rank_id');
            $table->string('word', 40)->default('');
            $table->string('side', 20)->default('both');
            $table->string('surface', 200)->default('');
            $table->json('points')->default('[]');
            $table->json('mistakes')->default('[]');
            $table->json('feet')->nullable();
            $table->text('beats')->default('');
            $table->integer('version')->default(1);
            $table->foreignId('updated_by_id')->nullable()->constrained('users')->nullOnDelete();
            $table->timestampsTz();
            $table->unique(['school_id', 'id']);
            $table
                ->foreign(['school_id', 'rank_id'])
                ->references(['school_id', 'id'])
                ->on('ranks');
        });
        DB::statement(
            "alter table solos add constraint solos_kind_check check (kind in ('strike', 'kick', 'block', 'step', 'stance', 'form') and side in ('both', 'left', 'right') and (kind = 'form') = (beats <> ''))",
        );
        // In the open file basics and forms are two lists, each with ids of its own.
        DB::statement("create unique index solos_code_unique on solos (school_id, (kind = 'form'), code)");
        Schema::create('solo_marks', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('school_id');
            $table->foreignId('solo_id');
            $table->foreignId('student_id');
            $table->foreignId('test_id')->nullable();
            $table->foreignId('marked_by_id')->nullable()->constrained('users')->nullOnDelete();
            $table->string('mark', 20);
            $table->json('mistakes')->default('[]');
            $table->json('beats')->default('{}');
            $table->timestampTz('at');
            $table->index(['school_id', 'student_id', 'solo_id', 'at']);
            $table->index(['test_id', 'student_id']);
            $table
                ->foreign(['school_id', 'solo_id'])
                ->references(['school_id', 'id'])
                ->on('solos')
                ->cascadeOnDelete();
            $table
                ->foreign(['school_id', 'student_id'])
                ->references(['school_id', 'id'])
                ->on('students')
                ->cascadeOnDelete();
            $table->foreign('test_id')->references('id')->on('tests')->nullOnDelete();
        });
        DB::statement(
            "alter table solo_marks add constraint solo_marks_mark_check check (mark in ('not-yet', 'rough', 'sound'))",
        );
        Schema::create('test_solos', static function (Blueprint $table): void {
            $table->foreignId('school_id');
            $table->foreignId('test_id');
            $table->foreignId('solo_id');
            $table->smallInteger('position');
            $table->primary(['test_id', 'solo_id']);
            $table
                ->foreign(['school_id', 'test_id'])
                ->references(['school_id', 'id'])
                ->on('tests')
                ->cascadeOnDelete();
            $table
                ->foreign(['school_id', 'solo_id'])
                ->references(['school_id', 'id'])
                ->on('solos')
                ->cascadeOnDelete();
        });
    }

    public function down(): void
    {
        foreach (['test_solos', 'solo_marks', 'solos'] as $table) {
            Schema::dropIfExists($table);
        }
    }
};
