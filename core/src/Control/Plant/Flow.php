<?php

declare(strict_types=1);

namespace Velbrin\Core\Control\Plant;

use Velbrin\Core\Heat\Evaporation;
use Velbrin\Core\Measure\Solve;

/** One step of all water: up by the pump, down over the edge, out over a rim, away into the air. */
final class Flow
{
    /** A skimmer that stands too deep gives so much, L/h (into its cup, then on the floor). */
    private const BOILS_OVER_LH = 20.0;

    /** A fan moves the air over the water so fast, m/s. */
    private const FANNED_MS = 1.5;

    private const STILL_MS = 0.1;

    /** A resting return line draws back at this share of its flow. */
    private const SIPHON_SHARE = 0.5;

    /** Water over an edge goes as the head to this power. */
    private const EDGE_POWER = 1.5;

    /** Warmer water is not met, °C. */
    private const MOST_C = 45.0;

    private const MOST_PASSES = 60;

    private const NEAR_L = 1e-6;

    private const NEAR_MM = 1e-10;

    /** Pumped up, L. */
    public float $upL = 0.0;

    /** Drained and siphoned down, L. */
    public float $downL = 0.0;

    /** Over the rim of the display, L. */
    public float $spiltL = 0.0;

    public float $sumpSpiltL = 0.0;

    /** From the display into the air, L. */
    public float $vapourL = 0.0;

    public float $sumpVapourL = 0.0;

    /** Heat that goes with it, W. */
    public float $latentW = 0.0;

    public float $sumpLatentW = 0.0;

    /** Fresh water added, L. */
    public float $freshL = 0.0;

    /** Boiled over, L. */
    public float $skimmedL = 0.0;

    private function __construct()
    {
    }

    /** @param  float  $blocked  of the main drain, 0 to 1 */
    public static function step(PlantSpec $plant, State $s, Deeds $deeds, float $seconds, float $blocked): self
    {
        $hours = $seconds / 3600;
        $flow = new self();
        $flow->dry($plant, $s, $deeds->isFanned ? self::FANNED_MS : self::STILL_MS, $hours);
        $flow->refill($plant->start, $s, $deeds, $hours);
        if ($plant->sump === null) {
            $flow->alone($plant->display, $s);
        } else {
            $flow->round($plant->display, $plant->sump, $s, $deeds, $hours, $blocked);
        }
        $s->measure();

        return $flow;
    }

    /** @param  float  $airMs  over the display */
    private function dry(PlantSpec $plant, State $s, float $airMs, float $hours): void
    {
        $room = $plant->room;
        $airKpa = ($room->humidityPct / 100) * Evaporation::saturationKpa($s->roomC);
        if ($room->openM2 > 0) {
            $tempC = min(self::MOST_C, max(0.0, $s->display->tempC));
            $this->latentW = $room->evaporationScale * $room->openM2 * Evaporation::wattsM2($tempC, $airKpa, $airMs);
            $this->vapourL = (Evaporation::litresPerDay($this->latentW, $tempC) * $hours) / 24;
        }
        if ($plant->sump !== null && $room->sumpOpenM2 > 0) {
            $tempC = min(self::MOST_C, max(0.0, $s->sump->tempC));
            $this->sumpLatentW = $room->evaporationScale * $room->sumpOpenM2 * Evaporation::wattsM2($tempC, $airKpa, self::STILL_MS);
            $this->sumpVapourL = (Evaporation::litresPerDay($this->sumpLatentW, $tempC) * $hours) / 24;
        }
        $s->evaporatedL += $this->vapourL + $this->sumpVapourL;
    }

    private function refill(Start $start, State $s, Deeds $deeds, float $hours): void
    {
        $wantedL = $deeds->topOffLh * $hours;
        if ($start->storeL === null) {
            $s->mainsL += $wantedL;
            $this->freshL = $wantedL;

            return;
        }
        $madeL = $deeds->roLh * $hours;
        $s->mainsL += $madeL;
        $this->freshL = min($wantedL, $s->storeL + $madeL);
        $s->storeL += $madeL - $this->freshL;
        if ($s->storeL > $start->storeMostL) {
            $s->floorL += $s->storeL - $start->storeMostL;
            $s->storeL = $start->storeMostL;
        }
    }

    private function alone(Display $display, State $s): void
    {
        $s->overMm += ($this->freshL - $this->vapourL) / $display->areaM2;
        $this->spillOver($display, $s);
        $s->floorL += $this->spiltL;
        $s->returnLh = $s->drainLh = 0.0;
    }

