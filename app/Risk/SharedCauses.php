<?php

declare(strict_types=1);

namespace App\Risk;

use Illuminate\Support\Facades\DB;
use Velbrin\Core\Control\Job;
use Velbrin\Core\Risk\Layer\Part;
use Velbrin\Core\Risk\Single\CriticalFunction;

/** Where several devices of one function are one: all hang on the same outlet, strip or circuit (X-22, R-50). */
final class SharedCauses
{
    /** A system has several of these on purpose; the others rarely have two. */
    private const FUNCTIONS = [CriticalFunction::Heat, CriticalFunction::Air, CriticalFunction::Flow];

    private const SYSTEMS_SHOWN = 12;

    /**
     * @return list<array{
     *     function: string, part: string, count: int, systems: list<array{id: int, name: string, devices: int}>
     * }> what most systems have in common first; part "unknown": nobody wrote down what they hang on
     */
    public static function ofFleet(): array
    {
        $found = [];
        foreach (self::FUNCTIONS as $function) {
            foreach (self::systems($function) as $row) {
                $part = self::part($row);
                if ($part !== null) {
                    $found[$part][$function->value][] = $row;
                }
            }
        }
        $lines = [];
        foreach ($found as $part => $functions) {
            foreach ($functions as $function => $rows) {
                $lines[] = [
                    'function' => $function,
                    'part' => $part,
                    'count' => count($rows),
                    'systems' => array_map(
                        fn (array $r): array => [
                            'id' => (int) $r['id'],
                            'name' => (string) $r['name'],
                            'devices' => (int) $r['devices'],
                        ],
                        array_slice($rows, 0, self::SYSTEMS_SHOWN),
                    ),
                ];
            }
        }
        $order = fn (array $line): array => [$line['part'] === 'unknown', -$line['count']];
        usort($lines, fn (array $a, array $b): int => $order($a) <=> $order($b));

        return $lines;
    }

    /** @return list<array<string, int|string>> systems with two or more such devices, and on how many parts they hang */
    private static function systems(CriticalFunction $function): array
    {
        $circuit = 'coalesce(strips.circuit_id, items.circuit_id)';

        return array_values(
            DB::table('items')
                ->join('systems', 'systems.id', '=', 'items.system_id')
                ->leftJoin('outlets', 'outlets.id', '=', 'items.outlet_id')
                ->leftJoin('strips', 'strips.id', '=', 'outlets.strip_id')
                ->whereNull('systems.archived_at')
                ->whereNull('items.retired_at')
                ->whereIn('items.job', array_map(fn (Job $j): string => $j->value, $function->jobs()))
                ->groupBy('systems.id', 'systems.name')
                ->having(DB::raw('count(*)'), '>=', 2)
                ->orderBy('systems.name')
                ->get([
                    'systems.id',
                    'systems.name',
                    DB::raw('count(*) as devices'),
                    DB::raw('count(items.outlet_id) as on_outlets'),
                    DB::raw('count(distinct items.outlet_id) as outlets'),
                    DB::raw('count(distinct strips.id) as strips'),
                    DB::raw("count({$circuit}) as on_circuits"),
                    DB::raw("count(distinct {$circuit}) as circuits"),
                ])
                ->map(fn (object $row): array => array_filter((array) $row, fn (mixed $v): bool => is_int($v) || is_string($v)))
                ->all(),
        );
    }

    /**
     * The nearest part that carries them all; null where they are apart.
     *
     * @param  array<string, int|string>  $row
     */
    private static function part(array $row): ?string
    {
        $all = (int) $row['devices'];

        return match (true) {
            (int) $row['on_outlets'] === $all && (int) $row['outlets'] === 1 => Part::Outlet->value,
            (int) $row['on_outlets'] === $all && (int) $row['strips'] === 1 => Part::Strip->value,
            (int) $row['on_circuits'] === $all && (int) $row['circuits'] === 1 => Part::Circuit->value,
            (int) $row['circuits'] > 1 => null,
            default => 'unknown',
        };
    }
}
