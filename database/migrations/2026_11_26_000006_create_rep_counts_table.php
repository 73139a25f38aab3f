<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** How many reps each school has: whoever asks whether any came does not have to count a million of them. */
return new class () extends Migration {
    public function up(): void
    {
        Schema::create('rep_counts', function (Blueprint $table): void {
            $table->foreignId('school_id')->primary()->constrained()->cascadeOnDelete();
            $table->bigInteger('count');
        });
        DB::unprepared(
            <<<'SQL'
            create or replace function reps_count() returns trigger language plpgsql as $$
            begin
                insert into rep_counts (school_id, count) select school_id, count(*) from added group by school_id
                    on conflict (school_id) do update set count = rep_counts.count + excluded.count;
                return null;
            end
            $$;
            create trigger reps_count after insert on reps referencing new table as added for each statement execute function reps_count();

            insert into rep_counts (school_id, count) select school_id, count(*) from reps group by school_id;
            SQL
            ,
        );
    }

    public function down(): void
    {
        DB::unprepared('drop trigger if exists reps_count on reps; drop function if exists reps_count;');
        Schema::dropIfExists('rep_counts');
    }
};
