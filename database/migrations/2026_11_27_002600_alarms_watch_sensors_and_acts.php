<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** An alarm may watch a sensor, or an act of a set-up; and it says in plain words what to do. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('alarms', function (Blueprint $table): void {
            $table->foreignId('controller_id')->nullable()->constrained();
            $table->foreignId('sensor_id')->nullable()->constrained();
            $table->string('act', 60)->nullable();
            $table->double('rate_per_h')->nullable();
            $table->boolean('is_frozen')->default(false);
            $table->string('message', 300)->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('alarms', function (Blueprint $table): void {
            $table->dropConstrainedForeignId('controller_id');
            $table->dropConstrainedForeignId('sensor_id');
            $table->dropColumn(['act', 'rate_per_h', 'is_frozen', 'message']);
        });
    }
};
