<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/**
 * A rep keeps who attacked and in which class it was, as far as that is known; and one that a test asked for says so.
 */
return new class () extends Migration {
    public function up(): void
    {
        Schema::table('reps', static function (Blueprint $table): void {
            $table->foreignId('attacker_id')->nullable();
            $table->foreignId('class_id')->nullable();
            $table
                ->foreign(['school_id', 'attacker_id'])
                ->references(['school_id', 'id'])
                ->on('students');
            $table
                ->foreign(['school_id', 'class_id'])
                ->references(['school_id', 'id'])
                ->on('training_classes');
        });
        DB::statement('create index reps_class_index on reps (school_id, class_id) where class_id is not null');
        DB::statement(
            'alter table reps add constraint reps_attacker_check check (attacker_id is distinct from student_id)',
        );
        DB::statement('alter table reps drop constraint reps_source_check');
        DB::statement("alter table reps add constraint reps_source_check check (source in ('seen', 'test', 'home'))");
    }

    public function down(): void
    {
        DB::statement('alter table reps drop constraint reps_source_check');
        DB::statement("alter table reps add constraint reps_source_check check (source in ('seen', 'home')) not valid");
        DB::statement('alter table reps drop constraint reps_attacker_check');
        Schema::table('reps', static function (Blueprint $table): void {
            $table->dropColumn(['attacker_id', 'class_id']);
        });
    }
};
