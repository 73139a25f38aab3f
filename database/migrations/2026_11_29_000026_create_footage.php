<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Pictures and short clips of attacks, answers, mistakes, basics and forms. */
return new class () extends Migration {
    public function up(): void
    {
        Schema::create('footage', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('school_id')->constrained()->cascadeOnDelete();
            foreach (['attack', 'answer', 'solo'] as $of) {
                $table->foreignId("{$of}_id")->nullable();
                $table
                    ->foreign(['school_id', "{$of}_id"])
                    ->references(['school_id', 'id'])
                    ->on("{$of}s")
                    ->cascadeOnDelete();
                $table->index("{$of}_id");
            }
            $table->string('mistake', 400)->default('');
            $table->string('caption', 300)->default('');
            $table->string('type', 10);
            $table->string('state', 10)->default('waiting');
            $table->string('reason', 40)->default('');
            $table->string('path', 200);
            $table->char('sent', 64)->default('');
            $table->bigInteger('bytes')->default(0);
            $table->integer('width')->default(0);
            $table->integer('height')->default(0);
            $table->double('seconds')->nullable();
            $table->json('beats_at')->default('[]');
            $table->integer('version')->default(1);
            $table->foreignId('updated_by_id')->nullable()->constrained('users')->nullOnDelete();
            $table->timestampsTz();
            $table->unique(['school_id', 'id']);
            $table->index(['school_id', 'path']);
        });
        DB::statement(
            'alter table footage add constraint footage_of_check check (num_nonnulls(attack_id, answer_id, solo_id) = 1)',
        );
        DB::statement(
            "alter table footage add constraint footage_type_check check (type in ('jpeg', 'png', 'webp', 'mp4', 'webm') and state in ('waiting', 'ready', 'refused'))",
        );
        Schema::create('footage_students', static function (Blueprint $table): void {
            $table->foreignId('school_id');
            $table->foreignId('footage_id');
            $table->foreignId('student_id');
            $table->primary(['footage_id', 'student_id']);
            $table->index(['school_id', 'student_id']);
            $table
                ->foreign(['school_id', 'footage_id'])
                ->references(['school_id', 'id'])
                ->on('footage')
                ->cascadeOnDelete();
            $table
                ->foreign(['school_id', 'student_id'])
                ->references(['school_id', 'id'])
                ->on('students')
                ->cascadeOnDelete();
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('footage_students');
        Schema::dropIfExists('footage');
    }
};
