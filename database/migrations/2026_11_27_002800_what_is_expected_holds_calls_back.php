<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** A disturbance names the quantities it moves; an alarm on one of them waits for its end. What stands there holds nothing back. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('disturbances', function (Blueprint $table): void {
            $table->json('holds')->nullable();
        });
        Schema::table('alarm_events', function (Blueprint $table): void {
            $table->dateTime('held_until', 3)->nullable()->index();
        });
    }

    public function down(): void
    {
        Schema::table('disturbances', function (Blueprint $table): void {
            $table->dropColumn('holds');
        });
        Schema::table('alarm_events', function (Blueprint $table): void {
            $table->dropColumn('held_until');
        });
    }
};
