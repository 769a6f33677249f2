<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** The start a device was last heard in: a later one means that its power, or its head, was gone (K-43). */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('link_devices', function (Blueprint $table): void {
            $table->unsignedInteger('boot')->nullable();
            $table->string('boot_run', 80)->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('link_devices', function (Blueprint $table): void {
            $table->dropColumn(['boot', 'boot_run']);
        });
    }
};
