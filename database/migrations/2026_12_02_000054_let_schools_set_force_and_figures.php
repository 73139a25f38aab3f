<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/**
 * How far hazards can and may go, how fast an attacker turns, how many of the latest reps are read, and what is
 * reckoned with before the first try, where a school has not what is usual.
 */
return new class () extends Migration {
    public function up(): void
    {
        Schema::table('schools', static function (Blueprint $table): void {
            $table->json('force')->default('{}');
            $table->double('turning')->default(120);
            $table->smallInteger('latest')->default(12);
            $table->json('test_untried')->default('{}');
        });
    }

    public function down(): void
    {
        Schema::table('schools', static function (Blueprint $table): void {
            $table->dropColumn('force', 'turning', 'latest', 'test_untried');
        });
    }
};
