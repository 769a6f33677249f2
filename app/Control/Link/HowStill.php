<?php

declare(strict_types=1);

namespace App\Control\Link;

use App\Control\Sensor;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use Velbrin\Core\Control\StillStretch;

/** How long each probe stood still at most in the last fortnight, for alarms that tell a frozen one. */
final class HowStill
{
    /** Rows are thinned after so many. */
    private const DAYS = 14;

    public static function look(): void
    {
        foreach (Sensor::query()->current()->where('kind', Sensor::PROBE)->orderBy('id')->cursor() as $sensor) {
            $rows = DB::table('link_rows')
                ->whereIn('link_device_id', LinkDevice::thatCount($sensor->controller_id))
                ->where('channel', $sensor->key())
                ->where('kind', 'reading')
                ->whereNotNull('value')
                ->where('at', '>=', now()->subDays(self::DAYS))
                ->orderBy('at')
                ->select(['at', 'value'])
                ->cursor()
                ->map(fn (object $r): array => [
                    'atS' => (float) CarbonImmutable::parse((string) $r->at, 'UTC')->format('U.u'),
                    'value' => (float) $r->value,
                ]);
            if ($rows->isNotEmpty()) {
                $sensor->newQuery()->whereKey($sensor->id)->update([
                    'still_s' => StillStretch::longestS($rows, max(1e-6, $sensor->resolution ?? 0.1)),
                ]);
            }
        }
    }
}
