<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What more money buys on each system, kept so that one budget is spread over a fleet (R-31). */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('measure_curves', function (Blueprint $table): void {
            $table->foreignId('system_id')->primary()->constrained();
            $table->char('key', 64);
            $table->boolean('in_money');
            $table->json('curve');
            $table->dateTime('computed_at');
        });
    }

    public function down(): void
    {
        Schema::drop('measure_curves');
    }
};
