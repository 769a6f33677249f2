<?php

declare(strict_types=1);

namespace App\Clients\Data;

use Generator;
use Illuminate\Database\Eloquent\Relations\Relation;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use stdClass;

/**
 * Every row about one client, found by the keys of the database itself: what points to the client, what points to that, and so on. A
 * table that comes later is found without being named here.
 */
final class ClientRows
{
    private const LOT = 1_000;

    /** Our own people and how they work: rows may point there, nothing is followed through them. */
    private const ENDS = ['users', 'client_exports'];

    /** Tables whose rows have no number: the column that says whose they are, and where those stand. */
    public const WITHOUT_NUMBER = [
        'product_system' => ['system_id', 'systems'],
        'exposure_worst' => ['system_id', 'systems'],
        'alarm_watches' => ['alarm_id', 'alarms'],
        'move_hands' => ['move_id', 'moves'],
        'hazard_years' => ['system_id', 'systems'],
        'risk_sums' => ['system_id', 'systems'],
        'risk_months' => ['system_id', 'systems'],
    ];

    /** What opens something is nobody's data but a key. */
    public const SECRETS = [
        'password',
        'remember_token',
        'factor_secret',
        'factor_since',
        'factor_step',
        'recovery_codes',
        'code',
        'token_hash',
        'next_token_hash',
        'path',
    ];

    /** @var array<string, list<int>>|null */
    private ?array $ids = null;

    public function __construct(private readonly int $clientId)
    {
    }

    /** @return array<string, list<int>> numbers by table, the client's own first */
    public function ids(): array
    {
        if ($this->ids !== null) {
            return $this->ids;
        }
        $keys = self::keys();
        $found = ['clients' => [$this->clientId => true]];
        $open = ['clients'];
        while ($open !== []) {
            $parent = array_shift($open);
            if (in_array($parent, self::ENDS, true)) {
                continue;
            }
            foreach ($keys as [$table, $column, $to]) {
                if ($to !== $parent || $column === 'user_id') {
                    continue;
                }
                $before = count($found[$table] ?? []);
                foreach (array_chunk(array_keys($found[$parent]), self::LOT) as $some) {
                    foreach (DB::table($table)->whereIn($column, $some)->pluck('id') as $id) {
                        if (is_int($id)) {
                            $found[$table][$id] = true;
                        }
                    }
                }
                if (count($found[$table] ?? []) > $before) {
                    $open[] = $table;
                }
            }
        }
        $ids = array_map(array_keys(...), $found);
        foreach (['attachments' => 'subject', 'activity_log' => 'subject'] as $table => $of) {
            $ids[$table] = $this->about($table, $of, $ids);
        }

        return $this->ids = array_filter($ids);
    }

    /** @return list<string> every table with rows about them */
    public function tables(): array
    {
        $without = array_filter(
            array_keys(self::WITHOUT_NUMBER),
            fn (string $table): bool => ($this->ids()[self::WITHOUT_NUMBER[$table][1]] ?? []) !== [],
        );

        return [...array_keys($this->ids()), ...array_values($without)];
    }

    /** @return Generator<int, stdClass> of one table, without its secrets */
    public function rows(string $table): Generator
    {
        [$column, $of] = self::WITHOUT_NUMBER[$table] ?? ['id', $table];
        foreach (array_chunk($this->ids()[$of] ?? [], self::LOT) as $some) {
            foreach (DB::table($table)->whereIn($column, $some)->orderBy($column)->get() as $row) {
                yield self::withoutSecrets($row);
            }
        }
    }

    /** @return list<string> names of columns that may leave */
    public static function columns(string $table): array
    {
        return array_values(array_diff(DB::getSchemaBuilder()->getColumnListing($table), self::SECRETS));
    }

    private static function withoutSecrets(stdClass $row): stdClass
    {
        foreach (self::SECRETS as $secret) {
            unset($row->{$secret});
        }

        return $row;
    }

    /**
     * Rows that name their subject by a word and a number.
     *
     * @param  array<string, list<int>>  $ids
     * @return list<int>
     */
    private function about(string $table, string $of, array $ids): array
    {
        $found = [];
        foreach (Relation::morphMap() as $word => $class) {
            $theirs = $ids[(new $class())->getTable()] ?? [];
            foreach (array_chunk($theirs, self::LOT) as $some) {
                $rows = DB::table($table)->where("{$of}_type", $word)->whereIn("{$of}_id", $some);
                array_push($found, ...$this->numbers($rows));
            }
        }
        sort($found);

        return array_values(array_unique($found));
    }

    /** @return list<int> */
    private function numbers(Builder $rows): array
    {
        return array_values(array_filter($rows->pluck('id')->all(), is_int(...)));
    }

    /** @return list<array{string, string, string}> table, column, the table it points to; of tables with numbered rows */
    private static function keys(): array
    {
        $keys = DB::select(
            'select k.table_name as t, k.column_name as c, k.referenced_table_name as r from information_schema.key_column_usage k '.
            'join information_schema.columns i on i.table_schema = k.table_schema and i.table_name = k.table_name '.
            'and i.column_name = \'id\' '.
            'where k.table_schema = ? and k.referenced_table_name is not null order by k.table_name, k.column_name',
            [DB::connection()->getDatabaseName()],
        );
        $read = [];
        foreach ($keys as $key) {
            $said = get_object_vars((object) $key);
            if (is_string($said['t'] ?? null) && is_string($said['c'] ?? null) && is_string($said['r'] ?? null)) {
                $read[] = [$said['t'], $said['c'], $said['r']];
            }
        }

        return $read;
    }
}
