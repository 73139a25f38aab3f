<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/**
 * When it was last marked who came to a class: from then on its pairs are other ones, and what was met until then stays
 * met.
 */
return new class () extends Migration {
    public function up(): void
    {
        Schema::table('training_classes', static function (Blueprint $table): void {
            $table->timestampTz('marked_at')->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('training_classes', static function (Blueprint $table): void {
            $table->dropColumn('marked_at');
        });
    }
};
