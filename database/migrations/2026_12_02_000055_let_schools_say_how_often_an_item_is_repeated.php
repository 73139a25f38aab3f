<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** How often an item of a test may be shown again, where a school says something else than once. */
return new class () extends Migration {
    public function up(): void
    {
        Schema::table('schools', static function (Blueprint $table): void {
            $table->smallInteger('test_repeats')->default(1);
        });
        DB::statement('alter table schools add constraint schools_test_repeats_check check (test_repeats between 0 and 3)');
        self::allow(4);
    }

    public function down(): void
    {
        self::allow(2);
        Schema::table('schools', static function (Blueprint $table): void {
            $table->dropColumn('test_repeats');
        });
    }

    /** Marks that are there stay as they are. */
    private static function allow(int $attempts): void
    {
        DB::statement('alter table test_marks drop constraint test_marks_outcome_check');
        DB::statement(
            "alter table test_marks add constraint test_marks_outcome_check check (outcome in ('clean', 'scraped', 'recovered', 'late', 'hit', 'froze', 'stopped') and attempt between 1 and {$attempts}) not valid",
        );
    }
};
