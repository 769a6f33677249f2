<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** A change of a running system as a small project of one or several visits, and what was said of its steps. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('works', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('system_id')->constrained();
            $table->string('kind', 20);
            $table->string('verb', 20);
            $table->string('name', 120);
            $table->json('facts');
            $table->foreignId('item_id')->nullable()->constrained();
            $table->foreignId('new_item_id')->nullable()->constrained('items');
            $table->foreignId('vessel_id')->nullable()->constrained();
            $table->foreignId('follow_up_id')->nullable()->constrained();
            $table->date('on')->nullable();
            $table->dateTime('exchanged_at')->nullable();
            $table->dateTime('ended_at')->nullable()->index();
            $table->string('ended_because', 300)->nullable();
            $table->foreignId('user_id')->constrained();
            $table->timestamps();
        });
        Schema::create('work_marks', function (Blueprint $table): void {
            $table->id();
            $table->uuid('client_uuid')->unique();
            $table->foreignId('work_id')->constrained();
            $table->foreignId('user_id')->constrained();
            $table->string('step', 40);
            $table->double('value')->nullable();
            $table->boolean('answer')->nullable();
            $table->string('words', 300)->nullable();
            $table->foreignId('attachment_id')->nullable()->constrained();
            $table->dateTime('at');
            $table->dateTime('taken_back_at')->nullable();
            $table->timestamps();
            $table->index(['work_id', 'at']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('work_marks');
        Schema::dropIfExists('works');
    }
};
