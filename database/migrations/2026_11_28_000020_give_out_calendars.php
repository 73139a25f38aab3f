<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** A calendar of classes for each person, and classes that are called off. */
return new class () extends Migration {
    public function up(): void
    {
        Schema::table('users', static function (Blueprint $table): void {
            $table->string('calendar', 64)->nullable()->unique();
        });
        Schema::table('training_classes', static function (Blueprint $table): void {
            $table->timestampTz('cancelled_at')->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('training_classes', static function (Blueprint $table): void {
            $table->dropColumn('cancelled_at');
        });
        Schema::table('users', static function (Blueprint $table): void {
            $table->dropColumn('calendar');
        });
    }
};
