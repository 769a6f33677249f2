<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Animals of a system, their places in it, and how they went from one system to another. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('animals', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('system_id')->constrained();
            $table->foreignId('split_of_id')->nullable()->constrained('animals');
            $table->string('name', 120);
            $table->string('kind', 20);
            $table->unsignedInteger('count');
            $table->double('length_cm')->nullable();
            $table->boolean('deep')->default(false);
            $table->string('state', 20)->index();
            $table->date('in_on')->nullable();
            $table->string('source', 120)->nullable();
            $table->double('par_low')->nullable();
            $table->double('par_high')->nullable();
            $table->string('note', 300)->nullable();
            $table->date('out_on')->nullable();
            $table->string('out_why', 300)->nullable();
            $table->foreignId('user_id')->constrained();
            $table->timestamps();
        });
        Schema::create('animal_places', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('animal_id')->constrained();
            $table->double('x_mm');
            $table->double('y_mm');
            $table->double('depth_mm')->nullable();
            $table->double('par')->nullable();
            $table->double('flow_cms')->nullable();
            $table->boolean('is_home')->default(true);
            $table->string('why', 200)->nullable();
            $table->foreignId('user_id')->constrained();
            $table->timestamps();
        });
        Schema::create('animal_transfers', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('animal_id')->constrained();
            $table->foreignId('from_system_id')->constrained('systems');
            $table->foreignId('to_system_id')->constrained('systems');
            $table->unsignedInteger('count');
            $table->string('why', 300);
            $table->foreignId('user_id')->constrained();
            $table->timestamps();
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('animal_transfers');
        Schema::dropIfExists('animal_places');
        Schema::dropIfExists('animals');
    }
};
