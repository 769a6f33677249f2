<?php

declare(strict_types=1);

namespace App\Rounds;

use App\Systems\Band;
use App\Systems\MixWater;
use App\Systems\StoredJudgement;
use App\Systems\System;
use App\Systems\SystemBrief;
use Velbrin\Core\Build\DisplayTank;
use Velbrin\Core\Build\Facts;
use Velbrin\Core\Build\Missing;
use Velbrin\Core\Build\PlanField as F;
use Velbrin\Core\Build\SumpWater;
use Velbrin\Core\Build\Topic\PowerCutRoom;
use Velbrin\Core\Chemistry\Parameter;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Seawater\Seawater;
use Velbrin\Core\Water\ChangeMethod;
use Velbrin\Core\Water\ComparedWith;
use Velbrin\Core\Water\Hose;
use Velbrin\Core\Water\LevelFall;
use Velbrin\Core\Water\MixJump;
use Velbrin\Core\Water\Refill;
use Velbrin\Core\Water\ShockLimits;
use Velbrin\Core\Water\SumpChange;
use Velbrin\Core\Water\WaterValues;

/** The reader between a system's record and the core's questions of a change (W-30 … W-38). */
final class ChangeReader
{
    /** How old what the tank is compared by is (C-60). */
    public static function ages(System $system): ComparedWith
    {
        $age = function (Parameter $parameter) use ($system): ?float {
            $judgement = StoredJudgement::for($system, $parameter);

            return $judgement === null ? null : max(0.0, $judgement->latest_at->diffInSeconds(now()) / 86400);
        };

        return ComparedWith::of([
            'temperature' => $age(Parameter::Temperature),
            'salinity' => $age(Parameter::Salinity),
            'alkalinity' => $age(Parameter::Alkalinity),
            'pH' => $age(Parameter::Ph),
        ]);
    }

    /** @return list<MixJump> what a change with the system's own mix moves, from readings of the last 14 days */
    public static function jumps(System $system, float $share): array
    {
        $lately = function (Parameter $parameter) use ($system): ?float {
            $judgement = StoredJudgement::for($system, $parameter);

            return $judgement !== null && $judgement->latest_at->isAfter(now()->subDays((int) ComparedWith::DAYS))
                ? $judgement->latest
                : null;
        };
        $tank = $rates = [];
        foreach ([Parameter::Alkalinity, Parameter::Calcium, Parameter::Magnesium] as $parameter) {
            $tank[$parameter->value] = $lately($parameter);
            $rates[$parameter->value] = Band::for($system, $parameter)?->rate_per_day;
        }
        $salinity = $system->facts[F::Salinity->value] ?? null;

        return MixJump::of(
            min(1.0, $share),
            is_numeric($salinity) ? (float) $salinity : Seawater::USUAL_SALINITY,
            $tank,
            MixWater::here()->values($system),
            $rates,
        );
    }

    /** Its alkalinity and pH only while they are not too old to compare with. */
    public static function tank(System $system): ?WaterValues
    {
        $ages = self::ages($system);
        $temp = StoredJudgement::for($system, Parameter::Temperature)?->latest;
        $salinity = StoredJudgement::for($system, Parameter::Salinity)?->latest;

        return $temp === null || $salinity === null
            ? null
            : new WaterValues(
                $temp,
                $salinity,
                $ages->counts('alkalinity') ? StoredJudgement::for($system, Parameter::Alkalinity)?->latest : null,
                $ages->counts('pH') ? StoredJudgement::for($system, Parameter::Ph)?->latest : null,
            );
    }

    public static function limits(System $system): ShockLimits
    {
        return $system->regime->isStony() ? ShockLimits::stony() : new ShockLimits();
    }

    public static function flowLh(System $system): float
    {
        return $system->hose_flow_lh ?? Hose::USUAL_LH;
    }

    /** Open water of the display, m²; null while its build is not described. */
    public static function netAreaM2(System $system): ?float
    {
        try {
            $facts = Facts::of(SystemBrief::read($system));

            return LevelFall::netAreaM2(DisplayTank::of($facts)->volume($facts));
        } catch (Missing|OutOfRange) {
            return null;
        }
    }

    /** @return list<ChangeMethod> the same litres in one batch, in several, slowly; with nitrate where it is read */
    public static function methods(System $system, float $litres): array
    {
        $volume = $system->volumeL();

        return $volume === null || $litres <= 0 || $litres > $volume
            ? []
            : ChangeMethod::compare($volume, $litres, StoredJudgement::for($system, Parameter::Nitrate)?->latest, 0.0);
    }

    /** @return array{sump: SumpChange, refill: Refill|null}|null null while the sump is not described */
    public static function sump(System $system, float $litres): ?array
    {
        try {
            // One topic of the plan, not all of it: a phone waits for this.
            $facts = Facts::of(SystemBrief::read($system));
            $figures = array_column((new PowerCutRoom())->answer($facts)->figures, null, 'key');
            $spare = $figures['spareL']->quantity?->value;
            $down = $figures['downL']->quantity?->value;
            $sump = SumpWater::of($facts);
            $usable = $sump->usableReturnL();
            $flow = $facts->knows(F::FlowLh) ? $facts->number(F::FlowLh) : null;
        } catch (Missing|OutOfRange) {
            return null;
        }
        if ($spare === null || $down === null) {
            return null;
        }

        return [
            'sump' => SumpChange::of($usable, $spare, $down),
            'refill' => $flow === null || $flow <= 0
                    ? null
                    : Refill::of($flow, self::flowLh($system), $usable, $litres, $spare, $down),
        ];
    }
}
