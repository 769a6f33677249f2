<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** An alarm calls at a limit (R-48). Alarms already written down have none: they say so until somebody enters it. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('alarms', function (Blueprint $table): void {
            $table->string('quantity', 20)->nullable()->after('watches');
            // In the quantity's own unit: °C, mg/L.
            $table->double('low_limit')->nullable()->after('quantity');
            $table->double('high_limit')->nullable()->after('low_limit');
        });
    }

    public function down(): void
    {
        Schema::table('alarms', fn (Blueprint $table) => $table->dropColumn(['quantity', 'low_limit', 'high_limit']));
    }
};
