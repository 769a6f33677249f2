<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('risk_sums', function (Blueprint $table): void {
            $table->json('ready')->nullable();
        });
        // Worked out anew with the next run, and the amounts with it.
        DB::table('risk_sums')->update(['key' => null]);
    }

    public function down(): void
    {
        Schema::table('risk_sums', function (Blueprint $table): void {
            $table->dropColumn('ready');
        });
    }
};
