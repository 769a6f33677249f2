<?php

declare(strict_types=1);

namespace App\Rounds;

use App\Systems\DeviceAdded;
use Velbrin\Core\Control\Job;

/** What stands by gets its proof by itself, once its system has a round: a second heater run alone, a battery under load (R-43). */
final class ProofsOfDevice
{
    private const STANDS_BY = [Job::Heater, Job::Battery];

    public function handle(DeviceAdded $added): void
    {
        $system = $added->item->system()->firstOrFail();
        $hasRound = Task::query()->where('system_id', $system->id)->exists();
        if ($hasRound && in_array($added->item->job, self::STANDS_BY, true)) {
            Drills::ofDevices($system);
        }
    }
}
