<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;
use Illuminate\Support\Str;

/** Each line of the trail has a name and a grain of chance, under which its digest stands in a database nothing is taken from. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('activity_log', function (Blueprint $table): void {
            $table->char('trail_id', 26)->nullable()->unique();
            $table->char('salt', 32)->nullable();
            $table->char('erased_by', 26)->nullable();
        });
        Schema::create('trail_ledgers', function (Blueprint $table): void {
            $table->id();
            $table->uuid('ledger')->unique();
            $table->timestamp('begun_at');
        });
        DB::table('trail_ledgers')->insert(['ledger' => (string) Str::uuid(), 'begun_at' => now()]);
    }

    public function down(): void
    {
        Schema::dropIfExists('trail_ledgers');
        Schema::table('activity_log', function (Blueprint $table): void {
            $table->dropColumn(['trail_id', 'salt', 'erased_by']);
        });
    }
};
