<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** What a school calls things, how fast its proof fades, and which values of facets it looks for. */
return new class () extends Migration {
    public function up(): void
    {
        Schema::table('schools', static function (Blueprint $table): void {
            $table->double('half_life')->default(60);
            $table->json('nouns')->default('{}');
            $table->json('scope')->default('{}');
        });
        DB::statement('alter table schools add constraint schools_half_life_check check (half_life between 7 and 730)');
        // What is kept by other figures than the usual ones has a larger number.
        DB::statement('alter table proof_windows alter column rules type integer');
    }

    public function down(): void
    {
        DB::statement('update proof_windows set rules = 0 where rules > 32767');
        DB::statement('alter table proof_windows alter column rules type smallint');
        Schema::table('schools', static function (Blueprint $table): void {
            $table->dropColumn(['half_life', 'nouns', 'scope']);
        });
    }
};
