<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

return new class () extends Migration {
    public function up(): void
    {
        foreach (['schools', 'answers'] as $table) {
            DB::statement("alter table {$table} drop constraint {$table}_doctrine_check");
            DB::statement(
                "alter table {$table} add constraint {$table}_doctrine_check check (doctrine in ('escape', 'counter', 'control', 'subdue'))",
            );
        }
    }

    public function down(): void
    {
        foreach (['schools', 'answers'] as $table) {
            DB::statement("alter table {$table} drop constraint {$table}_doctrine_check");
            DB::statement(
                "alter table {$table} add constraint {$table}_doctrine_check check (doctrine in ('escape', 'counter', 'control'))",
            );
        }
    }
};
