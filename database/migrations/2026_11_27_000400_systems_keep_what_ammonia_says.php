<?php

declare(strict_types=1);

use App\Systems\AmmoniaWatch;
use App\Systems\System;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** The latest reading of ammonia with what it was judged with, so that a Stop stands on every page until a re-test. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('systems', function (Blueprint $table): void {
            $table->double('ammonia_total_mg_l')->nullable();
            $table->dateTime('ammonia_at')->nullable();
            $table->double('ammonia_ph')->nullable();
            $table->double('ammonia_temp_c')->nullable();
            $table->double('ammonia_salinity')->nullable();
            $table->double('ammonia_alk_dkh')->nullable();
            $table->string('ammonia_severity', 8)->nullable()->index();
        });
        // Readings that nobody judged when they were taken are judged now.
        System::query()->whereHas('readings', fn ($r) => $r->where('parameter', 'ammonia'))->with('bands')->lazyById(100)->each(AmmoniaWatch::again(...));
    }

    public function down(): void
    {
        Schema::table('systems', fn (Blueprint $table) => $table->dropColumn([
            'ammonia_total_mg_l', 'ammonia_at', 'ammonia_ph', 'ammonia_temp_c', 'ammonia_salinity', 'ammonia_alk_dkh', 'ammonia_severity',
        ]));
    }
};
