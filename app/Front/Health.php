<?php

declare(strict_types=1);

namespace App\Front;

use App\Alerts\Console\TickCommand;
use App\Alerts\Live\AlarmNotice;
use App\House\Http\RoomOnDisk;
use App\House\Ledger;
use App\Reports\ReportDelivery;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use Throwable;

/** How the house is: each part with its state, its figure and what to do. */
final class Health
{
    private const WORKER = 'beat-worker';

    private const CLOCK = 'beat-clock';

    /** Between two signs of the worker while it has nothing to do; of the clock, s. */
    private const WORKER_S = 60;

    private const CLOCK_S = 180;

    private const JOB_WAITS_S = 900;

    private const CLOCKS_APART_S = 5;

    /** The ticker looks each second. */
    private const TICK_S = 30;

    private const CALL_WAITS_S = 30;

    private const BACKUP_HOURS = 48;

    /** Kept by bin/backup with each backup that is proved. */
    public const BACKUP_FILE = 'last-backup';

    /** @return array{well: bool, at: string, parts: array<string, array{well: bool, words: string}>} */
    public static function now(): array
    {
        $parts = [
            'database' => self::database(...),
            'queue' => self::queue(...),
            'scheduler' => self::scheduler(...),
            'alarms' => self::alarms(...),
            'disk' => self::disk(...),
            'clock' => self::clock(...),
            'mail' => self::mail(...),
            'trail' => self::trail(...),
            'backup' => self::backup(...),
        ];
        $said = [];
        foreach ($parts as $name => $look) {
            try {
                [$well, $words] = $look();
            } catch (Throwable $e) {
                [$well, $words] = [false, 'cannot be looked at: '.mb_strimwidth(mb_scrub($e->getMessage()), 0, 120, '…')];
            }
            $said[$name] = ['well' => $well, 'words' => $words];
        }

        return [
            'well' => ! in_array(false, array_column($said, 'well'), true),
            'at' => CarbonImmutable::now('UTC')->toIso8601ZuluString(),
            'parts' => $said,
        ];
    }

    /** The worker has looked for work. */
    public static function workerBeats(): void
    {
        static $last = 0;
        if (time() - $last >= 10) {
            $last = time();
            Cache::put(self::WORKER, $last, 86_400);
        }
    }

    /** The clock has struck. */
    public static function clockBeats(): void
    {
        Cache::put(self::CLOCK, time(), 86_400);
    }

    /** @return array{bool, string} */
    private static function database(): array
    {
        $from = hrtime(true);
        DB::select('select 1');
        $ms = (hrtime(true) - $from) / 1e6;

        return [$ms < 1000, sprintf('answers in %.1f ms', $ms)];
    }

    /** @return array{bool, string} */
    private static function queue(): array
    {
        $waits = DB::table('jobs')->whereNull('reserved_at')->where('available_at', '<=', time())->min('available_at');
        $isBusy = DB::table('jobs')->whereNotNull('reserved_at')->exists();
        $failed = DB::table('failed_jobs')->count();
        $seen = self::ago(self::WORKER);
        $waitsS = is_numeric($waits) ? time() - (int) $waits : 0;
        $lives = $isBusy || ($seen !== null && $seen <= self::WORKER_S);

        return [
            $lives && $waitsS <= self::JOB_WAITS_S,
            ($lives ? ($isBusy ? 'at work' : 'waiting for work') : 'no worker: start queue:work').
                ", oldest job waits {$waitsS} s, {$failed} failed for good",
        ];
    }

    /** @return array{bool, string} */
    private static function scheduler(): array
    {
        $seen = self::ago(self::CLOCK);

        return $seen === null
            ? [false, 'has not struck yet: run schedule:run each minute']
            : [$seen <= self::CLOCK_S, "struck {$seen} s ago"];
    }

    /**
     * Alarm calls go out: the ticker looks each second, and nothing that is due waits.
     *
     * @return array{bool, string}
     */
    private static function alarms(): array
    {
        $seen = self::ago(TickCommand::BEAT);
        $waits = AlarmNotice::query()
            ->whereNull('sent_at')
            ->whereNull('dropped_at')
            ->where('due_at', '<', now()->subSeconds(self::CALL_WAITS_S)->format('Y-m-d H:i:s.v'))
            ->count();

        return [
            $seen !== null && $seen <= self::TICK_S && $waits === 0,
            ($seen === null ? 'no ticker: start velbrin:tick' : "looked {$seen} s ago").", {$waits} calls overdue",
        ];
    }

    /** @return array{bool, string} */
    private static function disk(): array
    {
        $free = RoomOnDisk::freeMb();
        $floor = config()->integer('velbrin.disk_floor_mb');

        return [$free >= 2 * $floor, "{$free} MB free; below {$floor} MB nothing new is taken"];
    }

    /** @return array{bool, string} */
    private static function clock(): array
    {
        $theirs = Ledger::int((object) (array) DB::selectOne('select unix_timestamp() as t'), 't');
        $apart = abs($theirs - time());

        return [$apart <= self::CLOCKS_APART_S, "database and application are {$apart} s apart"];
    }

    /** @return array{bool, string} */
    private static function mail(): array
    {
        $waiting = DB::table('report_mails')->where('state', ReportDelivery::WAITING)->count();
        $failed = DB::table('report_mails')->where('state', ReportDelivery::FAILED)->count();

        return [true, "{$waiting} reports on their way, {$failed} did not get through"];
    }

    /** @return array{bool, string} */
    private static function trail(): array
    {
        $unsealed = Ledger::entries()->where('id', '>', (int) Ledger::seals()->max('to_id'))->count();

        return [true, "{$unsealed} lines not sealed yet"];
    }

    /** @return array{bool, string} */
    private static function backup(): array
    {
        $file = storage_path(self::BACKUP_FILE);
        if (! is_file($file)) {
            return [(bool) config('velbrin.demo'), 'none yet: run bin/backup'];
        }
        $hours = (int) ((time() - (int) filemtime($file)) / 3600);

        return [$hours <= self::BACKUP_HOURS || (bool) config('velbrin.demo'), "the last is {$hours} h old"];
    }

    /** Seconds since that sign; null: never. */
    private static function ago(string $sign): ?int
    {
        $at = Cache::get($sign);

        return is_int($at) ? max(0, time() - $at) : null;
    }
}
