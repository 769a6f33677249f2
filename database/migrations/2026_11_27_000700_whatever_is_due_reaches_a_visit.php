<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** A visit holds jobs of any origin: recurring, put off, asked for once, called out. Each keeps its own days, weight and people. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('follow_ups', function (Blueprint $table): void {
            $table->boolean('on_site')->default(false);
            $table->double('minutes')->nullable();
            $table->unsignedTinyInteger('persons')->default(1);
            $table->string('skill', 60)->nullable();
            $table->date('earliest_on')->nullable();
            $table->date('latest_on')->nullable();
            $table->index(['done_at', 'on_site', 'due_on']);
        });
        Schema::table('visit_tasks', function (Blueprint $table): void {
            $table->foreignId('follow_up_id')->nullable()->constrained();
            $table->string('title', 200)->nullable();
            $table->double('kg')->default(0);
            $table->unsignedTinyInteger('persons')->default(1);
            $table->string('skill', 60)->nullable();
            $table->date('earliest_on')->nullable();
            $table->date('due_on')->nullable();
            $table->date('latest_on')->nullable();
            $table->uuid('client_uuid')->nullable()->unique();
        });
        Schema::table('visits', function (Blueprint $table): void {
            // Planned minutes as they stood when the work began: what the next estimate learns from.
            $table->double('planned_min')->nullable();
            $table->boolean('called_out')->default(false);
        });
        // Somebody has to stand there for these; the rest are reminders for a desk.
        DB::table('follow_ups')->whereIn('kind', ['check-back', 'carry-over'])->update(['on_site' => true]);
        // A job that recurs comes back by its own days: its carry-over stays a reminder.
        DB::table('follow_ups')->where('kind', 'carry-over')->whereNotNull('task_type_id')
            ->whereExists(fn ($q) => $q->from('tasks')->whereNull('ended_at')->whereColumn('tasks.system_id', 'follow_ups.system_id')->whereColumn('tasks.task_type_id', 'follow_ups.task_type_id'))
            ->update(['on_site' => false]);
        DB::table('visits')->where('state', 'closed')->update(['planned_min' => DB::raw('minutes')]);
    }

    public function down(): void
    {
        Schema::table('visits', fn (Blueprint $table) => $table->dropColumn(['planned_min', 'called_out']));
        Schema::table('visit_tasks', function (Blueprint $table): void {
            $table->dropConstrainedForeignId('follow_up_id');
            $table->dropColumn(['title', 'kg', 'persons', 'skill', 'earliest_on', 'due_on', 'latest_on', 'client_uuid']);
        });
        Schema::table('follow_ups', function (Blueprint $table): void {
            $table->dropIndex(['done_at', 'on_site', 'due_on']);
            $table->dropColumn(['on_site', 'minutes', 'persons', 'skill', 'earliest_on', 'latest_on']);
        });
    }
};
