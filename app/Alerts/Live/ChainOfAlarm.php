<?php

declare(strict_types=1);

namespace App\Alerts\Live;

use App\Alerts\Alarm;
use App\Alerts\AlarmCall;
use App\House\Days;
use App\Team\Absence;
use App\Team\OnCall;
use App\Team\Role;
use App\Team\User;
use Carbon\CarbonImmutable;
use Velbrin\Core\Control\AlarmChain;

/** Whom an alarm calls, one after the other, were it raised at that moment and nobody answered. */
final class ChainOfAlarm
{
    /** The alarm is loaded with calls. */
    public function at(Alarm $alarm, CarbonImmutable $at): AlarmChain
    {
        $day = $at->setTimezone(Days::zone())->toDateString();

        return AlarmChain::walk(
            steps: array_values($alarm->calls->map(fn (AlarmCall $c): array => [
                'who' => (string) $c->user_id,
                'waitS' => $c->step_min * 60,
            ])->all()),
            away: $this->away($day),
            roster: $this->roster($day),
            owner: $this->owner(),
        );
    }

    /** @return list<string> on leave or ill that day, or no longer with us */
    private function away(string $day): array
    {
        $ids = Absence::query()->where('from_on', '<=', $day)->where('until_on', '>=', $day)->pluck('user_id')
            ->merge(User::query()->whereNotNull('archived_at')->pluck('id'));

        return array_values($ids->map(fn (mixed $id): string => (string) $id)->unique()->all());
    }

    private function roster(string $day): ?string
    {
        $id = OnCall::query()->where('from_on', '<=', $day)->where('until_on', '>=', $day)->orderBy('position')->value('user_id');

        return is_int($id) ? (string) $id : null;
    }

    private function owner(): ?string
    {
        $id = User::query()->where('role', Role::Owner->value)->whereNull('archived_at')->orderBy('id')->value('id');

        return is_int($id) ? (string) $id : null;
    }
}
