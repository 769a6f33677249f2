<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What a contact was shown and is still owed; who reaches a place's devices from afar, and what was switched off by it (X-58, X-11). */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('contacts', function (Blueprint $table): void {
            $table->string('shown', 300)->nullable();
            $table->date('shown_on')->nullable();
            $table->string('training_owed', 300)->nullable();
        });
        Schema::create('remote_accesses', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('site_id')->constrained();
            $table->string('what', 160);
            $table->foreignId('user_id')->nullable()->constrained();
            $table->foreignId('contact_id')->nullable()->constrained();
            $table->date('given_on');
            $table->foreignId('given_by')->constrained('users');
            $table->date('withdrawn_on')->nullable();
            $table->foreignId('withdrawn_by')->nullable()->constrained('users');
            $table->timestamps();
        });
        Schema::table('offs', function (Blueprint $table): void {
            $table->foreignId('remote_access_id')->nullable()->constrained();
        });
    }

    public function down(): void
    {
        Schema::table('offs', fn (Blueprint $table) => $table->dropConstrainedForeignId('remote_access_id'));
        Schema::drop('remote_accesses');
        Schema::table('contacts', fn (Blueprint $table) => $table->dropColumn(['shown', 'shown_on', 'training_owed']));
    }
};
