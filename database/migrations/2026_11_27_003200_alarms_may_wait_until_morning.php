<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Some alarms may wait until morning (K-14); none does unless somebody says so. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('alarms', function (Blueprint $table): void {
            $table->boolean('waits_at_night')->default(false);
        });
    }

    public function down(): void
    {
        Schema::table('alarms', function (Blueprint $table): void {
            $table->dropColumn('waits_at_night');
        });
    }
};
