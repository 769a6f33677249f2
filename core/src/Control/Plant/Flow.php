<?php

declare(strict_types=1);

namespace Velbrin\Core\Control\Plant;

use Velbrin\Core\Heat\Evaporation;
use Velbrin\Core\Measure\Solve;

/** One step of all water: up by the pump, down over the edge, out over a rim, away into the air. */
final readonly class Flow
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

    private const MOST_PASSES = 60;

    private const NEAR_L = 1e-9;

    private const NEAR_MM = 1e-10;

    private function __construct(
        /** Pumped up, L. */
        public float $upL,
        /** Drained and siphoned down, L. */
        public float $downL,
        /** @var array{float, float} over the rim, L */
        public array $spiltL,
        /** @var array{float, float} into the air, L */
        public array $evaporatedL,
        /** @var array{float, float} taken with it, W */
        public array $latentW,
        /** Fresh water added, L. */
        public float $freshL,
        /** Boiled over, L. */
        public float $skimmedL,
    ) {
    }

    public static function step(PlantSpec $plant, State $s, Deeds $deeds, float $seconds, float $blocked): self
    {
        $hours = $seconds / 3600;
        [$evaporatedL, $latentW] = self::air($plant, $s, $deeds, $hours);
        $freshL = self::fresh($plant, $s, $deeds, $hours);

        return $plant->sump === null
            ? self::alone($plant, $s, $evaporatedL, $latentW, $freshL)
            : self::round(
                plant: $plant,
                sump: $plant->sump,
                s: $s,
                deeds: $deeds,
                hours: $hours,
                blocked: $blocked,
                evaporatedL: $evaporatedL,
                latentW: $latentW,
                freshL: $freshL,
            );
    }

    /** @return array{array{float, float}, array{float, float}} litres and watts */
    private static function air(PlantSpec $plant, State $s, Deeds $deeds, float $hours): array
    {
        $room = $plant->room;
        $litres = $watts = [0.0, 0.0];
        $airKpa = ($room->humidityPct / 100) * Evaporation::saturationKpa($s->roomC);
        foreach ([$room->openM2, $room->sumpOpenM2] as $body => $areaM2) {
            if ($areaM2 <= 0) {
                continue;
            }
            $tempC = min(45.0, max(0.0, $s->tempC[$body]));
            $airMs = $deeds->isFanned && $body === 0 ? self::FANNED_MS : self::STILL_MS;
            $watts[$body] = $room->evaporationScale * $areaM2 * Evaporation::wattsM2($tempC, $airKpa, $airMs);
            $litres[$body] = (Evaporation::litresPerDay($watts[$body], $tempC) * $hours) / 24;
        }
        $s->evaporatedL += array_sum($litres);

        return [$litres, $watts];
    }

    private static function fresh(PlantSpec $plant, State $s, Deeds $deeds, float $hours): float
    {
        $wanted = $deeds->topOffLh * $hours;
        if ($plant->start->storeL === null) {
            $s->mainsL += $wanted;

            return $wanted;
        }
        $made = $deeds->roLh * $hours;
        $s->mainsL += $made;
        $given = min($wanted, $s->storeL + $made);
        $s->storeL += $made - $given;
        $over = max(0.0, $s->storeL - $plant->start->storeMostL);
        $s->storeL -= $over;
        $s->floorL += $over;

        return $given;
    }

    /**
     * @param  array{float, float}  $evaporatedL
     * @param  array{float, float}  $latentW
     */
    private static function alone(PlantSpec $plant, State $s, array $evaporatedL, array $latentW, float $freshL): self
    {
        $display = $plant->display;
        $s->overMm += ($freshL - $evaporatedL[0]) / $display->areaM2;
        $spilt = max(0.0, $display->areaM2 * ($s->overMm - $display->rimMm));
        $s->overMm -= $spilt / $display->areaM2;
        $s->floorL += $spilt;
        $s->returnLh = $s->drainLh = 0.0;

        return new self(0.0, 0.0, [$spilt, 0.0], $evaporatedL, $latentW, $freshL, 0.0);
    }

    /**
     * @param  array{float, float}  $evaporatedL
     * @param  array{float, float}  $latentW
     */
    private static function round(
        PlantSpec $plant,
        SumpOf $sump,
        State $s,
        Deeds $deeds,
        float $hours,
        float $blocked,
        array $evaporatedL,
        array $latentW,
        float $freshL,
    ): self {
        $display = $plant->display;
        $m2 = $display->areaM2;
        $mostLh = (1 - $blocked) * $display->drainLh + $display->emergencyLh;
        $hasL = max(0.0, $s->returnL + $freshL - $evaporatedL[1]);
        $wantedL = $deeds->returnLh * $hours;
        $settle = fn (float $upL): array => self::drained(
            $display,
            $s->overMm + ($upL - $evaporatedL[0]) / $m2,
            $s->overMm,
            $mostLh,
            $hours,
        );
        $upL = $wantedL;
        [$over, $drained] = $settle($upL);
        if ($hasL + $drained < $upL) {
            // At the edge of its intake the pump moves what reaches it.
            $upL = Solve::rising(fn (float $l): float => $l - $hasL - $settle($l)[1], 0.0, $wantedL, 60);
            [$over, $drained] = $settle($upL);
        }
        if ($wantedL <= 0 && $over > -$display->siphonMm) {
            $drawn = min(self::SIPHON_SHARE * $display->drainLh * $hours, $m2 * ($over + $display->siphonMm));
            $over -= $drawn / $m2;
            $drained += $drawn;
        }
        $overRim = max(0.0, $m2 * ($over - $display->rimMm));
        $s->overMm = $over - $overRim / $m2;
        $s->returnL += $freshL - $evaporatedL[1] + $drained - $upL;
        $sumpOver = max(0.0, $s->returnL - $sump->litres($sump->rimMm));
        $s->returnL -= $sumpOver;
        $isTooDeep = $deeds->skimmerLh > 0 && $sump->level($s->returnL) > $sump->baffleMm + $sump->skimmerMm;
        $boiled = $isTooDeep ? min($s->returnL, self::BOILS_OVER_LH * $hours) : 0.0;
        $s->returnL -= $boiled;
        $inCup = min($boiled, max(0.0, $sump->cupL - $s->cupL));
        $s->cupL += $inCup;
        $s->floorL += $overRim + $sumpOver + $boiled - $inCup;
        [$s->returnLh, $s->drainLh] = $hours > 0 ? [$upL / $hours, $drained / $hours] : [0.0, 0.0];

        return new self($upL, $drained, [$overRim, $sumpOver], $evaporatedL, $latentW, $freshL, $boiled);
    }

    /**
     * Where the level settles by the end of the step (implicit: an edge settles within seconds), and what ran over it.
     *
     * @return array{float, float} mm over the edge, L
     */
    private static function drained(Display $display, float $withoutMm, float $nearMm, float $mostLh, float $hours): array
    {
        $crest = $display->crest;
        if ($crest === null || $withoutMm <= 0) {
            return [$withoutMm, 0.0];
        }
        $m2 = $display->areaM2;
        [$low, $high] = [0.0, $withoutMm];
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

        return [$over, $m2 * ($withoutMm - $over)];
    }
}
