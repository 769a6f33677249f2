<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** The stores ask for the shortest hours of each hazard over the whole fleet: read from an index, not from every wide row. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('exposures', fn (Blueprint $table) => $table->index(['hazard', 'harm_h']));
    }

    public function down(): void
    {
        Schema::table('exposures', fn (Blueprint $table) => $table->dropIndex(['hazard', 'harm_h']));
    }
};
