<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** How far a school has come in being set up: null once it is, as it is for every school until now. */
return new class () extends Migration {
    public function up(): void
    {
        Schema::table('schools', static function (Blueprint $table): void {
            $table->string('setup', 20)->nullable();
        });
        DB::statement(
            "alter table schools add constraint schools_setup_check check (setup in ('doctrine', 'ranks', 'contact', 'curriculum', 'next-steps'))",
        );
        // Emails are the same however they are capitalised; where two differ in nothing else, both stay as they are.
        DB::statement(
            'update users set email = lower(email) where email <> lower(email) and not exists (select from users other where other.id <> users.id and lower(other.email) = lower(users.email))',
        );
    }

    public function down(): void
    {
        Schema::table('schools', static function (Blueprint $table): void {
            $table->dropColumn('setup');
        });
    }
};
