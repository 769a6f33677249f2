<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/**
 * What a year of a system’s hazards rests on: what is at stake, rates of the company’s own, answers about people’s safety, proofs of what
 * protects; and what follows, kept so that a fleet is read sorted.
 */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('systems', function (Blueprint $table): void {
            $table->unsignedBigInteger('animals_worth_minor')->nullable();
            $table->unsignedBigInteger('floor_worth_minor')->nullable();
        });
        Schema::table('items', function (Blueprint $table): void {
            $table->boolean('own_thermostat')->nullable();
        });
        Schema::table('rooms', function (Blueprint $table): void {
            $table->double('unheated_winter_c')->nullable();
            $table->double('uncooled_summer_c')->nullable();
        });
        Schema::create('risk_rates', function (Blueprint $table): void {
            $table->id();
            $table->string('name', 40)->unique();
            $table->double('value');
            $table->foreignId('user_id')->constrained();
            $table->timestamps();
        });
        Schema::create('measure_prices', function (Blueprint $table): void {
            $table->id();
            $table->string('kind', 30)->unique();
            $table->unsignedInteger('minor');
            $table->timestamps();
        });
        Schema::create('people_answers', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('system_id')->constrained();
            $table->string('hazard', 30);
            $table->boolean('holds');
            $table->string('who_says', 200);
            $table->date('on');
            $table->foreignId('user_id')->constrained();
            $table->timestamps();
            $table->unique(['system_id', 'hazard']);
        });
        Schema::create('proofs', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('system_id')->constrained();
            $table->foreignId('item_id')->nullable()->constrained();
            $table->string('what', 40);
            $table->string('method', 200)->nullable();
            $table->boolean('passed');
            $table->date('on');
            $table->foreignId('user_id')->constrained();
            $table->timestamps();
            $table->index(['system_id', 'what', 'on']);
        });
        Schema::create('hazard_years', function (Blueprint $table): void {
            $table->foreignId('system_id')->constrained();
            $table->string('hazard', 30);
            $table->double('rate');
            $table->double('harms');
            $table->double('harms_high');
            $table->double('loss_low')->nullable();
            $table->double('loss')->nullable();
            $table->double('loss_high')->nullable();
            $table->json('weakest');
            $table->primary(['system_id', 'hazard']);
        });
        Schema::create('risk_sums', function (Blueprint $table): void {
            $table->foreignId('system_id')->primary()->constrained();
            $table->double('loss')->nullable();
            $table->double('loss_high')->nullable();
            $table->double('harms');
            $table->string('dearest', 30)->nullable();
            $table->string('key', 64)->nullable();
            $table->string('needs', 300)->nullable();
            $table->dateTime('computed_at');
            $table->index('loss');
        });
        Schema::create('risk_months', function (Blueprint $table): void {
            $table->foreignId('system_id')->constrained();
            $table->char('month', 7);
            $table->double('loss')->nullable();
            $table->double('harms');
            $table->json('hazards');
            $table->primary(['system_id', 'month']);
        });
    }

    public function down(): void
    {
        foreach (['risk_months', 'risk_sums', 'hazard_years', 'proofs', 'people_answers', 'measure_prices', 'risk_rates'] as $table) {
            Schema::dropIfExists($table);
        }
        Schema::table('rooms', fn (Blueprint $table) => $table->dropColumn(['unheated_winter_c', 'uncooled_summer_c']));
        Schema::table('items', fn (Blueprint $table) => $table->dropColumn('own_thermostat'));
        Schema::table('systems', fn (Blueprint $table) => $table->dropColumn(['animals_worth_minor', 'floor_worth_minor']));
    }
};
