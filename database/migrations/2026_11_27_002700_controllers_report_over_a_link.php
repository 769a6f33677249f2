<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Devices that report, what they reported, what was held back; alarms as they happen, and who is called. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('link_devices', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('controller_id')->constrained();
            $table->string('name', 80);
            $table->string('kind', 10);
            $table->char('token_hash', 64)->unique();
            $table->char('next_token_hash', 64)->nullable()->unique();
            $table->timestamp('revoked_at')->nullable();
            $table->string('run', 36)->nullable();
            $table->dateTime('hello_at', 3)->nullable();
            $table->double('clock_epoch_s')->nullable();
            $table->double('clock_rate')->nullable();
            $table->double('skew_s')->nullable();
            $table->char('hash', 64)->nullable();
            $table->dateTime('heard_at', 3)->nullable()->index();
            $table->json('seen')->nullable();
            $table->json('breaks')->nullable();
            $table->unsignedSmallInteger('every_s')->default(60);
            $table->foreignId('user_id')->constrained();
            $table->timestamps();
        });
        Schema::create('link_rows', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('link_device_id')->constrained();
            $table->string('run', 36);
            $table->unsignedBigInteger('seq');
            $table->dateTime('at', 3);
            $table->string('kind', 8);
            $table->string('channel', 40);
            $table->double('value')->nullable();
            $table->boolean('on')->nullable();
            $table->double('watts')->nullable();
            $table->string('code', 40)->nullable();
            $table->char('digest', 16);
            $table->unique(['link_device_id', 'run', 'seq']);
            $table->index(['link_device_id', 'channel', 'at']);
        });
        Schema::create('link_held', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('link_device_id')->constrained();
            $table->string('run', 36);
            $table->unsignedBigInteger('seq');
            $table->string('code', 20);
            $table->string('message', 200);
            $table->json('row');
            $table->timestamp('held_at')->useCurrent();
            $table->unique(['link_device_id', 'run', 'seq', 'code']);
        });
        $this->alarms();
    }

    private function alarms(): void
    {
        Schema::create('alarm_watches', function (Blueprint $table): void {
            $table->foreignId('alarm_id')->primary()->constrained()->cascadeOnDelete();
            $table->json('kept');
            $table->timestamps();
        });
        Schema::create('alarm_events', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('alarm_id')->constrained();
            $table->foreignId('joined_id')->nullable()->constrained('alarm_events');
            $table->dateTime('at', 3);
            $table->dateTime('raised_at', 3)->index();
            $table->string('words', 300);
            $table->dateTime('cleared_at', 3)->nullable();
            $table->timestamp('acknowledged_at')->nullable();
            $table->foreignId('acknowledged_by')->nullable()->constrained('users');
            $table->index(['cleared_at', 'acknowledged_at']);
        });
        Schema::create('alarm_notices', function (Blueprint $table): void {
            $table->id();
            $table->uuid()->unique();
            $table->foreignId('alarm_event_id')->constrained();
            $table->foreignId('user_id')->constrained();
            $table->unsignedTinyInteger('round');
            $table->dateTime('due_at', 3)->index();
            $table->dateTime('sent_at', 3)->nullable();
            $table->dateTime('dropped_at', 3)->nullable();
            $table->unsignedTinyInteger('tries')->default(0);
        });
        // The simulated gateway’s own memory: a call that is handed over twice is one call.
        Schema::create('gateway_messages', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('alarm_notice_id')->unique()->constrained();
            $table->string('recipient', 160);
            $table->string('words', 500);
            $table->dateTime('at', 3);
        });
    }

    public function down(): void
    {
        $tables = ['gateway_messages', 'alarm_notices', 'alarm_events', 'alarm_watches', 'link_held', 'link_rows', 'link_devices'];
        foreach ($tables as $table) {
            Schema::drop($table);
        }
    }
};
