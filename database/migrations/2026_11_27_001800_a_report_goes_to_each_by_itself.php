<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** A report's way to each reader: on its way, gone, or not, and why. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('report_mails', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('report_id')->constrained();
            $table->string('address', 190);
            // Whose units it is written in; nobody with an account here reads metric.
            $table->foreignId('user_id')->nullable()->constrained();
            $table->string('state', 12);
            $table->timestamp('sent_at')->nullable();
            $table->timestamps();
            $table->unique(['report_id', 'address']);
        });
    }

    public function down(): void
    {
        Schema::drop('report_mails');
    }
};
