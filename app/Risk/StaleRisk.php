<?php

declare(strict_types=1);

namespace App\Risk;

use App\Alerts\Alarm;
use App\Alerts\AlarmCall;
use App\Clients\Room;
use App\Clients\Site;
use App\Control\SetUp;
use App\Systems\Item;
use App\Systems\Reading;
use App\Systems\System;
use App\Systems\Vessel;
use App\Team\Absence;
use App\Team\OnCall;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use Velbrin\Core\Chemistry\Parameter;
use Velbrin\Core\Control\Job;

/** What an edit touches is worked out anew, and nothing else: a record marks the years of the systems it belongs to. */
final class StaleRisk
{
    public static function watch(): void
    {
        $ofSystem = fn (Model $record) => self::systems([(int) $record->getAttribute('system_id')]);
        foreach ([Item::class, Vessel::class, Alarm::class, Proof::class] as $class) {
            $class::saved($ofSystem);
        }
        $dosed = [Parameter::Alkalinity->value, Parameter::Ph->value];
        Reading::saved(function (Reading $reading) use ($dosed): void {
            if (in_array($reading->parameter->key(), $dosed, true)) {
                self::whereSomethingDoses((int) $reading->system_id);
            }
        });
        System::saved(fn (System $system) => self::systems([$system->id]));
        AlarmCall::saved(fn (AlarmCall $call) => self::where(
            fn (Builder $q) => $q->whereIn('system_id', DB::table('alarms')->where('id', $call->alarm_id)->select('system_id')),
        ));
        Site::saved(fn (Site $site) => self::ofSite($site->id));
        Room::saved(fn (Room $room) => self::ofSite($room->site_id));
        SetUp::saved(fn (SetUp $setUp) => self::where(
            fn (Builder $q) => $q->whereIn(
                'system_id',
                DB::table('systems')
                    ->whereIn('site_id', DB::table('controllers')->where('id', $setUp->controller_id)->select('site_id'))
                    ->select('id'),
            ),
        ));
        foreach ([OnCall::class, Absence::class, RiskRate::class] as $class) {
            $class::saved(fn () => self::all());
            $class::deleted(fn () => self::all());
        }
    }

    public static function all(): void
    {
        DB::table('risk_sums')->whereNotNull('key')->update(['key' => null]);
    }

    /** @param  list<int>  $ids */
    public static function systems(array $ids): void
    {
        self::where(fn (Builder $q) => $q->whereIn('system_id', $ids));
    }

    /** How much more a dose may bring follows from what was read last; only where something is dosed. */
    private static function whereSomethingDoses(int $systemId): void
    {
        self::where(fn (Builder $q) => $q->where('system_id', $systemId)->whereIn(
            'system_id',
            DB::table('items')
                ->whereIn('job', [Job::Doser->value, Job::Reactor->value, Job::TopOff->value])
                ->whereNull('retired_at')
                ->select('system_id'),
        ));
    }

    public static function ofSite(int $siteId): void
    {
        self::where(fn (Builder $q) => $q->whereIn('system_id', DB::table('systems')->where('site_id', $siteId)->select('id')));
    }

    /** @param  callable(Builder): mixed  $which */
    private static function where(callable $which): void
    {
        $query = DB::table('risk_sums')->whereNotNull('key');
        $which($query);
        $query->update(['key' => null]);
    }
}
