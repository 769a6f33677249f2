<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;
use Velbrin\Core\Rounds\BuildJobs;
use Velbrin\Core\Rounds\TaskLibrary;

/** Steps that must be ticked before a job is done, and entries that came after the visit was closed. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('task_types', fn (Blueprint $table) => $table->json('holds')->default('[]'));
        Schema::table('job_sheets', fn (Blueprint $table) => $table->json('holds')->default('[]'));
        Schema::table('visit_entries', fn (Blueprint $table) => $table->boolean('late')->default(false));
        // The library's own holds, where the company still works by the library's own steps.
        foreach ([...TaskLibrary::all(), ...BuildJobs::all()] as $type) {
            $own = DB::table('task_types')->where('key', $type->key)->first();
            if ($own !== null && json_decode($own->steps, true) === $type->steps) {
                DB::table('task_types')->where('id', $own->id)->update(['holds' => json_encode($type->holds)]);
                DB::table('job_sheets')->where('task_type_id', $own->id)->where('version', $own->version)->update(['holds' => json_encode($type->holds)]);
            }
        }
    }

    public function down(): void
    {
        Schema::table('visit_entries', fn (Blueprint $table) => $table->dropColumn('late'));
        Schema::table('job_sheets', fn (Blueprint $table) => $table->dropColumn('holds'));
        Schema::table('task_types', fn (Blueprint $table) => $table->dropColumn('holds'));
    }
};
