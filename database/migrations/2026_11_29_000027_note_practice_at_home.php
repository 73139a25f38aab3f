<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** When somebody practised a basic or a form at home: it proves nothing, and shows that it is done. */
return new class () extends Migration {
    public function up(): void
    {
        Schema::create('solo_practices', static function (Blueprint $table): void {
            $table->uuid('id')->primary();
            $table->foreignId('school_id');
            $table->foreignId('solo_id');
            $table->foreignId('student_id');
            $table->timestampTz('at');
            $table->index(['school_id', 'student_id', 'at']);
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
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('solo_practices');
    }
};
