<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** A planned cut, a storm, frost, heat or works over an area, known ahead (E-10); and what a dark house’s course is worked out from. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('area_events', function (Blueprint $table): void {
            $table->id();
            $table->string('kind', 20);
            $table->json('towns');
            $table->dateTime('starts_at')->index();
            $table->dateTime('ends_at')->index();
            $table->double('dark_h')->nullable();
            $table->double('outside_c')->nullable();
            $table->string('words', 300)->nullable();
            $table->foreignId('user_id')->constrained();
            $table->dateTime('called_off_at')->nullable();
            $table->dateTime('tasks_at')->nullable();
            $table->timestamps();
        });
        Schema::table('exposures', fn (Blueprint $table) => $table->json('course')->nullable());
    }

    public function down(): void
    {
        Schema::table('exposures', fn (Blueprint $table) => $table->dropColumn('course'));
        Schema::drop('area_events');
    }
};
