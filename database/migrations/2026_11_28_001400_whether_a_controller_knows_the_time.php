<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What a controller said of its own clock when it began its run (K-64). Empty: it said nothing. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('link_devices', function (Blueprint $table): void {
            $table->boolean('clock_valid')->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('link_devices', fn (Blueprint $table) => $table->dropColumn('clock_valid'));
    }
};
