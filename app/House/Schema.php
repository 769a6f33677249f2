<?php

declare(strict_types=1);

namespace App\House;

use Illuminate\Support\Facades\DB;
use stdClass;

/** How a database is laid out, in one word; and whether that is how it should be after the last of its migrations. */
final class Schema
{
    /** After each migration, in order: the word of the layout it leaves. Written by velbrin:schema. */
    public const FILE = 'database/fingerprints.json';

    /** Tables of the framework’s own, whose layout says nothing. */
    private const IGNORED = ['migrations'];

    public static function fingerprint(): string
    {
        $database = DB::connection()->getDatabaseName();
        $columns = DB::select(
            'select table_name as t, column_name as c, column_type as y, is_nullable as n from information_schema.columns where '.
            'table_schema = ? order by table_name, column_name',
            [$database],
        );
        $keys = DB::select(
            'select table_name as t, column_name as c, referenced_table_name as r from information_schema.key_column_usage '.
            'where table_schema = ? and referenced_table_name is not null order by table_name, column_name',
            [$database],
        );
        $said = array_filter(
            [...$columns, ...$keys],
            fn (stdClass $row): bool => ! in_array($row->t, self::IGNORED, true),
        );

        return substr(
            hash('sha256', (string) json_encode(array_values(array_map(get_object_vars(...), $said)))),
            0,
            24,
        );
    }

    /** @return list<string> what has been applied, in order; none: an empty database */
    public static function applied(): array
    {
        if (! DB::getSchemaBuilder()->hasTable('migrations')) {
            return [];
        }

        return array_values(
            DB::table('migrations')
                ->orderBy('migration')
                ->pluck('migration')
                ->map(fn (mixed $m): string => is_string($m) ? $m : '')
                ->all(),
        );
    }

    /** @return array<string, string> */
    public static function known(): array
    {
        $read = json_decode((string) file_get_contents(base_path(self::FILE)), true);

        return is_array($read) ? array_filter($read, is_string(...)) : [];
    }

    /** Why this database cannot be brought up to date; null: it can. */
    public static function against(): ?string
    {
        $applied = self::applied();
        $known = self::known();
        $tables = DB::getSchemaBuilder()->getTables(DB::connection()->getDatabaseName());
        if ($applied === []) {
            return $tables === []
                ? null
                : 'This database holds tables that are not Velbrin’s. Give Velbrin one of its own.';
        }
        $newer = array_diff($applied, array_keys($known));
        if ($newer !== []) {
            return 'This database was written by a newer Velbrin. Update Velbrin, then start it.';
        }
        if ($applied !== array_slice(array_keys($known), 0, count($applied))) {
            return 'This database was brought up to date only in part. Restore the backup that was kept before (bin/restore), '.
                'then start again.';
        }
        if (self::fingerprint() !== $known[$applied[count($applied) - 1]]) {
            return 'This database is laid out as no Velbrin of this line left it: it is from before databases could be '.
                'upgraded, or its upgrade was cut off. '.
                'It was left as it is. Restore a backup (bin/restore), or begin anew with bin/start --fresh.';
        }

        return null;
    }
}
