<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** A class may say how many pads there are; of those before nobody has said it. */
return new class () extends Migration {
    public function up(): void
    {
        Schema::table('training_classes', static function (Blueprint $table): void {
            $table->smallInteger('pads')->nullable();
        });
        DB::statement('alter table training_classes add constraint training_classes_pads_check check (pads between 1 and 100)');
    }

    public function down(): void
    {
        Schema::table('training_classes', static function (Blueprint $table): void {
            $table->dropColumn('pads');
        });
    }
};
