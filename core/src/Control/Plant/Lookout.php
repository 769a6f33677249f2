<?php

declare(strict_types=1);

namespace Velbrin\Core\Control\Plant;

use Velbrin\Core\Control\AlarmTurn;
use Velbrin\Core\Control\AlarmWatch;
use Velbrin\Core\Control\Pace;
use Velbrin\Core\Control\Programme\AlarmOf;
use Velbrin\Core\Control\Programme\AlarmSight;

/** The alarms of a run: what they see, and when they turn. */
final class Lookout
{
    /** @var array<string, AlarmWatch> */
    private array $watches = [];

    /** @var array<string, array{value: float, atS: float}> when each probe last read something else */
    private array $moved = [];

    /** @var array<string, Pace> how fast each goes */
    private array $paces = [];

    /** One of them goes by time: by how fast a value moves, or for how long it stands. */
    private readonly bool $isTimed;

    private readonly bool $seesLoads;

    /** Until an alarm has waited long enough, as they were last looked at, s. */
    private float $untilS = INF;

    /** @param  list<AlarmOf>  $alarms */
    public function __construct(private readonly array $alarms, private readonly PlantSpec $plant)
    {
        foreach ($alarms as $alarm) {
            $this->watches[$alarm->id] = new AlarmWatch($alarm->waitsS());
        }
        $this->isTimed = array_filter($alarms, fn (AlarmOf $a): bool => $a->isFrozen || $a->ratePerH !== null) !== [];
        $this->seesLoads = array_filter($alarms, fn (AlarmOf $a): bool => $a->outlet !== null) !== [];
    }

    /** None goes by time, and none waits. */
    public function isCalm(): bool
    {
        return ! $this->isTimed && $this->untilS === INF;
    }

    /** @return list<array{0: AlarmOf, 1: AlarmTurn}> */
    public function look(float $atS, AlarmSight $sight): array
    {
        $turns = [];
        $this->untilS = INF;
        foreach ($this->alarms as $alarm) {
            $watch = $this->watches[$alarm->id];
            $turn = $watch->see($atS, $alarm->holds($sight));
            if ($turn !== null) {
                $turns[] = [$alarm, $turn];
            }
            $this->untilS = min($this->untilS, $watch->untilS());
        }

        return $turns;
    }

    /** s until an alarm has waited long enough; INF: none waits. */
    public function untilS(): float
    {
        return $this->untilS;
    }

    /**
     * A head without power reports nothing.
     *
     * @param  array<string, float|null>  $probes
     * @param  array<string, bool>  $switches
     * @param  list<string>  $acts  guards, refills and longest runs that act or wait for somebody
     * @param  array<string, float>  $levels  of outlets, 0 to 1
     */
    public function sight(float $atS, array $probes, array $switches, Broken $broken, array $acts, array $levels): AlarmSight
    {
        [$ratesPerH, $stillS] = $this->isTimed ? $this->moves($atS, $probes) : [[], []];

        return new AlarmSight(
            isSilent: ! $broken->hasPower(),
            probes: $probes,
            switches: $switches,
            acts: $acts,
            ratesPerH: $ratesPerH,
            stillS: $stillS,
            draws: $this->seesLoads ? $this->draws($broken, $levels) : [],
        );
    }

    /**
     * @param  array<string, float|null>  $probes
     * @return array{0: array<string, float>, 1: array<string, float>} how fast each goes, an hour; how long each has stood, s
     */
    private function moves(float $atS, array $probes): array
    {
        $stillS = $ratesPerH = [];
        foreach ($probes as $id => $value) {
            if ($value === null) {
                continue;
            }
            $was = $this->moved[$id] ?? null;
            if ($was === null || abs($was['value'] - $value) > 1e-9) {
                $this->moved[$id] = ['value' => $value, 'atS' => $atS];
            }
            $stillS[$id] = $atS - $this->moved[$id]['atS'];
            $this->paces[$id] ??= Pace::begun();
            $this->paces[$id]->see($atS, $value);
            $ratesPerH[$id] = $this->paces[$id]->perH($atS, $value);
        }

        return [array_filter($ratesPerH, fn (?float $perH): bool => $perH !== null), $stillS];
    }

    /**
     * @param  array<string, float>  $levels
     * @return array<string, array{on: bool, w: float, knownW: float}> by outlet
     */
    private function draws(Broken $broken, array $levels): array
    {
        $draws = [];
        foreach ($this->plant->devices as $outlet => $device) {
            $level = $levels[$outlet] ?? 0.0;
            $isDead = $broken->find(FaultKind::LoadDead, (string) $outlet) !== null;
            $draws[$outlet] = ['on' => $level > 0, 'w' => $isDead ? 0.0 : $level * $device->watts, 'knownW' => $device->watts];
        }

        return $draws;
    }
}
