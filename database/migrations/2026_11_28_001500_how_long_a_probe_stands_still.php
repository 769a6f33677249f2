<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** The longest a probe stood still in the last fortnight, s, and what a load may draw at most, W. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('sensors', function (Blueprint $table): void {
            $table->double('still_s')->nullable();
        });
        Schema::table('alarms', function (Blueprint $table): void {
            $table->double('most_w')->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('sensors', fn (Blueprint $table) => $table->dropColumn('still_s'));
        Schema::table('alarms', fn (Blueprint $table) => $table->dropColumn('most_w'));
    }
};
