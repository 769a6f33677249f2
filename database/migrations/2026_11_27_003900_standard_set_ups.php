<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** The company’s standard set-ups: by what hangs where, not by the names of plugs, so that another place can take them over (X-3). */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('standard_set_ups', function (Blueprint $table): void {
            $table->id();
            $table->string('name', 120);
            $table->json('document');
            $table->foreignId('user_id')->constrained();
            $table->dateTime('archived_at')->nullable();
            $table->timestamps();
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('standard_set_ups');
    }
};
