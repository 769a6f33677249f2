<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What a client took and what was put off until when, with the risk meanwhile, as it was signed (X-53). */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('signed_offers', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('system_id')->constrained();
            $table->string('signed_by', 120);
            $table->date('signed_on');
            $table->unsignedBigInteger('budget_minor')->nullable();
            $table->unsignedBigInteger('cost_minor');
            $table->json('taken');
            $table->json('put_off');
            $table->date('next_on')->nullable()->index();
            $table->foreignId('user_id')->constrained();
            $table->timestamps();
        });
    }

    public function down(): void
    {
        Schema::drop('signed_offers');
    }
};
