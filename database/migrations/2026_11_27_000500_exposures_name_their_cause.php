<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What is short in one word, so that many systems with the same cause stand as one line. Written when they are worked out again. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('exposures', function (Blueprint $table): void {
            $table->string('cause', 60)->nullable();
            $table->index(['night', 'hazard', 'cause']);
        });
        Schema::table('exposure_worst', function (Blueprint $table): void {
            $table->string('hazard', 20)->nullable();
            $table->string('cause', 60)->nullable();
            $table->index(['night', 'cause']);
        });
    }

    public function down(): void
    {
        Schema::table('exposures', function (Blueprint $table): void {
            $table->dropIndex(['night', 'hazard', 'cause']);
            $table->dropColumn('cause');
        });
        Schema::table('exposure_worst', function (Blueprint $table): void {
            $table->dropIndex(['night', 'cause']);
            $table->dropColumn(['hazard', 'cause']);
        });
    }
};
