<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** An instructor may have attacked, or nobody: where neither is told and no student, it is not known. */
return new class () extends Migration {
    public function up(): void
    {
        Schema::table('reps', function (Blueprint $table): void {
            $table->text('attacked_by')->nullable();
        });
        DB::statement(
            "alter table reps add constraint reps_attacked_by_check check (attacked_by in ('instructor', 'nobody') and attacker_id is null or attacked_by is null)",
        );
    }

    public function down(): void
    {
        Schema::table('reps', function (Blueprint $table): void {
            $table->dropColumn('attacked_by');
        });
    }
};
