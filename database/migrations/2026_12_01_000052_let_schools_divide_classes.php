<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** How a school divides the time of a class, where it is not as usual. */
return new class () extends Migration {
    public function up(): void
    {
        Schema::table('schools', static function (Blueprint $table): void {
            $table->json('class_habits')->default('{}');
        });
    }

    public function down(): void
    {
        Schema::table('schools', static function (Blueprint $table): void {
            $table->dropColumn('class_habits');
        });
    }
};
