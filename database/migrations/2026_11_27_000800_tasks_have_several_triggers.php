<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** A task may come due for several reasons, the first wins; one that was never done has a first day instead of a last one. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('tasks', function (Blueprint $table): void {
            $table->json('triggers')->nullable();
            $table->date('first_on')->nullable();
            $table->string('due_because', 20)->nullable();
            $table->double('every_days')->nullable()->change();
        });
    }

    public function down(): void
    {
        DB::table('tasks')->whereNull('every_days')->update(['every_days' => 365]);
        Schema::table('tasks', function (Blueprint $table): void {
            $table->double('every_days')->nullable(false)->change();
            $table->dropColumn(['triggers', 'first_on', 'due_because']);
        });
    }
};
