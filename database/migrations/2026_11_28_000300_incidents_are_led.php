<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Where a place is shut off, what happened, what was said of it, and what it taught (E-3, E-4, E-8, X-51). */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('shut_offs', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('site_id')->constrained();
            $table->string('kind', 20);
            $table->string('words', 400);
            $table->string('who_may', 200)->nullable();
            $table->date('looked_on');
            $table->foreignId('user_id')->constrained();
            $table->timestamps();
            $table->unique(['site_id', 'kind']);
        });
        Schema::create('incidents', function (Blueprint $table): void {
            $table->id();
            $table->uuid()->unique();
            $table->foreignId('system_id')->constrained();
            $table->string('kind', 20);
            $table->foreignId('alarm_id')->nullable()->constrained();
            $table->dateTime('began_at');
            $table->foreignId('user_id')->constrained();
            $table->foreignId('merged_into_id')->nullable()->constrained('incidents');
            $table->json('review')->nullable();
            $table->foreignId('failed_item_id')->nullable()->constrained('items');
            $table->double('failed_age_years')->nullable();
            $table->dateTime('closed_at')->nullable()->index();
            $table->foreignId('closed_by')->nullable()->constrained('users');
            $table->timestamps();
        });
        Schema::create('incident_entries', function (Blueprint $table): void {
            $table->id();
            $table->uuid()->unique();
            $table->foreignId('incident_id')->constrained();
            $table->foreignId('user_id')->constrained();
            $table->string('said', 12);
            $table->string('of', 40)->nullable();
            $table->double('value')->nullable();
            $table->string('words', 300)->nullable();
            $table->dateTime('at', 3);
            $table->dateTime('created_at', 3);
        });
    }

    public function down(): void
    {
        foreach (['incident_entries', 'incidents', 'shut_offs'] as $table) {
            Schema::dropIfExists($table);
        }
    }
};
