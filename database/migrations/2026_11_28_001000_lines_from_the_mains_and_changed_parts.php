<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What a filling line's run limit rests on (W-63); that a device is not as it came, so that its rating is lost (X-14). */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('items', function (Blueprint $table): void {
            $table->double('ro_span_l')->nullable();
            $table->double('ro_lh')->nullable();
            $table->double('ro_limit_min')->nullable();
            $table->double('ro_takes_l')->nullable();
            $table->boolean('ro_float')->nullable();
            $table->boolean('ro_feed_stop')->nullable();
            $table->string('changed_how', 300)->nullable();
            $table->date('changed_on')->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('items', fn (Blueprint $table) => $table->dropColumn([
            'ro_span_l', 'ro_lh', 'ro_limit_min', 'ro_takes_l', 'ro_float', 'ro_feed_stop', 'changed_how', 'changed_on',
        ]));
    }
};
