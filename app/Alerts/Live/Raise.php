<?php

declare(strict_types=1);

namespace App\Alerts\Live;

use App\Alerts\Alarm;
use App\Control\Link\StoredRows;
use App\Control\Sensor;
use App\House\Days;
use Carbon\CarbonImmutable;
use Illuminate\Support\Str;
use Velbrin\Core\Control\QuietHours;

/** Raises an alarm, with all its calls written in the same transaction; brings it to its end. */
final class Raise
{
    /** Troubles of one place within so long have one cause, and one call, s. */
    private const ONE_CAUSE_S = 120;

    private const MAY_BE_EXPECTED = ['temperature', 'salinity', 'ph', 'oxygen'];

    public function __construct(private readonly Expected $expected, private readonly ChainOfAlarm $chain)
    {
    }

    /** @param  bool  $isHarm  the value harms already: whatever is expected, it calls */
    public function of(Alarm $alarm, float $atS, bool $isHarm = false): void
    {
        $now = CarbonImmutable::now();
        $heldUntil = $isHarm ? null : $this->held($alarm, $now);
        $event = AlarmEvent::query()->create([
            'alarm_id' => $alarm->id,
            'at' => StoredRows::moment($atS),
            'raised_at' => $now->format('Y-m-d H:i:s.v'),
            'words' => mb_substr($alarm->message ?? "{$alarm->name}: look at it.", 0, 300),
            'joined_id' => $heldUntil === null ? $this->cause($alarm, $now)?->id : null,
            'held_until' => $heldUntil?->format('Y-m-d H:i:s.v'),
            'harm_at' => $isHarm ? $now->format('Y-m-d H:i:s.v') : null,
        ]);
        if ($event->joined_id === null && $heldUntil === null) {
            $this->call($alarm, $event, $now);
        }
    }

    /** What was expected is over, and it is still so: now it calls. */
    public function release(AlarmEvent $event): void
    {
        $alarm = $event->alarm()->with(['calls', 'system'])->first();
        $event->update(['held_until' => null]);
        if ($alarm !== null && $event->acknowledged_at === null) {
            $this->call($alarm, $event, CarbonImmutable::now());
        }
    }

    /** An answer is forgotten, and whoever is on the list is called from the beginning. */
    public function afresh(AlarmEvent $event): void
    {
        $root = AlarmEvent::query()->lockForUpdate()->findOrFail($event->joined_id ?? $event->id);
        $alarm = $root->alarm()->with(['calls', 'system'])->first();
        if ($alarm === null || $root->acknowledged_at === null) {
            return;
        }
        AlarmEvent::query()
            ->where(fn ($q) => $q->whereKey($root->id)->orWhere('joined_id', $root->id))
            ->update(['acknowledged_at' => null, 'acknowledged_by' => null, 'silent_until' => null]);
        $this->call($alarm, $root, CarbonImmutable::now());
    }

    /** The value has come to where it harms: once, whoever has answered and whatever was expected. */
    public function harm(Alarm $alarm): void
    {
        $event = AlarmEvent::query()->where('alarm_id', $alarm->id)->whereNull('cleared_at')->whereNull('harm_at')->latest('id')->first();
        if ($event === null) {
            return;
        }
        $event->update(['harm_at' => CarbonImmutable::now()->format('Y-m-d H:i:s.v')]);
        if ($event->held_until !== null) {
            $this->release($event);
        } else {
            $this->afresh($event);
        }
    }

    /** Until when its quantity is expected to be off; a leak, power and silence are never expected. */
    private function held(Alarm $alarm, CarbonImmutable $now): ?CarbonImmutable
    {
        $quantity = $alarm->sensor_id === null ? null : ($alarm->quantity->value ?? $this->quantityOf($alarm->sensor_id));

        $expected = in_array($quantity, self::MAY_BE_EXPECTED, true)
            ? $this->expected->until($alarm->system_id, (string) $quantity, $now)
            : null;

        return max($expected, self::morning($alarm, $now));
    }

    /** When the night is over that it may wait for; null: it may not, or it is day. */
    private static function morning(Alarm $alarm, CarbonImmutable $now): ?CarbonImmutable
    {
        $left = $alarm->waits_at_night ? QuietHours::leftMin(Days::now()['minute']) : null;

        return $left === null ? null : $now->addMinutes((int) $left);
    }

    private function quantityOf(int $sensorId): ?string
    {
        return Sensor::query()->find($sensorId)?->quantity;
    }

    /** Back within half an hour: the same occurrence, and those who answered it are not called again. */
    public function again(Alarm $alarm): void
    {
        AlarmEvent::query()->where('alarm_id', $alarm->id)->latest('id')->first()?->update(['cleared_at' => null]);
    }

    public function over(Alarm $alarm, float $atS): void
    {
        AlarmEvent::query()
            ->where('alarm_id', $alarm->id)
            ->whereNull('cleared_at')
            ->update(['cleared_at' => StoredRows::moment($atS)]);
    }

    /** The trouble it joins: the first of its place within two minutes that nobody has answered. */
    private function cause(Alarm $alarm, CarbonImmutable $now): ?AlarmEvent
    {
        $siteId = $alarm->system?->site_id;

        return AlarmEvent::query()
            ->whereNull('joined_id')
            ->whereNull('acknowledged_at')
            ->where('raised_at', '>=', $now->subSeconds(self::ONE_CAUSE_S)->format('Y-m-d H:i:s.v'))
            ->whereHas('alarm.system', fn ($s) => $s->where('site_id', $siteId))
            ->orderBy('id')
            ->first();
    }

    private function call(Alarm $alarm, AlarmEvent $event, CarbonImmutable $now): void
    {
        $chain = $this->chain->at($alarm, $now);
        foreach ($chain->calls as $call) {
            AlarmNotice::query()->create([
                'uuid' => (string) Str::uuid(),
                'alarm_event_id' => $event->id,
                'user_id' => (int) $call['who'],
                'round' => $call['round'],
                'due_at' => $now->addMilliseconds((int) round(1000 * $call['atS']))->format('Y-m-d H:i:s.v'),
            ]);
        }
    }
}
