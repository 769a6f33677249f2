<?php

declare(strict_types=1);

namespace Velbrin\Core\Control\Programme;

use Velbrin\Core\Control\Job;

/** A programme with all that stands round it: what is plugged in, what is measured, who is called. */
final readonly class Setup
{
    /**
     * @param  array<string, Probe>  $probes  by name
     * @param  array<string, Hung>  $hung  by outlet
     * @param  list<AlarmOf>  $alarms
     * @param  array<string, string>  $names  what people call a probe or a switch
     */
    public function __construct(
        public Programme $programme,
        public array $probes,
        public array $hung,
        public array $alarms,
        public array $names = [],
        public KnownFacts $facts = new KnownFacts(),
    ) {
    }

    /** @return list<Outlet> with that job on them */
    public function doing(Job ...$jobs): array
    {
        return array_values(
            array_filter($this->programme->outlets, fn (Outlet $o): bool => in_array(($this->hung[$o->id] ?? null)?->job, $jobs, true)),
        );
    }

    /** @return list<array{0: Outlet, 1: Hold}> */
    public function holds(): array
    {
        $holds = [];
        foreach ($this->programme->outlets as $outlet) {
            if ($outlet->rule instanceof Hold) {
                $holds[] = [$outlet, $outlet->rule];
            }
        }

        return $holds;
    }

    /** @return list<AlarmOf> on that probe's value */
    public function alarmsOn(string $probe): array
    {
        return array_values(array_filter($this->alarms, fn (AlarmOf $a): bool => $a->probe === $probe));
    }

    public function place(string $outlet): string
    {
        foreach ($this->programme->outlets as $one) {
            if ($one->id === $outlet) {
                return $one->place;
            }
        }

        return $outlet;
    }

    /** What people call it: a place, a probe, a switch, the guard of a place. */
    public function nameOf(string $id): string
    {
        foreach ($this->programme->guards as $guard) {
            if ($guard->id === $id) {
                return "the guard of {$this->place($guard->outlet)}";
            }
        }

        return $this->names[$id] ?? $this->place($id);
    }
}
