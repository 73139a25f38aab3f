<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Whether a school asks its answers to end out of the attacker's reach; those before always did. */
return new class () extends Migration {
    public function up(): void
    {
        Schema::table('schools', static function (Blueprint $table): void {
            $table->string('leaving', 20)->default('always');
        });
        DB::statement(
            "alter table schools add constraint schools_leaving_check check (leaving in ('always', 'unless-down', 'free'))",
        );
    }

    public function down(): void
    {
        Schema::table('schools', static function (Blueprint $table): void {
            $table->dropColumn('leaving');
        });
    }
};
