<?php

declare(strict_types=1);

namespace App\Alerts\Live;

use App\Alerts\Alarm;
use App\Control\Link\LinkDevice;
use App\Control\Orders\OrdersByTheClock;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use Velbrin\Core\Control\AlarmTurn;
use Velbrin\Core\Control\AlarmWatch;

/** What happens by the clock, each second: calls that are due go out, and whoever has fallen silent is missed. */
final class Tick
{
    /** Calls handed over in one go. */
    private const AT_ONCE = 100;

    /** A call that does not get through is tried so often. */
    private const TRIES = 5;

    public function __construct(private readonly Gateway $gateway, private readonly Raise $raise)
    {
    }

    /** @return int calls that went out */
    public function once(): int
    {
        $this->silence();
        $this->expectedOver();
        $this->silenceOver();
        OrdersByTheClock::look();

        return $this->calls();
    }

    /** What was expected is over: whatever is still so calls now. */
    private function expectedOver(): void
    {
        AlarmEvent::query()
            ->whereNull('cleared_at')
            ->where('held_until', '<=', CarbonImmutable::now()->format('Y-m-d H:i:s.v'))
            ->orderBy('id')
            ->limit(self::AT_ONCE)
            ->get()
            ->each(fn (AlarmEvent $e) => DB::transaction(fn () => $this->raise->release($e)));
    }

    /** The hour of an answer is over, and it is still so: those on the list are called again. */
    private function silenceOver(): void
    {
        AlarmEvent::query()
            ->whereNull('cleared_at')
            ->whereNull('joined_id')
            ->where('silent_until', '<=', CarbonImmutable::now()->format('Y-m-d H:i:s.v'))
            ->orderBy('id')
            ->limit(self::AT_ONCE)
            ->get()
            ->each(fn (AlarmEvent $e) => DB::transaction(fn () => $this->raise->afresh($e)));
    }

    private function calls(): int
    {
        $now = CarbonImmutable::now()->format('Y-m-d H:i:s.v');
        $sent = 0;
        $due = AlarmNotice::query()
            ->whereNull('sent_at')
            ->whereNull('dropped_at')
            ->where('tries', '<', self::TRIES)
            ->where('due_at', '<=', $now)
            ->with(['event.alarm.system.site', 'user'])
            ->orderBy('due_at')
            ->limit(self::AT_ONCE)
            ->get();
        foreach ($due as $notice) {
            if ($notice->event?->acknowledged_at !== null) {
                $notice->update(['dropped_at' => $now]);

                continue;
            }
            $isThrough = $this->gateway->hand($notice, self::words($notice));
            $notice->update($isThrough ? ['sent_at' => $now] : ['tries' => $notice->tries + 1]);
            $sent += $isThrough ? 1 : 0;
            if (! $isThrough) {
                $this->hurry($notice, $now);
            }
        }

        return $sent;
    }

    /** A channel that fails hands on at once. */
    private function hurry(AlarmNotice $failed, string $now): void
    {
        AlarmNotice::query()
            ->where('alarm_event_id', $failed->alarm_event_id)
            ->whereNull('sent_at')
            ->whereNull('dropped_at')
            ->whereKeyNot($failed->id)
            ->orderBy('due_at')
            ->first()
            ?->update(['due_at' => $now]);
    }

    private static function words(AlarmNotice $notice): string
    {
        $alarm = $notice->event?->alarm;
        $system = $alarm?->system;

        return "{$alarm?->name}, {$system?->name}, {$system?->site?->name}: {$notice->event?->words}";
    }

    /** Alarms on silence, by when their controller was heard last. */
    private function silence(): void
    {
        $alarms = Alarm::query()
            ->current()
            ->whereNotNull('controller_id')
            ->whereNull('sensor_id')
            ->whereNull('act')
            ->whereNull('outlet_id')
            ->with('calls', 'system')
            ->get();
        foreach ($alarms as $alarm) {
            $heard = LinkDevice::query()->where('controller_id', $alarm->controller_id)->whereNull('revoked_at')->max('heard_at');
            if (is_string($heard)) {
                $this->missed($alarm, CarbonImmutable::parse($heard, 'UTC'));
            }
        }
    }

    private function missed(Alarm $alarm, CarbonImmutable $heard): void
    {
        DB::transaction(function () use ($alarm, $heard): void {
            $kept = DB::table('alarm_watches')->where('alarm_id', $alarm->id)->lockForUpdate()->value('kept');
            $state = json_decode((string) $kept, true);
            $watch = is_array($state) ? AlarmWatch::from(0.0, $state) : new AlarmWatch(0.0);
            $nowS = (float) CarbonImmutable::now()->format('U.v');
            $isSilent = $nowS - (float) $heard->format('U.v') >= $alarm->delay_min * 60;
            $turn = $watch->see($nowS, $isSilent);
            if ($turn === null && is_array($state) && $state['last'] === $isSilent) {
                return;
            }
            DB::table('alarm_watches')->upsert(
                [['alarm_id' => $alarm->id, 'kept' => json_encode($watch->kept(), JSON_THROW_ON_ERROR), 'updated_at' => now()]],
                ['alarm_id'],
                ['kept', 'updated_at'],
            );
            match ($turn) {
                AlarmTurn::Raised => $this->raise->of($alarm, $nowS),
                AlarmTurn::Again => $this->raise->again($alarm),
                AlarmTurn::Cleared => $this->raise->over($alarm, $nowS),
                null => null,
            };
        });
    }
}
