<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Tablets on the bench, and the PIN with which somebody begins to record on one. */
return new class () extends Migration {
    public function up(): void
    {
        Schema::table('users', static function (Blueprint $table): void {
            $table->string('pin')->nullable();
        });
        Schema::create('tablets', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('school_id')->constrained()->cascadeOnDelete();
            $table->string('name', 200);
            $table->string('token', 64)->unique();
            $table->timestampTz('expires_at')->nullable();
            $table->timestampTz('seen_at')->nullable();
            $table->timestampsTz();
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('tablets');
        Schema::table('users', static function (Blueprint $table): void {
            $table->dropColumn('pin');
        });
    }
};
