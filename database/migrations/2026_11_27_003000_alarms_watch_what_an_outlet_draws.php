<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** An alarm may watch an outlet that is on and draws nothing: a dead heater behind a live one (K-51). */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('alarms', function (Blueprint $table): void {
            $table->foreignId('outlet_id')->nullable()->constrained();
        });
    }

    public function down(): void
    {
        Schema::table('alarms', function (Blueprint $table): void {
            $table->dropConstrainedForeignId('outlet_id');
        });
    }
};
