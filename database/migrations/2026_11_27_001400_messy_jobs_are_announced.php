<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** What a messy job leaves behind and until when; what the client holds and must find clear; who was told before. */
return new class extends Migration
{
    /** Of a messy job that waits already. */
    private const USUAL_H = 24;

    public function up(): void
    {
        Schema::create('disturbances', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('system_id')->constrained();
            $table->foreignId('visit_id')->nullable()->constrained();
            $table->string('because', 160);
            $table->string('looks', 160);
            $table->timestamp('from_at')->useCurrent();
            $table->timestamp('until_at')->useCurrent();
            // Somebody looked, and it is over earlier.
            $table->timestamp('ended_at')->nullable();
            $table->foreignId('ended_by')->nullable()->constrained('users');
            $table->timestamps();
            $table->index(['system_id', 'until_at']);
        });
        Schema::create('site_events', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('site_id')->constrained();
            $table->date('on')->index();
            $table->string('text', 160);
            $table->unsignedTinyInteger('clear_days');
            $table->foreignId('user_id')->constrained();
            $table->timestamp('archived_at')->nullable();
            $table->timestamps();
        });
        Schema::table('visits', function (Blueprint $table): void {
            $table->timestamp('told_at')->nullable();
            $table->foreignId('told_by')->nullable()->constrained('users');
        });
        Schema::table('visit_tasks', function (Blueprint $table): void {
            $table->double('disturbs_h')->nullable()->after('kg');
        });
        DB::table('visit_tasks')->join('task_types', 'task_types.id', '=', 'visit_tasks.task_type_id')->where('task_types.messy', true)
            ->where('visit_tasks.state', 'open')->update(['visit_tasks.disturbs_h' => self::USUAL_H]);
    }

    public function down(): void
    {
        Schema::table('visit_tasks', fn (Blueprint $table) => $table->dropColumn('disturbs_h'));
        Schema::table('visits', function (Blueprint $table): void {
            $table->dropConstrainedForeignId('told_by');
            $table->dropColumn('told_at');
        });
        Schema::drop('site_events');
        Schema::drop('disturbances');
    }
};
