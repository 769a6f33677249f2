<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Something else for a while, asked of an outlet over the link: who, why, until when, and what its controller answered. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('outlet_orders', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('controller_id')->constrained();
            $table->foreignId('outlet_id')->constrained();
            $table->double('level');
            $table->unsignedInteger('for_s');
            $table->string('because', 300);
            $table->foreignId('user_id')->constrained();
            $table->string('state', 12);
            $table->timestamp('expires_at', 3);
            $table->foreignId('link_device_id')->nullable()->constrained();
            $table->timestamp('answered_at', 3)->nullable();
            $table->timestamp('until_at', 3)->nullable();
            $table->timestamp('over_at', 3)->nullable();
            $table->foreignId('ended_by')->nullable()->constrained('users');
            $table->string('refused_why', 200)->nullable();
            $table->timestamp('overdue_at', 3)->nullable();
            $table->timestamps();
            $table->index(['controller_id', 'state']);
            $table->index(['state', 'expires_at']);
        });
        Schema::table('offs', function (Blueprint $table): void {
            $table->foreignId('outlet_order_id')->nullable()->constrained();
        });
    }

    public function down(): void
    {
        Schema::table('offs', function (Blueprint $table): void {
            $table->dropConstrainedForeignId('outlet_order_id');
        });
        Schema::dropIfExists('outlet_orders');
    }
};
