<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Seconds that a school reckons that reacting takes. */
return new class () extends Migration {
    public function up(): void
    {
        Schema::table('schools', static function (Blueprint $table): void {
            $table->double('reaction_base')->default(0.25);
            $table->double('reaction_per_bit')->default(0.15);
        });
        DB::statement(
            'alter table schools add constraint schools_reaction_check check (reaction_base between 0 and 2 and reaction_per_bit between 0 and 1)',
        );
    }

    public function down(): void
    {
        DB::statement('alter table schools drop constraint schools_reaction_check');
        Schema::table('schools', static function (Blueprint $table): void {
            $table->dropColumn(['reaction_base', 'reaction_per_bit']);
        });
    }
};
