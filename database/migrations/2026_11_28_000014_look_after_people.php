<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Accounts that are invited, closed and guarded; guardians; what was done by whom; mail that was not really sent. */
return new class () extends Migration {
    public function up(): void
    {
        Schema::table('users', static function (Blueprint $table): void {
            $table->timestampTz('closed_at')->nullable();
            $table->text('totp_secret')->nullable();
            $table->timestampTz('totp_since')->nullable();
            $table->text('recovery_codes')->nullable();
            $table->unique(['school_id', 'id']);
        });
        DB::statement('alter table users drop constraint users_role_check');
        DB::statement(
            "alter table users add constraint users_role_check check (role in ('head', 'instructor', 'assistant', 'student', 'guardian'))",
        );
        Schema::table('schools', static function (Blueprint $table): void {
            $table->boolean('heads_need_totp')->default(false);
        });

        Schema::create('guardianships', static function (Blueprint $table): void {
            $table->foreignId('school_id');
            $table->foreignId('user_id');
            $table->foreignId('student_id');
            $table->primary(['user_id', 'student_id']);
            $table
                ->foreign(['school_id', 'user_id'])
                ->references(['school_id', 'id'])
                ->on('users')
                ->cascadeOnDelete();
            $table
                ->foreign(['school_id', 'student_id'])
                ->references(['school_id', 'id'])
                ->on('students')
                ->cascadeOnDelete();
        });

        Schema::create('invitations', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('school_id')->constrained()->cascadeOnDelete();
            $table->string('name', 200);
            $table->string('email', 200)->nullable();
            $table->string('role', 20);
            $table->jsonb('students')->default('[]');
            $table->string('token', 64)->unique();
            $table->foreignId('invited_by_id')->nullable()->constrained('users')->nullOnDelete();
            $table->timestampTz('expires_at');
            $table->timestampsTz();
        });
        DB::statement(
            "alter table invitations add constraint invitations_role_check check (role in ('head', 'instructor', 'assistant', 'student', 'guardian'))",
        );

        Schema::create('password_reset_tokens', static function (Blueprint $table): void {
            $table->string('email', 200)->primary();
            $table->string('token');
            $table->timestampTz('created_at')->nullable();
        });

        Schema::create('outbox', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('school_id')->nullable()->constrained()->cascadeOnDelete();
            $table->string('recipient', 400);
            $table->string('subject', 400);
            $table->text('body');
            $table->timestampTz('created_at');
            $table->index(['school_id', 'id']);
        });

        Schema::create('activity_log', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('school_id')->nullable()->constrained()->cascadeOnDelete();
            $table->string('log_name')->nullable();
            $table->text('description');
            $table->string('subject_type')->nullable();
            $table->bigInteger('subject_id')->nullable();
            $table->string('causer_type')->nullable();
            $table->bigInteger('causer_id')->nullable();
            $table->string('event')->nullable();
            $table->uuid('batch_uuid')->nullable();
            $table->json('properties')->nullable();
            $table->string('address', 45)->nullable();
            $table->timestampsTz();
            $table->index(['school_id', 'id']);
            $table->index(['subject_type', 'subject_id']);
        });
    }

    public function down(): void
    {
        foreach (['activity_log', 'outbox', 'password_reset_tokens', 'invitations', 'guardianships'] as $table) {
            Schema::dropIfExists($table);
        }
        Schema::table('schools', static function (Blueprint $table): void {
            $table->dropColumn('heads_need_totp');
        });
        // Whoever looks after children has no place in the earlier release.
        DB::table('users')->where('role', 'guardian')->delete();
        DB::statement('alter table users drop constraint users_role_check');
        DB::statement(
            "alter table users add constraint users_role_check check (role in ('head', 'instructor', 'assistant', 'student'))",
        );
        Schema::table('users', static function (Blueprint $table): void {
            $table->dropUnique(['school_id', 'id']);
            $table->dropColumn(['closed_at', 'totp_secret', 'totp_since', 'recovery_codes']);
        });
    }
};
