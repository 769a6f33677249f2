<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('clients', function (Blueprint $table): void {
            $table->id();
            $table->string('name', 120)->unique();
            $table->text('note')->nullable();
            $table->timestamp('archived_at')->nullable()->index();
            $table->timestamps();
        });
        Schema::table('users', function (Blueprint $table): void {
            $table->foreign('client_id')->references('id')->on('clients');
        });
        Schema::create('sites', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('client_id')->constrained();
            $table->string('name', 120);
            $table->string('street', 160)->nullable();
            $table->string('town', 120)->nullable();
            $table->string('timezone', 60)->default('UTC');
            $table->json('access_hours')->nullable();
            $table->string('access_note', 500)->nullable();
            $table->string('parking', 300)->nullable();
            $table->string('floor_protection', 300)->nullable();
            $table->string('noise', 300)->nullable();
            $table->string('pets', 300)->nullable();
            $table->string('residents', 300)->nullable();
            $table->string('children', 300)->nullable();
            $table->string('absences', 300)->nullable();
            $table->double('lat')->nullable();
            $table->double('lon')->nullable();
            $table->double('altitude_m')->nullable();
            $table->boolean('we_hold_key')->default(false);
            // Times of day at which somebody of the household looks at it.
            $table->json('looked_at')->nullable();
            $table->unsignedSmallInteger('minutes_sold')->nullable();
            $table->boolean('makes_water')->default(false);
            // When nobody of the household is there, and who looks in meanwhile.
            $table->json('away')->nullable();
            // What was said at the first call: what is built or ordered, what they wish for.
            $table->json('enquiry')->nullable();
            $table->json('bases')->nullable();
            $table->timestamp('archived_at')->nullable()->index();
            $table->timestamps();
            $table->unique(['client_id', 'name']);
        });
        Schema::create('contacts', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('client_id')->constrained();
            $table->foreignId('site_id')->nullable()->constrained();
            $table->string('name', 120);
            $table->string('role', 120)->nullable();
            $table->string('phone', 60)->nullable();
            $table->string('email', 190)->nullable();
            $table->string('language', 40)->nullable();
            $table->boolean('holds_key')->default(false);
            $table->string('can_operate', 300)->nullable();
            $table->date('last_confirmed_on')->nullable();
            $table->timestamp('archived_at')->nullable();
            $table->timestamps();
        });
        Schema::create('rooms', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('site_id')->constrained();
            $table->string('name', 120);
            foreach (['storey', 'span_mm', 'from_support_mm', 'allowance_kpa', 'out_of_level_mm_m', 'winter_day_c', 'winter_night_c', 'summer_day_c', 'summer_night_c', 'humidity_pct', 'clear_height_mm', 'water_distance_m', 'drain_distance_m', 'source_c', 'source_tds', 'source_kpa', 'outlets', 'people', 'co2_ppm'] as $number) {
                $table->double($number)->nullable();
            }
            foreach (['floor_type', 'joists', 'wall_opening', 'balcony'] as $word) {
                $table->string($word, 20)->nullable();
            }
            foreach (['circuits', 'ceiling', 'wall', 'windows', 'network', 'heating'] as $text) {
                $table->string($text, 300)->nullable();
            }
            $table->json('bases')->nullable();
            $table->timestamp('archived_at')->nullable();
            $table->timestamps();
            $table->unique(['site_id', 'name']);
        });
        Schema::create('passages', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('site_id')->constrained();
            $table->unsignedSmallInteger('position')->default(0);
            $table->string('name', 120);
            $table->double('width_mm');
            $table->double('height_mm');
            $table->double('corridor_a_mm')->nullable();
            $table->double('corridor_b_mm')->nullable();
            // What is left of the opening once joinery, walls and ceiling are finished.
            $table->double('out_width_mm')->nullable();
            $table->double('out_height_mm')->nullable();
            $table->double('car_depth_mm')->nullable();
            $table->timestamps();
        });
        Schema::create('site_codes', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('site_id')->constrained();
            $table->string('label', 120);
            $table->text('code');
            $table->timestamp('archived_at')->nullable();
            $table->timestamps();
        });
        Schema::create('attachments', function (Blueprint $table): void {
            $table->id();
            $table->morphs('subject');
            $table->string('kind', 20);
            $table->string('caption', 200)->nullable();
            // The one fact or part it shows: room:3:span_mm, joint:2.
            $table->string('about', 60)->nullable();
            $table->string('original_name', 200);
            $table->string('mime', 60);
            $table->unsignedInteger('bytes');
            $table->char('sha256', 64);
            $table->string('path', 200);
            $table->foreignId('user_id')->constrained();
            $table->timestamp('archived_at')->nullable();
            $table->timestamps();
        });
    }
};
