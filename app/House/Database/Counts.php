<?php

declare(strict_types=1);

namespace App\House\Database;

use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/**
 * What the database knows of how much lies in each table, by which it chooses its ways. After much came at once it still knows what
 * was before, and looks a thousand rows up one by one.
 */
final class Counts
{
    /** Counts all tables of this database anew. */
    public static function anew(): void
    {
        $database = DB::connection()->getDatabaseName();
        foreach (Schema::getTableListing($database, schemaQualified: false) as $table) {
            DB::select("analyze table `{$table}`");
        }
    }
}
