<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** A day's middle value of a probe is a reading too: from a device in place of a person, exactly one of the two. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('readings', function (Blueprint $table): void {
            $table->unsignedBigInteger('user_id')->nullable()->change();
            $table->foreignId('link_device_id')->nullable()->constrained();
        });
        DB::statement('alter table readings add constraint readings_by_one check ((user_id is null) <> (link_device_id is null))');
    }

    public function down(): void
    {
        DB::statement('alter table readings drop constraint readings_by_one');
        DB::table('readings')->whereNull('user_id')->delete();
        Schema::table('readings', function (Blueprint $table): void {
            $table->dropConstrainedForeignId('link_device_id');
            $table->unsignedBigInteger('user_id')->nullable(false)->change();
        });
    }
};