    private function spillOver(Display $display, State $s): void
    {
        if ($s->overMm > $display->rimMm) {
            $this->spiltL = $display->areaM2 * ($s->overMm - $display->rimMm);
            $s->overMm = $display->rimMm;
        }
    }

    private function round(Display $display, SumpOf $sump, State $s, Deeds $deeds, float $hours, float $blocked): void
    {
        $mostLh = (1 - $blocked) * $display->drainLh + $display->emergencyLh;
        $hasL = max(0.0, $s->returnL + $this->freshL - $this->sumpVapourL);
        $wantedL = $deeds->returnLh * $hours;
        $m2 = $display->areaM2;
        $nearMm = $s->overMm;
        $dryMm = $nearMm - $this->vapourL / $m2;
        $upL = $wantedL;
        $overMm = self::settles($display, $dryMm + $upL / $m2, $nearMm, $mostLh, $hours);
        $downL = $m2 * ($dryMm - $overMm) + $upL;
        if ($hasL + $downL < $upL) {
            // At the edge of its intake the pump moves what reaches it.
            $over = fn (float $l): float => self::settles($display, $dryMm + $l / $m2, $nearMm, $mostLh, $hours);
            $upL = Solve::rising(fn (float $l): float => $m2 * ($over($l) - $dryMm) - $hasL, 0.0, $wantedL, self::MOST_PASSES);
            $overMm = $over($upL);
            $downL = $m2 * ($dryMm - $overMm) + $upL;
        }
        if ($wantedL <= 0 && $overMm > -$display->siphonMm) {
            $drawnL = min(self::SIPHON_SHARE * $display->drainLh * $hours, $m2 * ($overMm + $display->siphonMm));
            $overMm -= $drawnL / $m2;
            $downL += $drawnL;
        }
        $this->upL = $upL;
        $this->downL = $downL;
        $s->overMm = $overMm;
        $s->returnL += $this->freshL - $this->sumpVapourL + $downL - $upL;
        $this->spillOver($display, $s);
        $this->spillSump($sump, $s, $deeds, $hours);
        $s->returnLh = $upL / $hours;
        $s->drainLh = $downL / $hours;
    }

    /** Over the rim of the sump, and out of a skimmer that stands too deep. */
    private function spillSump(SumpOf $sump, State $s, Deeds $deeds, float $hours): void
    {
        $mostL = $sump->litres($sump->rimMm);
        if ($s->returnL > $mostL) {
            $this->sumpSpiltL = $s->returnL - $mostL;
            $s->returnL = $mostL;
        }
        $inCupL = 0.0;
        if ($deeds->skimmerLh > 0 && $sump->level($s->returnL) > $sump->baffleMm + $sump->skimmerMm) {
            $this->skimmedL = min($s->returnL, self::BOILS_OVER_LH * $hours);
            $s->returnL -= $this->skimmedL;
            $inCupL = min($this->skimmedL, max(0.0, $sump->cupL - $s->cupL));
            $s->cupL += $inCupL;
        }
        $s->floorL += $this->spiltL + $this->sumpSpiltL + $this->skimmedL - $inCupL;
    }

    /**
     * Where the level settles by the end of the step (implicit: an edge settles within seconds); what is missing ran over it.
     *
     * @param  float  $withoutMm  where it would stand if nothing ran over
     * @return float mm over the edge
     */
    private static function settles(Display $display, float $withoutMm, float $nearMm, float $mostLh, float $hours): float
    {
        $crest = $display->crest;
        if ($crest === null || $withoutMm <= 0) {
            return $withoutMm;
        }
        $m2 = $display->areaM2;
        $low = 0.0;
        $high = $withoutMm;
        $over = min($high, max($low, $nearMm));
        for ($pass = 0; $pass < self::MOST_PASSES; $pass++) {
            $lh = $crest->flowLh($over);
            $tooMuchL = $m2 * ($over - $withoutMm) + min($lh, $mostLh) * $hours;
            if ($tooMuchL < 0) {
                $low = $over;
            } else {
                $high = $over;
            }
            if (abs($tooMuchL) < self::NEAR_L || $high - $low < self::NEAR_MM) {
                break;
            }
            // Over an edge water rises as the head to the power of one and a half; where that leads astray, halves.
            $slope = $m2 + ($lh < $mostLh && $over > 0 ? (self::EDGE_POWER * $lh * $hours) / $over : 0.0);
            $next = $over - $tooMuchL / $slope;
            $over = $next > $low && $next < $high ? $next : ($low + $high) / 2;
        }

        return $over;
    }
}
