<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** A file of everything about one client, for some days; and that what named them was erased. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('client_exports', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('client_id')->constrained('clients')->restrictOnDelete();
            $table->foreignId('user_id')->constrained('users')->restrictOnDelete();
            $table->string('state', 20);
            $table->unsignedTinyInteger('percent')->default(0);
            $table->string('path', 200)->nullable();
            $table->unsignedBigInteger('bytes')->nullable();
            $table->timestamps();
        });
        Schema::table('clients', function (Blueprint $table): void {
            $table->timestamp('erased_at')->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('clients', function (Blueprint $table): void {
            $table->dropColumn('erased_at');
        });
        Schema::dropIfExists('client_exports');
    }
};
