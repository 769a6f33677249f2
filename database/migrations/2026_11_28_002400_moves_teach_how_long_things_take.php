<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** How long the stages of a move took against the house values, once it is over. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('move_paces', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('move_id')->constrained();
            $table->string('step', 60);
            $table->double('planned_min');
            $table->double('actual_min');
            $table->dateTime('created_at');
            $table->unique(['move_id', 'step']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('move_paces');
    }
};
