<?php

declare(strict_types=1);

namespace App\Control\Link;

use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Illuminate\Support\Facades\DB;

/**
 * Thins what was reported more than a fortnight ago: of each hour the least, the most and the first value of a sensor stay, and every
 * turn of an outlet and every event. No extreme is lost.
 */
final class ThinRows implements ShouldQueue
{
    use Queueable;

    public const AFTER_DAYS = 14;

    /** Rows taken in one go, so that no batch waits behind it. */
    private const LOT = 5000;

    public int $timeout = 600;

    public function handle(): void
    {
        foreach (LinkDevice::query()->pluck('id') as $id) {
            while ($this->lot((int) $id) === self::LOT) {
                continue;
            }
        }
    }

    /** @return int rows that went */
    private function lot(int $device): int
    {
        $ids = DB::select(
            'select id from (select id, '.
                'row_number() over (partition by channel, date_format(at, "%Y%m%d%H") order by value, id) as low, '.
                'row_number() over (partition by channel, date_format(at, "%Y%m%d%H") order by value desc, id) as high, '.
                'row_number() over (partition by channel, date_format(at, "%Y%m%d%H") order by at, id) as first '.
                'from link_rows where link_device_id = ? and kind = "reading" and value is not null and at < ?) as ranked '.
                'where low > 1 and high > 1 and first > 1 limit '.self::LOT,
            [$device, now()->subDays(self::AFTER_DAYS)->format('Y-m-d H:i:s')],
        );
        $numbers = array_map(fn (object $row): int => (int) ((array) $row)['id'], $ids);

        return $numbers === [] ? 0 : DB::table('link_rows')->whereIn('id', $numbers)->delete();
    }
}
