<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        $this->people();
        $this->risk();
        $this->water();
        $this->crews();
        $this->tasks();
        $this->visits();
        $this->reports();
    }

    private function people(): void
    {
        Schema::create('on_calls', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('user_id')->constrained();
            $table->date('from_on')->index();
            $table->date('until_on')->index();
            $table->unsignedTinyInteger('position')->default(1);
            $table->timestamps();
        });
        Schema::create('absences', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('user_id')->constrained();
            $table->date('from_on')->index();
            $table->date('until_on')->index();
            $table->string('reason', 120);
            $table->timestamps();
        });
        Schema::create('holidays', function (Blueprint $table): void {
            $table->id();
            $table->date('on')->unique();
            $table->string('name', 120);
        });
    }

    private function risk(): void
    {
        Schema::create('alarms', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('system_id')->constrained();
            $table->string('name', 120);
            $table->json('watches');
            $table->double('delay_min')->default(10);
            $table->boolean('on_its_own')->default(false);
            $table->date('tested_on')->nullable();
            $table->unsignedSmallInteger('test_every_days')->default(90);
            $table->timestamp('archived_at')->nullable();
            $table->timestamps();
        });
        Schema::create('alarm_calls', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('alarm_id')->constrained()->cascadeOnDelete();
            $table->foreignId('user_id')->constrained();
            $table->unsignedTinyInteger('position');
            $table->double('step_min')->default(15);
            $table->unique(['alarm_id', 'position']);
        });
        // One row per system, night and hazard, so that a fleet is sorted without its arithmetic.
        Schema::create('exposures', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('system_id')->constrained();
            $table->string('night', 20);
            $table->string('hazard', 20);
            $table->string('harm_by', 20)->nullable();
            $table->double('harm_h')->nullable();
            $table->double('noticed_h')->nullable();
            $table->double('acts_h')->nullable();
            $table->double('hours')->nullable();
            $table->string('who', 120)->nullable();
            $table->string('how', 200);
            $table->string('needs', 300)->nullable();
            $table->json('finding')->nullable();
            $table->timestamp('computed_at');
            $table->unique(['system_id', 'night', 'hazard']);
            $table->index(['night', 'computed_at']);
        });
        // The shortest of a system's hazards for one night.
        Schema::create('exposure_worst', function (Blueprint $table): void {
            $table->foreignId('system_id')->constrained();
            $table->string('night', 20);
            $table->double('rank')->nullable();
            $table->primary(['system_id', 'night']);
            $table->index(['night', 'rank']);
        });
    }

    private function water(): void
    {
        Schema::create('salt_mixes', function (Blueprint $table): void {
            $table->id();
            $table->string('name', 120)->unique();
            $table->double('grams_per_l')->default(38.5);
            $table->double('usable_from_h')->default(4);
            $table->double('usable_until_h')->default(336);
            foreach (['alk_dkh', 'ca_mg_l', 'mg_mg_l'] as $value) {
                $table->double($value)->nullable();
            }
            $table->timestamp('archived_at')->nullable();
            $table->timestamps();
        });
        Schema::create('depots', function (Blueprint $table): void {
            $table->id();
            $table->string('name', 120)->unique();
            $table->double('lat');
            $table->double('lon');
            $table->double('ro_rated_ld');
            $table->double('feed_c');
            $table->double('ro_stored_l');
            $table->double('ro_tank_l');
            $table->json('vessels_l');
            $table->double('heat_w');
            $table->double('target_c')->default(25);
            $table->double('reserve_ro_l')->default(0);
            $table->timestamp('archived_at')->nullable();
            $table->timestamps();
        });
        Schema::create('water_batches', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('depot_id')->constrained();
            $table->foreignId('salt_mix_id')->constrained();
            $table->double('salinity');
            $table->double('litres');
            $table->double('left_l');
            $table->timestamp('mixed_at');
            $table->double('measured_c')->nullable();
            $table->double('measured_salinity')->nullable();
            $table->double('measured_alk_dkh')->nullable();
            $table->string('lot', 60)->nullable();
            $table->string('for', 120)->nullable();
            $table->foreignId('user_id')->constrained();
            $table->timestamp('spent_at')->nullable();
            $table->timestamps();
        });
        // One store of water is promised several times: every promise is a row (X-15).
        Schema::create('water_bookings', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('depot_id')->constrained();
            $table->string('purpose', 20);
            $table->string('label', 160);
            $table->unsignedBigInteger('visit_id')->nullable()->unique();
            $table->double('litres');
            $table->date('on')->nullable();
            $table->timestamp('released_at')->nullable();
            $table->timestamps();
        });
    }

    private function crews(): void
    {
        Schema::create('vehicles', function (Blueprint $table): void {
            $table->id();
            $table->string('name', 120)->unique();
            $table->double('payload_kg');
            $table->double('salt_l');
            $table->double('ro_l');
            $table->timestamp('archived_at')->nullable();
            $table->timestamps();
        });
        Schema::create('crews', function (Blueprint $table): void {
            $table->id();
            $table->string('name', 120);
            $table->foreignId('depot_id')->constrained();
            $table->foreignId('vehicle_id')->constrained();
            $table->date('from_on')->index();
            $table->date('until_on')->nullable();
            $table->unsignedSmallInteger('starts_min')->default(480);
            $table->unsignedSmallInteger('ends_min')->default(990);
            $table->unsignedSmallInteger('break_min')->default(30);
            $table->timestamps();
        });
        Schema::create('crew_user', function (Blueprint $table): void {
            $table->foreignId('crew_id')->constrained()->cascadeOnDelete();
            $table->foreignId('user_id')->constrained();
            $table->primary(['crew_id', 'user_id']);
        });
        Schema::create('feeds', function (Blueprint $table): void {
            $table->id();
            $table->string('kind', 10);
            $table->unsignedBigInteger('subject_id');
            $table->char('token_hash', 64)->unique();
            $table->foreignId('user_id')->constrained();
            $table->timestamp('revoked_at')->nullable();
            $table->timestamps();
        });
    }

    private function tasks(): void
    {
        Schema::create('task_types', function (Blueprint $table): void {
            $table->id();
            $table->string('key', 30)->unique();
            $table->string('name', 120);
            $table->double('every_days');
            $table->double('minutes');
            foreach (['steps', 'cautions', 'off', 'readings', 'turns'] as $list) {
                $table->json($list);
            }
            $table->unsignedTinyInteger('persons')->default(1);
            $table->string('skill', 60)->nullable();
            $table->boolean('messy')->default(false);
            $table->boolean('build')->default(false);
            $table->string('stage', 20)->nullable();
            // Purpose, when not to, tools, materials, proof, what is written down.
            $table->json('about')->default('{}');
            $table->unsignedSmallInteger('version')->default(1);
            $table->date('version_on')->nullable();
            // The product each step opens, by its number.
            $table->json('products')->default('{}');
            $table->timestamp('archived_at')->nullable();
            $table->timestamps();
        });
        // Each version a job sheet had; never changed.
        Schema::create('job_sheets', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('task_type_id')->constrained();
            $table->unsignedSmallInteger('version');
            $table->json('steps');
            $table->json('cautions');
            $table->json('products');
            $table->json('about')->default('{}');
            $table->string('reason', 300);
            $table->foreignId('user_id')->nullable()->constrained();
            $table->timestamps();
            $table->unique(['task_type_id', 'version']);
        });
        Schema::create('trials', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('system_id')->constrained();
            $table->string('method', 120)->index();
            $table->string('expectation', 300);
            $table->string('parameter', 40)->nullable();
            $table->string('measure', 200)->nullable();
            $table->date('started_on');
            $table->date('judge_on');
            $table->string('verdict', 10)->nullable();
            $table->string('verdict_words', 300)->nullable();
            $table->timestamp('judged_at')->nullable();
            $table->foreignId('judged_by')->nullable()->constrained('users');
            // What was measured when it was judged: later readings do not change a verdict's ground.
            $table->json('effect')->nullable();
            $table->foreignId('follow_up_id')->nullable();
            $table->foreignId('user_id')->constrained();
            $table->timestamps();
            $table->index(['system_id', 'verdict']);
        });
        Schema::create('site_steps', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('site_id')->constrained();
            $table->foreignId('task_type_id')->constrained();
            $table->unsignedTinyInteger('step');
            $table->string('does', 10);
            $table->string('text', 300);
            $table->string('why', 300);
            $table->foreignId('attachment_id')->nullable()->constrained();
            $table->foreignId('user_id')->constrained();
            $table->timestamp('archived_at')->nullable();
            $table->timestamps();
            $table->index(['site_id', 'archived_at']);
        });
        Schema::create('tasks', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('system_id')->constrained();
            $table->foreignId('task_type_id')->constrained();
            $table->double('every_days');
            $table->double('earliest_days')->nullable();
            $table->double('latest_days')->nullable();
            $table->string('reason', 300)->nullable();
            $table->unsignedTinyInteger('turn')->default(0);
            $table->double('litres')->nullable();
            $table->date('until_on')->nullable();
            $table->date('last_done_on')->nullable();
            $table->date('earliest_on')->nullable();
            $table->date('due_on')->nullable()->index();
            $table->date('latest_on')->nullable();
            $table->date('suspended_until')->nullable();
            $table->string('suspended_reason', 300)->nullable();
            $table->timestamp('ended_at')->nullable();
            $table->timestamps();
            $table->unique(['system_id', 'task_type_id']);
            $table->index(['ended_at', 'latest_on']);
            // What the due list counts, from the index alone.
            $table->index(['ended_at', 'due_on', 'suspended_until', 'latest_on', 'system_id'], 'tasks_due_counts_index');
        });
    }

    private function visits(): void
    {
        Schema::create('visits', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('site_id')->constrained();
            $table->foreignId('crew_id')->nullable()->constrained();
            $table->date('planned_on')->nullable();
            $table->unsignedSmallInteger('position')->default(0);
            $table->timestamp('starts_at')->nullable()->index();
            $table->double('minutes');
            $table->boolean('pinned')->default(false);
            $table->string('state', 10)->default('open')->index();
            $table->date('earliest_on');
            $table->date('due_on')->index();
            $table->date('latest_on');
            $table->unsignedTinyInteger('persons')->default(1);
            $table->json('skills');
            $table->double('salt_l')->default(0);
            $table->double('ro_l')->default(0);
            $table->double('kg')->default(0);
            $table->foreignId('familiar_id')->nullable()->constrained('users');
            $table->boolean('isolated')->default(false);
            $table->string('why_unplanned', 200)->nullable();
            $table->json('moved_from')->nullable();
            $table->timestamp('opened_at')->nullable();
            $table->foreignId('opened_by')->nullable()->constrained('users');
            $table->timestamp('closed_at')->nullable();
            $table->foreignId('closed_by')->nullable()->constrained('users');
            $table->double('actual_min')->nullable();
            $table->string('left_note', 500)->nullable();
            $table->timestamps();
            $table->index(['planned_on', 'crew_id', 'position']);
            $table->index(['site_id', 'state']);
        });
        Schema::create('visit_tasks', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('visit_id')->constrained();
            $table->foreignId('system_id')->constrained();
            $table->foreignId('task_id')->nullable()->constrained();
            $table->foreignId('task_type_id')->constrained();
            $table->string('turn', 60)->nullable();
            $table->double('minutes');
            $table->double('litres')->nullable();
            $table->double('out_l')->nullable();
            $table->double('in_l')->nullable();
            $table->string('reason', 60)->nullable();
            $table->string('state', 10)->default('open');
            $table->json('steps');
            // The sheet as it was when the visit began.
            $table->json('sheet')->nullable();
            $table->string('note', 500)->nullable();
            $table->timestamp('done_at')->nullable();
            $table->foreignId('done_by')->nullable()->constrained('users');
            $table->timestamps();
            $table->index(['visit_id', 'state']);
        });
        Schema::create('follow_ups', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('system_id')->constrained();
            $table->foreignId('visit_id')->nullable()->constrained();
            $table->foreignId('task_type_id')->nullable()->constrained();
            $table->string('kind', 12);
            $table->string('text', 500);
            $table->foreignId('owner_id')->constrained('users');
            $table->date('due_on')->index();
            $table->timestamp('done_at')->nullable();
            $table->foreignId('done_by')->nullable()->constrained('users');
            $table->uuid('client_uuid')->nullable()->unique();
            $table->timestamps();
            $table->index(['system_id', 'done_at']);
        });
        // What was switched off, by whom, and its way back (X-11).
        Schema::create('offs', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('system_id')->constrained();
            $table->foreignId('visit_id')->nullable()->constrained();
            $table->foreignId('item_id')->nullable()->constrained();
            $table->string('what', 120);
            $table->timestamp('off_at');
            $table->foreignId('off_by')->constrained('users');
            $table->timestamp('on_at')->nullable();
            $table->foreignId('on_by')->nullable()->constrained('users');
            $table->string('stays_because', 300)->nullable();
            $table->string('substitute', 200)->nullable();
            $table->foreignId('owner_id')->nullable()->constrained('users');
            $table->date('review_on')->nullable();
            $table->uuid('client_uuid')->unique();
            $table->timestamps();
            $table->index(['system_id', 'on_at']);
        });
        Schema::create('observations', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('system_id')->constrained();
            $table->foreignId('visit_id')->nullable()->constrained();
            $table->string('sign', 40);
            $table->string('grade', 10);
            $table->string('note', 300)->nullable();
            $table->timestamp('seen_at');
            $table->foreignId('user_id')->constrained();
            $table->uuid('client_uuid')->unique();
            $table->timestamps();
            $table->index(['system_id', 'sign', 'seen_at']);
        });
        Schema::create('visit_parts', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('visit_id')->constrained();
            $table->foreignId('system_id')->nullable()->constrained();
            $table->string('name', 120);
            $table->double('quantity');
            $table->uuid('client_uuid')->unique();
            $table->timestamps();
        });
        // Everything a phone sends, once: the answer is kept, so that a repeat gets the same one.
        Schema::create('visit_entries', function (Blueprint $table): void {
            $table->id();
            $table->uuid('uuid')->unique();
            $table->foreignId('visit_id')->constrained();
            $table->foreignId('user_id')->constrained();
            $table->string('kind', 20);
            $table->json('payload');
            $table->timestamp('typed_at');
            $table->string('outcome', 10);
            $table->string('words', 500)->nullable();
            $table->timestamps();
        });
    }

    private function reports(): void
    {
        Schema::create('reports', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('visit_id')->unique()->constrained();
            $table->foreignId('site_id')->constrained();
            $table->json('content');
            $table->date('next_on')->nullable();
            $table->foreignId('photo_id')->nullable()->constrained('attachments');
            $table->timestamp('sent_at')->nullable()->index();
            $table->foreignId('sent_by')->nullable()->constrained('users');
            $table->json('sent_to')->nullable();
            $table->timestamps();
        });
        Schema::create('report_notes', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('report_id')->constrained();
            $table->foreignId('user_id')->constrained();
            $table->string('text', 1000);
            $table->timestamps();
        });
    }
};
