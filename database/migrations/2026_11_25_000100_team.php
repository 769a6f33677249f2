<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('users', function (Blueprint $table): void {
            $table->id();
            $table->string('name', 120);
            $table->string('email', 190)->unique();
            $table->string('password');
            $table->string('role', 20)->index();
            $table->unsignedBigInteger('client_id')->nullable()->index();
            $table->string('unit_system', 10)->default('metric');
            $table->string('alkalinity_unit', 20)->default('dKH');
            $table->string('salinity_unit', 20)->default('g/kg');
            $table->string('decimal_mark', 1)->default('.');
            $table->string('theme', 10)->default('paper');
            $table->string('phone', 40)->nullable();
            $table->double('home_lat')->nullable();
            $table->double('home_lon')->nullable();
            $table->json('skills')->nullable();
            $table->timestamp('archived_at')->nullable()->index();
            $table->rememberToken();
            $table->timestamps();
        });
        Schema::create('password_reset_tokens', function (Blueprint $table): void {
            $table->string('email', 190)->primary();
            $table->string('token');
            $table->timestamp('created_at')->nullable();
        });
        Schema::create('sessions', function (Blueprint $table): void {
            $table->string('id')->primary();
            $table->foreignId('user_id')->nullable()->index();
            $table->string('ip_address', 45)->nullable();
            $table->text('user_agent')->nullable();
            $table->longText('payload');
            $table->integer('last_activity')->index();
        });
        Schema::create('activity_log', function (Blueprint $table): void {
            $table->id();
            $table->string('log_name')->nullable()->index();
            $table->text('description');
            $table->nullableMorphs('subject', 'subject');
            $table->string('event')->nullable();
            $table->nullableMorphs('causer', 'causer');
            $table->json('properties')->nullable();
            $table->uuid('batch_uuid')->nullable();
            $table->timestamps();
            $table->index('created_at');
        });
        Schema::create('caught_mails', function (Blueprint $table): void {
            $table->id();
            $table->string('recipient', 190)->index();
            $table->string('subject', 250);
            $table->text('body');
            $table->timestamps();
        });
    }
};
