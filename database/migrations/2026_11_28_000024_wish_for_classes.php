<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What is wished for a class: answers to teach and to skip, all sizes together, an instructor for whoever is over. */
return new class () extends Migration {
    public function up(): void
    {
        Schema::table('training_classes', static function (Blueprint $table): void {
            $table->json('teach')->default('[]');
            $table->json('skip')->default('[]');
            $table->boolean('all_sizes')->default(false);
            $table->boolean('steps_in')->default(false);
        });
    }

    public function down(): void
    {
        Schema::table('training_classes', static function (Blueprint $table): void {
            $table->dropColumn(['teach', 'skip', 'all_sizes', 'steps_in']);
        });
    }
};
