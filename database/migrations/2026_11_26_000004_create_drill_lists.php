<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Lists of attacks to drill, each item an attack of the catalogue with what is otherwise about it. */
return new class () extends Migration {
    public function up(): void
    {
        Schema::create('drill_lists', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('school_id')->constrained()->cascadeOnDelete();
            $table->string('name', 200);
            $table->foreignId('made_by_id')->nullable()->constrained('users')->nullOnDelete();
            $table->timestampsTz();
            $table->unique(['school_id', 'id']);
            $table->unique(['school_id', 'name']);
        });
        Schema::create('drill_list_items', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('school_id')->constrained()->cascadeOnDelete();
            $table->foreignId('drill_list_id');
            $table->smallInteger('position');
            $table->foreignId('attack_id');
            $table->string('side', 20);
            $table->json('otherwise')->default('{}');
            $table->unique(['drill_list_id', 'position']);
            $table->index(['school_id', 'attack_id']);
            $table
                ->foreign(['school_id', 'drill_list_id'])
                ->references(['school_id', 'id'])
                ->on('drill_lists')
                ->cascadeOnDelete();
            $table
                ->foreign(['school_id', 'attack_id'])
                ->references(['school_id', 'id'])
                ->on('attacks')
                ->cascadeOnDelete();
        });
        DB::statement(
            "alter table drill_list_items add constraint drill_list_items_side_check check (side in ('written', 'mirrored'))",
        );
    }

    public function down(): void
    {
        Schema::dropIfExists('drill_list_items');
        Schema::dropIfExists('drill_lists');
    }
};
