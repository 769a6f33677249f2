<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What a device is set to, as dated values: a setting is never written over, the newest counts (K-43). */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('item_settings', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('item_id')->constrained();
            $table->string('name', 80);
            $table->string('value', 160);
            $table->string('why', 300);
            $table->timestamp('set_at')->useCurrent();
            $table->foreignId('user_id')->constrained();
            $table->timestamps();
            $table->index(['item_id', 'name', 'set_at']);
        });
    }

    public function down(): void
    {
        Schema::drop('item_settings');
    }
};
