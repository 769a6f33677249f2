<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What a dosing head, a reactor or a valve gives, how strong it is, and what its vessel holds; until somebody says so: unknown. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('items', function (Blueprint $table): void {
            $table->string('doses', 20)->nullable();
            $table->double('strength_meq_ml')->nullable();
            $table->double('holds_ml')->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('items', function (Blueprint $table): void {
            $table->dropColumn(['doses', 'strength_meq_ml', 'holds_ml']);
        });
    }
};
