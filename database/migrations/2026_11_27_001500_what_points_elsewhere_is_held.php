<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Whatever names a row of another table is held by the database. What points at nothing any more is unknown from now on. */
return new class extends Migration
{
    /** Table, column, and what it points at. */
    private const LOOSE = [
        ['systems', 'salt_mix_id', 'salt_mixes'],
        ['trials', 'follow_up_id', 'follow_ups'],
        ['water_bookings', 'visit_id', 'visits'],
        ['sessions', 'user_id', 'users'],
    ];

    public function up(): void
    {
        foreach (self::LOOSE as [$table, $column, $on]) {
            DB::table($table)->whereNotNull($column)->whereNotIn($column, DB::table($on)->select('id'))->update([$column => null]);
            Schema::table($table, fn (Blueprint $t) => $t->foreign($column)->references('id')->on($on));
        }
        Schema::table('orders', function (Blueprint $table): void {
            $table->foreignId('supplier_id')->nullable()->after('supplier')->constrained();
        });
        $now = now();
        $named = DB::table('orders')->distinct()->whereNotIn('supplier', DB::table('suppliers')->select('name'))->pluck('supplier');
        foreach ($named as $name) {
            DB::table('suppliers')->insert(['name' => $name, 'created_at' => $now, 'updated_at' => $now]);
        }
        DB::statement('update orders join suppliers on suppliers.name = orders.supplier set orders.supplier_id = suppliers.id');
        Schema::table('orders', fn (Blueprint $table) => $table->unsignedBigInteger('supplier_id')->nullable(false)->change());
    }

    public function down(): void
    {
        Schema::table('orders', fn (Blueprint $table) => $table->dropConstrainedForeignId('supplier_id'));
        foreach (array_reverse(self::LOOSE) as [$table, $column]) {
            Schema::table($table, fn (Blueprint $t) => $t->dropForeign([$column]));
        }
    }
};
