<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** A vessel belongs to a system from one day to another (M-18); those there are began with their system. A name may come again. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('vessels', function (Blueprint $table): void {
            $table->date('joined_on')->nullable();
            $table->date('left_on')->nullable();
            $table->string('left_because', 300)->nullable();
            $table->index(['system_id', 'left_on']);
            $table->dropUnique(['system_id', 'role', 'name']);
        });
        DB::statement(
            'update vessels join systems on systems.id = vessels.system_id set vessels.joined_on = systems.started_on',
        );
    }

    public function down(): void
    {
        Schema::table('vessels', function (Blueprint $table): void {
            $table->unique(['system_id', 'role', 'name']);
            $table->dropIndex(['system_id', 'left_on']);
            $table->dropColumn(['joined_on', 'left_on', 'left_because']);
        });
    }
};
