<?php

declare(strict_types=1);

namespace Velbrin\Core\Control;

/** "Installed" is six states, each more than the one before (X-10). */
enum Installed: string
{
    case Mounted = 'mounted';
    case Powered = 'powered';
    case Programmed = 'programmed';
    case Calibrated = 'calibrated';
    case Tested = 'tested';
    case RunIn = 'run-in';

    public function label(): string
    {
        return $this === self::RunIn ? 'run in' : $this->value;
    }

    private function step(): int
    {
        return (int) array_search($this, self::cases(), true);
    }

    /** Whether a device of that job, in this state, leaves the animals unprotected: what keeps them alive is trusted only once tested. */
    public function leavesUnprotected(Job $job): bool
    {
        $guards = [
            Job::Heater,
            Job::ReturnPump,
            Job::TopOff,
            Job::Controller,
            Job::Probe,
            Job::FloatSwitch,
            Job::Chiller,
            Job::Battery,
            Job::Doser,
        ];

        return in_array($job, $guards, true) && $this->step() < self::Tested->step();
    }
}
