<?php

declare(strict_types=1);

namespace Velbrin\Core\Control\Plant;

use Velbrin\Core\Control\AlarmTurn;
use Velbrin\Core\Control\AlarmWatch;
use Velbrin\Core\Control\Programme\AlarmOf;
use Velbrin\Core\Control\Programme\AlarmSight;

/** The alarms of a run: what they see, and when they turn. */
final class Lookout
{
    /** @var array<string, AlarmWatch> */
    private array $watches = [];

    /** @var array<string, array{value: float, atS: float}> when each probe last read something else */
    private array $moved = [];

    /** @param  list<AlarmOf>  $alarms */
    public function __construct(private readonly array $alarms, private readonly PlantSpec $plant)
    {
        foreach ($alarms as $alarm) {
            $this->watches[$alarm->id] = new AlarmWatch($alarm->waitsS());
        }
    }

    /** @return list<array{0: AlarmOf, 1: AlarmTurn}> */
    public function look(float $atS, AlarmSight $sight): array
    {
        $turns = [];
        foreach ($this->alarms as $alarm) {
            $turn = $this->watches[$alarm->id]->see($atS, $alarm->holds($sight));
            if ($turn !== null) {
                $turns[] = [$alarm, $turn];
            }
        }

        return $turns;
    }

    /** s until an alarm has waited long enough; INF: none waits. */
    public function untilS(): float
    {
        $waits = array_map(fn (AlarmWatch $w): float => $w->untilS(), $this->watches);

        return $waits === [] ? INF : min($waits);
    }

    /** A head without power reports nothing. */
    public function sight(float $atS, State $s, Senses $senses, Broken $broken, Journal $journal): AlarmSight
    {
        $probes = $senses->probes($s, $broken);
        $stillS = $ratesPerH = $draws = [];
        foreach ($probes as $id => $value) {
            if ($value === null) {
                continue;
            }
            $was = $this->moved[$id] ?? null;
            if ($was === null || abs($was['value'] - $value) > 1e-9) {
                $ratesPerH[$id] = $was === null ? 0.0 : (($value - $was['value']) * 3600) / max(60.0, $atS - $was['atS']);
                $this->moved[$id] = ['value' => $value, 'atS' => $atS];
            }
            $stillS[$id] = $atS - $this->moved[$id]['atS'];
        }
        foreach ($this->plant->devices as $outlet => $device) {
            $level = $journal->level((string) $outlet);
            $isDead = $broken->find(FaultKind::LoadDead, (string) $outlet) !== null;
            $draws[$outlet] = ['on' => $level > 0, 'w' => $isDead ? 0.0 : $level * $device->watts, 'knownW' => $device->watts];
        }

        return new AlarmSight(
            isSilent: ! $broken->hasPower(),
            probes: $probes,
            switches: $senses->switches($s, $broken),
            acts: [...$journal->guarding, ...$journal->latched],
            ratesPerH: $ratesPerH,
            stillS: $stillS,
            draws: $draws,
        );
    }
}
