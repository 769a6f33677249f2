<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** A charge of media sits somewhere, lasts so long, is due on a day of its own, and came out on one. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('materials', function (Blueprint $table): void {
            $table->string('place', 120)->nullable()->after('name');
            $table->double('life_days')->nullable()->after('in_on');
            $table->date('due_on')->nullable()->index()->after('life_days');
            $table->date('out_on')->nullable()->after('due_on');
            // The job it is exchanged with.
            $table->foreignId('task_id')->nullable()->after('out_on')->constrained();
        });
    }

    public function down(): void
    {
        Schema::table('materials', function (Blueprint $table): void {
            $table->dropConstrainedForeignId('task_id');
            $table->dropColumn(['place', 'life_days', 'due_on', 'out_on']);
        });
    }
};
