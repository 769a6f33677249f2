<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** The temperature at which a heater's own thermostat stopped, °C, and the day somebody saw it do so. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('items', function (Blueprint $table): void {
            $table->double('thermostat_c')->nullable();
            $table->date('thermostat_tried_on')->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('items', fn (Blueprint $table) => $table->dropColumn(['thermostat_c', 'thermostat_tried_on']));
    }
};
