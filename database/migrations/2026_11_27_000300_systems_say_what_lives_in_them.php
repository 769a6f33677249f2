<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Whether anything lives in it (R-51), and why it has no heater, if that is on purpose (R-50, X-2, X-3). */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('systems', function (Blueprint $table): void {
            // Null: nobody has said; unknown stock counts as stock.
            $table->boolean('has_animals')->nullable()->after('community');
            $table->string('no_heater_because', 200)->nullable()->after('has_animals');
            $table->string('no_heater_while', 200)->nullable()->after('no_heater_because');
            $table->date('no_heater_review_on')->nullable()->after('no_heater_while');
        });
    }

    public function down(): void
    {
        Schema::table('systems', fn (Blueprint $table) => $table->dropColumn(['has_animals', 'no_heater_because', 'no_heater_while', 'no_heater_review_on']));
    }
};
