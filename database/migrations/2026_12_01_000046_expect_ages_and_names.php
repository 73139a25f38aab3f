<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** A class may be for those under 16, for those above, and for people by name, by the ids of their rows. */
return new class () extends Migration {
    public function up(): void
    {
        Schema::table('training_classes', static function (Blueprint $table): void {
            $table->string('ages', 20)->nullable();
            $table->json('named')->default('[]');
        });
        DB::statement(
            "alter table training_classes add constraint training_classes_ages_check check (ages in ('under-16', 'from-16'))",
        );
    }

    public function down(): void
    {
        Schema::table('training_classes', static function (Blueprint $table): void {
            $table->dropColumn('ages', 'named');
        });
    }
};
