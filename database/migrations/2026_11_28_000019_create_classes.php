<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Classes: when and where, for whom, how their time is shared out, and who came. */
return new class () extends Migration {
    public function up(): void
    {
        Schema::create('training_classes', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('school_id')->constrained()->cascadeOnDelete();
            $table->string('code', 120);
            $table->timestampTz('at');
            $table->smallInteger('minutes');
            $table->string('place', 200)->default('');
            $table->smallInteger('places')->default(10);
            $table->smallInteger('instructors')->default(1);
            $table->json('ranks')->default('[]');
            $table->json('blocks')->nullable();
            $table->integer('version')->default(1);
            $table->foreignId('updated_by_id')->nullable()->constrained('users')->nullOnDelete();
            $table->timestampsTz();
            $table->unique(['school_id', 'id']);
            $table->unique(['school_id', 'code']);
            $table->index(['school_id', 'at']);
        });
        DB::statement(
            'alter table training_classes add constraint training_classes_limits_check check (minutes between 5 and 480 and places between 1 and 100 and instructors between 1 and 50)',
        );
        Schema::create('class_attendance', static function (Blueprint $table): void {
            $table->foreignId('school_id');
            $table->foreignId('class_id');
            $table->foreignId('student_id');
            $table->primary(['class_id', 'student_id']);
            $table
                ->foreign(['school_id', 'class_id'])
                ->references(['school_id', 'id'])
                ->on('training_classes')
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
        Schema::dropIfExists('class_attendance');
        Schema::dropIfExists('training_classes');
    }
};
