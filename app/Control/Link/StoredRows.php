<?php

declare(strict_types=1);

namespace App\Control\Link;

use Illuminate\Support\Facades\DB;

/** Rows of a device as the database keeps them: each once under device, run and number, whoever brings them. */
final class StoredRows
{
    private const LOT = 500;

    /**
     * @param  list<int>  $seqs
     * @return array<int, string> digests of those that are there, by number
     */
    public static function known(LinkDevice $device, string $run, array $seqs): array
    {
        $known = [];
        $stored = DB::table('link_rows')
            ->where('link_device_id', $device->id)
            ->where('run', $run)
            ->whereIn('seq', $seqs)
            ->get(['seq', 'digest']);
        foreach ($stored as $one) {
            $known[(int) $one->seq] = (string) $one->digest;
        }

        return $known;
    }

    /** @param  list<array<string, mixed>>  $rows  columns beside device and run; all of them have the same */
    public static function keep(LinkDevice $device, string $run, array $rows): void
    {
        foreach (array_chunk($rows, self::LOT) as $some) {
            DB::table('link_rows')->insert(array_map(
                fn (array $row): array => ['link_device_id' => $device->id, 'run' => $run, ...$row],
                $some,
            ));
        }
    }

    /** To the millisecond. */
    public static function moment(float $s): string
    {
        return gmdate('Y-m-d H:i:s', (int) floor($s)).sprintf('.%03d', (int) floor(($s - floor($s)) * 1000));
    }
}
