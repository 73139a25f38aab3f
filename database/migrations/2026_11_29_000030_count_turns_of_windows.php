<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/**
 * How often what is kept of reps became old: whoever keeps something of it sees whose it was without reading it all.
 */
return new class () extends Migration {
    public function up(): void
    {
        Schema::table('proof_windows', static function (Blueprint $table): void {
            $table->integer('turns')->default(0);
        });
        DB::unprepared(
            <<<'SQL'
            create or replace function proof_windows_turn() returns trigger language plpgsql as $$
            begin
                new.turns := old.turns + 1;
                return new;
            end
            $$;
            create trigger proof_windows_turn before update on proof_windows for each row
                when (new.is_stale and not old.is_stale) execute function proof_windows_turn();
            create index proof_windows_turns on proof_windows (school_id, student_id) include (turns);
            SQL
            ,
        );
    }

    public function down(): void
    {
        DB::unprepared(
            'drop index if exists proof_windows_turns; drop trigger if exists proof_windows_turn on proof_windows; drop function if exists proof_windows_turn;',
        );
        Schema::table('proof_windows', static function (Blueprint $table): void {
            $table->dropColumn('turns');
        });
    }
};
