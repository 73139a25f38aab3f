<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Which version of the rules the program ran by that recorded a rep; of earlier reps that is not known. */
return new class () extends Migration {
    public function up(): void
    {
        Schema::table('reps', static function (Blueprint $table): void {
            $table->smallInteger('rules')->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('reps', static function (Blueprint $table): void {
            $table->dropColumn('rules');
        });
    }
};
