<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** What a school gives for a try that was neither clean nor failed; it was half of it. */
return new class () extends Migration {
    private const COLUMNS = ['credit_arm', 'credit_body', 'credit_recovered'];

    public function up(): void
    {
        Schema::table('schools', static function (Blueprint $table): void {
            foreach (self::COLUMNS as $column) {
                $table->double($column)->default(0.5);
            }
        });
        foreach (self::COLUMNS as $column) {
            DB::statement("alter table schools add constraint schools_{$column}_check check ({$column} in (0, 0.5, 1))");
        }
    }

    public function down(): void
    {
        Schema::table('schools', static function (Blueprint $table): void {
            $table->dropColumn(self::COLUMNS);
        });
    }
};
