<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Beside the coldest night and the hottest day the usual ones: a year costs what is usual, the worst night decides who is rung up. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('rooms', function (Blueprint $table): void {
            $table->double('winter_usual_night_c')->nullable();
            $table->double('summer_usual_day_c')->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('rooms', fn (Blueprint $table) => $table->dropColumn(['winter_usual_night_c', 'summer_usual_day_c']));
    }
};
