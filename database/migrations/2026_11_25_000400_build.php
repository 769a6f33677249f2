<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('plans', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('site_id')->constrained();
            $table->foreignId('room_id')->nullable()->constrained();
            $table->string('name', 120);
            $table->json('draft');
            $table->unsignedInteger('revision')->default(1);
            $table->foreignId('user_id')->constrained();
            $table->timestamp('archived_at')->nullable()->index();
            $table->timestamps();
            $table->index('updated_at');
        });
        Schema::create('plan_versions', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('plan_id')->constrained();
            $table->unsignedInteger('number');
            $table->json('brief');
            // Frozen at acceptance; before it the answers are recomputed.
            $table->json('answers')->nullable();
            $table->string('core_version', 20);
            $table->string('note', 300)->nullable();
            $table->foreignId('user_id')->constrained();
            $table->timestamp('accepted_at')->nullable();
            $table->foreignId('accepted_by')->nullable()->constrained('users');
            $table->timestamps();
            $table->unique(['plan_id', 'number']);
        });
        // What one of each unit of a take-off costs, whole minor units.
        Schema::create('prices', function (Blueprint $table): void {
            $table->id();
            $table->string('key', 40)->unique();
            $table->unsignedBigInteger('minor');
            $table->timestamps();
        });
        // The company's own lamps: what a plan takes them from.
        Schema::create('lamp_types', function (Blueprint $table): void {
            $table->id();
            $table->string('name', 60)->unique();
            $table->double('ppf');
            $table->double('half_angle_deg');
            $table->double('watts')->nullable();
            $table->double('kg')->nullable();
            $table->double('least_mm')->nullable();
            $table->double('most_mm')->nullable();
            $table->text('grid')->nullable();
            $table->timestamp('archived_at')->nullable()->index();
            $table->timestamps();
        });
        // What is taken along to a stage once the company has its own list; what was missed once stands in it.
        Schema::create('stage_tools', function (Blueprint $table): void {
            $table->id();
            $table->string('stage', 20);
            $table->string('name', 120);
            $table->date('missed_on')->nullable();
            $table->timestamps();
            $table->unique(['stage', 'name']);
        });
        Schema::create('waivers', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('plan_version_id')->constrained();
            $table->string('finding_key', 80);
            $table->string('rule', 20);
            $table->string('what', 300);
            $table->string('kind', 20);
            $table->string('reason', 500);
            $table->string('signed_by', 120);
            $table->date('signed_on');
            $table->foreignId('attachment_id')->nullable()->constrained();
            $table->foreignId('user_id')->constrained();
            $table->timestamps();
            $table->unique(['plan_version_id', 'finding_key']);
        });
        // Who delivers; orders name them.
        Schema::create('suppliers', function (Blueprint $table): void {
            $table->id();
            $table->string('name', 120)->unique();
            $table->string('contact', 120)->nullable();
            $table->string('phone', 60)->nullable();
            $table->string('email', 190)->nullable();
            $table->string('makes', 300)->nullable();
            $table->string('note', 300)->nullable();
            $table->timestamp('archived_at')->nullable()->index();
            $table->timestamps();
        });
        // What is bought for a build, and the stage that waits for it.
        Schema::create('orders', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('plan_version_id')->constrained();
            $table->string('what', 120);
            $table->string('supplier', 120)->index();
            $table->string('stage', 20);
            $table->date('ordered_on');
            $table->date('promised_on');
            $table->date('received_on')->nullable();
            $table->boolean('is_whole')->default(true);
            $table->string('place', 120)->nullable();
            $table->string('note', 300)->nullable();
            $table->foreignId('user_id')->constrained();
            $table->timestamps();
        });
        // Who must agree to a build, and the paper that says so.
        Schema::create('consents', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('plan_version_id')->constrained();
            $table->string('of', 20);
            $table->string('conditions', 500)->nullable();
            $table->date('given_on')->nullable();
            $table->foreignId('attachment_id')->nullable()->constrained();
            $table->foreignId('user_id')->constrained();
            $table->timestamps();
            $table->unique(['plan_version_id', 'of']);
        });
        // Which firm answers for a stage, where several work on one job.
        Schema::create('stage_firms', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('plan_version_id')->constrained();
            $table->string('stage', 20);
            $table->string('firm', 120);
            $table->string('scope', 300);
            $table->string('contact', 160)->nullable();
            $table->string('liable', 300)->nullable();
            $table->timestamps();
            $table->unique(['plan_version_id', 'stage']);
        });
        // What the client declined or put off, with the risk in the meantime, signed.
        Schema::create('accepted_risks', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('plan_version_id')->constrained();
            // Declined or put off; or work of ours that is handed over unfinished, with who is liable for it.
            $table->string('kind', 12)->default('declined');
            $table->string('declined', 300);
            $table->string('risk', 500);
            $table->string('liable', 160)->nullable();
            $table->date('review_on');
            $table->string('signed_by', 120);
            $table->date('signed_on');
            $table->foreignId('user_id')->constrained();
            $table->timestamps();
        });
        // Each joint at each moment of filling: dry or weeping, by whom.
        Schema::create('joint_looks', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('plan_version_id')->constrained();
            $table->unsignedSmallInteger('joint');
            $table->string('moment', 10);
            $table->boolean('dry');
            $table->foreignId('user_id')->constrained();
            $table->timestamps();
            $table->unique(['plan_version_id', 'joint', 'moment']);
        });
        // A stage of the work that has passed its gate, and by what.
        Schema::create('passed_stages', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('plan_version_id')->constrained();
            $table->string('stage', 20);
            $table->string('by', 20);
            $table->string('words', 500);
            $table->string('signed_by', 120);
            $table->date('passed_on');
            // What was looked at and ticked before it.
            $table->json('held')->nullable();
            $table->foreignId('attachment_id')->nullable()->constrained();
            $table->foreignId('user_id')->constrained();
            $table->timestamps();
            $table->unique(['plan_version_id', 'stage']);
        });
    }
};
