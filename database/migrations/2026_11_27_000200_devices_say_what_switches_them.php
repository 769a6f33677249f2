<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What a device hangs on (R-50), where it is while it is away (X-13), and what a battery carries (R-23). */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('items', function (Blueprint $table): void {
            // The switch, probe or controller: devices of one stick and fail together.
            $table->string('switched_by', 80)->nullable()->after('circuit');
            $table->date('away_since')->nullable()->after('retired_reason');
            $table->string('away_where', 160)->nullable()->after('away_since');
            // Of a battery: what it holds, how much of that may be drawn, what it feeds, and at what loss.
            $table->double('capacity_wh')->nullable()->after('watts');
            $table->double('usable_share_pct')->nullable()->after('capacity_wh');
            $table->double('carries_w')->nullable()->after('usable_share_pct');
            $table->double('efficiency_pct')->nullable()->after('carries_w');
            $table->double('idle_w')->nullable()->after('efficiency_pct');
        });
    }

    public function down(): void
    {
        Schema::table('items', fn (Blueprint $table) => $table->dropColumn([
            'switched_by', 'away_since', 'away_where', 'capacity_wh', 'usable_share_pct', 'carries_w', 'efficiency_pct', 'idle_w',
        ]));
    }
};
