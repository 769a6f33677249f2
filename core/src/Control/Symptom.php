<?php

declare(strict_types=1);

namespace Velbrin\Core\Control;

/** What somebody notices first. */
enum Symptom: string
{
    case Cold = 'cold';
    case Hot = 'hot';
    case NoFlow = 'no-flow';
    case Noise = 'noise';
    case Level = 'level';
    case Skimmer = 'skimmer';
    case NoDose = 'no-dose';
    case Alarm = 'alarm';

    public function label(): string
    {
        return match ($this) {
            self::Cold => 'Too cold',
            self::Hot => 'Too warm',
            self::NoFlow => 'No flow',
            self::Noise => 'A noise',
            self::Level => 'The level is wrong',
            self::Skimmer => 'The skimmer overflows or does nothing',
            self::NoDose => 'Nothing is dosed',
            self::Alarm => 'An alarm that cannot be right',
        };
    }

    /** @return list<Job> the devices it may come from: their labels say what they should draw */
    public function jobs(): array
    {
        return match ($this) {
            self::Cold => [Job::Heater, Job::Controller, Job::Probe, Job::ReturnPump],
            self::Hot => [
                Job::Heater,
                Job::Chiller,
                Job::Fan,
                Job::Controller,
                Job::Probe,
                Job::ReturnPump,
                Job::CirculationPump,
            ],
            self::NoFlow => [Job::ReturnPump, Job::CirculationPump],
            self::Noise => [
                Job::ReturnPump,
                Job::CirculationPump,
                Job::Skimmer,
                Job::TopOff,
                Job::Doser,
                Job::Fan,
                Job::Light,
                Job::Chiller,
            ],
            self::Level => [Job::TopOff, Job::FloatSwitch, Job::ReturnPump],
            self::Skimmer => [Job::Skimmer],
            self::NoDose => [Job::Doser, Job::Controller],
            self::Alarm => [Job::Controller, Job::Probe, Job::FloatSwitch, Job::Battery],
        };
    }

    /** @return array<string, Check> by key; the first is where it begins */
    public function checks(): array
    {
        return match ($this) {
            self::Cold => Sheet\Cold::checks(),
            self::Hot => Sheet\Hot::checks(),
            self::NoFlow => Sheet\NoFlow::checks(),
            self::Noise => Sheet\Noise::checks(),
            self::Level => Sheet\Level::checks(),
            self::Skimmer => Sheet\Skimmer::checks(),
            self::NoDose => Sheet\NoDose::checks(),
            self::Alarm => Sheet\Alarm::checks(),
        };
    }
}
