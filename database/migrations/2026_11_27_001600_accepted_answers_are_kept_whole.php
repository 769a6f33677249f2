<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** The whole answer of an accepted version, apart from the version: it is large, and read one at a time. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('kept_answers', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('plan_version_id')->unique()->constrained();
            // accepted: as it stood then; recomputed: by a later core, since nothing whole was kept.
            $table->string('how', 12);
            $table->string('core_version', 20);
            $table->longText('answer');
            $table->json('prices');
            $table->unsignedInteger('tax_basis_points');
            $table->timestamps();
        });
    }

    public function down(): void
    {
        Schema::drop('kept_answers');
    }
};
