<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What the way to a test was expected to be when it was planned first, beside which the real one is shown. */
return new class () extends Migration {
    public function up(): void
    {
        Schema::table('tests', static function (Blueprint $table): void {
            $table->json('expected')->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('tests', static function (Blueprint $table): void {
            $table->dropColumn('expected');
        });
    }
};
