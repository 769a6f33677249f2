<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Parts where they lie: at a client, in a van, at a depot; what moved them; what one system lent another (R-40 … R-44, X-13). */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('parts', function (Blueprint $table): void {
            $table->id();
            $table->string('name', 120)->unique();
            $table->string('job', 30)->nullable();
            $table->string('ready_for', 30)->nullable();
            $table->string('unit', 12)->default('piece');
            $table->double('capacity')->nullable();
            $table->double('volts')->nullable();
            $table->string('connection', 60)->nullable();
            $table->string('control', 60)->nullable();
            $table->foreignId('supplier_id')->nullable()->constrained();
            $table->unsignedSmallInteger('lead_days')->nullable();
            $table->unsignedInteger('price_minor')->nullable();
            $table->unsignedSmallInteger('pack')->default(1);
            $table->dateTime('archived_at')->nullable();
            $table->timestamps();
        });
        Schema::create('stock_places', function (Blueprint $table): void {
            $table->id();
            $table->string('kind', 10);
            $table->string('name', 120);
            $table->foreignId('depot_id')->nullable()->unique()->constrained();
            $table->foreignId('vehicle_id')->nullable()->unique()->constrained();
            $table->foreignId('site_id')->nullable()->unique()->constrained();
            $table->timestamps();
        });
        Schema::create('stocks', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('part_id')->constrained();
            $table->foreignId('stock_place_id')->constrained();
            $table->string('state', 12)->default('new');
            $table->string('lot', 60)->nullable();
            $table->date('expires_on')->nullable();
            $table->date('opened_on')->nullable();
            $table->date('tested_on')->nullable();
            $table->boolean('tested_ok')->nullable();
            $table->decimal('count', 10, 2);
            $table->timestamps();
            $table->index(['part_id', 'stock_place_id']);
        });
        DB::statement('ALTER TABLE stocks ADD CONSTRAINT stocks_count_not_negative CHECK (`count` >= 0)');
        Schema::create('stock_moves', function (Blueprint $table): void {
            $table->id();
            $table->char('uuid', 36)->unique();
            $table->foreignId('part_id')->constrained();
            $table->foreignId('from_stock_id')->nullable()->constrained('stocks');
            $table->foreignId('to_stock_id')->nullable()->constrained('stocks');
            $table->string('kind', 12);
            $table->decimal('count', 10, 2);
            $table->foreignId('system_id')->nullable()->constrained();
            $table->foreignId('visit_id')->nullable()->constrained();
            $table->string('why', 200)->nullable();
            $table->foreignId('user_id')->constrained();
            $table->timestamps();
        });
        Schema::create('loans', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('item_id')->constrained();
            $table->foreignId('from_system_id')->constrained('systems');
            $table->foreignId('to_system_id')->constrained('systems');
            $table->date('since');
            $table->date('due_on');
            $table->string('exposes', 300)->nullable();
            $table->string('signed_by', 120)->nullable();
            $table->dateTime('settled_at')->nullable();
            $table->string('settled_how', 200)->nullable();
            $table->foreignId('user_id')->constrained();
            $table->timestamps();
        });
    }

    public function down(): void
    {
        foreach (['loans', 'stock_moves', 'stocks', 'stock_places', 'parts'] as $table) {
            Schema::dropIfExists($table);
        }
    }
};
