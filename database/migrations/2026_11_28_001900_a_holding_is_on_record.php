<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** A holding is a system of its own while animals are in it; how the old place was left is kept with who signed. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('moves', function (Blueprint $table): void {
            $table->foreignId('holding_system_id')->nullable()->constrained('systems');
            $table->dateTime('holding_emptied_at')->nullable();
            $table->json('left_place')->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('moves', function (Blueprint $table): void {
            $table->dropConstrainedForeignId('holding_system_id');
            $table->dropColumn(['holding_emptied_at', 'left_place']);
        });
    }
};
