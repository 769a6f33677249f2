<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Jobs that change how a system looks keep how it looked before the first step, or why nobody could. */
return new class extends Migration
{
    private const ASKED_OF = ['sand-topup', 'sand-quarter'];

    public function up(): void
    {
        Schema::table('task_types', function (Blueprint $table): void {
            $table->boolean('photo_first')->default(false);
        });
        Schema::table('visit_tasks', function (Blueprint $table): void {
            $table->uuid('before_photo')->nullable();
            $table->string('before_because', 200)->nullable();
        });
        DB::table('task_types')->whereIn('key', self::ASKED_OF)->update(['photo_first' => true]);
    }

    public function down(): void
    {
        Schema::table('task_types', function (Blueprint $table): void {
            $table->dropColumn('photo_first');
        });
        Schema::table('visit_tasks', function (Blueprint $table): void {
            $table->dropColumn(['before_photo', 'before_because']);
        });
    }
};
