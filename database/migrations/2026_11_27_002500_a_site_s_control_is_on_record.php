<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/**
 * Circuits, controllers, strips, outlets and sensors of a site, and the set-ups of a controller with their history. The free words an
 * item carried for outlet and circuit become records that somebody confirms.
 */
return new class extends Migration
{
    public function up(): void
    {
        $this->supply();
        $this->controllers();
        Schema::table('items', function (Blueprint $table): void {
            $table->foreignId('outlet_id')->nullable()->constrained();
            $table->foreignId('circuit_id')->nullable()->constrained();
        });
        $this->words();
    }

    private function supply(): void
    {
        Schema::create('circuits', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('site_id')->constrained();
            $table->foreignId('room_id')->nullable()->constrained();
            $table->string('name', 80);
            $table->double('rating_a')->nullable();
            $table->double('residual_ma')->nullable();
            $table->timestamp('confirmed_at')->nullable();
            $table->foreignId('confirmed_by')->nullable()->constrained('users');
            $table->timestamp('archived_at')->nullable();
            $table->timestamps();
            $table->unique(['site_id', 'name']);
        });
        Schema::create('controllers', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('site_id')->constrained();
            $table->foreignId('room_id')->nullable()->constrained();
            $table->string('name', 80);
            $table->string('note', 500)->nullable();
            $table->timestamp('archived_at')->nullable();
            $table->timestamps();
            $table->unique(['site_id', 'name']);
        });
        Schema::create('strips', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('site_id')->constrained();
            $table->foreignId('controller_id')->nullable()->constrained();
            $table->foreignId('circuit_id')->nullable()->constrained();
            $table->string('name', 80);
            $table->boolean('own_clock')->nullable();
            $table->double('rated_w')->nullable();
            $table->timestamp('archived_at')->nullable();
            $table->timestamps();
            $table->unique(['site_id', 'name']);
        });
        Schema::create('outlets', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('site_id')->constrained();
            $table->foreignId('strip_id')->nullable()->constrained();
            $table->string('name', 80);
            $table->boolean('is_labelled')->default(false);
            $table->timestamp('confirmed_at')->nullable();
            $table->foreignId('confirmed_by')->nullable()->constrained('users');
            $table->timestamp('archived_at')->nullable();
            $table->timestamps();
            $table->unique(['site_id', 'name']);
        });
    }

    private function controllers(): void
    {
        Schema::create('sensors', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('controller_id')->constrained();
            $table->foreignId('system_id')->nullable()->constrained();
            $table->string('kind', 10);
            $table->string('name', 80);
            $table->string('quantity', 20)->nullable();
            $table->double('resolution')->nullable();
            $table->string('hangs_in', 10);
            $table->double('at')->nullable();
            $table->date('calibrated_on')->nullable();
            $table->unsignedSmallInteger('calibrate_every_days')->nullable();
            $table->timestamp('archived_at')->nullable();
            $table->timestamps();
            $table->unique(['controller_id', 'name']);
        });
        Schema::create('set_ups', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('controller_id')->constrained();
            $table->unsignedInteger('number');
            $table->string('state', 10);
            $table->json('document');
            $table->char('hash', 64)->nullable();
            $table->unsignedInteger('revision')->default(0);
            $table->string('why', 300)->nullable();
            $table->foreignId('user_id')->constrained();
            $table->foreignId('activated_by')->nullable()->constrained('users');
            $table->timestamp('activated_at')->nullable();
            $table->timestamps();
            $table->unique(['controller_id', 'number']);
            $table->index(['controller_id', 'state']);
        });
    }

    /** One record per site and word; nobody has confirmed it yet. */
    private function words(): void
    {
        $now = now();
        foreach (['outlet' => 'outlets', 'circuit' => 'circuits'] as $word => $table) {
            $known = DB::table('items')
                ->join('systems', 'systems.id', '=', 'items.system_id')
                ->whereNotNull("items.{$word}")
                ->where("items.{$word}", '!=', '')
                ->selectRaw("items.id, systems.site_id, trim(items.{$word}) as name")
                ->orderBy('items.id')
                ->get();
            foreach ($known as $row) {
                $key = ['site_id' => $row->site_id, 'name' => $row->name];
                DB::table($table)->insertOrIgnore([...$key, 'created_at' => $now, 'updated_at' => $now]);
                $id = DB::table($table)->where($key)->value('id');
                DB::table('items')->where('id', $row->id)->update(["{$word}_id" => $id]);
            }
        }
    }

    public function down(): void
    {
        Schema::table('items', function (Blueprint $table): void {
            $table->dropConstrainedForeignId('outlet_id');
            $table->dropConstrainedForeignId('circuit_id');
        });
        foreach (['set_ups', 'sensors', 'outlets', 'strips', 'controllers', 'circuits'] as $table) {
            Schema::drop($table);
        }
    }
};
