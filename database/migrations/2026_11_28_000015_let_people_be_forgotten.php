<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Since when a student is forgotten, and who has agreed for a child, and when. */
return new class () extends Migration {
    public function up(): void
    {
        Schema::table('students', static function (Blueprint $table): void {
            $table->timestampTz('erased_at')->nullable();
            $table->string('consent_by', 200)->nullable();
            $table->date('consent_on')->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('students', static function (Blueprint $table): void {
            $table->dropColumn(['erased_at', 'consent_by', 'consent_on']);
        });
    }
};
