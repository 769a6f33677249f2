<?php

declare(strict_types=1);

namespace Velbrin\Core\Control\Plant;

use Velbrin\Core\Chemistry\Carbonate;
use Velbrin\Core\Control\Job;
use Velbrin\Core\Control\Programme\Moment;
use Velbrin\Core\Seawater\Seawater;

/** The physics of a run: how a system stands at its beginning, and how one step later. */
final readonly class Tank
{
    /** At the beginning water holds so much of the oxygen it could. */
    private const BEGINS_WITH = 0.95;

    private Workshop $workshop;

    private Living $living;

    public function __construct(private PlantSpec $plant)
    {
        $this->workshop = new Workshop($plant);
        $this->living = new Living($plant);
    }

    public function begun(): State
    {
        $start = $this->plant->start;
        $s = new State($this->plant);
        $s->returnL = $this->plant->sump?->litres($start->sumpMm) ?? 0.0;
        $s->storeL = $start->storeL ?? 0.0;
        $s->roomC = $this->plant->room->at($start->minute);
        $s->tempC = [$start->tempC, $start->tempC];
        $s->overMm = $this->runningMm();
        foreach ($this->plant->devices as $outlet => $device) {
            if ($device->vesselMl !== null) {
                $s->vesselMl[$outlet] = $device->vesselMl;
            }
        }
        $this->fill($s);

        return $s;
    }

    /**
     * @param  array<string, float>  $levels  of outlets, 0 to 1
     * @param  Moment  $then  the end of the step
     */
    public function after(State $from, array $levels, Broken $broken, Moment $then, float $seconds): State
    {
        $s = clone $from;
        $this->weather($s, $broken, $then, $seconds);
        $deeds = $this->workshop->deeds($levels, $broken, $s);
        $beforeJ = $s->storedJ();
        $flow = Flow::step($this->plant, $s, $deeds, $seconds, $broken->drainShare());
        Warmth::step($this->plant, $s, $deeds, $flow, $beforeJ, $seconds);
        $this->dissolve($s, $flow, $deeds, $then->minute, $seconds);
        $s->drawnWh += ($deeds->drawsW * $seconds) / 3600;

        return $s;
    }

    /** What one outlet draws, with what is broken, W. */
    public function drawsW(string $outlet, float $level, Broken $broken, State $s): float
    {
        return $this->workshop->drawsW($outlet, $level, $broken, $s);
    }

    /** With the pump at work the water already stands over the edge. */
    private function runningMm(): float
    {
        $lh = 0.0;
        foreach ($this->plant->devices as $device) {
            $lh += $device->job === Job::ReturnPump ? $device->litresPerH : 0.0;
        }

        return $lh > 0 && $this->plant->sump !== null ? ($this->plant->display->crest?->headMm($lh) ?? 0.0) : 0.0;
    }

    /** What is dissolved in both waters at the beginning. */
    private function fill(State $s): void
    {
        $start = $this->plant->start;
        $water = Seawater::at($start->salinity, $start->tempC);
        $carbon = $start->alkMeqL === null
            ? null
            : Carbonate::fromProbe($start->alkMeqL, $start->salinity, $start->tempC, $start->ph);
        foreach ([0, 1] as $body) {
            $litres = $s->litres()[$body];
            $s->saltG[$body] = $litres * $start->salinity * Seawater::NEAR_DENSITY_KG_L;
            if ($carbon === null) {
                continue;
            }
            $s->alkMeq[$body] = $litres * (float) $start->alkMeqL;
            $s->dicMmol[$body] = $litres * $carbon->dicMmolKg * Seawater::NEAR_DENSITY_KG_L;
            $s->caMg[$body] = $litres * $start->caMgL;
            $s->oxygenMg[$body] = self::BEGINS_WITH * $litres * $water->oxygenSatMgL();
            $s->ph[$body] = $start->ph;
        }
    }

    /** A room with its heating follows the day; without, it goes towards outdoors. */
    private function weather(State $s, Broken $broken, Moment $then, float $seconds): void
    {
        $goalC = $broken->roomGoalC() ?? ($broken->hasPower() ? null : $this->plant->room->outdoorsC);
        $s->roomC = $goalC === null
            ? $this->plant->room->at($then->minute)
            : $goalC + ($s->roomC - $goalC) * exp(-$seconds / Surroundings::DRIFT_S);
    }

    /** What is dissolved goes with the water; what lives takes and gives. */
    private function dissolve(State $s, Flow $flow, Deeds $deeds, float $minute, float $seconds): void
    {
        $changes = $this->living->changes($s, $deeds, $minute, $seconds);
        $mixing = new Mixing($s->displayL(), $s->sumpL(), $flow);
        $s->saltOutG += $mixing->carry($s->saltG);
        if ($this->plant->start->alkMeqL === null) {
            return;
        }
        $s->alkOutMeq += $mixing->carry($s->alkMeq, $changes->alk);
        $s->dicOutMmol += $mixing->carry($s->dicMmol, $changes->dic, $changes->dicAirsL);
        $mixing->carry($s->caMg, $changes->ca);
        $mixing->carry($s->oxygenMg, $changes->oxygen, $changes->oxygenAirsL);
        $s->oxygenMg = [max(0.0, $s->oxygenMg[0]), max(0.0, $s->oxygenMg[1])];
        $this->living->settle($s);
    }
}
