<?php

declare(strict_types=1);

namespace Velbrin\Core\Control\Plant;

use Velbrin\Core\Chemistry\Carbonate;
use Velbrin\Core\Control\Job;
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
        $s->display->tempC = $s->sump->tempC = $start->tempC;
        $s->overMm = $this->runningMm();
        $s->measure();
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
     * @param  float  $minute  of the day on the wall, at the end of the step
     */
    public function after(State $from, array $levels, Broken $broken, float $minute, float $seconds): State
    {
        $s = clone $from;
        $this->weather($s, $broken, $minute, $seconds);
        $deeds = $this->workshop->deeds($levels, $broken, $s);
        $beforeJ = $s->display->storedJ();
        $sumpBeforeJ = $s->sump->storedJ();
        $flow = Flow::step($this->plant, $s, $deeds, $seconds, $broken->drainShare());
        Warmth::step($this->plant, $s, $deeds, $flow, $beforeJ, $sumpBeforeJ, $seconds);
        $this->dissolve($s, $flow, $deeds, $minute, $seconds);
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
        foreach ([$s->display, $s->sump] as $in) {
            $in->saltG = $in->litres * $start->salinity * Seawater::NEAR_DENSITY_KG_L;
            $in->mixed();
            if ($carbon === null) {
                continue;
            }
            $in->alkMeq = $in->litres * (float) $start->alkMeqL;
            $in->dicMmol = $in->litres * $carbon->dicMmolKg * Seawater::NEAR_DENSITY_KG_L;
            $in->caMg = $in->litres * $start->caMgL;
            $in->oxygenMg = self::BEGINS_WITH * $in->litres * $water->oxygenSatMgL();
            $in->ph = $start->ph;
        }
    }

    /** A room with its heating follows the day; without, it goes towards outdoors. */
    private function weather(State $s, Broken $broken, float $minute, float $seconds): void
    {
        $goalC = $broken->roomGoalC() ?? ($broken->hasPower() ? null : $this->plant->room->outdoorsC);
        $s->roomC = $goalC === null
            ? $this->plant->room->at($minute)
            : $goalC + ($s->roomC - $goalC) * exp(-$seconds / Surroundings::DRIFT_S);
    }

    /** What is dissolved goes with the water; what lives takes and gives. */
    private function dissolve(State $s, Flow $flow, Deeds $deeds, float $minute, float $seconds): void
    {
        $display = $s->display;
        $sump = $s->sump;
        $gain = new Gain();
        $sumpGain = new Gain();
        $this->living->step($s, $deeds, $gain, $sumpGain, $minute, $seconds);
        // Amount by amount, written out: a run does nothing more often, and each call would be made five times a step.
        $with = new Mixing($s, $flow);
        $saltG = $with->stays * $display->saltG + $with->rises * $sump->saltG;
        $sump->saltG = $with->falls * $display->saltG + $with->sumpStays * $sump->saltG;
        $display->saltG = $saltG;
        $s->saltOutG += $with->leaves * $saltG + $with->sumpLeaves * $sump->saltG;
        $display->mixed();
        $sump->mixed();
        if ($this->plant->start->alkMeqL === null) {
            return;
        }
        $has = $display->alkMeq + $gain->alkMeq;
        $sumpHas = $sump->alkMeq + $sumpGain->alkMeq;
        $display->alkMeq = $with->stays * $has + $with->rises * $sumpHas;
        $sump->alkMeq = $with->falls * $has + $with->sumpStays * $sumpHas;
        $s->alkOutMeq += $with->leaves * $display->alkMeq + $with->sumpLeaves * $sump->alkMeq;

        $has = $display->caMg + $gain->caMg;
        $sumpHas = $sump->caMg + $sumpGain->caMg;
        $display->caMg = $with->stays * $has + $with->rises * $sumpHas;
        $sump->caMg = $with->falls * $has + $with->sumpStays * $sumpHas;

        $with = new Mixing($s, $flow, $gain->dicAirL, $sumpGain->dicAirL);
        $has = $display->dicMmol + $gain->dicMmol;
        $sumpHas = $sump->dicMmol + $sumpGain->dicMmol;
        $display->dicMmol = $with->stays * $has + $with->rises * $sumpHas;
        $sump->dicMmol = $with->falls * $has + $with->sumpStays * $sumpHas;
        $s->dicOutMmol += $with->leaves * $display->dicMmol + $with->sumpLeaves * $sump->dicMmol;

        $with = new Mixing($s, $flow, $gain->oxygenAirL, $sumpGain->oxygenAirL);
        $has = $display->oxygenMg + $gain->oxygenMg;
        $sumpHas = $sump->oxygenMg + $sumpGain->oxygenMg;
        $display->oxygenMg = max(0.0, $with->stays * $has + $with->rises * $sumpHas);
        $sump->oxygenMg = max(0.0, $with->falls * $has + $with->sumpStays * $sumpHas);
        $this->living->settle($s);
    }
}
