<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** A code from a phone beside the password; mail addresses that differ in an accent are two people's. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('users', function (Blueprint $table): void {
            $table->text('factor_secret')->nullable();
            $table->dateTime('factor_since')->nullable();
            $table->unsignedBigInteger('factor_step')->nullable();
            $table->text('recovery_codes')->nullable();
        });
        Schema::create('company_rules', function (Blueprint $table): void {
            $table->id();
            $table->string('rule', 60)->unique();
            $table->boolean('holds');
            $table->foreignId('user_id')->constrained('users')->restrictOnDelete();
            $table->timestamps();
        });
        foreach (['users', 'password_reset_tokens'] as $table) {
            DB::statement(
                "ALTER TABLE `{$table}` MODIFY `email` VARCHAR(190) CHARACTER SET utf8mb4 COLLATE utf8mb4_uca1400_nopad_as_ci NOT NULL",
            );
        }
    }

    public function down(): void
    {
        foreach (['users', 'password_reset_tokens'] as $table) {
            DB::statement("ALTER TABLE `{$table}` MODIFY `email` VARCHAR(190) CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci NOT NULL");
        }
        Schema::dropIfExists('company_rules');
        Schema::table('users', function (Blueprint $table): void {
            $table->dropColumn(['factor_secret', 'factor_since', 'factor_step', 'recovery_codes']);
        });
    }
};
