<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What does a device's work while it is away: one on loan, by hand every so many days, nothing by decision (K-46). Empty: nobody said. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('items', function (Blueprint $table): void {
            $table->string('away_instead', 10)->nullable();
            $table->unsignedSmallInteger('away_hand_days')->nullable();
            $table->date('away_hand_on')->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('items', fn (Blueprint $table) => $table->dropColumn(['away_instead', 'away_hand_days', 'away_hand_on']));
    }
};
