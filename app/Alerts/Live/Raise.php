<?php

declare(strict_types=1);

namespace App\Alerts\Live;

use App\Alerts\Alarm;
use App\Alerts\AlarmCall;
use App\Control\Link\TakeBatch;
use App\House\Days;
use App\Team\Absence;
use App\Team\OnCall;
use App\Team\Role;
use App\Team\User;
use Carbon\CarbonImmutable;
use Illuminate\Support\Str;
use Velbrin\Core\Control\AlarmChain;

/** Raises an alarm, with all its calls written in the same transaction; brings it to its end. */
final class Raise
{
    /** Troubles of one place within so long have one cause, and one call, s. */
    private const ONE_CAUSE_S = 120;

    public function of(Alarm $alarm, float $atS): void
    {
        $now = CarbonImmutable::now();
        $event = AlarmEvent::query()->create([
            'alarm_id' => $alarm->id,
            'at' => TakeBatch::moment($atS),
            'raised_at' => $now->format('Y-m-d H:i:s.v'),
            'words' => mb_substr($alarm->message ?? "{$alarm->name}: look at it.", 0, 300),
            'joined_id' => $this->cause($alarm, $now)?->id,
        ]);
        if ($event->joined_id === null) {
            $this->call($alarm, $event, $now);
        }
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
            ->update(['cleared_at' => TakeBatch::moment($atS)]);
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
        $chain = AlarmChain::walk(
            steps: array_values($alarm->calls->map(fn (AlarmCall $c): array => [
                'who' => (string) $c->user_id,
                'waitS' => $c->step_min * 60,
            ])->all()),
            away: $this->away(),
            roster: $this->roster(),
            owner: $this->owner(),
        );
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

    /** @return list<string> on leave or ill today, or no longer with us */
    private function away(): array
    {
        $today = Days::text();
        $ids = Absence::query()->where('from_on', '<=', $today)->where('until_on', '>=', $today)->pluck('user_id')
            ->merge(User::query()->whereNotNull('archived_at')->pluck('id'));

        return array_values($ids->map(fn (mixed $id): string => (string) $id)->unique()->all());
    }

    private function roster(): ?string
    {
        $today = Days::text();
        $id = OnCall::query()->where('from_on', '<=', $today)->where('until_on', '>=', $today)->orderBy('position')->value('user_id');

        return is_int($id) ? (string) $id : null;
    }

    private function owner(): ?string
    {
        $id = User::query()->where('role', Role::Owner->value)->whereNull('archived_at')->orderBy('id')->value('id');

        return is_int($id) ? (string) $id : null;
    }
}
