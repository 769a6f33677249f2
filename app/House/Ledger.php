<?php

declare(strict_types=1);

namespace App\House;

use Carbon\CarbonImmutable;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use stdClass;

/**
 * Digests of the trail's lines in a database of its own, where the application may add and read and nothing else. Afterwards they are
 * sealed in lots, each seal built on the one before: a line changed, planted or taken away no longer fits.
 */
final class Ledger
{
    /** A line is written in a transaction; after so long every one begun has ended. */
    private const SETTLED_MINUTES = 5;

    private const LOT = 5_000;

    private const OF_A_LINE = [
        'event',
        'description',
        'subject_type',
        'subject_id',
        'causer_type',
        'causer_id',
        'properties',
        'created_at',
    ];

    /** @var array<string, string> */
    private static array $names = [];

    /** @param  array<mixed>  $line  as it stands in the table */
    public static function add(array $line): void
    {
        self::entries()->insert([
            'ledger' => self::name(),
            'trail_id' => $line['trail_id'] ?? '',
            'at' => now()->toDateTimeString(),
            'digest' => self::digest($line),
        ]);
    }

    /** @param  array<mixed>  $line */
    public static function digest(array $line): string
    {
        $said = [];
        foreach (self::OF_A_LINE as $part) {
            $value = $line[$part] ?? null;
            $said[] = is_scalar($value) ? (string) $value : '';
        }

        return hash('sha256', (is_string($line['salt'] ?? null) ? $line['salt'] : '').json_encode($said, JSON_THROW_ON_ERROR));
    }

    /** Seals what has settled, at most one lot. Returns how many lines. */
    public static function seal(): int
    {
        $last = self::seals()->orderByDesc('id')->first(['to_id', 'digest']);
        $entries = self::entries()
            ->where('id', '>', self::int($last, 'to_id'))
            ->where('at', '<', CarbonImmutable::now()->subMinutes(self::SETTLED_MINUTES)->toDateTimeString())
            ->orderBy('id')
            ->limit(self::LOT)
            ->get(['id', 'trail_id', 'digest']);
        if ($entries->isEmpty()) {
            return 0;
        }
        self::seals()->insert([
            'ledger' => self::name(),
            'from_id' => self::int($entries->first(), 'id'),
            'to_id' => self::int($entries->last(), 'id'),
            'digest' => self::sealOver(self::text($last, 'digest'), array_values($entries->all())),
            'at' => now()->toDateTimeString(),
        ]);

        return $entries->count();
    }

    /** @param  list<stdClass>  $entries */
    public static function sealOver(string $before, array $entries, ?string $key = null): string
    {
        $seal = hash_init('sha256', HASH_HMAC, $key ?? Keys::all()[0]);
        hash_update($seal, $before);
        foreach ($entries as $entry) {
            hash_update($seal, implode('|', [self::int($entry, 'id'), self::text($entry, 'trail_id'), self::text($entry, 'digest')])."\n");
        }

        return hash_final($seal);
    }

    public static function entries(): Builder
    {
        return DB::table(self::database().'.entries')->where('ledger', self::name());
    }

    public static function seals(): Builder
    {
        return DB::table(self::database().'.seals')->where('ledger', self::name());
    }

    /** Of this database's own making: one made anew begins a ledger anew. */
    public static function name(): string
    {
        $database = DB::connection()->getDatabaseName();
        $name = self::$names[$database] ?? DB::table('trail_ledgers')->orderBy('id')->value('ledger');

        return self::$names[$database] = is_string($name) ? $name : '';
    }

    public static function database(): string
    {
        $named = config('velbrin.trail_database');

        return is_string($named) && $named !== '' ? $named : 'trail_'.DB::connection()->getDatabaseName();
    }

    public static function int(?object $row, string $of): int
    {
        $value = $row === null ? null : get_object_vars($row)[$of] ?? null;

        return is_numeric($value) ? (int) $value : 0;
    }

    public static function text(?object $row, string $of): string
    {
        $value = $row === null ? null : get_object_vars($row)[$of] ?? null;

        return is_string($value) ? $value : '';
    }
}
