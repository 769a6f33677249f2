<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** What a log from a file brought, and that somebody took it back: its rows stay and count no more, its readings are marked. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('link_devices', function (Blueprint $table): void {
            $table->unsignedInteger('log_rows')->nullable();
            $table->dateTime('log_from', 3)->nullable();
            $table->dateTime('log_to', 3)->nullable();
            $table->timestamp('taken_back_at')->nullable();
            $table->foreignId('taken_back_by')->nullable()->constrained('users');
            $table->string('taken_back_because', 200)->nullable();
        });
        Schema::table('readings', function (Blueprint $table): void {
            $table->foreignId('marked_log_id')->nullable()->constrained('link_devices');
        });
        DB::statement(
            "update link_devices d join (select link_device_id, count(*) as n, min(at) as f, max(at) as t from link_rows group by 1) r
            on r.link_device_id = d.id set d.log_rows = r.n, d.log_from = r.f, d.log_to = r.t where d.kind = 'file'",
        );
    }

    public function down(): void
    {
        Schema::table('readings', fn (Blueprint $table) => $table->dropConstrainedForeignId('marked_log_id'));
        Schema::table('link_devices', function (Blueprint $table): void {
            $table->dropConstrainedForeignId('taken_back_by');
            $table->dropColumn(['log_rows', 'log_from', 'log_to', 'taken_back_at', 'taken_back_because']);
        });
    }
};
