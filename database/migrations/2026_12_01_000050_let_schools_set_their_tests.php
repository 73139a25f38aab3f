<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** With how much of all credit a test is passed, and from which chance somebody is ready, in percent. */
return new class () extends Migration {
    public function up(): void
    {
        Schema::table('schools', static function (Blueprint $table): void {
            $table->smallInteger('test_pass')->default(80);
            $table->smallInteger('test_ready')->default(85);
        });
        DB::statement('alter table schools add constraint schools_test_pass_check check (test_pass between 1 and 100)');
        DB::statement('alter table schools add constraint schools_test_ready_check check (test_ready between 1 and 100)');
    }

    public function down(): void
    {
        Schema::table('schools', static function (Blueprint $table): void {
            $table->dropColumn(['test_pass', 'test_ready']);
        });
    }
};
