<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('systems', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('site_id')->constrained();
            $table->foreignId('room_id')->nullable()->constrained();
            $table->unsignedBigInteger('plan_version_id')->nullable()->index();
            $table->foreignId('keeper_id')->nullable()->constrained('users');
            $table->string('name', 120);
            $table->string('kind', 120);
            $table->string('regime', 20)->index();
            $table->date('started_on')->nullable();
            $table->string('started_precision', 10)->default('day');
            $table->date('settling_until')->nullable();
            // What breathes in it and what keeps it breathing in an outage (R-22).
            $table->double('fish_kg')->nullable();
            $table->boolean('small_fish')->default(false);
            $table->string('community', 10)->nullable();
            $table->double('battery_h')->nullable();
            $table->boolean('battery_pump')->default(true);
            $table->double('hose_flow_lh')->nullable();
            $table->unsignedBigInteger('salt_mix_id')->nullable();
            $table->double('emergency_share_pct')->nullable();
            $table->date('isolated_since')->nullable();
            $table->string('isolated_reason', 300)->nullable();
            $table->double('true_volume_l')->nullable();
            $table->double('measured_volume_l')->nullable();
            $table->string('measured_how', 200)->nullable();
            $table->json('facts');
            $table->json('bases');
            $table->json('chambers');
            // Lamps, holes, what stands in the cabinet and on the board, joints: as a plan places them.
            $table->json('tables')->nullable();
            $table->date('light_read_on')->nullable();
            $table->date('flow_read_on')->nullable();
            // The soonest leaves_at of its judgements: a fleet is sorted by it.
            $table->timestamp('first_leaves_at')->nullable()->index();
            $table->timestamp('archived_at')->nullable()->index();
            // What is not tested yet though animals depend on it; written when the register changes.
            $table->string('unprotected', 300)->nullable();
            $table->timestamps();
            $table->unique(['site_id', 'name']);
        });
        Schema::create('vessels', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('system_id')->constrained();
            $table->foreignId('room_id')->nullable()->constrained();
            $table->string('role', 20);
            $table->string('name', 120);
            $table->json('facts');
            $table->json('bases');
            $table->double('net_l')->nullable();
            $table->timestamps();
            $table->unique(['system_id', 'role', 'name']);
        });
        Schema::create('items', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('system_id')->constrained();
            $table->foreignId('vessel_id')->nullable()->constrained();
            $table->string('job', 30)->index();
            $table->string('name', 160);
            $table->double('watts')->nullable();
            $table->date('installed_on')->nullable();
            $table->string('installed_precision', 10)->default('day');
            $table->double('life_months')->nullable();
            $table->unsignedSmallInteger('service_every_days')->nullable();
            $table->date('last_service_on')->nullable();
            $table->string('serial', 80)->nullable();
            $table->string('plug_label', 80)->nullable();
            $table->string('outlet', 80)->nullable();
            $table->string('circuit', 80)->nullable();
            $table->unsignedInteger('price_minor')->nullable();
            $table->date('warranty_until')->nullable();
            $table->string('spare_where', 160)->nullable();
            $table->string('note', 500)->nullable();
            $table->date('replace_on')->nullable()->index();
            $table->timestamp('retired_at')->nullable();
            $table->string('retired_reason', 300)->nullable();
            // Stands in for something until then, and why (X-55).
            $table->date('temporary_until')->nullable();
            $table->string('temporary_why', 300)->nullable();
            // Mounted, powered, programmed, calibrated, tested, run in (X-10).
            $table->string('state', 12)->default('run-in');
            $table->string('tested_result', 200)->nullable();
            $table->json('bases')->nullable();
            $table->timestamps();
        });
        // Rock, sand, media, glue and sealant as they went in.
        Schema::create('materials', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('system_id')->constrained();
            $table->string('kind', 10);
            $table->string('name', 120);
            foreach (['grain', 'colour', 'origin', 'lot'] as $word) {
                $table->string($word, 120)->nullable();
            }
            $table->double('mass_kg')->nullable();
            $table->date('in_on');
            $table->string('note', 300)->nullable();
            $table->foreignId('user_id')->constrained();
            $table->timestamp('archived_at')->nullable();
            $table->timestamps();
        });
        // Limits the company sets for itself, each with its reason.
        Schema::create('house_limits', function (Blueprint $table): void {
            $table->id();
            $table->string('rule', 30)->unique();
            $table->double('value');
            $table->string('reason', 300);
            $table->foreignId('user_id')->constrained();
            $table->timestamps();
        });
        Schema::create('own_parameters', function (Blueprint $table): void {
            $table->id();
            $table->string('name', 60)->unique();
            $table->string('unit', 20)->default('');
            $table->double('least');
            $table->double('most');
            $table->double('resolution');
            $table->timestamp('archived_at')->nullable();
            $table->timestamps();
        });
        Schema::create('bands', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('system_id')->constrained();
            $table->string('parameter', 20);
            foreach (['aim_low', 'aim_high', 'fine_low', 'fine_high', 'act_low', 'act_high', 'rate_per_day'] as $limit) {
                $table->double($limit)->nullable();
            }
            $table->boolean('tracked')->default(true);
            $table->string('reason', 500)->nullable();
            $table->string('holds_while', 300)->nullable();
            $table->foreignId('user_id')->nullable()->constrained();
            $table->timestamps();
            $table->unique(['system_id', 'parameter']);
        });
        Schema::create('standing_notes', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('system_id')->constrained();
            $table->foreignId('user_id')->constrained();
            $table->string('text', 500);
            $table->date('until')->nullable();
            $table->timestamp('archived_at')->nullable();
            $table->timestamps();
        });
        Schema::create('log_entries', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('system_id')->constrained();
            $table->foreignId('user_id')->constrained();
            $table->timestamp('happened_at')->index();
            $table->string('kind', 20);
            $table->string('text', 1000);
            $table->timestamps();
        });
        Schema::create('products', function (Blueprint $table): void {
            $table->id();
            $table->string('name', 120)->unique();
            $table->string('kind', 20);
            $table->json('raises');
            $table->json('lowers');
            $table->string('note', 300)->nullable();
            // Its card, shown at the step that opens it.
            $table->string('instructions', 1000)->nullable();
            $table->string('cautions', 500)->nullable();
            $table->string('contents', 160)->nullable();
            $table->unsignedSmallInteger('packets')->nullable();
            $table->string('effect', 300)->nullable();
            $table->unsignedSmallInteger('open_days')->nullable();
            $table->timestamp('archived_at')->nullable();
            $table->timestamps();
        });
        Schema::create('product_system', function (Blueprint $table): void {
            $table->foreignId('system_id')->constrained();
            $table->foreignId('product_id')->constrained();
            $table->string('how_much', 80);
            $table->primary(['system_id', 'product_id']);
        });
        // What a change re-opened (X-30); one row per subject that still waits.
        Schema::create('ripples', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('system_id')->constrained();
            $table->foreignId('user_id')->constrained();
            $table->string('subject', 30);
            $table->string('label', 80);
            $table->string('check', 300);
            $table->string('rule', 10);
            $table->string('cause', 300);
            $table->json('figure')->nullable();
            $table->timestamp('confirmed_at')->nullable();
            $table->foreignId('confirmed_by')->nullable()->constrained('users');
            $table->string('found', 300)->nullable();
            $table->timestamps();
            $table->index(['system_id', 'confirmed_at']);
        });
        Schema::create('readings', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('system_id')->constrained();
            $table->string('parameter', 20);
            $table->timestamp('taken_at');
            $table->double('value');
            $table->double('given_value');
            $table->string('given_unit', 30);
            $table->string('method', 20)->default('kit');
            $table->string('instrument', 120)->nullable();
            $table->foreignId('user_id')->constrained();
            $table->boolean('doubtful')->default(false);
            $table->timestamp('marked_at')->nullable();
            $table->string('marked_reason', 300)->nullable();
            $table->uuid('client_uuid')->unique();
            $table->timestamps();
            $table->index(['system_id', 'parameter', 'taken_at']);
        });
        // One row per system and parameter, rewritten with each reading, so that a fleet is read without its history.
        Schema::create('judgements', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('system_id')->constrained();
            $table->string('parameter', 20);
            $table->double('latest');
            $table->timestamp('latest_at');
            $table->string('standing', 10);
            $table->unsignedSmallInteger('count');
            $table->double('slope_per_day')->nullable();
            $table->boolean('steady')->default(false);
            $table->double('scatter')->nullable();
            $table->double('line_now')->nullable();
            $table->double('days_to_leave')->nullable();
            $table->timestamp('leaves_at')->nullable()->index();
            $table->double('spread7')->nullable();
            $table->double('spread30')->nullable();
            $table->timestamp('judged_at');
            $table->unique(['system_id', 'parameter']);
        });
        // One row when the demo world is whole; a killed run leaves none and is made again.
        Schema::create('demo_worlds', function (Blueprint $table): void {
            $table->id();
            $table->unsignedInteger('systems');
            $table->integer('seed');
            $table->timestamp('finished_at');
        });
        Schema::table('systems', function (Blueprint $table): void {
            $table->foreign('plan_version_id')->references('id')->on('plan_versions');
        });
    }
};
