<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/** A look at what was left off on purpose is a kind of its own; until now only its words said so. */
return new class extends Migration
{
    public function up(): void
    {
        $this->rename('follow-up', 'off-review');
    }

    public function down(): void
    {
        $this->rename('off-review', 'follow-up');
    }

    private function rename(string $from, string $to): void
    {
        DB::table('follow_ups')
            ->where('kind', $from)
            ->where('text', 'like', '% is off on purpose: %')
            ->update(['kind' => $to]);
    }
};
