<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What is taken along to every move is for the company to say: lines of its own, and those of the usual list it leaves off. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('packing_lines', function (Blueprint $table): void {
            $table->id();
            $table->string('what', 120)->nullable();
            $table->unsignedSmallInteger('count')->nullable();
            $table->string('owner', 80)->nullable();
            $table->string('drops', 60)->nullable();
            $table->foreignId('user_id')->constrained();
            $table->timestamp('archived_at')->nullable();
            $table->timestamps();
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('packing_lines');
    }
};
