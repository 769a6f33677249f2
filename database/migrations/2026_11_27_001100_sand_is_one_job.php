<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** How deep the sand lies, what was lifted off it and where it went back, and what must not be done afterwards. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('sand_profiles', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('system_id')->constrained();
            $table->foreignId('visit_id')->nullable()->constrained();
            $table->date('measured_on');
            $table->json('places');
            $table->double('area_m2');
            $table->double('aim_mm');
            $table->double('density_kg_l');
            $table->double('added_kg')->nullable();
            $table->foreignId('user_id')->constrained();
            $table->uuid('client_uuid')->nullable()->unique();
            $table->timestamps();
            $table->index(['system_id', 'measured_on']);
        });
        Schema::create('lifted', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('system_id')->constrained();
            $table->foreignId('visit_id')->constrained();
            $table->string('what', 120);
            $table->string('place', 160);
            $table->timestamp('lifted_at');
            $table->foreignId('lifted_by')->constrained('users');
            $table->timestamp('back_at')->nullable();
            $table->foreignId('back_by')->nullable()->constrained('users');
            $table->string('back_place', 160)->nullable();
            $table->uuid('client_uuid')->unique();
            $table->timestamps();
            $table->index(['visit_id', 'back_at']);
        });
        // Not before that day: no magnet, no new animal, no stirring.
        Schema::create('locks', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('system_id')->constrained();
            $table->foreignId('visit_id')->nullable()->constrained();
            $table->string('what', 120);
            $table->string('because', 160);
            $table->date('until_on');
            $table->timestamp('lifted_at')->nullable();
            $table->timestamps();
            $table->index(['system_id', 'until_on']);
        });
    }

    public function down(): void
    {
        Schema::drop('locks');
        Schema::drop('lifted');
        Schema::drop('sand_profiles');
    }
};
