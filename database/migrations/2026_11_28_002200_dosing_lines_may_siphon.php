<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** How a dosing vessel stands to the end of its line; until somebody has looked: unknown. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('items', function (Blueprint $table): void {
            $table->double('vessel_above_mm')->nullable();
            $table->boolean('line_break')->nullable();
            $table->double('line_bore_mm')->nullable();
            $table->double('line_length_m')->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('items', function (Blueprint $table): void {
            $table->dropColumn(['vessel_above_mm', 'line_break', 'line_bore_mm', 'line_length_m']);
        });
    }
};
