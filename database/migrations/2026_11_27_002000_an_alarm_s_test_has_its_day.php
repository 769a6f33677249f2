<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** The day an alarm's last test no longer counts: what is overdue is then found by a date. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('alarms', function (Blueprint $table): void {
            $table->date('test_due_on')->nullable()->index();
        });
        DB::table('alarms')
            ->whereNotNull('tested_on')
            ->update(['test_due_on' => DB::raw('date_add(tested_on, interval test_every_days day)')]);
    }

    public function down(): void
    {
        Schema::table('alarms', function (Blueprint $table): void {
            $table->dropColumn('test_due_on');
        });
    }
};
