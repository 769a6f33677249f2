<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** An answer silences an alarm for an hour, not for ever; a value that harms calls whoever has answered. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('alarm_events', function (Blueprint $table): void {
            $table->dateTime('silent_until', 3)->nullable()->index();
            $table->dateTime('harm_at', 3)->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('alarm_events', function (Blueprint $table): void {
            $table->dropColumn(['silent_until', 'harm_at']);
        });
    }
};
