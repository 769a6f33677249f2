<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Moves: what is known of each as one document with a revision, and what people say on the day as lines that are never changed. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('moves', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('from_site_id')->constrained('sites');
            $table->foreignId('to_site_id')->nullable()->constrained('sites');
            $table->foreignId('system_id')->nullable()->constrained();
            $table->string('name', 120);
            $table->string('kind', 20);
            $table->date('on')->nullable()->index();
            $table->json('brief');
            $table->unsignedInteger('revision')->default(1);
            $table->dateTime('closed_at')->nullable();
            $table->foreignId('closed_by')->nullable()->constrained('users');
            $table->string('closed_words', 500)->nullable();
            $table->foreignId('user_id')->constrained();
            $table->dateTime('archived_at')->nullable();
            $table->timestamps();
        });
        Schema::create('move_hands', function (Blueprint $table): void {
            $table->foreignId('move_id')->constrained()->cascadeOnDelete();
            $table->foreignId('user_id')->constrained();
            $table->primary(['move_id', 'user_id']);
        });
        Schema::create('move_events', function (Blueprint $table): void {
            $table->id();
            $table->uuid()->unique();
            $table->foreignId('move_id')->constrained();
            $table->foreignId('user_id')->constrained();
            $table->string('kind', 20);
            $table->string('of', 60)->nullable();
            $table->double('value')->nullable();
            $table->string('words', 300)->nullable();
            $table->dateTime('at', 3);
            $table->dateTime('created_at', 3);
            $table->index(['move_id', 'at']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('move_events');
        Schema::dropIfExists('move_hands');
        Schema::dropIfExists('moves');
    }
};
