<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/** A file may ask for any share of all credit: whole percents were too coarse to keep it. */
return new class () extends Migration {
    public function up(): void
    {
        $this->keepAs('double precision');
    }

    public function down(): void
    {
        $this->keepAs('smallint');
    }

    private function keepAs(string $type): void
    {
        DB::statement("alter table schools alter column test_pass type {$type}, alter column test_ready type {$type}");
    }
};
