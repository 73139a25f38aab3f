<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What the way to a test has its candidates drill in each class, as it was planned last before that class began. */
return new class () extends Migration {
    public function up(): void
    {
        Schema::table('tests', static function (Blueprint $table): void {
            $table->jsonb('drills')->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('tests', static function (Blueprint $table): void {
            $table->dropColumn('drills');
        });
    }
};
