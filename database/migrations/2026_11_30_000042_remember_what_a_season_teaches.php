<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/**
 * What the way to a test teaches in each class, as it was planned last before that class began: a plan of classes ahead
 * no longer tells of it.
 */
return new class () extends Migration {
    public function up(): void
    {
        Schema::table('tests', static function (Blueprint $table): void {
            $table->jsonb('teaches')->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('tests', static function (Blueprint $table): void {
            $table->dropColumn('teaches');
        });
    }
};
