<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Promises of a day, standing wishes of a place, and each change of the board with its way back. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('visits', function (Blueprint $table): void {
            $table->timestamp('promised_at')->nullable();
            $table->foreignId('promised_by')->nullable()->constrained('users');
        });
        Schema::create('site_wishes', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('site_id')->constrained();
            $table->string('text', 300);
            $table->json('weekdays');
            $table->unsignedSmallInteger('from_min')->nullable();
            $table->unsignedSmallInteger('to_min')->nullable();
            $table->foreignId('person_id')->nullable()->constrained('users');
            $table->date('not_before')->nullable();
            $table->date('not_after')->nullable();
            $table->foreignId('user_id')->constrained();
            $table->timestamp('released_at')->nullable();
            $table->foreignId('released_by')->nullable()->constrained('users');
            $table->timestamps();
            $table->index(['site_id', 'released_at']);
        });
        Schema::create('board_changes', function (Blueprint $table): void {
            $table->id();
            $table->string('kind', 12);
            $table->string('words', 300);
            $table->foreignId('user_id')->nullable()->constrained();
            $table->timestamp('undone_at')->nullable();
            $table->timestamps();
        });
        Schema::create('board_moves', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('board_change_id')->constrained();
            $table->foreignId('visit_id')->constrained();
            $table->json('was');
            $table->json('became');
            $table->timestamp('told_at')->nullable();
            $table->foreignId('told_by')->nullable()->constrained('users');
            $table->timestamps();
            $table->index('visit_id');
        });
    }

    public function down(): void
    {
        Schema::drop('board_moves');
        Schema::drop('board_changes');
        Schema::drop('site_wishes');
        Schema::table('visits', function (Blueprint $table): void {
            $table->dropConstrainedForeignId('promised_by');
            $table->dropColumn('promised_at');
        });
    }
};
